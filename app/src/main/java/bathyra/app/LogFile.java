package bathyra.app;

import bathyra.app.home.DataFolder;
import bathyra.book.OwnerOnly;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.logging.ErrorManager;
import java.util.logging.FileHandler;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogManager;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/**
 * The log in the user's data folder: warnings and faults, in three files of 2 MB at most. The file is opened with the first
 * record, so that a start with nothing to report costs nothing.
 */
final class LogFile extends Handler {
    private static final int SIZE = 2_000_000;
    private static final int COUNT = 3;
    /** What the toolkit says at each start from the class path, where the program has it on purpose. */
    private static final String ON_THE_CLASS_PATH = "Unsupported JavaFX configuration";

    private FileHandler file;
    private boolean failed;

    private LogFile() {
        setLevel(Level.WARNING);
        setFilter(LogFile::isNews);
    }

    /** Whether a record says what is not the same at every start. */
    static boolean isNews(LogRecord record) {
        return !Objects.toString(record.getMessage(), "").startsWith(ON_THE_CLASS_PATH);
    }

    /** Sends everything that the program and its libraries log to the file, and nothing to the console. */
    static void keep() {
        LogManager.getLogManager().reset();
        Logger.getLogger("").addHandler(new LogFile());
    }

    @Override
    public synchronized void publish(LogRecord record) {
        if (!isLoggable(record) || failed) {
            return;
        }
        try {
            if (file == null) {
                file = open();
            }
            file.publish(record);
            // A full log is put aside and a new one begun, with the rights that the system gives.
            OwnerOnly.file(log());
        } catch (IOException e) {
            // Without a log the work can still go on; saying so once is enough.
            failed = true;
            reportError("the log file cannot be opened", e, ErrorManager.OPEN_FAILURE);
        }
    }

    private static Path log() {
        return DataFolder.path().resolve("log").resolve("bathyra.0.log");
    }

    private static FileHandler open() throws IOException {
        Path folder = log().getParent();
        DataFolder.make();
        OwnerOnly.folder(folder);
        if (!Files.exists(log())) {
            OwnerOnly.create(log());
        }
        FileHandler handler =
                new FileHandler(folder.toString().replace("%", "%%") + "/bathyra.%g.log", SIZE, COUNT, true);
        handler.setEncoding("UTF-8");
        handler.setFormatter(new SimpleFormatter());
        return handler;
    }

    @Override
    public synchronized void flush() {
        if (file != null) {
            file.flush();
        }
    }

    @Override
    public synchronized void close() {
        if (file != null) {
            file.close();
        }
    }
}
