package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(OldTallowExtension.class)
class ReckonerIT {

    @Test
    void namesABearingStepByStep(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/reckoner").toString());
            page.getByLabel("cone bore").fill("31.74");
            assertThat(page.getByText("that agree alike")).isVisible();
            page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^Measure the .* next$")))
                    .click();
            assertThat(page.locator("input:focus")).hasAttribute("data-measurand", Pattern.compile("CUP|CONE|SET"));
            page.getByLabel("cup outside diameter").fill("59.1");
            page.getByLabel("cup width").fill("11.8");

            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("LM67048/LM67010")))
                    .isVisible();
            assertThat(page.getByText("By its sizes it is")).isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
    }

    /** Each page that asks for sizes, a line of its drawing, and the field it leads to. */
    @ParameterizedTest
    @CsvSource(textBlock = """
            /reckoner, CUP_WIDTH, cup width
            /reckoner, distance, middle to middle
            /reckoner/fit, hubOutside, Hub outside
            /reckoner/race, oldCup, Old cup
            /reckoner/race, seat, Seat on the spindle
            /reckoner/race, 3, At 3 o
            /reckoner/seal, land, Land it runs on
            /reckoner/seal, depth, Depth of the groove
            /reckoner/seal, capBore, Cap bore
            /reckoner/feel, backFaces, Back faces
            /reckoner/feel, radius, radius
            /reckoner/grease, radius, rolling radius
            """)
    void aTouchOnTheDrawingGoesToItsFieldAndTheFieldLightsItsLine(
            String path, String size, String label, RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at(path).toString());
            Locator line = page.locator("[data-line=\"" + size + "\"]").first();

            Locator field = page.locator("input[data-size=\"" + size + "\"]").first();
            Locator hit = line.locator("line, circle").first();
            // what is fetched meanwhile moves what stands below it
            page.waitForCondition(() -> {
                hit.click(new Locator.ClickOptions().setForce(true));
                return (boolean) field.evaluate("field => field === document.activeElement");
            });

            assertThat(field).hasAccessibleName(Pattern.compile(label));
            assertThat(line.locator(".stroke-grease")).hasCount(1);
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void noPageOpensEmptyAndAnExampleMakesRoomForOnesOwnNumbers(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/reckoner/seal").toString());
            assertThat(page.getByText("A worked example.")).isVisible();
            assertThat(page.getByText("fits: a standard size").first()).isVisible();

            page.getByLabel("Land it runs on").click();
            page.keyboard().type("50");

            assertThat(page.getByText("A worked example.")).isHidden();
            assertThat(page.getByLabel("Land it runs on")).hasValue("50");
            assertThat(page.getByLabel("Bore of the hub", new Page.GetByLabelOptions().setExact(true)))
                    .hasValue("");

            page.navigate(app.at("/wheel-ends/" + Demo.rearRight("Boat tandem")).toString());
            assertThat(page.getByRole(AriaRole.HEADING, named(Pattern.compile("rear right")))
                            .first())
                    .isVisible();
            page.navigate(app.at("/reckoner/race").toString());
            assertThat(page.getByText("Of the hub in hand last: Boat tandem, rear right"))
                    .isVisible();
            assertThat(page.getByLabel("Set, cone/cup").first()).not().hasValue("");
        }
    }

    @Test
    void questionsMillimetresWhereInchesAreSet(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/reckoner").toString());
            page.getByRole(
                            AriaRole.RADIO,
                            new Page.GetByRoleOptions().setName("in").setExact(true))
                    .first()
                    .click();
            page.getByLabel("cone bore").fill("44.45");
            assertThat(page.getByText("are millimetres meant?")).isVisible();
            assertThat(page.getByLabel("cone bore")).hasValue("44.45");
        }
    }

    @Test
    void saysPlainlyThatNothingFits(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/reckoner").toString());
            page.getByLabel("cone bore").fill("33");
            page.getByLabel("cup outside diameter").fill("70.5");
            assertThat(page.getByRole(AriaRole.HEADING, named(Pattern.compile("None of the sets on file"))))
                    .isVisible();
        }
    }

    /** A cup fitted by warm-and-chill: too cold a hub first, then warm enough. */
    @Test
    void fitsACupByWarmingAndChilling(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/reckoner/fit").toString());
            page.getByLabel("Set, cone/cup").fill("L68149/L68111");
            page.getByLabel("Bore of the hub").fill("59.94");
            page.getByLabel("Hub outside, round the cup").fill("90");
            assertThat(page.getByText("Tight by, on diameter")).isVisible();
            page.getByLabel("Hub is at, now").fill("40");
            page.getByLabel("Cup is at, now").fill("-50");
            assertThat(page.getByText("Does not drop in yet")).isVisible();

            page.getByLabel("Hub is at, now").fill("110");

            assertThat(page.getByText("Drops in now")).isVisible();
            assertThat(page.getByText("before the cup has warmed")).isVisible();
            assertThat(visit.complaints()).isEmpty();
            page.getByLabel("Hub is at, now").fill("200");
            assertThat(page.getByText("more softens the cup")).isVisible();
            assertThat(page.getByLabel("Hub is at, now")).hasValue("200");
        }
    }

    @Test
    void reckonsTheGreaseAsItIsTyped(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/reckoner/grease").toString());
            assertThat(page.getByText("strokes of the gun")).isVisible();
            page.getByLabel("Code or mark on the tin").fill("KP2Z");
            assertThat(page.getByText("at place 4")).isVisible();
            page.getByLabel("Code or mark on the tin").fill("KP1C");
            assertThat(page.getByText("This one stands 60 °C")).isVisible();
        }
    }

    @Test
    void thePaletteFindsByAFewLettersAndOpensByEnter(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/reckoner").toString());
            assertThat(page.getByText("What you measured")).isVisible();
            page.keyboard().press("/");
            assertThat(page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)))
                    .isFocused();
            page.keyboard().type("104 rear r");
            assertThat(page.getByRole(AriaRole.OPTION, named(Pattern.compile("Boat tandem, rear right"))))
                    .isVisible();
            page.keyboard().press("Enter");
            page.waitForURL("**/wheel-ends/*");
            assertThat(page.getByRole(AriaRole.HEADING, named(Pattern.compile("Boat tandem, rear right"))))
                    .isVisible();
            page.keyboard().press("/");
            page.keyboard().type("stud");
            page.keyboard().press("Enter");
            page.waitForURL("**/reckoner#studs");
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void onlyTheOwnerIsOfferedTheWorkshopsRules(RunningOldTallow app, Browsers browsers) {
        for (String who : new String[] {"ines", "tobe", "wil"}) {
            try (Visit visit = browsers.visitAs(app, who)) {
                Page page = visit.page();
                page.navigate(app.at("/workshop").toString());
                assertThat(page.getByRole(AriaRole.HEADING, named(Pattern.compile("^Our own rules$"))))
                        .isVisible();
                assertThat(page.getByText("workshop rule, one tin for all")).isVisible();
                assertThat(page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^Make a rule$"))))
                        .hasCount(who.equals("ines") ? 1 : 0);
            }
        }
    }

    @Test
    void everybodyCanWorkOnARig(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visitAs(app, "wil")) {
            Page page = visit.page();
            page.navigate(app.at("/rigs/" + Demo.rig("Boat tandem")).toString());
            assertThat(page.getByRole(AriaRole.LINK, named(Pattern.compile("front left")))
                            .first())
                    .isVisible();
            assertThat(page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^Change")))
                            .first())
                    .isVisible();
        }
    }

    private static Page.GetByRoleOptions named(Pattern name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
