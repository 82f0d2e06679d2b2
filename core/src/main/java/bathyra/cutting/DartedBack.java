package bathyra.cutting;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.LengthOption;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The back of a bustier in one piece (C6.3): the two back panels lie against each other along the seam between them wherever it takes nothing,
 * and what it takes becomes a dart; one that still takes something at the lower edge opens there.
 */
final class DartedBack {
    private static final String SEAM = SeamPlace.PRINCESS_BACK.id();
    private static final String NAME = "Back waist dart";

    private DartedBack() {}

    /** @throws NotDraftable when the back is cut by a yoke, or the panels would lap over each other */
    static PaperPattern of(PaperPattern pattern) throws NotDraftable {
        Sheet centre = pattern.sheet(PieceRole.BACK.id(1));
        Sheet side = pattern.sheet(PieceRole.BACK.id(2));
        if (pattern.has(PieceRole.YOKE.id(2))) {
            throw refuse(
                    0,
                    Sentence.of(
                            "A yoke lies over the back, where its dart would end. Let the yoke lie in front alone, or choose a princess seam behind."));
        }
        DartedPair pair = new DartedPair(centre, side, SEAM);
        if (!pair.isOnePiece()) {
            throw refuse(
                    pair.laps(),
                    Sentence.of(
                            "The two halves of the back would lap over each other by {}: what is taken between them does not run out towards the upper edge. Take nothing at the princess seam of the back above the rib, or choose a seam there.",
                            Length.mm(pair.laps())));
        }
        DartedPair.Joined joined = pair.joined("Back", NAME);
        return resewn(pattern, joined.whole(), joined.renamed(), joined.open());
    }

    private static PaperPattern resewn(PaperPattern pattern, Sheet whole, Map<String, String> renamed, boolean open) {
        String gone = PieceRole.BACK.id(2);
        List<Sheet> sheets = new ArrayList<>();
        for (Sheet sheet : pattern.sheets()) {
            if (sheet.id().equals(whole.id())) {
                sheets.add(whole);
            } else if (!sheet.id().equals(gone)) {
                sheets.add(sheet);
            }
        }
        List<SeamJoin> seams = new ArrayList<>();
        for (SeamJoin seam : pattern.seams()) {
            // A skirt under the back has a seam of the same name.
            if (!seam.a().edge().equals(SEAM) || !PieceRole.of(seam.a().piece()).isPanel()) {
                seams.add(new SeamJoin(
                        seam.id(), seam.name(), onWhole(seam.a(), whole, renamed), onWhole(seam.b(), whole, renamed)));
            } else if (open) {
                seams.add(new SeamJoin(
                        seam.id(),
                        NAME,
                        new SeamJoin.Ref(whole.id(), SEAM),
                        new SeamJoin.Ref(whole.id(), SEAM + "-2")));
            }
        }
        return new PaperPattern(sheets, seams);
    }

    private static SeamJoin.Ref onWhole(SeamJoin.Ref ref, Sheet whole, Map<String, String> renamed) {
        if (ref.piece().equals(PieceRole.BACK.id(2))) {
            return new SeamJoin.Ref(whole.id(), ref.edge());
        }
        return ref.piece().equals(whole.id())
                ? new SeamJoin.Ref(whole.id(), renamed.getOrDefault(ref.edge(), ref.edge()))
                : ref;
    }

    private static NotDraftable refuse(double value, Sentence sentence) {
        return new NotDraftable(Finding.of(
                FindingKind.BACK_DART,
                LengthOption.BACK_DART.id(),
                Finding.Status.FAULT,
                value,
                DartedPair.LAPS,
                sentence));
    }
}
