package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class WheelEndIT {

    @Test
    void goesThroughThePartsByKeyAndTellsWhatEachIs(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = opened(visit, app);
            Locator cone = page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^inboard cone")));
            cone.focus();
            page.keyboard().press("Enter");
            assertThat(cone).hasAttribute("aria-pressed", "true");
            assertThat(page.getByText(Pattern.compile("L68149/L68111, batch")).first())
                    .isVisible();
            page.keyboard().press("ArrowRight");
            assertThat(cone).hasAttribute("aria-pressed", "false");
            assertThat(page.locator("[data-part][aria-pressed=true]")).hasCount(1);
            assertThat(page.locator("[data-part][tabindex='0']")).hasCount(1);
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void savesTheDrawingAsSvgAndPng(RunningOldTallow app, Browsers browsers) throws Exception {
        try (Visit visit = browsers.visit(app)) {
            Page page = opened(visit, app);
            Download svg = page.waitForDownload(
                    () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save SVG"))
                            .click());
            assertThat(svg.suggestedFilename()).isEqualTo("Boat tandem front left section.svg");
            var drawing = DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(svg.path().toFile());
            assertThat(drawing.getDocumentElement().getTagName()).isEqualTo("svg");
            assertThat(Files.readString(svg.path()))
                    .contains(">inboard cone</title>")
                    .contains("stroke-dasharray")
                    .doesNotContain("class=")
                    .doesNotContain("var(--");

            Download png = page.waitForDownload(
                    () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save PNG"))
                            .click());
            var picture = ImageIO.read(png.path().toFile());
            assertThat(picture.getWidth()).isEqualTo(2000);
            assertThat(distinctColours(picture)).isGreaterThan(5);
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void fitsANewBearingAndKeepsTheOldOneInItsHistory(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(
                    app.at("/wheel-ends/" + Demo.rearRight("Plant trailer")).toString());
            page.getByRole(AriaRole.BUTTON, exactly("Change the outboard bearing"))
                    .click();
            page.getByLabel("Pair number on the cone").fill("12");
            page.getByLabel("Batch or trace number").fill("TB-NEW");
            page.getByRole(AriaRole.BUTTON, exactly("Fit it")).click();
            assertThat(page.getByText("rings of different pairs must not run together"))
                    .isVisible();
            assertThat(page.getByLabel("Batch or trace number")).hasValue("TB-NEW");
            page.getByLabel("Pair number on the cup").fill("12");
            page.getByRole(AriaRole.BUTTON, exactly("Fit it")).click();

            assertThat(page.getByText("batch TB-NEW")).isVisible();
            assertThat(page.getByText(Pattern.compile("before: L44649/L44610 until")))
                    .isVisible();
            assertThat(page.locator("[data-part=OUTBOARD_CONE]")).hasAttribute("aria-label", Pattern.compile("new"));
        }
    }

    @Test
    void showsWhatEachSettingDoesAndRedrawsForAnotherRoad(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/wheel-ends/" + Demo.rearRight("Boat tandem")).toString());
            page.getByText("What each setting does to this hub").click();
            page.waitForURL("**/setting-chart");
            assertThat(page.getByText("One stop tighter")).isVisible();
            assertThat(page.getByText("never a maker’s figure")).isVisible();
            page.getByLabel("Load on this wheel, kg").fill("0");
            assertThat(page.getByText("load on the wheel must be over 0")).isVisible();
            page.getByLabel("Load on this wheel, kg").fill("400");
            assertThat(page.getByText("load on the wheel must be over 0")).hasCount(0);
            page.getByLabel("This hub, °C").fill("78");
            page.getByLabel("Other side, °C").fill("44");
            assertThat(page.getByText("Hot: raise it, spin it and measure the play"))
                    .isVisible();
            page.getByLabel("brake hotter than hub").check();
            assertThat(page.getByText("A brake drags: leave the nut")).isVisible();
            assertThat(page.getByText("Brake eased until the wheel spins.")).isVisible();
            page.getByLabel("brake hotter than hub").uncheck();
            page.getByLabel("This hub, °C").fill("35");
            page.getByLabel("Other side, °C").fill("34");
            page.getByLabel("Play measured now, mm").fill("0.4");
            assertThat(page.getByText("Too loose, by the play measured now.")).isVisible();
            assertThat(page.getByText(Pattern.compile("^One stop tighter \\(30")))
                    .isVisible();
            assertThat(page.getByText("drum and hub 40 °C hotter than the spindle"))
                    .isVisible();
        }
    }

    @Test
    void filesAMakersFigureAndSaysWhoGoverns(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(
                    app.at("/wheel-ends/" + Demo.rearRight("Plant trailer")).toString());
            page.getByRole(AriaRole.BUTTON, exactly("Enter a figure: Wheel-nut torque"))
                    .click();
            page.getByLabel("From", new Page.GetByLabelOptions().setExact(true)).fill("140");
            page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("150");
            page.getByRole(AriaRole.BUTTON, exactly("File it")).click();
            assertThat(page.getByText("say where the figure stands")).isVisible();
            page.getByLabel("Where it stands").fill("trailer manual, p. 12");
            page.getByRole(AriaRole.BUTTON, exactly("File it")).click();

            assertThat(page.getByText("140 to 150 N·m")).isVisible();
            assertThat(page.getByText("trailer manual, p. 12")).isVisible();
        }
    }

    @Test
    void datesAChangeOfWhatItIsMadeOf(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(
                    app.at("/wheel-ends/" + Demo.rearRight("Plant trailer")).toString());
            Locator made = page.getByRole(AriaRole.REGION, exactly("What it is made of"));
            made.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Change"))
                    .click();
            page.getByText("Measured sizes").click();
            page.getByLabel("inboard seat diameter").fill("40");
            page.getByRole(AriaRole.BUTTON, exactly("Save the change")).click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("cone cannot go on");
            page.getByLabel("inboard seat diameter").fill("34.97");
            page.getByRole(AriaRole.BUTTON, exactly("Save the change")).click();

            assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
            assertThat(page.getByText("34.97 mm")).isVisible();
        }
    }

    private static Page opened(Visit visit, RunningOldTallow app) {
        Page page = visit.page();
        page.navigate(app.at("/wheel-ends/" + Demo.frontLeft("Boat tandem")).toString());
        assertThat(page.getByText("Settings so far")).isVisible();
        return page;
    }

    private static long distinctColours(java.awt.image.BufferedImage picture) throws IOException {
        return java.util.stream.IntStream.range(0, picture.getWidth() * picture.getHeight())
                .map(i -> picture.getRGB(i % picture.getWidth(), i / picture.getWidth()))
                .distinct()
                .limit(100)
                .count();
    }

    private static Page.GetByRoleOptions named(Pattern name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private static Page.GetByRoleOptions exactly(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }
}
