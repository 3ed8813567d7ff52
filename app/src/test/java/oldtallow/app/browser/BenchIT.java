package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(OldTallowExtension.class)
public class BenchIT {

    /** More presses than the longest job has steps, cautions and checks together. */
    private static final int ENOUGH = 400;

    @ParameterizedTest
    @ValueSource(strings = {"SPACER_SET", "STEPPED_UNBRAKED", "CLASSIC_CAR"})
    void aWholeRepackIsDoneByThePedalAlone(String construction, RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd(construction);
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/wheel-ends/" + end + "/job").toString());
            assertThat(page.getByText("New parts to have here")).isVisible();
            page.keyboard().press("PageDown");
            page.waitForURL("**/bench/*");

            pressUntilClosed(page, "PageDown");

            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Closed");
            assertThat(page.getByText("The tray is empty")).isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void cautionsAreMetBeforeTheStepCanBeFinished(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "raise.jack");
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(at(app, job));
            assertThat(page.getByText("Stands under the maker's points")).isVisible();
            assertThat(action(page)).containsText("A jack lets go: understood");
            page.keyboard().press("Space");
            assertThat(action(page)).containsText("Done, and it stands on stands");
            page.keyboard().press("Space");
            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Spin it and listen");
        }
    }

    @Test
    void twoPeopleOnOneJobSeeEachOthersSteps(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "strip.cap");
        try (Visit visit = browsers.visitAs(app, "ines")) {
            Page page = visit.page();
            page.navigate(at(app, job));
            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Cap off");

            bench.doNow(job); // by the mechanic, on another device

            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Look at the grease, the nut and the lock");
            assertThat(page.getByLabel("Parts on the tray")
                            .getByRole(AriaRole.LISTITEM)
                            .filter(new Locator.FilterOptions().setHasText("cap"))
                            .first())
                    .isVisible();
        }
    }

    /** As a telephone takes it: twelve million pixels, several megabytes. */
    @Test
    void aTelephonesPhotoIsScaledDownAndStaysWithItsStep(RunningOldTallow app, Browsers browsers) throws IOException {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "strip.cap");
        byte[] photo = noisy(4000, 3000);
        assertThat(photo.length).isGreaterThan(2_000_000);
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(at(app, job));
            page.getByLabel("Add a photo").setInputFiles(new FilePayload("hub.jpg", "image/jpeg", photo));

            Locator kept = page.getByLabel("Photos of this step").getByRole(AriaRole.IMG);
            assertThat(kept).isVisible();
            assertThat(kept.evaluate(
                            "image => image.decode().then(() => image.naturalWidth + ' ' + image.naturalHeight)"))
                    .isEqualTo("2560 1920");
            assertThat(visit.complaints()).isEmpty();
        }
    }

    private static byte[] noisy(int width, int height) throws IOException {
        var picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        var random = new Random(7);
        int[] pixels =
                random.ints((long) width * height).map(one -> one & 0x7f7f7f).toArray();
        picture.setRGB(0, 0, width, height, pixels, 0, width);
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "jpeg", bytes);
        return bytes.toByteArray();
    }

    @Test
    void aStepDoneWithoutALineIsKeptAndSentOnce(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "ADJUST"), "look.rock");
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(at(app, job));
            assertThat(action(page)).containsText("Done. Next:");
            page.keyboard().press("m");
            page.keyboard().type("3.2");
            page.context().setOffline(true);
            page.keyboard().press("PageDown");
            assertThat(page.getByText("It is kept on this device and sent when Old Tallow is back."))
                    .isVisible();
            assertThat(bench.look(job).path("walk").path("done").toString()).doesNotContain("look.rock");

            page.context().setOffline(false);

            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Look behind for grease");
        }
        JsonNode after = bench.look(job);
        assertThat(after.path("walk").path("done").findValuesAsString("stepId")).containsOnlyOnce("look.rock");
        assertThat(after.path("walk").path("done").toString()).contains("rock at the tyre 3.2 mm");
        assertThat(after.path("number").asInt()).isEqualTo(job.path("number").asInt() + 1);
    }

    @Test
    void aJobIsInterruptedByARestartAndFinishedOnAPhoneBySomebodyElse(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_UNBRAKED");
        JsonNode job = bench.open(end, "ADJUST");
        String half;
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(at(app, job));
            for (int i = 0; i < 12; i++) {
                settle(page);
                page.keyboard().press("PageDown");
            }
            settle(page);
            half = page.getByRole(AriaRole.HEADING, level1()).innerText();
        }

        app.restart();

        app.as("ines");
        try (Visit visit = browsers.visitAs(app, "ines")) {
            Page page = visit.page();
            page.setViewportSize(360, 760);
            page.navigate(at(app, job));
            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText(half);
            pressUntilClosed(page, "Space");
            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Closed");
        }
        assertThat(bench.look(job).path("walk").path("done").findValuesAsString("by"))
                .contains("Tobe", "Ines");
    }

    /** How often it was pressed, the nut dial left out. */
    public static int pressUntilClosed(Page page, String key) {
        return pressUntilClosed(page, key, new AtomicInteger());
    }

    /** The same, where the presses at the nut dial are counted apart: the one that leads there, and each degree. */
    static int pressUntilClosed(Page page, String key, AtomicInteger atDial) {
        int presses = 0;
        for (int i = 0; i < ENOUGH; i++) {
            settle(page);
            if (page.getByRole(AriaRole.HEADING, level1()).innerText().equals("Closed")) {
                return presses;
            }
            if (isOver(page)) {
                continue; // it says so in a moment
            }
            int dialled = pressOnce(page, key);
            atDial.addAndGet(dialled);
            presses += dialled == 0 ? 1 : 0;
        }
        return ENOUGH;
    }

    static boolean isOver(Page page) {
        return action(page).innerText().startsWith("To the wheel end");
    }

    /** What the blue button asks for; answers how often it was pressed at the nut dial, where it leads there. */
    public static int pressOnce(Page page, String key) {
        if (asksForTheDial(page)) {
            try {
                return setTheNut(page, key);
            } catch (TimeoutError stuck) {
                String seen = page.locator("body").innerText();
                throw new IllegalStateException(
                        "stuck on the way over the nut dial, at " + page.url() + ": " + seen, stuck);
            }
        }
        String before = card(page);
        settle(page); // what somebody else changed just now takes no press for a moment
        // a verdict is chosen: the pedal gives none
        page.keyboard().press(action(page).innerText().startsWith("Choose") ? "g" : key);
        // a press while the one before is on its way would count and do nothing
        page.waitForCondition(() -> !card(page).equals(before));
        return 0;
    }

    private static String card(Page page) {
        return page.url() + page.locator("main").innerText();
    }

    /** How the nut stands is the one thing that a pedal cannot say: that takes an arrow key. */
    private static int setTheNut(Page page, String key) {
        page.keyboard().press(key);
        page.waitForCondition(() -> isAtTheDial(page) || !asksForTheDial(page));
        if (!isAtTheDial(page)) {
            return 0; // somebody else set it just then, and the press was not meant for what stands there now
        }
        int turned = matchTheNut(page);
        page.keyboard().press(key);
        int typed = isAskedForThePlay(page) ? typeThePlay(page, key) : 0;
        return turned + 2 + typed + (isBackByItself(page) ? 0 : backToTheBench(page, key));
    }

    /** Turns the drawn nut until it stands as the one in hand, where a stop can be taken; answers by how many degrees. */
    static int matchTheNut(Page page) {
        int turned = 0;
        Locator backOff = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                        .setName(Pattern.compile("Match the nut first|No stop to take|Backed off|Gone on")));
        assertThat(backOff).isVisible();
        // a lock that holds anywhere is set at once: an arrow before its answer would turn it on, past its window
        assertThat(backOff).not().containsText("No stop to take");
        for (int degrees = 0; degrees < 60 && backOff.isDisabled(); degrees++) {
            page.waitForResponse(
                    "**/api/v1/nut-calculations", () -> page.keyboard().press("ArrowRight"));
            turned++;
        }
        assertThat(backOff).isEnabled();
        return turned;
    }

    private static boolean isAtTheDial(Page page) {
        return page.url().contains("/nut-dial?job=");
    }

    private static boolean asksForTheDial(Page page) {
        return action(page).innerText().contains("the nut dial, and save");
    }

    /** Two nuts are saved with the play as it stands once both are tight. */
    private static boolean isAskedForThePlay(Page page) {
        Locator asked = page.locator("form[aria-label='Put the setting on record'] [role=alert]");
        Locator back = page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Back to the bench")));
        page.waitForCondition(() -> page.url().contains("/bench/") || back.count() > 0 || asked.count() > 0);
        return asked.count() > 0;
    }

    private static int typeThePlay(Page page, String key) {
        String play = "0.05";
        page.keyboard().press("m");
        page.keyboard().type(play);
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Readings so far")).containsText(play);
        page.keyboard().press(key);
        return play.length() + 3;
    }

    /** A setting that is as it should be leads back to the bench; any other is looked at first. */
    static boolean isBackByItself(Page page) {
        Locator back = page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Back to the bench")));
        page.waitForCondition(() -> page.url().contains("/bench/") || back.count() > 0);
        return page.url().contains("/bench/");
    }

    private static int backToTheBench(Page page, String key) {
        page.keyboard().press(key);
        page.waitForURL("**/bench/*");
        return 1;
    }

    /** Until what was pressed has been answered. */
    public static void settle(Page page) {
        assertThat(page.getByRole(AriaRole.HEADING, level1())).isVisible();
        page.waitForCondition(() -> page.getByText("Closed", new Page.GetByTextOptions().setExact(true))
                                .count()
                        > 0
                || action(page).isEnabled()
                || action(page).innerText().startsWith("Choose"));
    }

    static Locator action(Page page) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("(Space|Nothing to press here)")));
    }

    private static Page.GetByRoleOptions level1() {
        return new Page.GetByRoleOptions().setLevel(1);
    }

    private static String at(RunningOldTallow app, JsonNode job) {
        return app.at("/bench/" + job.path("id").asString()).toString();
    }
}
