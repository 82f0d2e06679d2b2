package bathyra.files.plan;

import bathyra.garment.Commission;
import bathyra.plan.DateKind;
import bathyra.workplan.Dates;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;
import java.util.UUID;

/** The days of a commission as a calendar (RFC 5545). A day has the same identifier in every export, so that the next one updates it. No wearer is named. */
public final class PlanCalendar {
    private static final String PRODUCT = "-//Bathyra//plan//EN";

    /** Sequences are the minutes since then. */
    private static final Instant FIRST = Instant.parse("2026-01-01T00:00:00Z");

    private PlanCalendar() {}

    /**
     * What stands in a calendar.
     *
     * @param title of the commission
     * @param key tells it from every other commission and stays with it; it is not written, only what is made of it
     */
    public record Entry(String title, String key, Dates dates) {}

    /** What tells a commission from others where there is no book to ask: its title and its wearer. */
    public static String keyOf(Commission commission) {
        return commission.title() + "\n" + commission.wearer().name();
    }

    /** The days of commissions in one calendar. @param now when it is written: a later export has a higher sequence */
    public static String write(List<Entry> entries, Instant now) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId(PRODUCT);
        for (Entry entry : entries) {
            for (DateKind kind : DateKind.values()) {
                calendar.addEvent(
                        event(entry, kind.label(), kind.id(), entry.dates().day(kind), now));
            }
            calendar.addEvent(event(entry, "Due", "due", entry.dates().due(), now));
        }
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(Entry entry, String label, String kind, LocalDate day, Instant now) {
        VEvent event = new VEvent();
        event.setUid(UUID.nameUUIDFromBytes((entry.key() + "\n" + kind).getBytes(StandardCharsets.UTF_8)) + "@bathyra");
        event.setSummary(label + ": " + entry.title());
        event.setDateStart(date(day), false);
        event.setSequence((int) Duration.between(FIRST, now).toMinutes());
        event.setDateTimeStamp(Date.from(now));
        return event;
    }

    /** A whole day has no hour; the library takes it off the machine's own zone. */
    private static Date date(LocalDate day) {
        return Date.from(day.atStartOfDay(ZoneId.systemDefault()).toInstant());
    }
}
