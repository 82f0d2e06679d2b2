package bathyra.correction;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Finished;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.Length;
import bathyra.measure.MeasurementSet;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.time.LocalDate;
import java.util.List;

/** A garment tried on: what was marked, and what was measured on its pieces before and after, apart from the program's own measuring. */
final class Tried {
    static final LocalDate DAY = LocalDate.of(2026, 11, 16);

    private Tried() {}

    static Commission corset(MeasurementSet body) {
        return Bodies.commission(body, Garment.of(GarmentKind.CORSET));
    }

    static Commission bustier(MeasurementSet body) {
        return Bodies.commission(body, Garment.bustier());
    }

    static Draft draft(Commission commission) {
        return (Draft) Drafter.draft(commission);
    }

    static Fitting fitting(Mark... marks) {
        Fitting fitting = Fitting.begun(1, FittingKind.TOILE, DAY);
        for (Mark mark : marks) {
            fitting = fitting.with(mark);
        }
        return fitting;
    }

    static Mark agreed(int number, MarkKind kind, Spot spot, double mm) {
        return Mark.put(number, kind, spot, Length.mm(mm)).decided(Decision.AGREED, "");
    }

    /** What is made of it; nothing may be left open. */
    static Proposal made(Commission commission, Fitting fitting) {
        Proposal proposal = Proposal.of(commission, fitting).orElseThrow();
        assertThat(proposal.open()).isEmpty();
        Finished.holds(proposal.draft());
        return proposal;
    }

    /** The half's width at a level, summed over its panels. */
    static double half(Draft draft, Level level) {
        return draft.panelPieces().stream().mapToDouble(p -> width(p, level)).sum();
    }

    static double width(Piece piece, Level level) {
        return piece.mark(level).map(LevelMark::length).orElse(0.0);
    }

    static double width(Draft draft, String piece, Level level) {
        return draft.panelPieces().stream()
                .filter(p -> p.id().equals(piece))
                .mapToDouble(p -> width(p, level))
                .sum();
    }

    static List<Level> levels(Draft draft) {
        return draft.commission().garment().levels();
    }
}
