package bathyra.draft;

import bathyra.block.Block;
import bathyra.cutting.Apex;
import bathyra.cutting.Cutting;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Cover;
import bathyra.garment.EdgeAt;
import bathyra.garment.Finish;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.UpperShape;
import bathyra.geometry.Point;
import bathyra.intake.IntakeTable;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.panel.Splay;
import bathyra.piece.PieceRole;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * What became of the lengths of the rules: one that the cutter set and that shapes nothing here is said, and so is one that the body or
 * another line held back (C10). Held back by the program's own choice it is only told; against the cutter's figure it is a note.
 */
final class OwnLengths {
    /** Less than this between asked and drawn is none, mm. */
    private static final double SAME = 0.05;

    private static final Set<PieceRole> MADE_HERE = EnumSet.of(
            PieceRole.FRONT,
            PieceRole.BACK,
            PieceRole.CUP,
            PieceRole.YOKE,
            PieceRole.PEPLUM,
            PieceRole.SKIRT_FRONT,
            PieceRole.SKIRT_BACK,
            PieceRole.SLEEVE);

    private final Garment garment;
    private final List<Finding> findings = new ArrayList<>();

    private OwnLengths(Garment garment) {
        this.garment = garment;
    }

    static List<Finding> on(Garment garment, Block block, IntakeTable intakes, Cutting cutting) {
        OwnLengths lengths = new OwnLengths(garment);
        garment.lengths().forEach((option, own) -> {
            if (!option.shapes(garment)) {
                lengths.findings.add(Finding.of(
                        FindingKind.NO_EFFECT,
                        option.id(),
                        Finding.Status.NOTE,
                        own.millimetres(),
                        0,
                        Sentence.of(
                                "“{}” is set to {} and has no effect on this garment. It is kept for when the choices change.",
                                option.label(),
                                own)));
            }
        });
        lengths.parts(cutting);
        if (garment.kind().isOverBust()) {
            lengths.underarm(block);
            lengths.crest(block);
            lengths.splay(block, intakes);
            cutting.apex().filter(a -> garment.top().yoke()).ifPresent(a -> lengths.yoke(a, cutting));
        }
        return lengths.findings;
    }

    /** What is set for a piece or an edge that this garment has not, as after a panel was taken out. Facings and strips come later and are not looked at. */
    private void parts(Cutting cutting) {
        Finish finish = garment.finish();
        Set<String> pieces = new TreeSet<>(finish.grains().keySet());
        pieces.addAll(finish.topMarks());
        Set<EdgeAt> edges = new HashSet<>(finish.edges().keySet());
        finish.layers().values().forEach(layer -> {
            pieces.addAll(layer.without());
            edges.addAll(layer.edges().keySet());
        });
        Set<String> missing = new TreeSet<>();
        pieces.stream()
                .filter(id -> MADE_HERE.contains(PieceRole.of(id))
                        && !cutting.pattern().has(id))
                .forEach(missing::add);
        edges.stream()
                .filter(at -> MADE_HERE.contains(PieceRole.of(at.piece()))
                        && !(cutting.pattern().has(at.piece())
                                && cutting.pattern().sheet(at.piece()).has(at.edge())))
                .forEach(at -> missing.add(at.piece() + ", " + at.edge().replace('-', ' ')));
        if (!missing.isEmpty()) {
            findings.add(Finding.of(
                    FindingKind.NO_EFFECT,
                    "finish",
                    Finding.Status.NOTE,
                    missing.size(),
                    0,
                    Sentence.of(
                            "Allowances, grains or marks are set for parts that this garment has not: {}. They have no effect here and are kept for when the parts are there again.",
                            String.join("; ", missing))));
        }
    }

    private void underarm(Block block) {
        // Where the tape round the arm has set the underarm, that is said of the armhole.
        if (block.heights().front().get(Level.UPPER).rule().equals(TapedArmhole.RULE)) {
            return;
        }
        double drawn = block.front(Level.UPPER)
                - (block.chestDepth().value() - block.sideDart().value());
        held(LengthOption.UNDERARM_LOWERING, drawn, "the upper line stays half the bust radius above the apex");
    }

    private void splay(Block block, IntakeTable intakes) {
        if (garment.top().cover() == Cover.STRAPLESS && LengthOption.UPPER_SPLAY.shapes(garment)) {
            held(
                    LengthOption.UPPER_SPLAY,
                    Splay.of(block, intakes, garment).atCrest(),
                    "both edges of the seam stay alike in length from the apex up");
        }
    }

    private void crest(Block block) {
        if (garment.top().cover() != Cover.STRAPLESS) {
            return;
        }
        double above = block.front(Level.BUST)
                - block.bustRadius().value()
                - block.crest().value();
        // A crest higher than the circle asks for covers it.
        if (above < garment.length(LengthOption.COVERAGE).value() - SAME) {
            held(LengthOption.COVERAGE, above, "a straight edge that would rise less than can be seen is drawn level");
        }
        if (garment.upperEdge() == UpperShape.SWEETHEART) {
            held(
                    LengthOption.SWEETHEART_DIP,
                    block.centreFrontTop().value() - block.crest().value(),
                    "centre front stays as high as the underarm");
        }
    }

    /** Measured on the sheet of the yoke: how far its seam at centre front lies above the apex, and what it falls. */
    private void yoke(Apex apex, Cutting cutting) {
        cutting.pattern().sheets().stream()
                .filter(s -> s.id().equals(PieceRole.YOKE.id(1)))
                .findFirst()
                .ifPresent(sheet -> {
                    double lowest = sheet.outline().stream()
                            .flatMap(e -> Stream.of(e.path().start(), e.path().end()))
                            .mapToDouble(Point::y)
                            .max()
                            .orElseThrow();
                    held(
                            LengthOption.YOKE_LINE,
                            apex.atInner().y()
                                    - lowest
                                    + garment.length(LengthOption.YOKE_FALL).value(),
                            "it must meet centre and armhole clear of their ends");
                });
    }

    private void held(LengthOption option, double drawn, String why) {
        Length asked = garment.length(option).length();
        if (Math.abs(drawn - asked.millimetres()) <= SAME) {
            return;
        }
        Finding.Status status = garment.lengths().containsKey(option) ? Finding.Status.NOTE : Finding.Status.OK;
        findings.add(Finding.of(
                FindingKind.HELD_LENGTH,
                option.id(),
                status,
                drawn,
                asked.millimetres(),
                Sentence.of(
                        "“{}”: {} asked, {} drawn, because " + why + ".", option.label(), asked, Length.mm(drawn))));
    }
}
