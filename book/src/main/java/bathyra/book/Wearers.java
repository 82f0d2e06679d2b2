package bathyra.book;

import bathyra.garment.Commission;
import bathyra.garment.Wearer;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.text.Normalizer;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What is done to a wearer in the whole book: another name, or erasing for good. Body data are private. */
public final class Wearers {
    private static final String TAKEN_OUT = "…";

    private final WorkshopBook book;
    private final Connection connection;

    Wearers(WorkshopBook book, Connection connection) {
        this.book = book;
        this.connection = connection;
    }

    /** A name as people are told apart by it: spaces, capitals and forms of one letter make nobody another person. */
    static String plain(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFKC)
                .strip()
                .replaceAll("\\s+", " ")
                .toLowerCase(Locale.ROOT);
    }

    /** Whether two spellings are one name. */
    public static boolean isSame(String one, String other) {
        return plain(one).equals(plain(other));
    }

    /**
     * Where a wearer's name stands in what belongs to others.
     *
     * @param id the other commission
     * @param title its title
     * @param inTitle whether the name stands in the title
     * @param inNotes whether it stands in the notes
     */
    public record Mention(long id, String title, boolean inTitle, boolean inNotes) {}

    /** The commissions of others whose title or notes bear the wearer's name: asked about before it is erased. */
    public List<Mention> mentions(String wearer) {
        return book.run("look for a name", () -> {
            List<Mention> mentions = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows =
                            statement.executeQuery("SELECT id, title, notes, wearer FROM commission ORDER BY id")) {
                while (rows.next()) {
                    boolean inTitle = plain(rows.getString(2)).contains(plain(wearer));
                    boolean inNotes = plain(rows.getString(3)).contains(plain(wearer));
                    if (!isSame(rows.getString(4), wearer) && (inTitle || inNotes)) {
                        mentions.add(new Mention(rows.getLong(1), rows.getString(2), inTitle, inNotes));
                    }
                }
            }
            return mentions;
        });
    }

    /**
     * Erases a wearer for good: every commission, every change that led to it, the history and the versions of commissions that once bore
     * the name, kept figures and practice, however the name's spaces are written. The freed pages are overwritten and given back, and the
     * backups and the books that were put aside, in which the figures still stand, are taken away and a backup is made anew.
     *
     * @param inOthers whether the name is taken out of the titles and notes of others as well ({@link #mentions})
     * @param onInvoices whether name and address stay on issued invoices, because the law asks it; number, day and amount stay anyway
     */
    public void erase(String wearer, boolean inOthers, boolean onInvoices) {
        book.copies()
                .alone(() -> book.run("erase the wearer", () -> {
                    try (Statement statement = connection.createStatement()) {
                        statement.execute("PRAGMA secure_delete=ON");
                    }
                    List<Long> theirs = book.commissions().allEntries().stream()
                            .filter(e -> isSame(e.wearer(), wearer))
                            .map(Commissions.Entry::id)
                            .toList();
                    book.transaction(() -> {
                        for (String spelling : spellings(wearer)) {
                            for (String sql : List.of(
                                    "DELETE FROM commission WHERE wearer = ?",
                                    "DELETE FROM measuring WHERE wearer = ?",
                                    "DELETE FROM attempt WHERE person = ?",
                                    "DELETE FROM place WHERE name <> 'edition' AND value = ?")) {
                                execute(sql, spelling);
                            }
                        }
                        execute("DELETE FROM health WHERE wearer = ?", plain(wearer));
                        partFromInvoices(wearer, onInvoices);
                        eraseFromHistories(wearer);
                        if (inOthers) {
                            eraseFromOthers(wearer);
                        }
                        return null;
                    });
                    forget();
                    theirs.forEach(book.pictures()::erase);
                    return null;
                }));
    }

    /** Their invoices belong to no commission any more: the book may give its number to another's. */
    private void partFromInvoices(String wearer, boolean named) throws SQLException {
        List<Long> theirs = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT number, wearer FROM invoice")) {
            while (rows.next()) {
                if (isSame(rows.getString(2), wearer)) {
                    theirs.add(rows.getLong(1));
                }
            }
        }
        for (long number : theirs) {
            execute("UPDATE invoice SET commission = 0 WHERE number = ?", number);
            if (!named) {
                execute("UPDATE invoice SET wearer = '', document = '' WHERE number = ?", number);
            }
            Seal.renew(connection, Seal.Table.INVOICE, "number = ?", number);
        }
    }

    private void execute(String sql, Object... arguments) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            for (int i = 0; i < arguments.length; i++) {
                statement.setObject(i + 1, arguments[i]);
            }
            statement.executeUpdate();
        }
    }

    /** Every way in which the name is written as that of a wearer or a learner. */
    private Set<String> spellings(String wearer) throws SQLException {
        Set<String> spellings = new LinkedHashSet<>(Set.of(wearer));
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "SELECT wearer FROM commission UNION SELECT wearer FROM measuring UNION SELECT person FROM attempt UNION SELECT value FROM place WHERE name = 'learner'")) {
            while (rows.next()) {
                if (isSame(rows.getString(1), wearer)) {
                    spellings.add(rows.getString(1));
                }
            }
        }
        return spellings;
    }

    /** A commission that once was this wearer's and now is another's keeps no state in which it was. What came before such a state goes too: it could not be undone past it. */
    private void eraseFromHistories(String wearer) throws SQLException {
        Map<Long, Integer> last = new HashMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT commission, seq, before, after FROM edit")) {
            while (rows.next()) {
                if (isOf(rows.getString(3), wearer) || isOf(rows.getString(4), wearer)) {
                    last.merge(rows.getLong(1), rows.getInt(2), Math::max);
                }
            }
        }
        for (Map.Entry<Long, Integer> entry : last.entrySet()) {
            execute("DELETE FROM edit WHERE commission = ? AND seq <= ?", entry.getKey(), entry.getValue());
        }
        List<Long> versions = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT id, document FROM version")) {
            while (rows.next()) {
                if (isOf(rows.getString(2), wearer)) {
                    versions.add(rows.getLong(1));
                }
            }
        }
        for (long version : versions) {
            execute("DELETE FROM version WHERE id = ?", version);
        }
        for (String spelling : new LinkedHashSet<>(List.of(wearer, wearer.strip()))) {
            execute("UPDATE edit SET label = 'wearer renamed' WHERE instr(label, ?) > 0", spelling);
        }
        Seal.renew(connection, Seal.Table.EDIT, "label = 'wearer renamed'");
    }

    private boolean isOf(String document, String wearer) {
        return isSame(book.read(document).wearer().name(), wearer);
    }

    /** Takes the name out of the titles, notes and named changes of others. */
    private void eraseFromOthers(String wearer) throws SQLException {
        Pattern name = Pattern.compile(
                Arrays.stream(wearer.strip().split("\\s+")).map(Pattern::quote).collect(Collectors.joining("\\s+")),
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        for (Mention mention : mentions(wearer)) {
            execute(
                    "UPDATE commission SET notes = ? WHERE id = ?",
                    name.matcher(book.commissions().notes(mention.id())).replaceAll(TAKEN_OUT),
                    mention.id());
            UnaryOperator<Commission> without =
                    c -> c.withTitle(name.matcher(c.title()).replaceAll(TAKEN_OUT));
            rewrite(
                    "SELECT rowid, before FROM edit WHERE commission = ?",
                    "UPDATE edit SET before = ? WHERE rowid = ?",
                    mention.id(),
                    without);
            rewrite(
                    "SELECT rowid, after FROM edit WHERE commission = ?",
                    "UPDATE edit SET after = ? WHERE rowid = ?",
                    mention.id(),
                    without);
            rewrite(
                    "SELECT id, document FROM version WHERE commission = ?",
                    "UPDATE version SET document = ? WHERE id = ?",
                    mention.id(),
                    without);
            rewrite(
                    "SELECT id, document FROM commission WHERE id = ?",
                    "UPDATE commission SET document = ? WHERE id = ?",
                    mention.id(),
                    without);
            execute(
                    "UPDATE commission SET title = ? WHERE id = ?",
                    name.matcher(mention.title()).replaceAll(TAKEN_OUT),
                    mention.id());
            Seal.renew(connection, Seal.Table.COMMISSION, "id = ?", mention.id());
            Seal.renew(connection, Seal.Table.EDIT, "commission = ?", mention.id());
            Seal.renew(connection, Seal.Table.VERSION, "commission = ?", mention.id());
        }
    }

    /** Gives a wearer another name everywhere: in the commissions, in every change that led to them, in versions and sets. */
    public void rename(String wearer, String name) {
        book.copies()
                .alone(() -> book.run("rename the wearer", () -> {
                    try (Statement statement = connection.createStatement()) {
                        statement.execute("PRAGMA secure_delete=ON");
                    }
                    book.transaction(() -> {
                        UnaryOperator<Commission> renamed =
                                c -> c.withWearer(new Wearer(name, c.wearer().experience()));
                        rewrite(
                                "SELECT rowid, before FROM edit WHERE commission IN (SELECT id FROM commission WHERE wearer = ?)",
                                "UPDATE edit SET before = ? WHERE rowid = ?",
                                wearer,
                                renamed);
                        rewrite(
                                "SELECT rowid, after FROM edit WHERE commission IN (SELECT id FROM commission WHERE wearer = ?)",
                                "UPDATE edit SET after = ? WHERE rowid = ?",
                                wearer,
                                renamed);
                        rewrite(
                                "SELECT id, document FROM version WHERE commission IN (SELECT id FROM commission WHERE wearer = ?)",
                                "UPDATE version SET document = ? WHERE id = ?",
                                wearer,
                                renamed);
                        rewrite(
                                "SELECT id, document FROM measuring WHERE wearer = ?",
                                "UPDATE measuring SET document = ? WHERE id = ?",
                                wearer,
                                renamed);
                        rewrite(
                                "SELECT id, document FROM commission WHERE wearer = ?",
                                "UPDATE commission SET document = ? WHERE id = ?",
                                wearer,
                                renamed);
                        // What stands on an issued invoice stays; it is only found under the new name.
                        for (String table : List.of("commission", "measuring", "invoice")) {
                            try (PreparedStatement update = connection.prepareStatement(
                                    "UPDATE " + table + " SET wearer = ? WHERE wearer = ?")) {
                                update.setString(1, name);
                                update.setString(2, wearer);
                                update.executeUpdate();
                            }
                        }
                        try (PreparedStatement labels = connection.prepareStatement(
                                "UPDATE edit SET label = 'wearer renamed' WHERE instr(label, ?) > 0")) {
                            labels.setString(1, wearer);
                            labels.executeUpdate();
                        }
                        // Of two records the one under the new name stands.
                        execute("UPDATE OR IGNORE health SET wearer = ? WHERE wearer = ?", plain(name), plain(wearer));
                        execute(
                                "DELETE FROM health WHERE wearer = ? AND ? <> ?",
                                plain(wearer),
                                plain(wearer),
                                plain(name));
                        Seal.renew(connection, Seal.Table.HEALTH, "wearer = ?", plain(name));
                        Seal.renew(connection, Seal.Table.COMMISSION, "wearer = ?", name);
                        Seal.renew(connection, Seal.Table.MEASURING, "wearer = ?", name);
                        Seal.renew(connection, Seal.Table.INVOICE, "wearer = ?", name);
                        Seal.renew(
                                connection,
                                Seal.Table.EDIT,
                                "commission IN (SELECT id FROM commission WHERE wearer = ?) OR label = 'wearer renamed'",
                                name);
                        Seal.renew(
                                connection,
                                Seal.Table.VERSION,
                                "commission IN (SELECT id FROM commission WHERE wearer = ?)",
                                name);
                        return null;
                    });
                    forget();
                    return null;
                }));
    }

    private void rewrite(String query, String update, Object argument, UnaryOperator<Commission> change)
            throws SQLException {
        try (PreparedStatement find = connection.prepareStatement(query);
                PreparedStatement write = connection.prepareStatement(update)) {
            find.setObject(1, argument);
            try (ResultSet rows = find.executeQuery()) {
                while (rows.next()) {
                    write.setString(1, WorkshopBook.readable(change.apply(book.read(rows.getString(2)))));
                    write.setLong(2, rows.getLong(1));
                    write.addBatch();
                }
            }
            write.executeBatch();
        }
    }

    /** Gives back the freed pages, empties the log, and replaces the backups, so that no file holds any more what was taken away. */
    private void forget() {
        book.run("forget what was taken away", () -> {
            try (Statement statement = connection.createStatement()) {
                statement.execute("VACUUM");
                statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
            }
            return null;
        });
        Backups backups = book.copies().backups();
        backups.forget();
        backups.make(LocalDateTime.now());
    }
}
