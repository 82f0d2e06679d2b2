package bathyra.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The pictures of fittings, beside the book and not in it: they would make every hourly copy heavy. A folder for each commission, each picture
 * under the seal of its own bytes, and one copy of each beside, which is read where the first was spoilt.
 */
public final class Pictures {
    private static final String ENDING = ".jpg";
    private static final int SEAL = 32;

    private final Path store;
    private final Path copies;

    Pictures(Path book) {
        String name = book.getFileName().toString();
        store = book.toAbsolutePath().resolveSibling(name + "-pictures");
        copies = book.toAbsolutePath().resolveSibling(name + "-pictures-copy");
    }

    /** Keeps a picture. @return the name by which it is found again @throws BookFailure when it cannot be written */
    public String keep(long commission, byte[] picture) {
        String id = seal(picture);
        try {
            for (Path place : List.of(store, copies)) {
                Path file = file(place, commission, id);
                OwnerOnly.folder(place);
                OwnerOnly.folder(file.getParent());
                if (!Files.exists(file)) {
                    Path begun = file.resolveSibling(id + ".begun");
                    Files.deleteIfExists(begun);
                    OwnerOnly.create(begun);
                    Files.write(begun, picture);
                    Files.move(begun, file, StandardCopyOption.ATOMIC_MOVE);
                }
            }
            return id;
        } catch (IOException e) {
            throw new BookFailure(
                    "The picture could not be kept. Look whether the disk is full and whether you may write in "
                            + store.getParent() + ".",
                    e);
        }
    }

    /** A picture, from its copy where the first was spoilt; empty where neither is whole. */
    public Optional<byte[]> find(long commission, String id) {
        for (Path place : List.of(store, copies)) {
            try {
                byte[] picture = Files.readAllBytes(file(place, commission, id));
                if (seal(picture).equals(id)) {
                    return Optional.of(picture);
                }
            } catch (IOException e) {
                // The copy is tried next; where that is not there either nothing is shown.
            }
        }
        return Optional.empty();
    }

    /** Takes all pictures of a commission away for good. */
    void erase(long commission) {
        for (Path place : List.of(store, copies)) {
            Path folder = place.resolve(Long.toString(commission));
            if (Files.isDirectory(folder)) {
                try (Stream<Path> all = Files.walk(folder)) {
                    for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                        Files.delete(each);
                    }
                } catch (IOException e) {
                    throw new BookFailure(
                            "Pictures of the wearer could not be taken away. Delete the folder " + folder
                                    + " yourself.",
                            e);
                }
            }
        }
    }

    private static Path file(Path place, long commission, String id) {
        return place.resolve(Long.toString(commission)).resolve(id + ENDING);
    }

    private static String seal(byte[] picture) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(picture))
                    .substring(0, SEAL);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has it", e);
        }
    }
}
