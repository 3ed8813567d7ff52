package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The bench at the pace of somebody who knows the job: what the hands do in one go is one press. */
@ExtendWith(OldTallowExtension.class)
class RunPaceIT {

    /** Runs of the longest of these jobs, four verdicts beside, and the close. */
    private static final int MOST_PRESSES = 25;

    @Test
    void aWholeRepackTakesAFewPresses(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK");
        try (Visit visit = browsers.visit(app)) {
            Page page = inRuns(visit.page(), app, job);

            int presses = BenchIT.pressUntilClosed(page, "PageDown");

            assertThat(presses).isLessThanOrEqualTo(MOST_PRESSES);
            assertThat(page.getByText("The tray is empty")).isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
        assertThat(bench.look(job).path("walk").path("done").size()).isGreaterThan(2 * MOST_PRESSES);
    }

    @Test
    void theButtonSaysWhatItWritesDown(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "raise.chock");
        try (Visit visit = browsers.visit(app)) {
            Page page = inRuns(visit.page(), app, job);

            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Raise, make safe");
            assertThat(page.getByText("Stands under the maker's points")).isVisible();
            assertThat(BenchIT.action(page))
                    .containsText("All 3 done, and it stands on stands and does not move when pushed");
            page.keyboard().press("Space");

            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("First look");
            assertThat(BenchIT.action(page)).containsText("Look behind for grease: nothing to note");
            page.keyboard().press("Control+z");
            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Raise, make safe");
            // warned of once, it can still be opened
            assertThat(page.getByText("Stands under the maker's points")).isHidden();
        }
        assertThat(bench.look(job).path("walk").path("done").size())
                .isEqualTo(job.path("walk").path("done").size());
    }

    /** What is worked out beside a step stands on the card of its run, too. */
    @Test
    void whatIsCountedAndAskedStandsOnTheCard(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "ADJUST"), "nut.seat");
        try (Visit visit = browsers.visit(app)) {
            Page page = inRuns(visit.page(), app, job);

            assertThat(page.getByText("Hub turned once more")).isVisible();
            assertThat(BenchIT.action(page)).containsText("Done, and the hub was turned throughout, both ways");
            page.keyboard().press("Space");
            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("To the stop, looser only");
            page.getByText("The fine setting").first().click();
            assertThat(page.getByText("As tight as fingers can").first()).isVisible();
        }
    }

    @Test
    void thePaceChangesInMidStage(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "strip.nut");
        try (Visit visit = browsers.visit(app)) {
            Page page = inRuns(visit.page(), app, job);
            Locator title = page.getByRole(AriaRole.HEADING, level1());
            assertThat(title).hasText("Strip");

            page.keyboard().press("p");
            assertThat(title).hasText("Nut off");
            page.keyboard().press("PageDown");
            assertThat(title).not().hasText("Nut off");
            page.keyboard().press("p");

            assertThat(title).hasText("Strip");
            assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Nut off")))
                    .hasCount(0);
        }
    }

    private static Page inRuns(Page page, RunningOldTallow app, JsonNode job) {
        page.addInitScript("localStorage.setItem('oldtallow.pace', 'runs')");
        page.navigate(app.at("/bench/" + job.path("id").asString()).toString());
        return page;
    }

    private static Page.GetByRoleOptions level1() {
        return new Page.GetByRoleOptions().setLevel(1);
    }
}
