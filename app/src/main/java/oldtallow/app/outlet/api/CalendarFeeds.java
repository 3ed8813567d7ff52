package oldtallow.app.outlet.api;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.api.People;
import oldtallow.app.identity.api.SecurityLog;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.outlet.model.CalendarFeed;
import oldtallow.app.outlet.model.CalendarStore;
import oldtallow.app.outlet.model.CalendarStore.Opened;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.write.Digest;
import oldtallow.app.register.api.Register;
import oldtallow.app.schedule.api.DuesMoved;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;

/** Addresses for calendar programs, and what they get there. */
@Service
public class CalendarFeeds {

    private static final int MOST_NAME = 80;
    private static final int MOST_FEEDS = 20;
    private static final int TOKEN_BYTES = 32;
    private static final int KEPT_FILES = 100;

    private final CalendarStore store;
    private final Calendars calendars;
    private final Register register;
    private final SecurityLog log;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    /** By feed: a calendar that asks every minute costs a look here, until something moves or the day is over. */
    private final Cache<UUID, Made> made =
            Caffeine.newBuilder().maximumSize(KEPT_FILES).build();
    /** Counts the changes of a workshop's dates: what was made while one was under way is not kept. */
    private final ConcurrentHashMap<UUID, AtomicLong> changes = new ConcurrentHashMap<>();

    CalendarFeeds(CalendarStore store, Calendars calendars, Register register, SecurityLog log, Clock clock) {
        this.store = store;
        this.calendars = calendars;
        this.register = register;
        this.log = log;
        this.clock = clock;
    }

    private record Made(long change, LocalDate day, String address, String ics) {}

    /**
     * A new address.
     *
     * @param token to be shown once: only its digest is kept
     */
    public record NewFeed(CalendarFeed feed, String token) {}

    /** Those of whoever asks. */
    @Transactional(readOnly = true)
    public List<CalendarFeed> mine() {
        return store.of(CurrentPerson.now().personId());
    }

    /** Those of whoever asks; an owner sees everybody's. */
    @Transactional(readOnly = true)
    public List<CalendarFeed> seen() {
        return CurrentPerson.now().role() == Role.OWNER ? store.all() : mine();
    }

    @Transactional
    public NewFeed make(UUID id, String name, @Nullable UUID rigId) {
        SignedIn person = CurrentPerson.now();
        var errors = new FieldErrors();
        if (name.isBlank()) {
            errors.add("name", name, "is missing; say which calendar it is for, such as my telephone");
        }
        errors.atMost("name", name, MOST_NAME);
        if (mine().size() >= MOST_FEEDS) {
            errors.add("name", name, "would be one too many; end one of the 20 addresses you have");
        }
        errors.throwIfAny();
        if (rigId != null) {
            register.rig(rigId);
        }
        byte[] secret = new byte[TOKEN_BYTES];
        random.nextBytes(secret);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
        var feed = new CalendarFeed(id, person.personId(), name.strip(), rigId, clock.instant(), null);
        if (!store.add(feed, digest(token))) {
            throw ConflictException.idIsTaken();
        }
        log.note(Kind.FEED_MADE, feed.name());
        return new NewFeed(feed, token);
    }

    /** From now on nobody gets anything there. */
    @Transactional
    public void end(UUID id) {
        seen().stream().filter(feed -> feed.id().equals(id)).forEach(feed -> {
            store.end(feed.personId(), id, clock.instant());
            log.note(Kind.FEED_ENDED, feed.name());
        });
    }

    /** Who left, or whose password is a new one, is read by no calendar any more: an address may be known to a stranger. */
    @EventListener
    @Transactional
    public void endAll(People.LetNoLongerIn person) {
        store.of(person.personId()).forEach(feed -> store.end(person.personId(), feed.id(), clock.instant()));
    }

    /** A file of now, for whoever has signed in. */
    @Transactional
    public String file(@Nullable UUID rigId, String address) {
        return IcsFile.of(calendars.now(rigId), title(rigId), address);
    }

    /**
     * What a calendar program gets for a token.
     *
     * @param address of this application as the calendar reaches it
     */
    public Optional<String> read(String token, String address) {
        return store.open(digest(token)).map(opened -> CurrentPerson.as(opened.person(), () -> read(opened, address)));
    }

    private String read(Opened opened, String address) {
        LocalDate today = LocalDate.now(clock);
        UUID workshop = opened.person().workshopId();
        long change = change(workshop).get();
        @Nullable Made kept = made.getIfPresent(opened.feedId());
        if (kept != null
                && kept.change() == change
                && kept.day().equals(today)
                && kept.address().equals(address)) {
            return kept.ics();
        }
        String ics = IcsFile.of(calendars.now(opened.rigId()), title(opened.rigId()), address);
        store.read(opened.feedId(), today);
        made.put(opened.feedId(), new Made(change, today, address, ics));
        return ics;
    }

    @TransactionalEventListener(fallbackExecution = true)
    public void follow(DuesMoved moved) {
        change(moved.workshopId()).incrementAndGet();
    }

    private AtomicLong change(UUID workshopId) {
        return changes.computeIfAbsent(workshopId, id -> new AtomicLong());
    }

    private String title(@Nullable UUID rigId) {
        return rigId == null
                ? "Old Tallow"
                : "Old Tallow, " + register.rig(rigId).name();
    }

    private static String digest(String token) {
        return HexFormat.of().formatHex(Digest.of(token));
    }
}
