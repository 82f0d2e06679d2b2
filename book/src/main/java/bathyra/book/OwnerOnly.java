package bathyra.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;

/** Body data are private: files and folders that nobody but their owner reads, where the system knows of owners. */
public final class OwnerOnly {
    private OwnerOnly() {}

    private static boolean knowsOwners(Path path) {
        return path.getFileSystem().supportedFileAttributeViews().contains("posix");
    }

    /** Makes a folder, or makes one that is there private. */
    public static void folder(Path folder) throws IOException {
        Files.createDirectories(folder);
        if (knowsOwners(folder)) {
            Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        }
    }

    public static void file(Path file) throws IOException {
        if (knowsOwners(file)) {
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        }
    }

    /** A new file that is private from its first moment. */
    public static void create(Path file) throws IOException {
        if (knowsOwners(file)) {
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        } else {
            Files.createFile(file);
        }
    }
}
