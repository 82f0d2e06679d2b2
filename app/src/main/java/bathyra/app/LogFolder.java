package bathyra.app;

import ch.qos.logback.core.PropertyDefinerBase;

/** Tells the log where the data folder is. */
public final class LogFolder extends PropertyDefinerBase {
    @Override
    public String getPropertyValue() {
        return DataFolder.path().resolve("log").toString();
    }
}
