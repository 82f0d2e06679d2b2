package bathyra.cutting;

import bathyra.geometry.Motion;
import bathyra.geometry.Vec;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A skirt whose front and back are one piece each (C10): its panels lie against each other from the hem up, and what a seam between them
 * takes above the hips becomes a dart that opens in the basque. Two panels that would lap over each other keep their seam.
 */
final class SkirtDarts {
    /** Half a turn: the darts of a skirt open at the top, those of a body below. */
    private static final Motion OVER = new Motion(-1, 0, new Vec(0, 0));

    private final List<Sheet> sheets;
    private final List<SeamJoin> seams;

    private SkirtDarts(PaperPattern pattern) {
        this.sheets = new ArrayList<>(pattern.sheets());
        this.seams = new ArrayList<>(pattern.seams());
    }

    static PaperPattern of(PaperPattern pattern) {
        SkirtDarts skirt = new SkirtDarts(pattern);
        skirt.join(PieceRole.SKIRT_FRONT, "Skirt, front");
        skirt.join(PieceRole.SKIRT_BACK, "Skirt, back");
        return new PaperPattern(skirt.sheets, skirt.seams);
    }

    private void join(PieceRole role, String name) {
        List<Sheet> panels =
                sheets.stream().filter(s -> PieceRole.of(s.id()) == role).toList();
        Sheet whole = panels.get(0);
        for (Sheet next : panels.subList(1, panels.size())) {
            whole = joined(whole, next, name).orElse(next);
        }
    }

    /** @param left the one nearer centre front, from which on the piece is named */
    private Optional<Sheet> joined(Sheet left, Sheet right, String name) {
        SeamJoin seam = between(left, right);
        String edge = seam.a().edge();
        DartedPair pair = new DartedPair(left.moved(OVER), right.moved(OVER), edge);
        if (!pair.isOnePiece()) {
            return Optional.empty();
        }
        DartedPair.Joined joined = pair.joined(name, seam.name());
        Sheet whole = joined.whole().moved(OVER);
        sheets.replaceAll(s -> s == left ? whole : s);
        sheets.remove(right);
        seams.remove(seam);
        seams.replaceAll(s -> new SeamJoin(
                s.id(), s.name(), on(s.a(), left, right, joined.renamed()), on(s.b(), left, right, joined.renamed())));
        if (joined.open()) {
            seams.add(new SeamJoin(
                    seam.id(),
                    seam.name() + ", dart",
                    new SeamJoin.Ref(whole.id(), edge),
                    new SeamJoin.Ref(whole.id(), edge + "-2")));
        }
        return Optional.of(whole);
    }

    private SeamJoin between(Sheet left, Sheet right) {
        return seams.stream()
                .filter(s -> s.a().piece().equals(left.id()) && s.b().piece().equals(right.id())
                        || s.a().piece().equals(right.id()) && s.b().piece().equals(left.id()))
                .findFirst()
                .orElseThrow();
    }

    private static SeamJoin.Ref on(SeamJoin.Ref ref, Sheet left, Sheet right, Map<String, String> renamed) {
        if (ref.piece().equals(right.id())) {
            return new SeamJoin.Ref(left.id(), ref.edge());
        }
        return ref.piece().equals(left.id())
                ? new SeamJoin.Ref(left.id(), renamed.getOrDefault(ref.edge(), ref.edge()))
                : ref;
    }
}
