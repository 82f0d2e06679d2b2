package bathyra.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

/** What is handed over to the window's thread, where a test is that thread: it does one deed after the other when it wants to. */
public final class HandedOver implements Consumer<Runnable> {
    private static final int PATIENCE = 30;

    private final BlockingQueue<Runnable> deeds = new LinkedBlockingQueue<>();

    @Override
    public void accept(Runnable deed) {
        deeds.add(deed);
    }

    /** Does the next deed, waiting for it as long as it takes to work something out. */
    public void next() throws InterruptedException {
        Runnable deed = deeds.poll(PATIENCE, TimeUnit.SECONDS);
        assertThat(deed).as("something is handed over").isNotNull();
        deed.run();
    }

    /** Does whatever has been handed over by now. */
    public void all() {
        for (Runnable deed = deeds.poll(); deed != null; deed = deeds.poll()) {
            deed.run();
        }
    }
}
