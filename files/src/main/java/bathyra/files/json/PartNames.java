package bathyra.files.json;

import bathyra.garment.Boning;
import bathyra.garment.Boning.PanelBone;
import bathyra.garment.Commission;
import bathyra.garment.EdgeAt;
import bathyra.garment.Finish;
import bathyra.garment.LayerChoice;
import bathyra.lay.LaidId;
import bathyra.piece.EdgeRole;
import bathyra.piece.PieceRole;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The names by which a commission speaks of pieces, edges and channels. A name of some garment is known though this one has no such part (the
 * cutter may have had it, and take it up again); a name of no garment at all is a slip. A part that the core newly names is added here:
 * {@code CombinationsTest} reads a document with every name of every drafted garment.
 */
final class PartNames {
    private static final int IN_A_PANEL = 3;
    private static final Set<String> PIECES = Set.copyOf(PieceRole.ids());

    private static final Set<String> CHANNELS = Stream.of(
                    Stream.of("beside-busk", "beside-zip", "centre-front", "lacing-inner", "lacing-outer"),
                    EdgeRole.names().stream().map(e -> "on-" + e),
                    PIECES.stream().flatMap(p -> numbered("in-" + p + "-", IN_A_PANEL)))
            .flatMap(s -> s)
            .collect(Collectors.toUnmodifiableSet());

    private static final String OWN_CHANNEL = "own-\\d{1,4}";

    private final List<String> faults = new ArrayList<>();

    private PartNames() {}

    private static Stream<String> numbered(String name, int most) {
        return IntStream.rangeClosed(1, most).mapToObj(n -> name + n);
    }

    /** @throws BadDocument naming each name that no garment has, with the nearest that one has */
    static void require(Commission commission) throws BadDocument {
        PartNames names = new PartNames();
        names.boning(commission.garment().boning());
        names.finish(commission.garment().finish());
        commission.making().cloths().forEach((layer, use) -> use.hand()
                .forEach(laid -> names.piece(
                        "making.cloths." + layer.id() + ".laid.piece",
                        LaidId.read(laid.piece()).piece())));
        if (!names.faults.isEmpty()) {
            throw new BadDocument(names.faults.stream().distinct().toList());
        }
    }

    private void boning(Boning boning) {
        Set<String> own = boning.panels().stream().map(PanelBone::id).collect(Collectors.toSet());
        boning.kinds().keySet().forEach(id -> channel("garment.boning.kinds", id, own));
        boning.without().forEach(id -> channel("garment.boning.without", id, own));
        boning.stops().keySet().forEach(id -> channel("garment.boning.stops", id, own));
        boning.panels().forEach(bone -> piece("garment.boning.panels.piece", bone.piece()));
    }

    private void finish(Finish finish) {
        finish.grains().keySet().forEach(id -> piece("garment.finish.grains", id));
        finish.topMarks().forEach(id -> piece("garment.finish.topMarks", id));
        finish.edges().keySet().forEach(edge -> edge("garment.finish.edges", edge));
        finish.layers().forEach((layer, choice) -> layer("garment.finish.layers." + layer.id(), choice));
    }

    private void layer(String where, LayerChoice choice) {
        choice.without().forEach(id -> piece(where + ".without", id));
        choice.edges().keySet().forEach(edge -> edge(where + ".edges", edge));
    }

    private void piece(String where, String id) {
        if (!PIECES.contains(id)) {
            slip(where, id, "piece", PIECES);
        }
    }

    private void edge(String where, EdgeAt at) {
        piece(where, at.piece());
        if (EdgeRole.of(at.edge()) == EdgeRole.OTHER) {
            slip(where, at.edge(), "edge", EdgeRole.names());
        }
    }

    private void channel(String where, String id, Set<String> own) {
        if (!own.contains(id)
                && !id.matches(OWN_CHANNEL)
                && CHANNELS.stream()
                        .noneMatch(known -> id.startsWith(known) && EdgeRole.isStretch(id.substring(known.length())))) {
            slip(where, id, "channel", CHANNELS);
        }
    }

    private void slip(String where, String id, String what, Collection<String> known) {
        faults.add(
                where + ": " + (id.isEmpty() ? "an empty name" : id) + " is no " + what + " of a garment; nearest is "
                        + Fields.nearest(id, known.stream().sorted().toList()));
    }
}
