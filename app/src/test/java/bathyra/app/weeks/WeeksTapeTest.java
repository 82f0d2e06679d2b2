package bathyra.app.weeks;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.stage.WeekStart;
import bathyra.app.table.RecordingSurface;
import bathyra.app.workshop.InWorkshop;
import java.awt.geom.Line2D;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the tape over the weeks shows, on whichever day they begin. */
class WeeksTapeTest extends InWorkshop {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final double WIDE = 560;
    private static final double HIGH = 600;
    private static final double HOURS = 220;
    private static final int DAYS = 7;

    @AfterEach
    void fromMonday() {
        WeekStart.choose(WeekStart.MONDAY);
    }

    @ParameterizedTest
    @EnumSource(WeekStart.class)
    void daysOff_areShaded_whereverTheyLieInTheWeek(WeekStart start) {
        WeeksModel model = beginningOn(start);
        Span span = new Span(model.load().first(0));
        RecordingSurface g = painted(model, span);
        double day = WIDE / span.weeks() / DAYS;
        List<LocalDate> shaded = g.areas().stream()
                .filter(area -> Math.abs(area.getWidth() - day) < 1e-6)
                .map(area -> span.day(area.getMinX(), WIDE))
                .toList();
        assertThat(shaded)
                .hasSize(2 * span.weeks())
                .allMatch(off -> model.house().calendar().weekend().contains(off.getDayOfWeek()));
    }

    /** A line through a date or a sum of hours would make it hard to read. */
    @ParameterizedTest
    @EnumSource(WeekStart.class)
    void todaysLine_runsThroughNoWord(WeekStart start) {
        WeeksModel model = beginningOn(start);
        Span span = new Span(model.load().first(0));
        RecordingSurface g = painted(model, span);
        double now = span.x(TODAY, WIDE);
        Line2D line = g.lines().stream()
                .filter(l -> l.getX1() == now && l.getX2() == now && Math.abs(l.getY2() - l.getY1()) > HIGH / 3)
                .findFirst()
                .orElseThrow();
        double lowestWord =
                g.beginnings().stream().mapToDouble(p -> p.getY()).max().orElseThrow();
        assertThat(line.getY1()).isGreaterThan(lowestWord);
        assertThat(line.getY2()).isEqualTo(HIGH - HOURS);
    }

    private WeeksModel beginningOn(WeekStart start) {
        WeekStart.choose(start);
        return new WeeksModel(
                workshop, Clock.fixed(TODAY.atTime(9, 0).toInstant(ZoneOffset.UTC), ZoneOffset.UTC), () -> {});
    }

    private static RecordingSurface painted(WeeksModel model, Span span) {
        WeeksTape tape = new WeeksTape(model, span, new ReadOnlyDoubleWrapper(HOURS));
        tape.resize(WIDE + WeeksView.SCROLL, HIGH);
        RecordingSurface g = new RecordingSurface();
        tape.paint(g);
        return g;
    }
}
