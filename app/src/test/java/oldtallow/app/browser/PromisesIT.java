package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.standin.Simulated;
import oldtallow.standin.StandIn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What the product offers beside the way everybody goes: other instruments on the bench, a what-if, a sequence of one's own. */
@ExtendWith(OldTallowExtension.class)
class PromisesIT {

    /** Taken where the step asks for it, in the instrument's own words, and kept with the step. */
    @ParameterizedTest
    @CsvSource({
        "THERMOMETER, 4, prove.temperature, infrared thermometer, 1, 41.5",
        "SPRING_SCALE, 5, nut.play, spring scale, 2, 14"
    })
    void anInstrumentIsReadOnTheBench(
            Simulated kind,
            int port,
            String step,
            String words,
            int presses,
            String shown,
            RunningOldTallow app,
            Browsers browsers)
            throws Exception {
        Bench bench = new Bench(app.http());
        UUID paired = UUID.randomUUID();
        try (StandIn instrument = StandIn.start(kind, app.instrumentPort(port));
                Visit visit = browsers.visit(app)) {
            Bench.accepted(app.http()
                    .post("/api/v1/instruments", "{\"id\": \"" + paired + "\", \"port\": " + instrument.port() + "}"));
            JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), step);
            Page page = visit.page();
            page.navigate(app.at("/bench/" + job.path("id").asString()).toString());
            assertThat(page.getByRole(AriaRole.BUTTON, named("Space$"))).isEnabled();
            for (int i = 0; i < presses; i++) {
                page.keyboard().press("m");
            }

            Locator strip = page.getByLabel(words, new Page.GetByLabelOptions().setExact(true));
            assertThat(strip).containsText(shown, new LocatorAssertions.ContainsTextOptions().setTimeout(20_000));
            Locator take = page.getByRole(AriaRole.BUTTON, named("^Take it"));
            assertThat(take).isEnabled(new LocatorAssertions.IsEnabledOptions().setTimeout(20_000));
            take.click();
            assertThat(page.locator("li", new Page.LocatorOptions().setHasText(shown))
                            .first())
                    .isVisible();
        } finally {
            app.http().delete("/api/v1/instruments/" + paired);
        }
    }

    /** Laid over the strip and kept nowhere. */
    @Test
    void aWhatIfIsLaidOverTheAlmanac(RunningOldTallow app, Browsers browsers) {
        Bench.Pair rig = new Bench(app.http()).newPair("STEPPED_UNBRAKED");
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/rigs/" + rig.rig() + "/almanac").toString());
            assertThat(page.getByText("Laid over the strip; nothing is kept.")).isVisible();
            assertThat(page.getByRole(AriaRole.BUTTON, named("^As it is$"))).hasCount(0);
            page.getByText("2×", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(page.getByRole(AriaRole.BUTTON, named("^As it is$"))).isVisible();

            page.reload();
            assertThat(page.getByText("Laid over the strip; nothing is kept.")).isVisible();
            assertThat(page.getByRole(AriaRole.BUTTON, named("^As it is$"))).hasCount(0);
            assertThat(visit.complaints()).isEmpty();
        }
    }

    /** Copied from one of the trade, named, offered at a wheel end beside the others, and taken back. */
    @Test
    void aSequenceOfOnesOwnIsOfferedAndTakenBack(RunningOldTallow app, Browsers browsers) {
        String name = "Ours " + UUID.randomUUID().toString().substring(0, 8);
        try (Visit visit = browsers.visitAs(app, "ines")) {
            Page page = visit.page();
            page.navigate(app.at("/workshop").toString());
            page.getByLabel("Write one, beginning with").click();
            page.getByRole(AriaRole.OPTION, named("^a copy of Seat and finger-tight"))
                    .click();
            page.getByLabel("Name of the sequence").fill("");
            page.getByRole(AriaRole.BUTTON, named("^Save the sequence$")).click();
            assertThat(page.getByText("1 to 60 characters")).isVisible();
            page.getByLabel("Name of the sequence").fill(name);
            page.getByLabel("Source").fill("our own rule");
            page.getByRole(AriaRole.BUTTON, named("^Save the sequence$")).click();
            assertThat(page.getByText(name)).isVisible();
            assertThat(app.http().get("/api/v1/nut-reference").text()).contains(name);

            page.getByRole(AriaRole.BUTTON, named("^Offer " + name + " no longer$"))
                    .click();
            assertThat(page.getByText(name)).hasCount(0);
        }
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(Pattern.compile(name));
    }
}
