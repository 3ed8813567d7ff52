package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Closing up and remembering, as a mechanic sees it. */
@ExtendWith(OldTallowExtension.class)
class AlmanacBrowserIT {

    private final LocalDate today = LocalDate.now(ZoneId.systemDefault());

    private Http device;
    private Bench.Pair rig;

    @BeforeEach
    void enterARig(RunningOldTallow app) {
        device = app.http();
        // no other test reckons with how long jobs on this construction took
        rig = new Bench(device).newPair("STEPPED_UNBRAKED");
    }

    @Test
    void closesAJobAndTakesItsServiceSheet(RunningOldTallow app, Browsers browsers) throws Exception {
        var bench = new Bench(device);
        JsonNode job = bench.doAll(bench.open(UUID.fromString(rig.left()), "RENEW"));
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/bench/" + job.path("id").asString()).toString());
            page.getByRole(AriaRole.BUTTON, named("Close the job")).click();
            assertThat(page.getByRole(AriaRole.HEADING, named("Closed"))).isVisible();

            String sheet =
                    page.getByRole(AriaRole.LINK, named("Service sheet, PDF")).getAttribute("href");
            try (PDDocument pdf = Loader.loadPDF(device.bytes(sheet))) {
                assertThat(new PDFTextStripper().getText(pdf)).contains("Closed", "Tobe", "Due again");
            }
            page.getByRole(AriaRole.LINK, named("When it is due again")).click();
            assertThat(page.getByRole(AriaRole.HEADING).first()).containsText("re-torque the wheel nuts");
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void aTripThatIsPlannedMovesTheDate(RunningOldTallow app, Browsers browsers) {
        done(today.minusDays(20));
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/rigs/" + rig.rig() + "/almanac").toString());
            assertThat(page.getByRole(AriaRole.HEADING).first())
                    .containsText(
                            String.valueOf(today.minusDays(20).plusYears(1).getYear()));
            page.getByRole(AriaRole.BUTTON, named("Plan or enter a trip")).click();
            page.getByLabel("Where to").fill("Round the coast");
            page.getByLabel("First day").fill(today.plusDays(10).toString());
            page.getByLabel("Last day").fill(today.plusDays(40).toString());
            page.getByLabel("Kilometres in all").fill("18000");
            page.getByRole(AriaRole.BUTTON, named("Keep it")).click();

            assertThat(page.getByText("a trip is planned: Round the coast").first())
                    .isVisible();
            page.getByRole(AriaRole.LINK, named("What Round the coast asks")).click();
            assertThat(page.getByText(Pattern.compile("^without the trip"))).isVisible();
            assertThat(page.getByRole(AriaRole.HEADING, named("What to carry"))).isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
    }

    /** On a telephone at the roadside: the hubs are felt, the alarm is the largest thing there. */
    @Test
    void logsAStopOnATelephone(RunningOldTallow app, Browsers browsers) {
        UUID trip = trip(today.plusDays(3), 600, 0, UUID.randomUUID());
        try (Visit visit = browsers.visit(app, 360, 740, ColorScheme.DARK)) {
            Page page = visit.page();
            page.navigate(app.at("/trips/" + trip + "/stop").toString());
            page.getByRole(AriaRole.GROUP, named("How the left hub feels"))
                    .getByRole(AriaRole.BUTTON)
                    .nth(2)
                    .click();
            page.getByRole(AriaRole.GROUP, named("How the right hub feels"))
                    .getByRole(AriaRole.BUTTON)
                    .first()
                    .click();
            assertThat(page.getByLabel("km since you left")).hasValue("15");
            // what was felt survives a page that is closed
            page.reload();
            assertThat(page.getByRole(AriaRole.BUTTON, named("hot: the hand comes off within seconds"))
                            .first())
                    .hasAttribute("aria-pressed", "true");
            page.getByRole(AriaRole.BUTTON, named("Log this stop")).click();

            assertThat(page.getByText("Do not drive on yet")).isVisible();
            assertThat(page.getByText("Feel them again at")).isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void aCalendarFollowsARePlannedTrip(RunningOldTallow app, Browsers browsers) {
        done(today.minusDays(20));
        String name = "telephone " + UUID.randomUUID();
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/almanac/reminders").toString());
            page.getByLabel("For which calendar").fill(name);
            page.getByRole(AriaRole.BUTTON, named("Make an address")).click();
            String address =
                    page.getByText(Pattern.compile("/calendar/.*\\.ics")).textContent();
            String feed = address.substring(address.indexOf("/calendar/")).strip();
            VEvent before = event(app, feed);

            UUID trip = trip(today.plusDays(10), 18_000, 0, UUID.randomUUID());
            VEvent planned = event(app, feed);
            assertThat(planned.getUid()).isEqualTo(before.getUid());
            assertThat(planned.getSequence().getValue()).isEqualTo(1);
            assertThat(day(planned)).isBefore(day(before));

            trip(today.plusDays(60), 18_000, 1, trip);
            VEvent replanned = event(app, feed);
            assertThat(replanned.getSequence().getValue()).isEqualTo(2);
            assertThat(day(replanned)).isAfter(day(planned));

            Locator end = page.getByRole(AriaRole.BUTTON, named("End the address of " + name));
            end.click();
            assertThat(end).hasCount(0);
            assertThat(app.stranger().get(feed).status()).isEqualTo(404);
            assertThat(visit.complaints()).isEmpty();
        }
    }

    private VEvent event(RunningOldTallow app, String feed) {
        return Optional.ofNullable(
                        Biweekly.parse(app.stranger().get(feed).text()).first())
                .orElseThrow()
                .getEvents()
                .stream()
                .filter(event -> event.getDescription().getValue().contains("/rigs/" + rig.rig())
                        && event.getSummary().getValue().contains("repack"))
                .findFirst()
                .orElseThrow();
    }

    private static LocalDate day(VEvent event) {
        return LocalDate.ofInstant(event.getDateStart().getValue().toInstant(), ZoneId.systemDefault());
    }

    private UUID trip(LocalDate from, int km, int version, UUID id) {
        Bench.accepted(device.put(
                "/api/v1/rigs/" + rig.rig() + "/trips/" + id, """
                {"version": %d, "name": "Out", "state": "PLANNED", "from": "%s", "to": "%s", "km": %d, "legs": []}
                """.formatted(version, from, from.plusDays(30), km)));
        return id;
    }

    private void done(LocalDate on) {
        new Bench(device).serviced(rig.rig(), rig.left(), "REPACK", on);
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
