package bathyra.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class LatestTest {
    private final BlockingQueue<Runnable> handed = new LinkedBlockingQueue<>();
    private final Latest work = new Latest(handed::add);
    private final List<String> shown = new ArrayList<>();

    /** Does on this thread, as on the window's, what the work hands over. */
    private void handOver(int deeds) throws InterruptedException {
        for (int i = 0; i < deeds; i++) {
            Runnable deed = handed.poll(60, TimeUnit.SECONDS);
            assertThat(deed).as("what the work hands over").isNotNull();
            deed.run();
        }
    }

    @Test
    void onlyWhatWasBegunLast_isShown_andWhatWentBeforeIsToldToEnd() throws InterruptedException {
        CountDownLatch second = new CountDownLatch(1);
        CountDownLatch told = new CountDownLatch(1);
        work.begin(
                "first",
                run -> {
                    awaited(second);
                    if (run.isOver()) {
                        told.countDown();
                    }
                    run.show(() -> shown.add("first"));
                },
                () -> {});
        work.begin("second", run -> run.show(() -> shown.add("second")), () -> {});
        second.countDown();
        handOver(2);
        assertThat(shown).containsExactly("second");
        assertThat(told.getCount()).isZero();
    }

    @Test
    void whatWasHandedOver_isNotShown_onceItIsStopped() throws InterruptedException {
        work.begin("stopped", run -> run.show(() -> shown.add("stopped")), () -> {});
        Runnable deed = handed.poll(60, TimeUnit.SECONDS);
        work.stop();
        assertThat(deed).isNotNull();
        deed.run();
        assertThat(shown).isEmpty();
    }

    @Test
    void moreOfTheSame_stopsNothing_andIsOverWithIt() throws InterruptedException {
        CountDownLatch more = new CountDownLatch(1);
        work.begin(
                "work",
                run -> {
                    awaited(more);
                    run.show(() -> shown.add("work"));
                },
                () -> {});
        work.goOn("more", run -> {
            run.show(() -> shown.add("more"));
            more.countDown();
        });
        handOver(2);
        assertThat(shown).containsExactly("more", "work");
        work.stop();
        work.goOn("too late", run -> run.show(() -> shown.add("too late")));
        handOver(1);
        assertThat(shown).hasSize(2);
    }

    @Test
    void workThatThrows_saysSoOnce_unlessNobodyWaitsForIt() throws InterruptedException {
        work.begin("fails", LatestTest::fail, () -> shown.add("failed"));
        handOver(1);
        assertThat(shown).containsExactly("failed");
        work.begin("fails too", LatestTest::fail, () -> shown.add("failed too"));
        work.stop();
        handOver(1);
        assertThat(shown).hasSize(1);
    }

    private static void fail(Latest.Run run) {
        throw new IllegalStateException("over " + run.isOver());
    }

    private static void awaited(CountDownLatch latch) {
        try {
            assertThat(latch.await(60, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
