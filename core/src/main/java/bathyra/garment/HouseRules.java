package bathyra.garment;

import bathyra.length.LengthUnit;
import java.util.Optional;

/**
 * What a house does as a rule: choices with which every new commission begins. What is not among them follows the program's rules.
 *
 * @param units in which a new commission is measured
 * @param finish allowances, corners and layers, as far as they belong to no single piece
 * @param boning width of bone and eyelets, as far as they belong to no single channel
 * @param school by which blocks are drafted
 */
public record HouseRules(
        LengthUnit units, Optional<Finish> finish, Optional<Boning> boning, Optional<BlockMethod> school) {
    /** A house that has said nothing. */
    public static final HouseRules NONE =
            new HouseRules(LengthUnit.CM, Optional.empty(), Optional.empty(), Optional.empty());

    public HouseRules {
        finish = finish.map(Finish::ofOtherPieces);
        boning = boning.map(Boning::ofOtherPieces).map(b -> b.withBusk(Optional.empty()));
    }

    /** What can be a rule of the house. */
    public enum Group {
        FINISH("Allowances, corners and layers"),
        BONING("Width of bone and eyelets"),
        SCHOOL("School of the block");

        private final String label;

        Group(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public HouseRules in(LengthUnit next) {
        return new HouseRules(next, finish, boning, school);
    }

    /** With one group as a garment has it. */
    public HouseRules as(Group group, Garment garment) {
        return switch (group) {
            case FINISH -> new HouseRules(units, Optional.of(garment.finish()), boning, school);
            case BONING -> new HouseRules(units, finish, Optional.of(garment.boning()), school);
            case SCHOOL ->
                new HouseRules(
                        units, finish, boning, Optional.of(garment.block().method()));
        };
    }

    /** With one group by the program's rules again. */
    public HouseRules without(Group group) {
        return switch (group) {
            case FINISH -> new HouseRules(units, Optional.empty(), boning, school);
            case BONING -> new HouseRules(units, finish, Optional.empty(), school);
            case SCHOOL -> new HouseRules(units, finish, boning, Optional.empty());
        };
    }

    public boolean has(Group group) {
        return switch (group) {
            case FINISH -> finish.isPresent();
            case BONING -> boning.isPresent();
            case SCHOOL -> school.isPresent();
        };
    }

    /** A garment as this house begins it. */
    public Garment on(Garment garment) {
        Garment finished = finish.map(garment::withFinish).orElse(garment);
        Garment boned = boning.map(finished::withBoning).orElse(finished);
        return school.filter(s -> !garment.kind().isPanelled())
                .map(s -> boned.withBlock(boned.block().withMethod(s)))
                .orElse(boned);
    }
}
