package bathyra.app.output;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Writes several files, or none: each beside its place first and only then moved there; what a failed move leaves is put back. */
public final class AllOrNone {
    private static final Logger LOG = LoggerFactory.getLogger(AllOrNone.class);

    private AllOrNone() {}

    /** @throws IOException when one of them could not be written; then none is */
    public static void write(Map<Path, byte[]> files) throws IOException {
        Map<Path, Path> waiting = new LinkedHashMap<>();
        Map<Path, byte[]> before = new LinkedHashMap<>();
        List<Path> moved = new ArrayList<>();
        try {
            for (Map.Entry<Path, byte[]> file : files.entrySet()) {
                Path place = file.getKey().toAbsolutePath();
                Files.createDirectories(place.getParent());
                Path temporary = Files.createTempFile(place.getParent(), ".output", ".part");
                waiting.put(temporary, place);
                Files.write(temporary, file.getValue());
                if (Files.isRegularFile(place)) {
                    before.put(place, Files.readAllBytes(place));
                }
            }
            for (Map.Entry<Path, Path> entry : waiting.entrySet()) {
                Files.move(
                        entry.getKey(),
                        entry.getValue(),
                        StandardCopyOption.REPLACE_EXISTING,
                        StandardCopyOption.ATOMIC_MOVE);
                moved.add(entry.getValue());
            }
        } catch (IOException e) {
            putBack(moved, before);
            waiting.keySet().forEach(AllOrNone::remove);
            throw e;
        }
    }

    private static void putBack(List<Path> moved, Map<Path, byte[]> before) {
        for (Path path : moved) {
            try {
                if (before.containsKey(path)) {
                    Files.write(path, before.get(path));
                } else {
                    Files.deleteIfExists(path);
                }
            } catch (IOException e) {
                LOG.warn("could not put {} back", path, e);
            }
        }
    }

    private static void remove(Path path) {
        try {
            Files.deleteIfExists(path);
        } catch (IOException e) {
            LOG.warn("could not remove {}", path, e);
        }
    }
}
