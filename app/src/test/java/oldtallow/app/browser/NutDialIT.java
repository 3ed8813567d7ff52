package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import java.util.UUID;
import java.util.regex.Pattern;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A mechanic sets a nut on the dial and finds the setting again. */
@ExtendWith(OldTallowExtension.class)
class NutDialIT {

    @Test
    void aNutIsSetByDraggingAndIsOnRecordAfterARestart(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = openDial(app, visit, Demo.SHORT_CAMPER_LEFT);
            dragTheNut(page, 13);
            assertThat(heading(page)).containsText("pin it through hole");
            page.getByRole(AriaRole.BUTTON, name("^Backed off")).click();
            page.getByLabel("One reading, mm").fill("0.071");
            page.getByLabel("Note").fill("Browser test");
            page.getByRole(AriaRole.BUTTON, name("^Save the setting")).click();
            assertThat(page.getByText("On record", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            assertThat(visit.complaints()).isEmpty();
        }

        app.restart();

        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/wheel-ends/" + Demo.SHORT_CAMPER_LEFT).toString());
            Locator latest = page.getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions().setHasText("Browser test"))
                    .first();
            assertThat(latest).containsText("0.071 mm");
            assertThat(latest).containsText("inside, measured");
        }
    }

    @Test
    void aNutIsSetByKeysAlone(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = openDial(app, visit, Demo.SHORT_CAMPER_RIGHT);
            for (int i = 0; i < 13; i++) {
                page.keyboard().press("ArrowRight");
            }
            assertThat(heading(page)).hasText("Back off 13° and pin it through hole 1.");
            page.keyboard().press("Space");
            page.keyboard().press("m");
            page.keyboard().type("0.06");
            page.keyboard().press("Enter"); // one reading more
            assertThat(page.getByLabel("Readings so far")).containsText("0.06 mm");
            page.keyboard().press("Enter"); // no more of them: save
            assertThat(page.getByText("On record", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
        }
    }

    @Test
    void asksToMatchTheNutBeforeItAdvises(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = openDial(app, visit, Demo.SHORT_CAMPER_LEFT);

            assertThat(heading(page)).hasText("Turn the nut to stand as yours does.");
            assertThat(page.getByRole(AriaRole.BUTTON, name("^Match the nut first")))
                    .isDisabled();
            page.getByRole(AriaRole.SLIDER).press("ArrowRight");
            assertThat(page.getByText("Every stop, tightest first")).isVisible();
        }
    }

    @Test
    void saysWhatToDoWhereNoStopIsGood(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = openDial(app, visit, Demo.SHORT_CAMPER_LEFT);
            page.getByLabel(Pattern.compile("^Nearest slot")).fill("0");

            assertThat(heading(page)).hasText("No stop is good here. Never go on to the next.");
            assertThat(page.getByText("8-slot retainer on a plain hex nut.")).isVisible();
            assertThat(page.getByText(Pattern.compile("^Washer of 3\\.2"))).isVisible();
            assertThat(page.getByRole(AriaRole.BUTTON, name("^No stop to take")))
                    .isDisabled();
        }
    }

    @Test
    void questionsFootPoundsAndTakesTheCorrection(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = openDial(app, visit, Demo.SHORT_CAMPER_LEFT);
            page.getByLabel(Pattern.compile("^Nearest slot")).fill("13");
            page.getByRole(AriaRole.BUTTON, name("^Backed off 13")).click();
            page.getByLabel("Final torque, if a wrench was used").fill("12");
            page.getByRole(AriaRole.RADIO, radio("lbf·ft")).click();

            assertThat(page.getByText("Did you mean lbf·in?")).isVisible();
            page.getByRole(AriaRole.BUTTON, name("^It was lbf·in")).click();
            assertThat(page.getByText("Did you mean lbf·in?")).isHidden();
            assertThat(page.getByRole(AriaRole.RADIO, radio("lbf·in"))).isChecked();
        }
    }

    @Test
    void keepsTheEntryWhenTheDatabaseIsLostAndSavesItByItself(RunningOldTallow app, Browsers browsers) {
        String who = "Lost " + UUID.randomUUID();
        try (Visit visit = browsers.visit(app)) {
            Page page = openDial(app, visit, Demo.SHORT_CAMPER_LEFT);
            page.getByLabel(Pattern.compile("^Nearest slot")).fill("13");
            page.getByRole(AriaRole.BUTTON, name("^Backed off 13")).click();
            page.getByLabel("One reading, mm").fill("0.066");
            page.getByLabel("Note").fill(who);

            app.crashDatabase();
            page.getByRole(AriaRole.BUTTON, name("^Save the setting")).click();
            assertThat(page.getByText("One entry waits: the setting of the nut."))
                    .isVisible();
            assertThat(page.getByText("Database out of reach. It is kept on this device and sent again by itself."))
                    .isVisible();
            assertThat(page.getByLabel("Readings so far")).containsText("0.066 mm");
            assertThat(page.getByLabel("Note")).hasValue(who);

            app.postgres().restart();
            assertThat(page.getByText("On record", new Page.GetByTextOptions().setExact(true)))
                    .isVisible(new IsVisibleOptions().setTimeout(20_000)); // its waits grow
        }
        assertThat(app.http().get(Demo.settingsOf(Demo.SHORT_CAMPER_LEFT)).text())
                .containsOnlyOnce(who);
    }

    @Test
    void flipsTheWholeFaceForALeftHandThread(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/nut-dial").toString());
            assertThat(page.getByText("Anticlockwise loosens.")).isVisible();
            assertThat(page.getByRole(AriaRole.SLIDER)).isVisible();
            double rightHand = markOf(page, "30°");
            page.getByRole(AriaRole.RADIO, radio("left-hand")).click();
            assertThat(page.getByText(Pattern.compile("\\bClockwise loosens."))).isVisible();

            assertThat(markOf(page, "30°")).isGreaterThan(rightHand + 100);
        }
    }

    @Test
    void fitsAPhoneWithTheMainActionInReach(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app, 360, 760, ColorScheme.DARK)) {
            Page page = openDial(app, visit, Demo.SHORT_CAMPER_LEFT);
            page.getByLabel(Pattern.compile("^Nearest slot")).fill("13");
            Locator action = page.getByRole(AriaRole.BUTTON, name("^Backed off"));
            assertThat(action).isVisible();
            BoundingBox box = action.boundingBox();

            assertThat(box.height).isGreaterThanOrEqualTo(56);
            assertThat(box.y + box.height).isBetween(600.0, 760.0);
            assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                    .isLessThanOrEqualTo(360);
        }
    }

    private static Page openDial(RunningOldTallow app, Visit visit, UUID wheelEnd) {
        Page page = visit.page();
        page.navigate(app.at("/wheel-ends/" + wheelEnd + "/nut-dial").toString());
        assertThat(heading(page)).isVisible();
        return page;
    }

    private static Locator heading(Page page) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    /** Turns the drawn nut clockwise by so many degrees, with the pointer. */
    private static void dragTheNut(Page page, double degrees) {
        BoundingBox nut = page.getByRole(AriaRole.SLIDER).boundingBox();
        double x = nut.x + nut.width / 2;
        double y = nut.y + nut.height / 2;
        double r = nut.width * 0.3;
        page.mouse().move(x, y - r);
        page.mouse().down();
        for (double turned = 1; turned <= degrees; turned++) {
            double t = Math.toRadians(turned);
            page.mouse().move(x + r * Math.sin(t), y - r * Math.cos(t));
        }
        page.mouse().up();
    }

    private static double markOf(Page page, String label) {
        return page.locator("svg text")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + label + "$")))
                .first()
                .boundingBox()
                .x;
    }

    private static Page.GetByRoleOptions name(String pattern) {
        return new Page.GetByRoleOptions().setName(Pattern.compile(pattern));
    }

    private static Page.GetByRoleOptions radio(String exact) {
        return new Page.GetByRoleOptions().setName(exact).setExact(true);
    }
}
