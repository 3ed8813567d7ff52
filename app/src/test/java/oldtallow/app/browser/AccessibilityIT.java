package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** WCAG 2.2 A and AA, by axe-core, on each view in both lights and at two widths. */
@ExtendWith(OldTallowExtension.class)
class AccessibilityIT {

    private static final List<String> RULES =
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice");

    private static final List<String> COLOURS = List.of("color-contrast", "link-in-text-block");

    private static final List<String> DIALS = List.of(
            "/wheel-ends/" + Demo.SHORT_CAMPER_LEFT + "/nut-dial", "/wheel-ends/" + Demo.BUSH_REAR_LEFT + "/nut-dial");

    static Stream<String> views() {
        return Stream.concat(
                Stream.of(
                        "/",
                        "/wheel-ends/" + Demo.SHORT_CAMPER_LEFT,
                        "/wheel-ends/" + Demo.BUSH_REAR_LEFT,
                        "/wheel-ends/" + Demo.SHORT_CAMPER_RIGHT + "/setting-chart",
                        "/nut-dial",
                        "/rigs/new",
                        "/rigs/" + Demo.rig("Boat tandem"),
                        "/reckoner",
                        "/reckoner/fit",
                        "/reckoner/race",
                        "/reckoner/seal",
                        "/reckoner/feel",
                        "/reckoner/grease",
                        "/reckoner/wheel-nuts",
                        "/almanac",
                        "/almanac/reminders",
                        "/rigs/" + Demo.rig("Long camper") + "/warmth",
                        "/trips/" + Demo.SALT_FLATS,
                        "/trips/" + Demo.SALT_FLATS + "/stop",
                        "/rigs/" + Demo.rig("Long camper") + "/almanac",
                        "/shelf",
                        "/workshop",
                        "/about",
                        "/bench",
                        "/bench/" + Demo.JOB,
                        "/wheel-ends/" + Demo.SHORT_CAMPER_RIGHT + "/job"),
                DIALS.stream());
    }

    static Stream<String> dials() {
        return DIALS.stream();
    }

    @ParameterizedTest
    @MethodSource("views")
    void findsNothing(String path, RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at(path).toString());
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                    .isVisible();

            findsNothingEitherWay(page);
        }
    }

    @ParameterizedTest
    @MethodSource("dials")
    void findsNothingOnceTheNutIsLocked(String path, RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at(path).toString());
            assertThat(page.getByRole(AriaRole.SLIDER)).isVisible();
            for (int i = 0; i < 13; i++) {
                page.keyboard().press("ArrowRight");
            }
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                    .containsText(Pattern.compile("Back off 1\\d"));
            page.keyboard().press("PageDown");
            assertThat(page.getByText("Locked: put it on record")).isVisible();
            page.getByLabel("Final torque, if a wrench was used").fill("900");
            page.getByLabel("One reading, mm").fill("9");
            page.keyboard().press("Enter");
            assertThat(page.getByText("0 to 5 mm").first()).isVisible();

            findsNothingEitherWay(page);
        }
    }

    /** Setting the nut on the bench. */
    @ParameterizedTest
    @ValueSource(strings = {"nut.seat", "nut.play"})
    void findsNothingWhereTheNutIsSet(String step, RunningOldTallow app, Browsers browsers) {
        findsNothingAt(step, "The sequence", app, browsers);
    }

    /** What is worked out beside the steps of a job. */
    @ParameterizedTest
    @ValueSource(strings = {"races.right-cup", "races.warm", "races.inboard-in", "grease.kind", "hub.seal"})
    void findsNothingBesideAStep(String step, RunningOldTallow app, Browsers browsers) {
        findsNothingAt(step, "Worked out for this hub", app, browsers);
    }

    private static void findsNothingAt(String step, String label, RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/bench/" + jobAt(step, app)).toString());
            assertThat(page.getByLabel(label)).isVisible();

            findsNothingEitherWay(page);
        }
    }

    /** By day; by night, where only the colours are others; and on a phone, whose colours are those of the desk. */
    private static void findsNothingEitherWay(Page page) {
        assertThat(violations(new AxeBuilder(page).withTags(RULES))).isEmpty();
        page.evaluate("document.documentElement.dataset.theme = 'dark'"); // what the switch T does
        assertThat(violations(new AxeBuilder(page).withRules(COLOURS)))
                .as("by night")
                .isEmpty();
        page.evaluate("document.documentElement.dataset.theme = 'light'");
        page.setViewportSize(360, 800);
        assertThat(violations(new AxeBuilder(page).withTags(RULES).disableRules(COLOURS)))
                .as("on a phone")
                .isEmpty();
    }

    private static String jobAt(String step, RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "RENEW");
        if (step.equals("races.warm")) {
            job = Bench.accepted(bench.post(job, "/scope", warmed()));
        }
        return bench.doUntil(job, step).path("id").asString();
    }

    private static ObjectNode warmed() {
        ObjectNode form = Bench.entry().put("scope", "RENEW");
        form.putObject("choices")
                .put("cleaning", "SOLVENT")
                .put("reuse", "WHAT_PASSES")
                .put("races", "WARMED")
                .put("inboardCone", "LEVERED")
                .put("packing", "BY_HAND")
                .put("capFill", "FILM")
                .put("cupRemoval", "DRIFTED")
                .put("hubBrings", "CUPS");
        return form;
    }

    private static List<String> violations(AxeBuilder axe) {
        return axe
                .setLegacyMode(true) // no second page for each look: nothing here is framed
                .analyze()
                .getViolations()
                .stream()
                .map(rule -> rule.getId() + ": " + rule.getHelp() + " "
                        + rule.getNodes().stream().map(node -> node.getHtml()).toList())
                .toList();
    }
}
