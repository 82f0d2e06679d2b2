package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.logging.Level;
import java.util.logging.LogRecord;
import org.junit.jupiter.api.Test;

class LogFileTest {
    @Test
    void whatTheToolkitSaysAtEachStart_isNoNews() {
        assertThat(LogFile.isNews(new LogRecord(
                        Level.WARNING,
                        "Unsupported JavaFX configuration: classes were loaded from 'unnamed module @69eee410'")))
                .isFalse();
    }

    @Test
    void everythingElseIs_evenWhatHasNoWords() {
        assertThat(LogFile.isNews(new LogRecord(Level.WARNING, "the book did not open")))
                .isTrue();
        assertThat(LogFile.isNews(new LogRecord(Level.SEVERE, null))).isTrue();
    }
}
