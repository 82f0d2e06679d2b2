package bathyra.cutting;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.Sleeve;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.paper.PaperPattern;
import bathyra.paper.Sheet;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The band or short sleeve of an off-shoulder edge (C10): its top as long as what the two tapes leave for it, its caps as long as the armholes. */
final class Sleeves {
    private static final double DEEPEST = 400;
    private static final int HALVINGS = 60;
    /** A short sleeve is so long at the underarm until it is set. */
    private static final double SHORT = 110;

    private static final double QUARTER_LEAST = 25;

    private Sleeves() {}

    /**
     * @param quarter a quarter of the sleeve tops: (round both shoulders − twice the top edge) ÷ 4
     * @param arm round the upper arm
     * @throws NotDraftable when no sleeve joins these armholes
     */
    static PaperPattern sewn(PaperPattern pattern, double quarter, double arm, Garment garment) throws NotDraftable {
        List<Sheet> front = armholes(pattern, true);
        List<Sheet> back = armholes(pattern, false);
        double inFront = length(front);
        double behind = length(back);
        double ease = garment.length(LengthOption.SLEEVE_EASE).value();
        double half = (arm + ease) / 2;
        if (quarter < QUARTER_LEAST) {
            throw new NotDraftable(Finding.of(
                    FindingKind.SLEEVE,
                    MeasurementKey.AROUND_SHOULDERS.key(),
                    Finding.Status.FAULT,
                    quarter,
                    QUARTER_LEAST,
                    Sentence.of(
                            "Sleeve: round both shoulders less twice the top edge leaves {} for a quarter of the sleeves. Take {} and {} again.",
                            Length.mm(quarter),
                            MeasurementKey.AROUND_SHOULDERS,
                            MeasurementKey.TOP_EDGE_WIDTH)));
        }
        double atFront = Math.PI - corner(front.get(0), true);
        double atBack = Math.PI - corner(back.get(0), false);
        Path left = cap(quarter, half, inFront, atFront, -1);
        Path right = cap(quarter, half, behind, atBack, 1);
        double depth = garment.lengths().containsKey(LengthOption.SLEEVE_DEPTH)
                        || garment.top().sleeve() == Sleeve.BAND
                ? garment.length(LengthOption.SLEEVE_DEPTH).value()
                : SHORT;
        Point lowLeft = left.end().plus(Vec.DOWN.times(depth));
        Point lowRight = right.end().plus(Vec.DOWN.times(depth));
        List<OutlineEdge> outline = new ArrayList<>();
        outline.add(new OutlineEdge(
                EdgeRole.SLEEVE_TOP.id(),
                OutlineEdge.Kind.EDGE,
                Optional.empty(),
                Path.of(new Line(left.start(), right.start()))));
        outline.addAll(caps(EdgeRole.CAP_BACK.id(), right, back, false));
        outline.addAll(List.of(
                seam(EdgeRole.UNDERARM_BACK.id(), Path.of(new Line(right.end(), lowRight))),
                new OutlineEdge(
                        EdgeRole.HEM.id(),
                        OutlineEdge.Kind.EDGE,
                        Optional.empty(),
                        Path.of(new Line(lowRight, lowLeft))),
                seam(EdgeRole.UNDERARM_FRONT.id(), Path.of(new Line(lowLeft, left.end())))));
        outline.addAll(caps(EdgeRole.CAP_FRONT.id(), left, front, true));
        return joined(pattern, front, back, outline, garment);
    }

    /** The sleeve sewn to both armholes and closed at its underarm. */
    static PaperPattern joined(
            PaperPattern pattern, List<Sheet> front, List<Sheet> back, List<OutlineEdge> outline, Garment garment) {
        Sheet sleeve =
                new Sheet(PieceRole.SLEEVE.id(), garment.top().sleeve().label(), true, outline, List.of(), List.of());
        PaperPattern sewn = pattern;
        for (Sheet sheet : Stream.concat(front.stream(), back.stream()).toList()) {
            sewn = sewn.with(sheet.id(), Sleeves::sewnArmhole);
        }
        PaperPattern.Work work = sewn.work()
                .withAfter(sewn.sheets().get(sewn.sheets().size() - 1).id(), sleeve);
        for (int i = 0; i < front.size(); i++) {
            work.joining(new SeamJoin(
                    "SLF" + suffix(i, ""),
                    "Sleeve, front",
                    new SeamJoin.Ref(front.get(i).id(), TopLine.ARMHOLE),
                    new SeamJoin.Ref(PieceRole.SLEEVE.id(), EdgeRole.CAP_FRONT.id() + suffix(i, "-"))));
        }
        for (int i = 0; i < back.size(); i++) {
            work.joining(new SeamJoin(
                    "SLB" + suffix(i, ""),
                    "Sleeve, back",
                    new SeamJoin.Ref(PieceRole.SLEEVE.id(), EdgeRole.CAP_BACK.id() + suffix(i, "-")),
                    new SeamJoin.Ref(back.get(i).id(), TopLine.ARMHOLE)));
        }
        return work.joining(new SeamJoin(
                        "SLU",
                        "Underarm of the sleeve",
                        new SeamJoin.Ref(PieceRole.SLEEVE.id(), EdgeRole.UNDERARM_BACK.id()),
                        new SeamJoin.Ref(PieceRole.SLEEVE.id(), EdgeRole.UNDERARM_FRONT.id())))
                .done();
    }

    /** A cap, divided as the armhole is by the seams and cups that end in it. @param cap from the top edge down @param upwards whether the outline runs up it */
    static List<OutlineEdge> caps(String name, Path cap, List<Sheet> sheets, boolean upwards) {
        List<OutlineEdge> edges = new ArrayList<>();
        double run = 0;
        for (int i = 0; i < sheets.size(); i++) {
            double end = i == sheets.size() - 1
                    ? cap.length()
                    : run + sheets.get(i).edge(TopLine.ARMHOLE).path().length();
            Path part = cap.between(run, end);
            edges.add(upwards ? 0 : edges.size(), seam(name + suffix(i, "-"), upwards ? part.reversed() : part));
            run = end;
        }
        return edges;
    }

    private static String suffix(int i, String before) {
        return i == 0 ? "" : before + (i + 1);
    }

    static double length(List<Sheet> armholes) {
        return armholes.stream()
                .mapToDouble(s -> s.edge(TopLine.ARMHOLE).path().length())
                .sum();
    }

    static OutlineEdge seam(String name, Path path) {
        return new OutlineEdge(name, OutlineEdge.Kind.SEAM, Optional.empty(), path);
    }

    private static Sheet sewnArmhole(Sheet sheet) {
        return sheet.with(TopLine.ARMHOLE, e -> new OutlineEdge(e.name(), OutlineEdge.Kind.SEAM, e.seam(), e.path()));
    }

    /** The sheets on which the armhole of front or back lies, from the top edge to the underarm. */
    static List<Sheet> armholes(PaperPattern pattern, boolean front) throws NotDraftable {
        List<Sheet> found = ShoulderSeam.outwards(pattern, front).stream()
                .filter(s -> s.has(TopLine.ARMHOLE))
                .toList();
        if (found.isEmpty()) {
            throw new NotDraftable(Finding.of(
                    FindingKind.SLEEVE,
                    LengthOption.SHOULDER_LINE.id(),
                    Finding.Status.FAULT,
                    0,
                    0,
                    Sentence.of(
                            "Sleeve: there is no armhole for it to be sewn to. Take {} again, or draw the off-shoulder edge higher.",
                            MeasurementKey.TOP_EDGE_WIDTH)));
        }
        return found;
    }

    /** The angle inside the cloth between the top edge and the armhole. */
    private static double corner(Sheet sheet, boolean front) {
        OutlineEdge top = sheet.beside(TopLine.ARMHOLE, front ? -1 : 1);
        Path armhole = sheet.edge(TopLine.ARMHOLE).path();
        return front
                ? Math.abs(top.path().endTangent().reversed().angleTo(armhole.startTangent()))
                : Math.abs(
                        top.path().startTangent().angleTo(armhole.endTangent().reversed()));
    }

    /** A cap from the top edge down to the underarm, as deep as its length asks. @param hand −1 in front, at the left */
    private static Path cap(double quarter, double half, double length, double corner, int hand) throws NotDraftable {
        double low = 5;
        double high = DEEPEST;
        if (curve(quarter, half, low, corner, hand).length() > length) {
            throw new NotDraftable(Finding.of(
                    FindingKind.SLEEVE,
                    MeasurementKey.UPPER_ARM.key(),
                    Finding.Status.FAULT,
                    length,
                    curve(quarter, half, low, corner, hand).length(),
                    Sentence.of(
                            "Sleeve: the armhole of {} is too short to come round an arm of {}. Draw the off-shoulder edge higher, or take {} again.",
                            Length.mm(length),
                            Length.mm(2 * half),
                            MeasurementKey.UPPER_ARM)));
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (curve(quarter, half, middle, corner, hand).length() < length) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return curve(quarter, half, high, corner, hand);
    }

    private static Path curve(double quarter, double half, double depth, double corner, int hand) {
        Point from = new Point(hand * quarter, 0);
        Point to = new Point(hand * half, depth);
        Vec leaving = new Vec(-hand, 0).turned(-hand * corner);
        double pace = from.distance(to);
        return Path.of(Cubic.hermite(from, leaving.times(pace), to, new Vec(hand, 0).times(pace)));
    }
}
