package bathyra.workplan;

import bathyra.plan.DateKind;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/** The steps of a making, in their order (C16.1), each with the day by which it is to be done and what to beware of. */
public enum StepKind implements Task {
    CONSULT("consult", "Consult and measure", DateKind.MEASURED, ""),
    DRAFT("draft", "Draft, print, glue", DateKind.TOILE, "Glue where the air moves, and keep it off the skin."),
    TOILE("toile", "Cut and sew the toile", DateKind.FIRST_FITTING, "Cut away from the hand that holds."),
    FIRST_FITTING("first-fitting", "First fitting", DateKind.FIRST_FITTING, StepKind.FITTED),
    CARRIED_BACK("carried-back", "Carry the fitting back", DateKind.CORRECTED, ""),
    SECOND_TOILE("second-toile", "Second toile", DateKind.CUT, "Cut away from the hand that holds."),
    CUT("cut", "Cut all layers, mark them", DateKind.CUT, "A rotary blade is closed before it is laid down."),
    MOUNT(
            "mount",
            "Mount the layers",
            DateKind.MADE_UP,
            "Steam burns: fuse under a cloth, the hand away from the iron."),
    FASTENING(
            "fastening", "Busk, zip or loops", DateKind.MADE_UP, "An awl goes through cloth and hand: hold beside it."),
    SEAMS("seams", "Seams, clipped and pressed", DateKind.MADE_UP, "Steam burns: press over a ham, not over the hand."),
    CUPS("cups", "Cups, foam and wires", DateKind.MADE_UP, "Ends of wires are capped before they are sewn in."),
    WAIST_TAPE("waist-tape", "Waist tape", DateKind.MADE_UP, ""),
    CHANNELS("channels", "Channels", DateKind.MADE_UP, ""),
    EYELETS("eyelets", "Facing and eyelets", DateKind.MADE_UP, "The press closes on fingers too."),
    BONES(
            "bones",
            "Bones cut, tipped, put in",
            DateKind.SECOND_FITTING,
            "Cut steel springs away and its ends are sharp: goggles, and a cap on every end."),
    SECOND_FITTING("second-fitting", "Second fitting", DateKind.SECOND_FITTING, StepKind.FITTED),
    LINING("lining", "Lining in, edges bound", DateKind.FINISHED, ""),
    FINISHING(
            "finishing",
            "Finish, lace, press",
            DateKind.FINISHED,
            "Steam burns: stand it on a stand, not on the wearer.");

    private static final String FITTED =
            "Lace little by little; ask how it feels. Who stands long turns faint: let the wearer sit between.";

    private final String id;
    private final String label;
    private final DateKind by;
    private final String caution;

    StepKind(String id, String label, DateKind by, String caution) {
        this.id = id;
        this.label = label;
        this.by = by;
        this.caution = caution;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public DateKind by() {
        return by;
    }

    @Override
    public String caution() {
        return caution;
    }

    @Override
    public Set<Touched> touches() {
        return switch (this) {
            case CONSULT, DRAFT, FIRST_FITTING, CARRIED_BACK, SECOND_FITTING -> Set.of();
            case TOILE, SECOND_TOILE -> Set.of(Touched.PANELS, Touched.CUPS, Touched.SEAMS);
            case CUT, MOUNT -> Set.of(Touched.PANELS, Touched.CUPS);
            case FASTENING, EYELETS -> Set.of(Touched.CLOSURE);
            case SEAMS -> Set.of(Touched.SEAMS);
            case CUPS -> Set.of(Touched.CUPS);
            case WAIST_TAPE -> Set.of(Touched.WAIST);
            case CHANNELS, BONES -> Set.of(Touched.CHANNELS);
            case LINING -> Set.of(Touched.EDGES);
            case FINISHING -> Set.of(Touched.CLOSURE, Touched.EDGES);
        };
    }

    @Override
    public boolean isMeeting() {
        return this == CONSULT || this == FIRST_FITTING || this == SECOND_FITTING;
    }

    public static Optional<StepKind> ofId(String id) {
        return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }
}
