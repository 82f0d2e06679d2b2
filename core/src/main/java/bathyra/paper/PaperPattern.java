package bathyra.paper;

import bathyra.piece.OutlineEdge;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * All sheets of one half of a garment, and which of their edges are sewn to each other.
 *
 * @param sheets in wearing order from centre front to centre back
 * @param seams each names two edges that are there; a pattern whose seams do not cannot be made
 */
public record PaperPattern(List<Sheet> sheets, List<SeamJoin> seams) {
    public PaperPattern {
        sheets = List.copyOf(sheets);
        seams = List.copyOf(seams);
        for (SeamJoin seam : seams) {
            requireEdge(sheets, seam, seam.a());
            requireEdge(sheets, seam, seam.b());
        }
    }

    private static void requireEdge(List<Sheet> sheets, SeamJoin seam, SeamJoin.Ref ref) {
        if (sheets.stream().noneMatch(s -> s.id().equals(ref.piece()) && s.has(ref.edge()))) {
            throw new IllegalArgumentException(
                    "seam " + seam.id() + " joins " + ref.piece() + "/" + ref.edge() + ", which is on no sheet");
        }
    }

    /** Several changes that belong together: only when all are done must every seam find its edges. */
    public Work work() {
        return new Work(this);
    }

    /** A pattern that is being worked on; {@link #done} makes it whole again. */
    public static final class Work {
        private final List<Sheet> sheets;
        private final List<SeamJoin> seams;

        private Work(PaperPattern from) {
            sheets = new ArrayList<>(from.sheets);
            seams = new ArrayList<>(from.seams);
        }

        public Work with(String id, UnaryOperator<Sheet> change) {
            sheets.replaceAll(s -> s.id().equals(id) ? change.apply(s) : s);
            return this;
        }

        /** Sheets put behind another. @throws IllegalArgumentException when there is no such sheet */
        public Work withAfter(String id, Sheet... more) {
            for (int i = 0; i < sheets.size(); i++) {
                if (sheets.get(i).id().equals(id)) {
                    sheets.addAll(i + 1, List.of(more));
                    return this;
                }
            }
            throw new IllegalArgumentException("the pattern has no sheet " + id);
        }

        public Work joining(SeamJoin... more) {
            seams.addAll(List.of(more));
            return this;
        }

        /** Seams of edges that have gone from one sheet to another follow them. @param edges by name */
        public Work following(String from, String to, Set<String> edges) {
            seams.replaceAll(s ->
                    new SeamJoin(s.id(), s.name(), followed(s.a(), from, to, edges), followed(s.b(), from, to, edges)));
            return this;
        }

        private static SeamJoin.Ref followed(SeamJoin.Ref ref, String from, String to, Set<String> edges) {
            return ref.piece().equals(from) && edges.contains(ref.edge()) ? new SeamJoin.Ref(to, ref.edge()) : ref;
        }

        public Work without(Predicate<SeamJoin> gone) {
            seams.removeIf(gone);
            return this;
        }

        /** @throws IllegalArgumentException when a seam names an edge that is on no sheet */
        public PaperPattern done() {
            return new PaperPattern(sheets, seams);
        }
    }

    /** @throws IllegalArgumentException when there is no such sheet */
    public Sheet sheet(String id) {
        return sheets.stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the pattern has no sheet " + id));
    }

    public boolean has(String id) {
        return sheets.stream().anyMatch(s -> s.id().equals(id));
    }

    /** The same pattern with one sheet changed. */
    public PaperPattern with(String id, UnaryOperator<Sheet> change) {
        return new PaperPattern(
                sheets.stream()
                        .map(s -> s.id().equals(id) ? change.apply(s) : s)
                        .toList(),
                seams);
    }

    /** The same pattern with sheets put behind another. */
    public PaperPattern withAfter(String id, Sheet... more) {
        List<Sheet> next = new ArrayList<>();
        for (Sheet sheet : sheets) {
            next.add(sheet);
            if (sheet.id().equals(id)) {
                next.addAll(List.of(more));
            }
        }
        return new PaperPattern(next, seams);
    }

    public PaperPattern joining(SeamJoin... more) {
        List<SeamJoin> next = new ArrayList<>(seams);
        next.addAll(List.of(more));
        return new PaperPattern(sheets, next);
    }

    /** The seam in which an edge is sewn. */
    public SeamJoin seam(String sheet, String edge) {
        SeamJoin.Ref ref = new SeamJoin.Ref(sheet, edge);
        return seams.stream()
                .filter(s -> s.a().equals(ref) || s.b().equals(ref))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(sheet + "/" + edge + " is not sewn"));
    }

    /** The same pattern with each edge naming the seam in which it lies. */
    public PaperPattern labelled() {
        Map<SeamJoin.Ref, String> lies = new HashMap<>();
        seams.forEach(s -> {
            lies.put(s.a(), s.id());
            lies.put(s.b(), s.id());
        });
        return new PaperPattern(
                sheets.stream()
                        .map(sheet -> sheet.withOutline(sheet.outline().stream()
                                .map(e -> new OutlineEdge(
                                        e.name(),
                                        e.kind(),
                                        Optional.ofNullable(lies.get(new SeamJoin.Ref(sheet.id(), e.name()))),
                                        e.path()))
                                .toList()))
                        .toList(),
                seams);
    }
}
