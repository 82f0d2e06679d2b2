package bathyra.bone;

import bathyra.cutting.Finishing;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Closure;
import bathyra.garment.EdgeUse;
import bathyra.garment.Garment;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementSet.Part;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** From a draft to its bones and hardware. They are placed on the finished pieces, so they follow every change of the draft. */
public final class BonePlan {
    private static final Rule TAPE = Rule.of("C13", "waist tape");
    private static final double TURNED_IN = 20;

    private BonePlan() {}

    /** The bones of a draft; of an uneven body those of its left half. */
    public static Bones of(Draft draft) {
        Part part = draft.rightHalf().isPresent()
                ? Part.LEFT
                : draft.commission().measurements().part();
        Garment garment = draft.commission().garment();
        Pattern pattern = draft.pattern();
        List<Channel> channels = new Channels(draft, part).placed();
        Optional<Busk> busk = garment.fastening().closure().opensInFront()
                ? edge(pattern, garment, true).map(e -> Busk.of(e.length(), garment))
                : Optional.empty();
        Optional<Eyelets> eyelets = eyelets(pattern, garment);
        List<Support> support = draft.girths().levels().stream()
                .map(LevelPlan::level)
                .map(level -> Support.at(draft, level, channels))
                .filter(s -> s.width() > 0)
                .toList();
        List<Finding> findings = new ArrayList<>(BoneChecks.look(pattern, channels, garment.boning()));
        busk.map(Busk::finding).ifPresent(findings::add);
        eyelets.map(Eyelets::finding).ifPresent(findings::add);
        support.forEach(s -> findings.add(supported(s)));
        boolean apart = garment.fastening().closure().opensInFront()
                && garment.fastening().closure().opensBehind();
        return new Bones(
                channels,
                busk,
                eyelets,
                eyelets.map(e -> e.cord(garment.gap(), garment.fit().wearer().experience())),
                tape(draft, apart),
                apart ? 2 : 1,
                Wires.of(pattern, garment),
                support,
                findings);
    }

    private static Finding supported(Support support) {
        String level = support.level().label().toLowerCase(Locale.ROOT);
        if (support.hanging().isEmpty()) {
            return Finding.of(
                    FindingKind.BONE_SUPPORT,
                    support.level().id(),
                    Finding.Status.OK,
                    support.carried(),
                    0,
                    Sentence.of("At the " + level + " every seam has a bone within {}.", Length.mm(Support.REACH)));
        }
        Support.Hanging worst = support.hanging().stream()
                .max((a, b) -> Double.compare(a.part(), b.part()))
                .orElseThrow();
        return Finding.of(
                FindingKind.BONE_SUPPORT,
                support.level().id(),
                Finding.Status.NOTE,
                worst.part(),
                0,
                Sentence.of(
                        "At the " + level + " the " + worst.seam().inWords()
                                + " has {} of the reduction and no bone is nearer than {}: it may fold there. Put a channel beside it.",
                        Length.mm(worst.part()),
                        Length.mm(Support.REACH)));
    }

    /** The edge that opens in front or behind, from the top down, as far as it may be boned. */
    private static Optional<Path> edge(Pattern pattern, Garment garment, boolean front) {
        EdgeUse wanted = front ? EdgeUse.CENTRE_FRONT : EdgeUse.CENTRE_BACK;
        return pattern.pieces().stream()
                .filter(p -> !p.role().isSkirt())
                .flatMap(p -> p.outline().stream()
                        .filter(e -> e.kind() == OutlineEdge.Kind.CLOSURE && Finishing.use(e) == wanted)
                        .map(e -> BonedPart.of(garment, p, SeamPair.downwards(e.path()))))
                .max((a, b) -> Double.compare(a.length(), b.length()));
    }

    private static Optional<Eyelets> eyelets(Pattern pattern, Garment garment) {
        Closure closure = garment.fastening().closure();
        if (closure != Closure.BACK_LACING && closure != Closure.FRONT_BUSK) {
            return Optional.empty();
        }
        for (Piece piece : pattern.pieces()) {
            for (OutlineEdge edge : piece.outline()) {
                if (edge.kind() == OutlineEdge.Kind.CLOSURE
                        && Finishing.use(edge) == EdgeUse.CENTRE_BACK
                        && piece.mark(Level.WAIST.id()).isPresent()) {
                    Path path = BonedPart.of(garment, piece, SeamPair.downwards(edge.path()));
                    Point waist = piece.mark(Level.WAIST.id()).get().to();
                    return Optional.of(
                            Eyelets.of(piece.id(), path, path.nearest(waist).arc(), garment));
                }
            }
        }
        return Optional.empty();
    }

    /** The closed waist less the gap, and 20 more at each end; in two where the garment opens in front too. */
    private static Reckoned tape(Draft draft, boolean apart) {
        Reckoned waist = draft.girths().at(Level.WAIST).pattern();
        Reckoned closed = apart ? waist.over(2) : waist;
        return closed.plus(Given.option("Turned in at both ends", 2 * TURNED_IN, Quantity.LENGTH, "rule", TAPE))
                .named("Waist tape", TAPE);
    }
}
