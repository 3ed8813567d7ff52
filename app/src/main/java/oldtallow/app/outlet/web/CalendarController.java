package oldtallow.app.outlet.web;

import static java.util.stream.Collectors.toMap;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.api.People;
import oldtallow.app.identity.model.Person;
import oldtallow.app.outlet.api.CalendarFeeds;
import oldtallow.app.outlet.model.CalendarFeed;
import oldtallow.app.platform.security.OwnAddress;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.util.DigestUtils;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

@RestController
class CalendarController {

    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);
    private static final Duration FRESH = Duration.ofMinutes(15);

    private final CalendarFeeds feeds;
    private final OwnAddress address;
    private final People people;

    CalendarController(CalendarFeeds feeds, OwnAddress address, People people) {
        this.feeds = feeds;
        this.address = address;
        this.people = people;
    }

    /** For calendar programs: no session, the token alone. One that asks again while nothing moved gets 304. */
    @GetMapping("/calendar/{token}.ics")
    @Nullable
    ResponseEntity<String> feed(@PathVariable String token, WebRequest request) {
        @Nullable String ics = feeds.read(token, address.base()).orElse(null);
        if (ics == null) {
            return ResponseEntity.status(404)
                    .contentType(new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8))
                    .body("No calendar has this address; it may have been ended. Make a new one in Old Tallow.");
        }
        String tag = "\"" + DigestUtils.md5DigestAsHex(ics.getBytes(StandardCharsets.UTF_8)) + "\"";
        if (request.checkNotModified(tag)) {
            return null;
        }
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.maxAge(FRESH).cachePrivate())
                .eTag(tag)
                .body(ics);
    }

    /** A file of now, to be read into a calendar by hand; of one rig, or the whole yard. */
    @GetMapping(path = "/api/v1/calendar.ics", produces = "text/calendar")
    ResponseEntity<String> file(@RequestParam(required = false) @Nullable UUID rig) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("old-tallow.ics")
                                .build()
                                .toString())
                .body(feeds.file(rig, address.base()));
    }

    /** Addresses for calendar programs of whoever asks; for an owner everybody's. */
    @GetMapping("/api/v1/calendar-feeds")
    List<FeedView> mine() {
        Map<UUID, String> names = people.all().stream().collect(toMap(Person::id, Person::name));
        UUID here = CurrentPerson.now().personId();
        return feeds.seen().stream()
                .map(feed -> FeedView.of(feed, null, feed.personId().equals(here) ? null : names.get(feed.personId())))
                .toList();
    }

    /** Makes an address; it is told this once. */
    @PutMapping("/api/v1/calendar-feeds/{id}")
    FeedView make(@PathVariable UUID id, @RequestBody FeedForm form) {
        CalendarFeeds.NewFeed made = feeds.make(id, form.name(), form.rigId());
        return FeedView.of(made.feed(), address.of("/calendar/" + made.token() + ".ics"), null);
    }

    /** From now on nobody gets anything there. */
    @DeleteMapping("/api/v1/calendar-feeds/{id}")
    List<FeedView> end(@PathVariable UUID id) {
        feeds.end(id);
        return mine();
    }

    /** @param rigId of one rig; left out for the whole yard */
    record FeedForm(String name, @Nullable UUID rigId) {}

    /**
     * An address for a calendar program.
     *
     * @param address told once, as it is made
     * @param lastReadOn left out before a calendar came
     * @param ofPerson whose it is; left out where it is one's own
     */
    record FeedView(
            UUID id,
            String name,
            @Nullable UUID rigId,
            Instant createdAt,
            @Nullable LocalDate lastReadOn,
            @Nullable String address,
            @Nullable String ofPerson) {

        static FeedView of(CalendarFeed feed, @Nullable String address, @Nullable String ofPerson) {
            return new FeedView(
                    feed.id(), feed.name(), feed.rigId(), feed.createdAt(), feed.lastReadOn(), address, ofPerson);
        }
    }
}
