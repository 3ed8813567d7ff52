package oldtallow.app.outlet.api;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ParameterList;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.parameter.Related;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.LastModified;
import net.fortuna.ical4j.model.property.Method;
import net.fortuna.ical4j.model.property.Name;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RefreshInterval;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Trigger;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.Url;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import oldtallow.app.outlet.model.CalendarEntry;

/** Writes entries as a calendar of RFC 5545, with what RFC 7986 adds for feeds. */
final class IcsFile {

    /** Calendars that heed it ask so often, not every minute. */
    private static final Duration REFRESH = Duration.ofHours(1);
    /** An alarm at midnight would ring in the quiet hours of most people: eight in the morning. */
    private static final Duration MORNING = Duration.ofHours(8);

    private IcsFile() {}

    static String of(List<CalendarEntry> entries, String title, String address) {
        var calendar = new Calendar();
        calendar.add(new ProdId("-//Old Tallow//Almanac//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(new Method(Method.VALUE_PUBLISH));
        calendar.add(new Name(title));
        calendar.add(new XProperty("X-WR-CALNAME", title));
        calendar.add(new RefreshInterval(new ParameterList(), REFRESH));
        calendar.add(new XProperty("X-PUBLISHED-TTL", REFRESH.toString()));
        entries.forEach(entry -> calendar.add(event(entry, address)));
        return calendar.toString();
    }

    private static VEvent event(CalendarEntry entry, String address) {
        var event = new VEvent(false);
        event.add(new Uid(entry.id() + "@oldtallow"));
        event.add(new DtStamp(entry.changedAt()));
        event.add(new LastModified(entry.changedAt()));
        event.add(new Sequence(entry.sequence()));
        event.add(new DtStart<LocalDate>(entry.from()));
        event.add(new DtEnd<LocalDate>(entry.to().plusDays(1)));
        event.add(new Summary((entry.cancelled() ? "No longer: " : "") + entry.summary()));
        event.add(new Description(entry.details() + "\n" + address + entry.path()));
        event.add(new Url(java.net.URI.create(address + entry.path())));
        event.add(new Transp(Transp.VALUE_TRANSPARENT));
        event.add(new Status(entry.cancelled() ? Status.VALUE_CANCELLED : Status.VALUE_CONFIRMED));
        if (!entry.cancelled()) {
            event.add(alarm(entry));
        }
        return event;
    }

    private static VAlarm alarm(CalendarEntry entry) {
        var alarm = new VAlarm();
        alarm.add(new Action(Action.VALUE_DISPLAY));
        alarm.add(new Description(entry.summary()));
        alarm.add(new Trigger(new ParameterList(List.of(Related.START)), MORNING.minusDays(entry.leadDays())));
        return alarm;
    }
}
