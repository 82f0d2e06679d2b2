package bathyra.book;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import org.slf4j.LoggerFactory;

/**
 * One program at a time has a book: a lock on a file beside it, which the operating system takes away when the program ends, however it
 * ends. The database itself stays open to this program's own readers, which copy and check it beside the window.
 */
final class Lock implements AutoCloseable {
    private final FileChannel channel;

    private Lock(FileChannel channel) {
        this.channel = channel;
    }

    private static Path file(Path book) {
        return book.resolveSibling(book.getFileName() + ".lock");
    }

    /** Takes the lock; empty when another program has it. @throws IOException when the file beside the book cannot be written */
    static Optional<Lock> take(Path book) throws IOException {
        Path file = file(book);
        if (!Files.exists(file)) {
            OwnerOnly.create(file);
        }
        FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return Optional.of(new Lock(channel));
            }
        } catch (OverlappingFileLockException e) {
            // This very program has it already.
        }
        channel.close();
        return Optional.empty();
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException e) {
            LoggerFactory.getLogger(Lock.class).warn("letting go of a book", e);
        }
    }
}
