package bathyra.app.pieces;

import bathyra.app.table.Drawing;
import bathyra.app.table.Joining;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.garment.EdgeAt;
import bathyra.layer.Layer;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Everything that the Pieces stage lays on its table for a draft. */
public final class PiecesDrawings {
    private PiecesDrawings() {}

    public static List<Drawing> of(Draft draft, List<Layer> layers) {
        List<Drawing> drawings = new ArrayList<>();
        for (Joining joining : Joining.values()) {
            drawings.add(
                    drawing(draft, draft.pattern(), Optional.empty(), Optional.empty(), joining, Optional.empty()));
        }
        for (SeamJoin seam : draft.pattern().seams()) {
            drawings.add(drawing(
                    draft,
                    draft.pattern(),
                    Optional.of(seam),
                    Optional.empty(),
                    Joining.APART,
                    Optional.of(new EdgeAt(seam.a().piece(), seam.a().edge()))));
        }
        for (Finding finding : draft.findings()) {
            if (finding.place().isPresent()) {
                drawings.add(drawing(
                        draft,
                        draft.pattern(),
                        Optional.empty(),
                        Optional.of(finding),
                        Joining.ABOVE,
                        Optional.empty()));
            }
        }
        layers.stream()
                .map(Layer::pattern)
                .filter(p -> !p.pieces().isEmpty())
                .forEach(p -> drawings.add(
                        drawing(draft, p, Optional.empty(), Optional.empty(), Joining.APART, Optional.empty())));
        return drawings;
    }

    private static Drawing drawing(
            Draft draft,
            Pattern pattern,
            Optional<SeamJoin> seam,
            Optional<Finding> finding,
            Joining joining,
            Optional<EdgeAt> edge) {
        return new PiecesDrawing(
                draft,
                new PiecesDrawing.Look(
                        pattern,
                        LengthUnit.IN,
                        seam,
                        20,
                        finding,
                        joining,
                        edge,
                        bathyra.layer.SewingOrder.of(pattern),
                        Optional.empty()));
    }
}
