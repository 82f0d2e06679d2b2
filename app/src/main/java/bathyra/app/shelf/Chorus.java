package bathyra.app.shelf;

import bathyra.book.Commissions.Entry;
import bathyra.book.WorkshopBook;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.files.json.PatternJson;
import bathyra.files.pdf.PdfPattern;
import bathyra.files.sheet.Paper;
import bathyra.finding.Finding;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.garment.Commission;
import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** One design for many wearers: who drafts clean, who needs a look and why, and all their patterns. */
public final class Chorus {
    private static final Logger LOG = LoggerFactory.getLogger(Chorus.class);

    private Chorus() {}

    /**
     * How one wearer came out of the design.
     *
     * @param worst what would be seen first on this body, once it was looked for
     */
    public record Part(Commission commission, Outcome outcome, Optional<Sight> worst) {
        Part(Commission commission, Outcome outcome) {
            this(commission, outcome, Optional.empty());
        }

        /** Whether it drafts with nothing to look at. */
        public boolean isClean() {
            return isDrafted() && ((Draft) outcome).with(Finding.Status.NOTE).isEmpty();
        }

        /** The same with initials for the name, for what leaves the workshop. */
        public Part byInitials() {
            return new Part(
                    commission.withWearer(commission.wearer().byInitials()),
                    outcome instanceof Draft draft ? draft.byInitials() : outcome,
                    worst);
        }

        /** Whether there is a pattern that may be put out: one past the top level of reduction waits for the record of its wearer. */
        public boolean isDrafted() {
            return outcome instanceof Draft draft && !draft.mustBeSpokenOf();
        }

        /** Clean, or the gravest thing to look at. */
        public String says(LengthUnit unit) {
            if (outcome instanceof Refusal refusal) {
                return refusal.reasons().get(0).sentence().in(unit);
            }
            if (!isDrafted()) {
                return "The waist is drawn in past the top level. Begin the commission, and note there that the wearer was told and agreed.";
            }
            List<Sentence> notes = ((Draft) outcome)
                    .with(Finding.Status.NOTE).stream().map(Finding::sentence).toList();
            return notes.isEmpty()
                    ? "Drafts clean."
                    : notes.get(0).in(unit) + (notes.size() > 1 ? " And " + (notes.size() - 1) + " more." : "");
        }
    }

    /** The newest commission of every wearer that is not archived: whose figures the chorus is drafted from. */
    public static Map<String, Entry> wearers(List<Entry> entries) {
        Map<String, Entry> newest = new LinkedHashMap<>();
        entries.stream().filter(e -> !e.archived()).forEach(e -> newest.put(e.wearer(), e));
        return newest;
    }

    /** A design for many: its title, units and garment, with the figures of each wearer. */
    public static List<Commission> commissions(Commission design, Collection<Entry> wearers, WorkshopBook book) {
        return wearers.stream()
                .map(e -> book.commissions().find(e.id()).orElseThrow())
                .map(own -> new Commission(
                        design.title(), design.units(), own.wearer(), own.measurements(), design.garment()))
                .toList();
    }

    /**
     * Drafts them one after the other.
     *
     * @param done told after each how many are done
     * @param stopped asked before each whether to go on
     */
    public static List<Part> draft(List<Commission> commissions, IntConsumer done, BooleanSupplier stopped) {
        List<Part> parts = new ArrayList<>();
        for (Commission commission : commissions) {
            if (stopped.getAsBoolean()) {
                break;
            }
            parts.add(new Part(commission, Drafter.draft(commission)));
            done.accept(parts.size());
        }
        return parts;
    }

    /**
     * Puts each that drafts on its wearer's form, roughly, for what would be seen there first.
     *
     * @param done told after each how many were looked at
     * @param stopped asked between rounds whether to go on; what was looked at until then is given with the rest as they were
     */
    public static List<Part> onTheBody(List<Part> parts, IntConsumer done, BooleanSupplier stopped) {
        List<Part> looked = new ArrayList<>();
        for (Part part : parts) {
            looked.add(
                    part.outcome() instanceof Draft draft && !stopped.getAsBoolean()
                            ? new Part(part.commission(), draft, worst(draft, stopped))
                            : part);
            done.accept(looked.size());
        }
        return looked;
    }

    private static Optional<Sight> worst(Draft draft, BooleanSupplier stopped) {
        try {
            Worn worn = Worn.cold(draft, Worn.surface(draft), Worn.COARSE, stopped);
            return stopped.getAsBoolean()
                    ? Optional.empty()
                    : Sight.of(worn).stream().findFirst();
        } catch (RuntimeException e) {
            LOG.warn("{} could not be put on its form", draft.commission().title(), e);
            return Optional.empty();
        }
    }

    /**
     * Writes the patterns of all who draft, a folder each, all of them or none.
     *
     * @return how many were written; 0 when it was stopped, and then nothing is left behind
     */
    public static int write(
            List<Part> parts, Path folder, String date, String program, IntConsumer done, BooleanSupplier stopped)
            throws IOException {
        Path beside = Files.createTempDirectory(folder, ".patterns");
        try {
            Set<String> names = new HashSet<>();
            int written = 0;
            for (Part part : parts) {
                if (stopped.getAsBoolean()) {
                    return 0;
                }
                if (part.isDrafted() && part.outcome() instanceof Draft draft) {
                    Path own = Files.createDirectory(
                            beside.resolve(name(part.commission().wearer().name(), names)));
                    Files.write(own.resolve("pattern.pdf"), PdfPattern.write(draft, Paper.A4, date));
                    Files.writeString(
                            own.resolve("pattern.json"),
                            PatternJson.write(draft, List.of(), draft.findings(), program),
                            StandardCharsets.UTF_8);
                    done.accept(++written);
                }
            }
            for (String name : names) {
                replace(beside.resolve(name), folder.resolve(name));
            }
            return written;
        } finally {
            delete(beside);
        }
    }

    private static void replace(Path from, Path to) throws IOException {
        if (!Files.exists(to)) {
            Files.move(from, to);
            return;
        }
        try (Stream<Path> files = Files.list(from)) {
            for (Path file : files.toList()) {
                Files.move(file, to.resolve(file.getFileName()), StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }

    private static void delete(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path :
                    all.sorted((a, b) -> b.getNameCount() - a.getNameCount()).toList()) {
                Files.deleteIfExists(path);
            }
        }
    }

    /** A folder's name that every system takes, each once. */
    static String name(String wearer, Set<String> taken) {
        String plain = wearer.replaceAll("[^\\p{L}\\p{N} -]", "")
                .strip()
                .replaceAll("\\s+", "-")
                .toLowerCase(Locale.ROOT);
        String base = plain.isEmpty() ? "wearer" : plain.substring(0, Math.min(60, plain.length()));
        String name = base;
        for (int i = 2; !taken.add(name); i++) {
            name = base + "-" + i;
        }
        return name;
    }
}
