package bathyra.bone;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Optional;

/**
 * The busk of a front that opens.
 *
 * @param front how long centre front is
 * @param room what is left for the busk
 * @param length the busk
 * @param finding whether it fits
 */
public record Busk(Reckoned front, Reckoned room, Reckoned length, Finding finding) {
    private static final Rule RULE = Rule.of("C13", "longest stock length that leaves 10 at either end");
    private static final double LEFT = 10;
    private static final double STEP = 25;
    /** The shortest and the longest that are usual in stock. */
    static final double SHORTEST = 200;

    static final double LONGEST = 450;

    static Busk of(double centreFront, Garment garment) {
        Reckoned front = Given.option("Centre front", centreFront, Quantity.LENGTH, "measured on the pieces", RULE);
        Reckoned room = front.minus(2 * LEFT).atLeast(0).named("Room for the busk", RULE);
        Reckoned rule = room.roundedDown(STEP).atMost(LONGEST).named("Busk", RULE);
        Optional<Length> own = garment.boning().busk();
        Reckoned length = own.<Reckoned>map(l -> Given.option("Busk", l.millimetres(), Quantity.LENGTH, "yours", RULE))
                .orElse(rule);
        return new Busk(front, room, length, finding(room, length, rule));
    }

    /** What every sheet says where not even the shortest busk fits, so that none is bought (C13.1). */
    public Optional<Sentence> missing() {
        return length.value() < SHORTEST
                ? Optional.of(Sentence.of(
                        "No busk fits: the shortest, {}, needs {} at centre front.",
                        Length.mm(SHORTEST),
                        Length.mm(SHORTEST + 2 * LEFT)))
                : Optional.empty();
    }

    private static Finding finding(Reckoned room, Reckoned length, Reckoned rule) {
        if (length.value() > room.value()) {
            return Finding.of(
                    FindingKind.BUSK_LENGTH,
                    "busk",
                    Finding.Status.FAULT,
                    length.value(),
                    room.value(),
                    rule.value() >= SHORTEST
                            ? Sentence.of(
                                    "The busk of {} is longer than the {} that centre front leaves for it. Take {}.",
                                    length.length(),
                                    room.length(),
                                    rule.length())
                            : Sentence.of(
                                    "The busk of {} is longer than the {} that centre front leaves for it, and so is the shortest in stock. Close the front in another way, or carry its lower edge further down.",
                                    length.length(),
                                    room.length()));
        }
        if (length.value() < SHORTEST) {
            return Finding.of(
                    FindingKind.BUSK_LENGTH,
                    "busk",
                    Finding.Status.FAULT,
                    length.value(),
                    SHORTEST,
                    Sentence.of(
                            "No busk fits: the shortest, {}, needs {} at centre front, and there are {}. Close the front in another way, or carry its lower edge further down.",
                            Length.mm(SHORTEST),
                            Length.mm(SHORTEST + 2 * LEFT),
                            room.plus(2 * LEFT).length()));
        }
        return Finding.of(
                FindingKind.BUSK_LENGTH,
                "busk",
                Finding.Status.OK,
                length.value(),
                room.value(),
                Sentence.of(
                        "A busk of {} fits the {} of centre front and leaves {} or more at either end.",
                        length.length(),
                        room.plus(2 * LEFT).length(),
                        Length.mm(LEFT)));
    }
}
