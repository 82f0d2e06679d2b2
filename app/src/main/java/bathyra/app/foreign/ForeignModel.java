package bathyra.app.foreign;

import bathyra.app.workshop.Workshop;
import bathyra.draft.Tracing;
import bathyra.files.drawing.DrawingFile;
import bathyra.files.json.BadDocument;
import bathyra.files.json.DocumentText;
import bathyra.files.json.PatternJson;
import bathyra.finding.Finding;
import bathyra.finding.NotDraftable;
import bathyra.foreign.BlockRoles;
import bathyra.foreign.DrawnUnit;
import bathyra.foreign.ForeignDrawing;
import bathyra.foreign.Levelled;
import bathyra.foreign.Sewing;
import bathyra.foreign.Taken;
import bathyra.foreign.Taking;
import bathyra.garment.BlockChoice;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.garment.TracedBlock;
import bathyra.measure.MeasurementKey;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.truing.Truing;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import org.slf4j.LoggerFactory;

/** A pattern from elsewhere on the table: in what it is drawn, which edges are sewn together, what the checks say of it. */
public final class ForeignModel {
    private static final double USUAL_WAIST = 430;
    private static final double USUAL_HIP = 200;
    private final Workshop workshop;
    private final TriedOn tried;
    private String name = "";
    private Optional<ForeignDrawing> drawing = Optional.empty();
    private Optional<DrawnUnit> unit = Optional.empty();
    private Optional<Pattern> pattern = Optional.empty();
    private List<Finding> findings = List.of();
    private List<String> notes = List.of();
    private List<String> faults = List.of();
    private Optional<SeamJoin.Ref> chosen = Optional.empty();
    private Optional<SeamJoin> seam = Optional.empty();
    private boolean sewing;
    private BlockRoles roles = BlockRoles.NONE;

    /** @param later runs a deed on the window's thread @param changed told there when something is to be shown that was worked out */
    public ForeignModel(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.tried = new TriedOn(workshop, later, changed);
    }

    /** It on the body of the wearer in hand. */
    TriedOn tried() {
        return tried;
    }

    /** Whether nothing need be asked before it can lie round a body. */
    public boolean isMarked() {
        return pattern.filter(Levelled::isMarked).isPresent();
    }

    /** Puts it on the body of the wearer in hand; the heights are those of the piece in hand. */
    public void tryOn() {
        tried.ask(
                pattern.orElseThrow(),
                chosen.map(SeamJoin.Ref::piece)
                        .orElseGet(() -> pattern.orElseThrow().pieces().get(0).id()));
    }

    /** Lays a file on the table: a drawing, or a pattern document. What is wrong with it is said and nothing taken. */
    public void take(Path file) {
        name = file.getFileName().toString();
        drawing = Optional.empty();
        unit = Optional.empty();
        refuse(List.of());
        try {
            if (DrawingFile.isDrawing(file)) {
                drawing = Optional.of(DrawingFile.read(file));
                unit = drawing.get().unit();
                unit.ifPresent(this::measuredIn);
            } else {
                set(PatternJson.read(DocumentText.read(file, DocumentText.PATTERN_MOST)));
            }
        } catch (BadDocument e) {
            refuse(e.faults());
        } catch (IOException e) {
            LoggerFactory.getLogger(ForeignModel.class).warn("a pattern could not be read", e);
            refuse(List.of("The file could not be read. Look whether it is there and whether you may read it."));
        }
    }

    private void refuse(List<String> why) {
        pattern = Optional.empty();
        tried.forget();
        findings = List.of();
        notes = List.of();
        faults = why;
        chosen = Optional.empty();
        seam = Optional.empty();
        roles = BlockRoles.NONE;
    }

    /** Says in what the drawing is measured. */
    public void measuredIn(DrawnUnit next) {
        Taken taken = Taking.take(drawing.orElseThrow(), next);
        unit = Optional.of(next);
        refuse(taken.faults().stream()
                .map(f -> f.sentence().in(workshop.unit()))
                .toList());
        notes = taken.notes().stream()
                .map(f -> f.sentence().in(workshop.unit()))
                .toList();
        if (faults.isEmpty()) {
            set(Sewing.suggested(taken.pattern()));
        }
    }

    private void set(Pattern next) {
        pattern = Optional.of(next);
        tried.forget();
        findings = Truing.lookAtForeign(next);
        seam = seam.filter(next.seams()::contains)
                .or(() -> next.seams().stream().findFirst());
    }

    public String name() {
        return name;
    }

    public Optional<Pattern> pattern() {
        return pattern;
    }

    /** What the drawing is measured in; empty while the file does not say and nobody has said. */
    public Optional<DrawnUnit> unit() {
        return unit;
    }

    /** The drawing; empty for a pattern document, which is always in millimetres. */
    public Optional<ForeignDrawing> drawing() {
        return drawing;
    }

    public List<Finding> findings() {
        return findings;
    }

    public List<String> notes() {
        return notes;
    }

    /** Why nothing was taken. */
    public List<String> faults() {
        return faults;
    }

    public Optional<SeamJoin.Ref> chosen() {
        return chosen;
    }

    /** The seam on the strip. */
    public Optional<SeamJoin> seam() {
        return seam;
    }

    /** Whether the next edge that is chosen is sewn to the one in hand. */
    public boolean isSewing() {
        return sewing;
    }

    public void startSewing() {
        sewing = chosen.isPresent();
    }

    /** Takes an edge in hand, or sews it to the one that is. */
    public void choose(SeamJoin.Ref edge) {
        if (sewing && chosen.isPresent() && !chosen.get().equals(edge)) {
            set(Sewing.sewn(pattern.orElseThrow(), chosen.get(), edge));
            seam = of(edge);
        } else {
            seam = of(edge).or(() -> seam);
        }
        sewing = false;
        chosen = Optional.of(edge);
    }

    private Optional<SeamJoin> of(SeamJoin.Ref edge) {
        return pattern.orElseThrow().seams().stream()
                .filter(s -> s.a().equals(edge) || s.b().equals(edge))
                .findFirst();
    }

    /** Goes on to the next edge, piece by piece. */
    public void nextEdge() {
        List<SeamJoin.Ref> all = pattern.orElseThrow().pieces().stream()
                .flatMap(p -> p.outline().stream().map(e -> new SeamJoin.Ref(p.id(), e.name())))
                .toList();
        int at = chosen.map(all::indexOf).orElse(-1);
        choose(all.get((at + 1) % all.size()));
    }

    /** Lays the next seam on the strip. */
    public void nextSeam() {
        List<SeamJoin> seams = pattern.orElseThrow().seams();
        if (!seams.isEmpty()) {
            seam = Optional.of(seams.get((seam.map(seams::indexOf).orElse(-1) + 1) % seams.size()));
        }
    }

    public void unsew() {
        seam.ifPresent(s -> {
            set(Sewing.unsewn(pattern.orElseThrow(), s));
            seam = pattern.orElseThrow().seams().stream().findFirst();
        });
    }

    public Piece piece() {
        return pattern.orElseThrow().piece(chosen.orElseThrow().piece());
    }

    public OutlineEdge edge() {
        return piece().edge(chosen.orElseThrow().edge());
    }

    /** Gives the piece in hand a name, and says whether it belongs to the front. */
    public void call(String next, boolean front) {
        Pattern from = pattern.orElseThrow();
        String piece = piece().id();
        set(new Pattern(
                from.title(),
                from.method(),
                from.levels(),
                from.pieces().stream()
                        .map(p -> p.id().equals(piece) ? p.called(next.isBlank() ? p.name() : next.strip(), front) : p)
                        .toList(),
                from.seams(),
                from.waistToLap()));
    }

    /** What the edge in hand is on a block. */
    public Optional<String> role() {
        return chosen.map(roles.edges()::get);
    }

    public void role(Optional<String> next) {
        roles = roles.naming(chosen.orElseThrow(), next);
        if (!roles.waist().containsKey(piece().id())) {
            depths(waist(), hip());
        }
    }

    public void depths(double waist, double hip) {
        roles = roles.at(piece().id(), waist, hip);
    }

    /** How deep the waist of the piece in hand lies: what was said, else what the wearer's tape says. */
    public double waist() {
        MeasurementKey key = piece().front() ? MeasurementKey.FRONT_LENGTH : MeasurementKey.BACK_LENGTH;
        return roles.waist()
                .getOrDefault(
                        piece().id(),
                        workshop.commission()
                                .measurements()
                                .find(key)
                                .map(m -> m.value())
                                .orElse(USUAL_WAIST));
    }

    public double hip() {
        return roles.hip()
                .getOrDefault(
                        piece().id(),
                        waist()
                                + workshop.commission()
                                        .measurements()
                                        .find(MeasurementKey.WAIST_TO_HIP)
                                        .map(m -> m.value())
                                        .orElse(USUAL_HIP));
    }

    public BlockRoles roles() {
        return roles;
    }

    /** Starts the draft of the commission in hand from the block whose edges were named. @return why not; empty when it does */
    public Optional<String> asBlock() {
        try {
            TracedBlock traced = Tracing.of(roles.block(titled()));
            Garment garment = workshop.commission().garment();
            BlockChoice choice =
                    garment.block().withMethod(BlockMethod.DOUBLED_DART).withTraced(traced);
            workshop.letGo();
            workshop.once(
                    "block " + traced.title().toLowerCase(Locale.ROOT),
                    workshop.commission().withGarment(garment.withBlock(choice)));
            return Optional.empty();
        } catch (NotDraftable e) {
            return Optional.of(e.reasons().get(0).sentence().in(workshop.unit()));
        }
    }

    private Pattern titled() {
        Pattern from = pattern.orElseThrow();
        return from.title().isBlank()
                ? new Pattern(name, from.method(), from.levels(), from.pieces(), from.seams(), from.waistToLap())
                : from;
    }

    /** The pattern document, with what the checks found. */
    public String document(String program) {
        return PatternJson.write(titled(), findings, program);
    }

    /** What does not hold, gravest first. */
    public List<Finding> troubles() {
        List<Finding> troubles = new ArrayList<>(findings.stream()
                .filter(f -> f.status() == Finding.Status.FAULT)
                .toList());
        findings.stream().filter(f -> f.status() == Finding.Status.NOTE).forEach(troubles::add);
        return troubles;
    }
}
