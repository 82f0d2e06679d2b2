package bathyra.app.making;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.workplan.StepKind;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** What the clock puts on record. */
class StepClockTest {
    private final HandClock time = new HandClock();
    private final StepClock clock = new StepClock(time);

    @Test
    void fullMinutes_areGivenAsTheyPass_andTheRestWhenItStops() {
        clock.start(StepKind.SEAMS);
        time.goOn(Duration.ofSeconds(59));
        assertThat(clock.pulse().orElseThrow().minutes()).isZero();
        time.goOn(Duration.ofSeconds(91));
        assertThat(clock.pulse().orElseThrow().minutes()).isEqualTo(2);
        assertThat(clock.runs()).isEqualTo(Duration.ofSeconds(150));
        time.goOn(Duration.ofSeconds(60));
        assertThat(clock.stop().orElseThrow().minutes()).isEqualTo(1.5);
        assertThat(clock.running()).isEmpty();
        assertThat(clock.pulse()).isEmpty();
    }

    @Test
    void aClockSetBack_takesNothingAway_andGoesOn() {
        clock.start(StepKind.SEAMS);
        time.goOn(Duration.ofMinutes(-30));
        assertThat(clock.pulse().orElseThrow().minutes()).isZero();
        time.goOn(Duration.ofMinutes(4));
        assertThat(clock.stop().orElseThrow().minutes()).isEqualTo(4);
    }

    @Test
    void overNight_itIsCutToThreeHours() {
        clock.start(StepKind.SEAMS);
        time.goOn(Duration.ofMinutes(10));
        clock.pulse();
        time.goOn(Duration.ofHours(14));
        StepClock.Passed passed = clock.pulse().orElseThrow();
        assertThat(passed.forgotten()).isTrue();
        assertThat(passed.minutes()).as("three hours in all").isEqualTo(170);
        assertThat(clock.running()).isEmpty();
    }
}
