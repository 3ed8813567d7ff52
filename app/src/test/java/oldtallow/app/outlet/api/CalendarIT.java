package oldtallow.app.outlet.api;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Calendars are read back by biweekly, which shares nothing with the library that writes them. */
@ExtendWith(OldTallowExtension.class)
class CalendarIT {

    private final LocalDate today = LocalDate.now(ZoneId.systemDefault());

    private Http device;
    private Http calendarProgram;
    private String rig;
    private String left;

    @BeforeEach
    void enterARig(RunningOldTallow app) {
        device = app.http();
        calendarProgram = app.stranger();
        Bench.Pair entered = new Bench(device).newPair("STEPPED_BRAKED");
        rig = entered.rig();
        left = entered.left();
        done("REPACK", today.minusDays(20));
    }

    @Test
    void tellsACalendarWhatFallsDue() {
        ICalendar calendar = read(feed());
        VEvent due = only(calendar, "repack and set");

        assertThat(calendar.getVersion().toString()).contains("2.0");
        assertThat(calendar.getMethod().isPublish()).isTrue();
        assertThat(day(due)).isEqualTo(today.minusDays(20).plusYears(1));
        assertThat(due.getDateStart().getValue().hasTime()).isFalse();
        assertThat(due.getSequence().getValue()).isZero();
        assertThat(due.getStatus().isConfirmed()).isTrue();
        assertThat(due.getTransparency().isTransparent()).isTrue();
        assertThat(due.getDescription().getValue()).contains("every 12 months").contains("/rigs/" + rig);
        assertThat(due.getAlarms().getFirst().getTrigger().getDuration().toMillis())
                .as("eight in the morning, a week ahead: no alarm at midnight")
                .isEqualTo(-(7 * 24 - 8) * 3_600_000L);
        assertThat(calendar.validate(biweekly.ICalVersion.V2_0).getWarnings()).isEmpty();
    }

    /** RFC 5545, 3.8.7.4: the UID stays, SEQUENCE counts up. */
    @Test
    void aRePlannedDateKeepsItsUidAndCountsUp() {
        String feed = feed();
        VEvent before = only(read(feed), "repack and set");
        UUID trip = UUID.randomUUID();
        trip(trip, 0, "PLANNED");

        ICalendar planned = read(feed);
        VEvent moved = only(planned, "repack and set");
        assertThat(moved.getUid().getValue()).isEqualTo(before.getUid().getValue());
        assertThat(day(moved)).isBefore(day(before));
        assertThat(moved.getSequence().getValue()).isEqualTo(1);
        VEvent away = only(planned, "trip, Round the coast");
        assertThat(day(away)).isEqualTo(today.plusDays(20));
        assertThat(LocalDate.ofInstant(away.getDateEnd().getValue().toInstant(), ZoneId.systemDefault()))
                .as("the end of whole days is the day after")
                .isEqualTo(today.plusDays(61));

        trip(trip, 1, "CANCELLED");
        ICalendar calledOff = read(feed);
        VEvent back = only(calledOff, "repack and set");
        assertThat(day(back)).isEqualTo(day(before));
        assertThat(back.getSequence().getValue()).isEqualTo(2);
        VEvent gone = only(calledOff, "trip, Round the coast");
        assertThat(gone.getUid().getValue()).isEqualTo(away.getUid().getValue());
        assertThat(gone.getStatus().isCancelled()).isTrue();
        assertThat(gone.getSequence().getValue()).isEqualTo(1);
        assertThat(gone.getAlarms()).isEmpty();
    }

    @Test
    void whatWasDoneIsCancelledAndTheNextOneIsNew() {
        String feed = feed();
        String uid = only(read(feed), "repack and set").getUid().getValue();
        done("REPACK", today);

        List<VEvent> repacks = events(read(feed), "repack and set");
        assertThat(repacks).hasSize(2);
        assertThat(repacks.stream()
                        .filter(event -> event.getStatus().isCancelled())
                        .map(event -> event.getUid().getValue()))
                .containsExactly(uid);
    }

    @Test
    void whatIsLateStandsOnToday() {
        Bench.Pair old = new Bench(device).newPair("STEPPED_BRAKED");
        rig = old.rig();
        left = old.left();
        done("REPACK", today.minusYears(2));

        VEvent late = only(read(feed()), "LATE since");
        assertThat(day(late)).isEqualTo(today);
    }

    /** A client that asks every minute gets 304 and no file. */
    @Test
    void aCalendarThatAsksAgainGetsNothingNew() {
        String feed = feed();
        Answer first = calendarProgram.get(feed);
        String tag = first.headers().firstValue("etag").orElseThrow();

        for (int minute = 0; minute < 5; minute++) {
            Answer again = calendarProgram.get(feed, "If-None-Match", tag);
            assertThat(again.status()).isEqualTo(304);
            assertThat(again.text()).isEmpty();
        }
        assertThat(first.headers().firstValue("cache-control").orElseThrow()).contains("max-age=900");
        assertThat(first.headers().firstValue("set-cookie")).isEmpty();

        done("REPACK", today.minusDays(3));
        Answer moved = calendarProgram.get(feed, "If-None-Match", tag);
        assertThat(moved.status()).isEqualTo(200);
        assertThat(moved.headers().firstValue("etag").orElseThrow()).isNotEqualTo(tag);
    }

    @Test
    void nobodyGetsInWithAnUnknownOrEndedToken() {
        assertThat(calendarProgram.get("/calendar/no-such-token.ics").status()).isEqualTo(404);
        assertThat(calendarProgram.get("/api/v1/calendar-feeds").status()).isEqualTo(401);
        UUID id = UUID.randomUUID();
        String feed = feed(id);
        assertThat(calendarProgram.get(feed).status()).isEqualTo(200);
        assertThat(device.get("/api/v1/calendar-feeds").text())
                .as("the token is told once")
                .doesNotContain(feed.substring(10, 40));

        assertThat(device.delete("/api/v1/calendar-feeds/" + id).status()).isEqualTo(200);
        Answer ended = calendarProgram.get(feed);
        assertThat(ended.status()).isEqualTo(404);
        assertThat(ended.text()).contains("Make a new one in Old Tallow");
        assertThat(device.delete("/api/v1/calendar-feeds/" + id).status()).isLessThan(300);
    }

    @Test
    void theWholeYardIsOneFileAsWell() {
        Answer file = device.get("/api/v1/calendar.ics");

        assertThat(file.type()).startsWith("text/calendar");
        assertThat(file.headers().firstValue("content-disposition").orElseThrow())
                .contains("old-tallow.ics");
        ICalendar calendar = Biweekly.parse(file.text()).first();
        assertThat(calendar.getEvents().size()).isGreaterThan(5);
        assertThat(calendar.getEvents().stream().map(event -> event.getUid().getValue()))
                .doesNotHaveDuplicates();
    }

    @Test
    void refusesAnAddressWithoutAName() {
        assertThat(device.put("/api/v1/calendar-feeds/" + UUID.randomUUID(), "{\"name\": \" \"}")
                        .remedyFor("name"))
                .contains("which calendar it is for");
        assertThat(device.put(
                                "/api/v1/calendar-feeds/" + UUID.randomUUID(),
                                "{\"name\": \"x\", \"rigId\": \"" + UUID.randomUUID() + "\"}")
                        .status())
                .isEqualTo(404);
    }

    private String feed() {
        return feed(UUID.randomUUID());
    }

    private String feed(UUID id) {
        String address = Bench.accepted(device.put(
                        "/api/v1/calendar-feeds/" + id, "{\"name\": \"telephone\", \"rigId\": \"" + rig + "\"}"))
                .path("address")
                .asString();
        return address.substring(address.indexOf("/calendar/"));
    }

    private ICalendar read(String feed) {
        return Optional.ofNullable(
                        Biweekly.parse(calendarProgram.get(feed).text()).first())
                .orElseThrow();
    }

    private static List<VEvent> events(ICalendar calendar, String words) {
        return calendar.getEvents().stream()
                .filter(event -> event.getSummary().getValue().contains(words))
                .toList();
    }

    private static VEvent only(ICalendar calendar, String words) {
        List<VEvent> found = events(calendar, words);
        assertThat(found).as(words + " in " + calendar).hasSize(1);
        return found.getFirst();
    }

    private static LocalDate day(VEvent event) {
        return LocalDate.ofInstant(event.getDateStart().getValue().toInstant(), ZoneId.systemDefault());
    }

    private void done(String kind, LocalDate on) {
        new Bench(device).serviced(rig, left, kind, on);
    }

    private void trip(UUID id, int version, String state) {
        Bench.accepted(device.put("/api/v1/rigs/" + rig + "/trips/" + id, """
                {"version": %d, "name": "Round the coast", "state": "%s", "from": "%s", "to": "%s", "km": 18000,
                 "legs": []}""".formatted(
                        version, state, today.plusDays(20), today.plusDays(60))));
    }
}
