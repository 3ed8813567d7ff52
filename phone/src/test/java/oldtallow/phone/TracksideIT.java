package oldtallow.phone;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import oldtallow.app.browser.BenchIT;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A telephone beside a track: what was begun on the desk goes on there without a network, and is read on the desk afterwards. */
@ExtendWith(OldTallowExtension.class)
class TracksideIT {

    private static final int ENOUGH = 60;
    private static final String PEDAL = "PageDown";

    @TempDir
    private Path telephone;

    @Test
    void aJobBegunOnTheDeskIsDoneWithoutALineAndReadOnTheDesk(RunningOldTallow app, Browsers browsers)
            throws IOException {
        Http device = app.as("ines");
        var desk = new Bench(device);
        JsonNode job = desk.doUntil(desk.open(desk.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "raise.jack");
        String where = "/bench/" + job.path("id").asString();
        String half;
        try (Visit phone = browsers.telephone(telephone)) {
            Page page = phone.page();
            takeAlong(app, page);

            phone.hasLine(false);
            page.navigate(app.at(where).toString());
            for (int i = 0; i < 6; i++) {
                press(page);
            }
            BenchIT.settle(page);
            page.getByLabel("Add a photo").setInputFiles(new FilePayload("hub.jpg", "image/jpeg", picture()));
            assertThat(photos(page)).hasCount(1);
            half = heading(page).innerText();
            assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("No line.")))
                    .containsText(Pattern.compile("\\d+ not sent yet"));
            assertThat(desk.look(job).path("number").asInt())
                    .isEqualTo(job.path("number").asInt());
        }

        try (Visit phone = browsers.telephone(telephone)) {
            Page page = phone.page();
            phone.hasLine(false);
            page.navigate(app.at(where).toString());
            assertThat(heading(page)).hasText(half);
            assertThat(photos(page)).hasCount(1);
            assertThat((Boolean) photos(page).evaluate("image => image.decode().then(() => image.naturalWidth > 0)"))
                    .isTrue();
            for (int i = 0; i < ENOUGH && !heading(page).innerText().equals("Closed"); i++) {
                press(page);
            }
            assertThat(heading(page)).hasText("Closed");

            phone.hasLine(true);
            // its browser was closed in between, and the server knows it no more
            Locator again = page.getByRole(AriaRole.HEADING, named("Sign in again"));
            assertThat(again).isVisible();
            signIn(page);
            assertThat(again).isHidden();
            page.navigate(app.at("/trackside").toString());
            assertThat(page.getByText("The server has all that was entered here"))
                    .isVisible();
        }

        JsonNode closed = desk.look(job);
        assertThat(closed.path("state").asString()).isEqualTo("CLOSED");
        assertThat(closed.path("walk").path("done").findValuesAsString("stepId"))
                .doesNotHaveDuplicates();
        JsonNode photo = closed.findPath("photos").get(0);
        assertThat(device.get("/api/v1/jobs/" + job.path("id").asString() + "/photos/"
                                + photo.path("id").asString())
                        .status())
                .isEqualTo(200);
    }

    /** What a browser asks before it lets a page be put on the home screen. */
    @Test
    void canBeInstalled(RunningOldTallow app, Browsers browsers) {
        try (Visit phone = browsers.telephone(telephone)) {
            Page page = phone.page();
            takeAlong(app, page);
            JsonObject told = page.context().newCDPSession(page).send("Page.getInstallabilityErrors", new JsonObject());
            assertThat(told.get("installabilityErrors").getAsJsonArray())
                    .as(told.toString())
                    .isEmpty();
            JsonObject manifest = page.context().newCDPSession(page).send("Page.getAppManifest", new JsonObject());
            assertThat(manifest.get("errors").getAsJsonArray()).isEmpty();
            assertThat(manifest.get("url").getAsString()).endsWith("/manifest.webmanifest");
        }
    }

    /** Signing out takes all of it off the device. */
    @Test
    void nothingIsLeftBehindWhenSomebodySignsOut(RunningOldTallow app, Browsers browsers) {
        try (Visit phone = browsers.telephone(telephone)) {
            Page page = phone.page();
            takeAlong(app, page);
            page.navigate(app.at("/workshop").toString());
            page.getByRole(AriaRole.BUTTON, named("Sign out")).first().click();
            assertThat(page.getByLabel("Sign-in name")).isVisible();

            phone.hasLine(false);
            page.navigate(app.at("/rigs/" + Demo.rig("Short camper")).toString());
            assertThat(page.locator("body")).not().containsText("Short camper");
        }
    }

    private static void takeAlong(RunningOldTallow app, Page page) {
        page.addInitScript("localStorage.setItem('oldtallow.pace', 'runs')");
        page.navigate(app.at("/").toString());
        signIn(page);
        page.waitForCondition(() -> (Boolean) page.evaluate("""
                async () => (await (await caches.open('oldtallow-phone')).keys()).length > 0"""));
        page.navigate(app.at("/trackside").toString());
        assertThat(page.getByText(Pattern.compile("^\\d+ rigs?$"))).isVisible();
    }

    private static void signIn(Page page) {
        page.getByLabel("Password").fill(Demo.PASSWORD);
        page.getByLabel("Sign-in name").fill("tobe");
        page.getByRole(AriaRole.BUTTON, named("Sign in")).last().click();
        assertThat(page.getByRole(AriaRole.NAVIGATION, named("Rooms"))).isVisible();
    }

    /** What the blue button says, the nut dial included. */
    private static void press(Page page) {
        BenchIT.settle(page);
        if (heading(page).innerText().equals("Closed")) {
            return;
        }
        String before = shown(page);
        boolean toDial = before.contains("the nut dial, and save");
        page.keyboard().press(before.contains("Choose: good") ? "g" : PEDAL);
        page.waitForCondition(() -> !shown(page).equals(before));
        if (toDial) {
            setTheNut(page);
        }
    }

    private static String shown(Page page) {
        return page.url() + page.locator("main").innerText();
    }

    private static void setTheNut(Page page) {
        page.waitForURL("**/nut-dial?job=*");
        Locator backOff = page.getByRole(
                AriaRole.BUTTON, named(Pattern.compile("Match the nut first|No stop to take|Backed off|Gone on")));
        assertThat(backOff).isVisible();
        assertThat(backOff).not().containsText("No stop to take");
        for (int degrees = 0; degrees < 60 && backOff.isDisabled(); degrees++) {
            String drawn = page.locator("main").innerText();
            page.keyboard().press("ArrowRight");
            page.waitForCondition(() -> !page.locator("main").innerText().equals(drawn));
        }
        page.keyboard().press(PEDAL);
        page.waitForURL("**/bench/*");
    }

    private static Locator heading(Page page) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    private static Locator photos(Page page) {
        return page.getByLabel("Photos of this step").getByRole(AriaRole.IMG);
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private static Page.GetByRoleOptions named(Pattern name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private static byte[] picture() throws IOException {
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "jpeg", bytes);
        return bytes.toByteArray();
    }
}
