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
import java.util.UUID;

/** The days of a commission as a calendar (RFC 5545). A day has the same identifier in every export, so that the next one updates it. No wearer is named. */
public final class PlanCalendar {
    private static final String PRODUCT = "-//Bathyra//plan//EN";

    /** Sequences are the minutes since then. */
    private static final Instant FIRST = Instant.parse("2026-01-01T00:00:00Z");

    private PlanCalendar() {}

    /** @param now when it is written: a later export has a higher sequence */
    public static String write(Commission commission, Dates dates, Instant now) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId(PRODUCT);
        for (DateKind kind : DateKind.values()) {
            calendar.addEvent(event(commission, kind.label(), kind.id(), dates.day(kind), now));
        }
        calendar.addEvent(event(commission, "Due", "due", dates.due(), now));
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(Commission commission, String label, String kind, LocalDate day, Instant now) {
        VEvent event = new VEvent();
        event.setUid(UUID.nameUUIDFromBytes(
                        (commission.title() + "\n" + commission.wearer().name() + "\n" + kind)
                                .getBytes(StandardCharsets.UTF_8))
                + "@bathyra");
        event.setSummary(label + ": " + commission.title());
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
