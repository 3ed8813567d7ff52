package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What the product works out beside the job: races, seals, grease, costs, tools. */
@ExtendWith(OldTallowExtension.class)
class AidsBrowserIT {

    @Test
    void aCockedCupIsToldOnTheBenchAndCannotBeCalledSeated(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "RENEW"), "races.inboard-in");
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/bench/" + job.path("id").asString()).toString());
            assertThat(page.getByText(Pattern.compile("^Driver for cup"))).isVisible();
            for (String gap : new String[] {"0", "0.3", "0", "0"}) {
                page.keyboard().press("m");
                page.keyboard().type(gap);
            }
            assertThat(page.getByText("Cocked: tap the high side, at 3 o’clock"))
                    .isVisible();

            for (int i = 0; i < 3; i++) {
                page.keyboard().press("PageDown"); // caution, seated, done
            }

            assertThat(page.getByText("tap it at 3 o'clock")).isVisible();
            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Inboard cup in");
        }
    }

    @Test
    void theGreaseThatGoesInIsChosenFromTheShelfAndKeptWithTheHub(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_UNBRAKED");
        JsonNode job = bench.doUntil(bench.open(end, "REPACK"), "grease.kind");
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/bench/" + job.path("id").asString()).toString());
            assertThat(page.getByText("Nobody knows.", exact())).isVisible();
            button(page, "^calcium sulfonate NLGI 2").click();
            assertThat(page.getByText("Goes in:")).isVisible();
        }
        job = bench.doAll(bench.look(job));
        Bench.accepted(bench.post(job, "/close", Bench.entry()));
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/wheel-ends/" + end).toString());
            assertThat(page.getByText("calcium sulfonate NLGI 2, 400 g", exact()))
                    .isVisible();
            assertThat(page.getByText("batch MY-77-12")).isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void aSealIsFoundByItsSizeAndDrawnTheRightWayRound(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/reckoner/seal").toString());
            page.getByLabel("Land it runs on").fill("44,97");
            page.getByLabel("Bore of the hub", new Page.GetByLabelOptions().setExact(true))
                    .fill("62.0");
            assertThat(page.getByText("fits: a standard size")).isVisible();
            assertThat(page.getByLabel(Pattern.compile("its spring side to the grease on the left")))
                    .isVisible();
            page.getByLabel("with a rim").check();
            assertThat(page.getByText("a flat plate on its rim")).isVisible();
            page.getByLabel("Depth of the groove").fill("0.5");
            assertThat(page.getByText("A thin repair sleeve over the groove")).isVisible();
            page.getByLabel("Cap bore of the hub").fill("50.2");
            page.getByLabel("Cap at hand, outside").fill("50.1");
            assertThat(page.getByText("falls off on the road")).isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void beforeAJobItSaysWhatEachWouldCostAndWhatWaitingCosts(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/wheel-ends/" + Demo.rearRight("Two-horse box") + "/job")
                    .toString());
            assertThat(page.getByText("hub exchange", exact())).isVisible();
            page.keyboard().press("2"); // renew
            assertThat(page.getByText("Put off, it becomes hub exchange")).isVisible();
            assertThat(page.getByText("Every part is here").or(page.getByText("for them costs")))
                    .isVisible();
            page.getByText("renew bearings and races, line by line").click();
            assertThat(page.getByRole(AriaRole.ROW, named("^grease, about"))).isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void aDriverIsHungOnTheWallAndTakenDown(RunningOldTallow app, Browsers browsers) {
        String name = "ring " + UUID.randomUUID().toString().substring(0, 8);
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/workshop").toString());
            button(page, "^Hang one up$").click();
            page.getByLabel("As you call it").fill(name);
            page.getByLabel(Pattern.compile("^Outside,")).fill("4");
            button(page, "^Hang it up$").click();
            assertThat(page.getByText("is the unit right?")).isVisible();
            page.getByLabel(Pattern.compile("^Outside,")).fill("71.3");
            button(page, "^Hang it up$").click();
            button(page, "^Change " + name).click();
            button(page, "^Take it off the wall$").click();
            assertThat(page.getByText(name)).hasCount(0);
            // time is the owner's to price
            assertThat(page.getByLabel("An hour of work")).isDisabled();
        }
    }

    @Test
    void theBoxThatFindsAnythingOpensABatch(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/reckoner").toString());
            assertThat(page.getByText("What you measured")).isVisible();
            page.keyboard().press("/");
            page.keyboard().type("my-77");
            assertThat(page.getByRole(AriaRole.OPTION, named("MY-77-12"))).isVisible();
            page.keyboard().press("Enter");
            page.waitForURL("**/shelf?batch=MY-77-12");
            assertThat(page.getByText("calcium sulfonate NLGI 2, 400 g, 7 on the shelf"))
                    .isVisible();
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, named(name)).first();
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(Pattern.compile(name));
    }

    private static Page.GetByRoleOptions level1() {
        return new Page.GetByRoleOptions().setLevel(1);
    }

    private static Page.GetByTextOptions exact() {
        return new Page.GetByTextOptions().setExact(true);
    }
}
