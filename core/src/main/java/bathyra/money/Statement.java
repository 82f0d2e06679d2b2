package bathyra.money;

import bathyra.house.House;
import bathyra.house.Terms;
import bathyra.plan.Deal;
import bathyra.reckon.Reckoned;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What is put to a wearer on paper: a quote or an invoice. It holds all that stands on it and depends on nothing any more.
 *
 * @param heading what it is
 * @param letterhead who writes
 * @param to to whom
 * @param day when
 * @param lines what is asked for what
 * @param sums below them, the last is what is to be paid
 * @param words at the foot
 * @param writing how its money is written
 */
public record Statement(
        String heading,
        String letterhead,
        String to,
        LocalDate day,
        List<Line> lines,
        List<Line> sums,
        List<String> words,
        MoneyWriting writing) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    /** An amount and what it is for. */
    public record Line(String what, double amount) {}

    public Statement {
        lines = List.copyOf(lines);
        sums = List.copyOf(sums);
        words = List.copyOf(words);
    }

    /** What is to be paid, in hundredths. */
    public long cents() {
        return Math.round(sums.get(sums.size() - 1).amount() * 100);
    }

    /** The price put to a wearer, before anything is agreed. */
    public static Statement quote(
            String title, String to, Price price, Deal deal, House house, String currency, LocalDate day) {
        Terms terms = house.terms();
        double total = price.total().value();
        double deposit = Math.round(total * terms.deposit() * 100) / 100.0;
        MoneyWriting writing = MoneyWriting.of(house, currency);
        return new Statement(
                "Quote",
                terms.letterhead(),
                to,
                day,
                lines(title, price, deal),
                sums(price),
                List.of(
                        "This quote stands until " + DAY.format(day.plusDays(terms.valid())) + ".",
                        "When it is agreed, " + writing.say(deposit) + " is paid down.",
                        fittings(deal.fittings().orElse(terms.fittings())) + " included; a further one costs "
                                + writing.say(terms.fitting()) + "."),
                writing);
    }

    private static String fittings(int count) {
        return count == 0 ? "No fittings are" : count == 1 ? "One fitting is" : count + " fittings are";
    }

    /** What is to be paid. @param number of the invoice */
    public static Statement invoice(
            long number, String title, String to, Price price, Deal deal, House house, String currency, LocalDate day) {
        List<Line> sums = new ArrayList<>(sums(price));
        if (deal.deposit() > 0) {
            sums.add(new Line("Paid down", -deal.deposit()));
            sums.add(new Line("To pay", price.open().value()));
        }
        return new Statement(
                "Invoice " + number,
                house.terms().letterhead(),
                to,
                day,
                lines(title, price, deal),
                sums,
                List.of(),
                MoneyWriting.of(house, currency));
    }

    /** What takes an invoice back: the same amounts the other way round. @param number of the new invoice @param former the number of the one that is taken back */
    public static Statement correction(long number, long former, Statement of, LocalDate day) {
        return new Statement(
                "Invoice " + number,
                of.letterhead(),
                of.to(),
                day,
                turned(of.lines()),
                turned(of.sums()),
                List.of("It takes back invoice " + former + " of " + DAY.format(of.day()) + "."),
                of.writing());
    }

    private static List<Line> turned(List<Line> lines) {
        return lines.stream().map(l -> new Line(l.what(), -l.amount())).toList();
    }

    private static List<Line> lines(String title, Price price, Deal deal) {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(title, price.garment().value()));
        if (price.fittings().value() > 0) {
            lines.add(line(price.fittings()));
        }
        deal.changes().forEach(c -> lines.add(new Line(c.what(), c.amount())));
        return lines;
    }

    private static List<Line> sums(Price price) {
        List<Line> sums = new ArrayList<>();
        if (price.tax().value() > 0) {
            sums.add(line(price.beforeTax()));
            sums.add(line(price.tax()));
        }
        sums.add(line(price.total()));
        return sums;
    }

    private static Line line(Reckoned amount) {
        return new Line(amount.name(), amount.value());
    }
}
