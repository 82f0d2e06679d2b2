package bathyra.cutting;

import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Path;
import bathyra.geometry.Vec;
import bathyra.paper.PaperPattern;
import bathyra.paper.Pivot;
import bathyra.paper.Sheet;
import bathyra.paper.Spread;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** A peplum sewn to the waist (C10): a strip as long as the waist, slashed and spread, one for the front and one for the back. */
final class Peplum {
    private static final int STRIPS = 10;

    private Peplum() {}

    static PaperPattern sewn(PaperPattern pattern, Garment garment) {
        PaperPattern front = one(pattern, true, PieceRole.PEPLUM.id(1), "Peplum, front", garment);
        PaperPattern both = one(front, false, PieceRole.PEPLUM.id(2), "Peplum, back", garment);
        return both.joining(new SeamJoin(
                "PS",
                "Peplum, side",
                new SeamJoin.Ref(PieceRole.PEPLUM.id(1), "side-peplum"),
                new SeamJoin.Ref(PieceRole.PEPLUM.id(2), "side-peplum")));
    }

    private static PaperPattern one(PaperPattern pattern, boolean inFront, String id, String name, Garment garment) {
        List<Sheet> bodies = pattern.sheets().stream()
                .filter(s -> s.front() == inFront && s.has(PanelSheets.LOWER))
                .toList();
        List<Waist> waists = bodies.stream().flatMap(Waist::of).toList();
        double waist = waists.stream().mapToDouble(Waist::length).sum();
        Sheet strip = Spread.strip(
                id,
                name,
                inFront,
                waist,
                garment.length(LengthOption.PEPLUM_LENGTH).value(),
                garment.length(LengthOption.PEPLUM_SPREAD).value(),
                STRIPS);
        // Behind, the straight edge of the strip becomes centre back: it lies at the right there.
        Sheet laid = inFront ? strip : upright(strip);
        OutlineEdge centre = pattern.sheets()
                .get(inFront ? 0 : lastBody(pattern))
                .edge(inFront ? PanelSheets.CENTRE_FRONT : SeamPlace.CENTRE_BACK.id());
        boolean sewn = centre.kind() == OutlineEdge.Kind.SEAM;
        String middle = centre.name();
        List<OutlineEdge> outline = new ArrayList<>();
        for (OutlineEdge edge : laid.outline()) {
            switch (edge.name()) {
                case "top" -> outline.addAll(waist(edge.path(), waists));
                case "hem" -> outline.add(edge);
                default -> {
                    boolean atCentre = edge.name().equals(inFront ? "left" : "right");
                    outline.add(new OutlineEdge(
                            atCentre ? middle : "side-peplum",
                            atCentre ? sewn ? OutlineEdge.Kind.FOLD : centre.kind() : OutlineEdge.Kind.SEAM,
                            Optional.empty(),
                            edge.path()));
                }
            }
        }
        PaperPattern next = pattern.withAfter(
                pattern.sheets().get(pattern.sheets().size() - 1).id(), laid.withOutline(outline));
        List<SeamJoin> seams = new ArrayList<>();
        PaperPattern sewnOn = next;
        for (int i = 0; i < waists.size(); i++) {
            Waist body = waists.get(i);
            seams.add(new SeamJoin(
                    id + "W" + (i + 1),
                    "Waist, " + body.sheet().name().toLowerCase(Locale.ROOT),
                    new SeamJoin.Ref(body.sheet().id(), body.edge().name()),
                    new SeamJoin.Ref(id, EdgeRole.WAIST.id() + "-" + (i + 1))));
            sewnOn = sewnOn.with(
                    body.sheet().id(),
                    s -> s.with(
                            body.edge().name(),
                            e -> new OutlineEdge(e.name(), OutlineEdge.Kind.SEAM, e.seam(), e.path())));
        }
        return sewnOn.joining(seams.toArray(SeamJoin[]::new));
    }

    /** A stretch of the waist on a sheet of the body: a dart that opens there divides it. */
    private record Waist(Sheet sheet, OutlineEdge edge) {
        static Stream<Waist> of(Sheet sheet) {
            return sheet.outline().stream()
                    .filter(e -> e.role() == EdgeRole.LOWER)
                    .map(e -> new Waist(sheet, e));
        }

        double length() {
            return edge.path().length();
        }
    }

    private static int lastBody(PaperPattern pattern) {
        for (int i = pattern.sheets().size() - 1; i >= 0; i--) {
            if (pattern.sheets().get(i).has(SeamPlace.CENTRE_BACK.id())
                    && pattern.sheets().get(i).has(PanelSheets.LOWER)) {
                return i;
            }
        }
        throw new IllegalStateException("no sheet reaches centre back");
    }

    /** The waist from centre front to the side, or from the side to centre back, divided as the bodies are. */
    private static List<OutlineEdge> waist(Path top, List<Waist> waists) {
        List<OutlineEdge> edges = new ArrayList<>();
        double run = 0;
        for (int i = 0; i < waists.size(); i++) {
            double end =
                    i == waists.size() - 1 ? top.length() : run + waists.get(i).length();
            edges.add(new OutlineEdge(
                    EdgeRole.WAIST.id() + "-" + (i + 1),
                    OutlineEdge.Kind.SEAM,
                    Optional.empty(),
                    top.between(run, end)));
            run = end;
        }
        return edges;
    }

    /** The strip turned about its waist corner so that its right edge stands upright. */
    private static Sheet upright(Sheet strip) {
        Path right = strip.edge("right").path();
        return Pivot.about(strip, right.start(), right.startTangent().angleTo(Vec.DOWN));
    }
}
