package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Takes the pictures of docs/screenshots from the demo data: {@code ./test --screenshots}. No part of the usual run. */
@ExtendWith(OldTallowExtension.class)
class TakeScreenshots {

    private static final float SHEET_DPI = 100;

    @Test
    void takesEveryMainView(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app, 1280, 800, ColorScheme.LIGHT)) {
            Page page = visit.page();
            page.navigate(app.at("/").toString());
            assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(14);
            take(page, "yard");

            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the wheel end"))
                    .click();
            assertThat(page.getByText("Settings so far")).isVisible();
            take(page, "wheel-end");

            page.navigate(app.at("/wheel-ends/" + Demo.rearRight("Boat tandem") + "/setting-chart")
                    .toString());
            assertThat(page.getByText("A quarter turn is")).isVisible();
            take(page, "setting-chart");

            page.navigate(app.at("/rigs/" + Demo.rig("Boat tandem")).toString());
            assertThat(page.getByText("What was changed")).isVisible();
            take(page, "rig");

            page.navigate(app.at("/rigs/new").toString());
            page.getByLabel("What you call it").fill("Harbour tandem");
            page.getByLabel("Plate").fill("OT 105-B");
            take(page, "enter-rig");

            page.navigate(app.at("/bench/" + Demo.JOB).toString());
            assertThat(page.getByText("Smeared is not packed", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            take(page, "bench");

            takeJudging(page, new Bench(app.http()), app);
            takeInstrumentsAndNut(page, new Bench(app.http()), app);

            page.navigate(app.at("/reckoner").toString());
            page.getByLabel("cone bore").fill("31.72");
            assertThat(page.getByText("It could also be")).isVisible();
            take(page, "reckoner");

            page.navigate(app.at("/reckoner/fit").toString());
            page.getByLabel("Set, cone/cup").fill("L68149/L68111");
            page.getByLabel("Bore of the hub").fill("59.94");
            page.getByLabel("Hub outside, round the cup").fill("90");
            page.getByLabel("Hub is at, now").fill("110");
            page.getByLabel("Cup is at, now").fill("-50");
            assertThat(page.getByText("Drops in now")).isVisible();
            take(page, "fit-and-heat");

            page.navigate(app.at("/reckoner/seal").toString());
            page.getByLabel("Land it runs on").fill("43.65");
            page.getByLabel("Bore of the hub", new Page.GetByLabelOptions().setExact(true))
                    .fill("65.12");
            page.getByLabel("Width").fill("11");
            page.getByLabel("Cap bore of the hub").fill("50.2");
            assertThat(page.getByText("Of our own")).isVisible();
            take(page, "seal");

            page.navigate(app.at("/reckoner/grease").toString());
            page.getByLabel("Code or mark on the tin").fill("KP2K-30");
            assertThat(page.getByText("What the tin says")).isVisible();
            take(page, "grease");

            page.navigate(app.at("/shelf").toString());
            page.getByLabel("Batch, or how it begins").fill("LT-23");
            page.keyboard().press("Enter");
            assertThat(page.getByText("Every move")).isVisible();
            take(page, "shelf");
        }
        takeAlmanac(app, browsers);
        try (Visit visit = browsers.visitAs(app, "ines")) {
            Page page = visit.page();
            page.navigate(app.at("/workshop").toString());
            assertThat(page.getByText("Our own rules")).isVisible();
            take(page, "workshop");
        }
        try (Visit visit = browsers.visit(app, 1280, 800, ColorScheme.DARK)) {
            Page page = visit.page();
            page.navigate(app.at("/wheel-ends/" + Demo.SHORT_CAMPER_LEFT + "/nut-dial")
                    .toString());
            page.getByLabel(Pattern.compile("^Nearest slot")).fill("-13");
            page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("hole 2"))
                    .click();
            assertThat(page.getByText("Back off 17° and pin it through hole 2."))
                    .isVisible();
            take(page, "nut-dial");
        }
    }

    private static void takeAlmanac(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app, 1280, 800, ColorScheme.LIGHT)) {
            Page page = visit.page();
            page.navigate(
                    app.at("/rigs/" + Demo.rig("Long camper") + "/almanac").toString());
            assertThat(page.getByText("What moved, and why")).isVisible();
            take(page, "almanac");

            page.navigate(app.at("/trips/" + Demo.SALT_FLATS).toString());
            assertThat(page.getByText("What to carry")).isVisible();
            take(page, "trip");
        }
        var bench = new Bench(app.http());
        JsonNode job = bench.doAll(bench.open(Demo.frontLeft("Flatbed"), "REPACK"));
        String path = "/api/v1/jobs/" + job.path("id").asString();
        Bench.accepted(app.http().post(path + "/close", Bench.entry().toString()));
        try (PDDocument sheet = Loader.loadPDF(app.http().bytes(path + "/service-sheet.pdf"))) {
            ImageIO.write(
                    new PDFRenderer(sheet).renderImageWithDPI(0, SHEET_DPI),
                    "png",
                    Path.of("../docs/screenshots/service-sheet.png").toFile());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void takeJudging(Page page, Bench bench, RunningOldTallow app) {
        JsonNode job = bench.doUntil(bench.open(Demo.frontLeft("Two-horse box"), "REPACK"), "judge.inboard");
        page.navigate(app.at("/bench/" + job.path("id").asString()).toString());
        button(page, "^Look closer").click();
        button(page, "rust, water stain").click();
        button(page, "^clearly, cup, raceway$").click();
        button(page, "by what is ticked").click();
        assertThat(page.getByText("it does not heal", new Page.GetByTextOptions())
                        .first())
                .isVisible();
        button(page, "rust, water stain").evaluate("""
                patch => {
                  const panel = patch.closest('section').firstElementChild
                  panel.scrollTop += patch.getBoundingClientRect().top - panel.getBoundingClientRect().top - 8
                }""");
        take(page, "judging");
        Bench.accepted(bench.post(job, "/abandon", Bench.entry().put("reason", "only a picture")));
    }

    private static void takeInstrumentsAndNut(Page page, Bench bench, RunningOldTallow app) {
        for (int i = 0; i < 5; i++) {
            Bench.accepted(app.http()
                    .post(
                            "/api/v1/instruments",
                            "{\"id\": \"" + UUID.randomUUID() + "\", \"port\": " + app.demoInstrumentPort(i) + "}"));
        }
        page.navigate(app.at("/workshop").toString());
        Locator instruments = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Instruments"));
        instruments.evaluate("""
                heading => {
                  heading.scrollIntoView()
                  heading.closest('.desk\\\\:overflow-y-auto')?.scrollBy(0, -16)
                }""");
        page.waitForTimeout(2_500); // the hands have settled
        take(page, "instruments");

        JsonNode job = bench.doUntil(bench.open(Demo.frontLeft("Flatbed"), "ADJUST"), "nut.seat");
        page.navigate(app.at("/bench/" + job.path("id").asString()).toString());
        assertThat(button(page, "Hub turned once more")).isVisible();
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("h");
        }
        page.keyboard().press("m");
        page.getByText("stands still").waitFor();
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The sequence"))
                .evaluate("""
                aid => {
                  const panel = aid.closest('section[aria-label="What to do now"]').firstElementChild
                  panel.scrollTop += aid.getBoundingClientRect().top - panel.getBoundingClientRect().top - 8
                }""");
        take(page, "nut-on-bench");
        Bench.accepted(bench.post(job, "/abandon", Bench.entry().put("reason", "only a picture")));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
    }

    private static void take(Page page, String name) {
        page.waitForTimeout(800); // the fonts have come and the nut stands still
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("../docs/screenshots/" + name + ".png")));
    }
}
