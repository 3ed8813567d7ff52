package oldtallow.app.outlet.api;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.outlet.model.CalendarEntry;
import oldtallow.app.outlet.model.CalendarStore;
import oldtallow.app.platform.problem.NotYetException;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.schedule.api.DueList;
import oldtallow.app.schedule.api.Usage;
import oldtallow.app.schedule.api.WheelEndStatuses;
import oldtallow.app.schedule.model.DueStore.Filter;
import oldtallow.app.schedule.model.DueStore.Rank;
import oldtallow.app.schedule.model.RigUsage;
import oldtallow.app.schedule.model.Trip;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What calendars of the workshop that asks are told, and were told before. */
@Service
class Calendars {

    /** More rigs than a person would read of in a calendar; the most pressing ones. */
    private static final int MOST_RIGS = 300;

    private static final Duration CANCELLED_STAYS = Duration.ofDays(90);

    private final Register register;
    private final WheelEndStatuses standings;
    private final DueList dues;
    private final Usage usage;
    private final CalendarStore store;
    private final Clock clock;

    Calendars(
            Register register,
            WheelEndStatuses standings,
            DueList dues,
            Usage usage,
            CalendarStore store,
            Clock clock) {
        this.register = register;
        this.standings = standings;
        this.dues = dues;
        this.usage = usage;
        this.store = store;
        this.clock = clock;
    }

    /**
     * What a calendar shows from now on. What changed since one was told last counts one up; what is no more is cancelled, and
     * told as such for three months.
     *
     * @param rigId of one rig; null for the whole yard
     */
    @Transactional
    public List<CalendarEntry> now(@Nullable UUID rigId) {
        if (!dues.isWhole()) {
            // what is not worked out yet would be told as cancelled
            throw new NotYetException("Dates are still being worked out after an upgrade. Ask again in a minute.");
        }
        Instant now = clock.instant();
        LocalDate today = LocalDate.now(clock);
        store.forget(now.minus(CANCELLED_STAYS));
        List<Rig> rigs = rigId == null ? yard(today) : List.of(register.rig(rigId));
        Map<UUID, CalendarEntry> told = new HashMap<>();
        store.entries(ids(rigs)).forEach(entry -> told.put(entry.id(), entry));
        List<CalendarEntry> changed = new ArrayList<>();
        List<CalendarEntry> shown = new ArrayList<>();
        for (CalendarEntry drafted : draft(rigs, new CalendarDraft(today, now), today)) {
            Optional<CalendarEntry> earlier = Optional.ofNullable(told.remove(drafted.id()));
            if (earlier.filter(drafted::saysTheSameAs).isPresent()) {
                shown.add(earlier.get());
            } else {
                CalendarEntry entry =
                        earlier.map(known -> drafted.after(known, now)).orElse(drafted);
                changed.add(entry);
                shown.add(entry);
            }
        }
        for (CalendarEntry gone : told.values()) {
            CalendarEntry entry = gone.cancelled() ? gone : gone.cancel(now);
            shown.add(entry);
            if (!gone.cancelled()) {
                changed.add(entry);
            }
        }
        store.put(changed);
        return shown;
    }

    private List<CalendarEntry> draft(List<Rig> rigs, CalendarDraft draft, LocalDate today) {
        Map<UUID, RigUsage> usages = usage.of(rigs);
        return Stream.concat(
                        dues.of(rigs.stream().map(Rig::inPlan).toList(), CalendarDraft.horizon(today)).stream()
                                .map(draft::due),
                        rigs.stream()
                                .flatMap(rig -> Stream.ofNullable(usages.get(rig.id()))
                                        .flatMap(used -> draft.trips(rig, used.trips()).stream())))
                .toList();
    }

    /** The most pressing rigs, those that go on a trip, and those that a calendar still shows something of. */
    private List<Rig> yard(LocalDate today) {
        Set<UUID> ids = new LinkedHashSet<>();
        Stream.of(
                        standings.worst(new Filter(null, CalendarDraft.horizon(today)), null, MOST_RIGS).stream()
                                .map(Rank::rigId),
                        usage.coming().stream().map(Trip::rigId),
                        store.shown(2 * MOST_RIGS).stream())
                .flatMap(some -> some)
                .forEach(ids::add);
        return register.rigs(List.copyOf(ids));
    }

    private static Collection<UUID> ids(List<Rig> rigs) {
        return rigs.stream().map(Rig::id).toList();
    }
}
