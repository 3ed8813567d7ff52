package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
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
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** WCAG 2.2 A and AA, by axe-core, on each view in both lights and at two widths. */
@ExtendWith(OldTallowExtension.class)
class AccessibilityIT {

    private static final List<String> RULES =
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice");

    /** Jobs on wheel ends of their own, by the step they wait at. */
    private static final Map<String, String> JOBS = new ConcurrentHashMap<>();

    private static final List<String> DIALS = List.of(
            "/wheel-ends/" + Demo.SHORT_CAMPER_LEFT + "/nut-dial", "/wheel-ends/" + Demo.BUSH_REAR_LEFT + "/nut-dial");

    static Stream<Arguments> views() {
        return everyWay(Stream.concat(
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
                        "/bench",
                        "/bench/" + Demo.JOB,
                        "/wheel-ends/" + Demo.SHORT_CAMPER_RIGHT + "/job"),
                DIALS.stream()));
    }

    static Stream<Arguments> dials() {
        return everyWay(DIALS.stream());
    }

    private static Stream<Arguments> everyWay(Stream<String> paths) {
        return paths.flatMap(path -> Stream.of(
                Arguments.of(path, 1280, ColorScheme.LIGHT),
                Arguments.of(path, 1280, ColorScheme.DARK),
                Arguments.of(path, 360, ColorScheme.LIGHT)));
    }

    @ParameterizedTest
    @MethodSource("views")
    void findsNothing(String path, int width, ColorScheme scheme, RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app, width, 800, scheme)) {
            Page page = visit.page();
            page.navigate(app.at(path).toString());
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                    .isVisible();

            assertThat(violations(page)).isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("dials")
    void findsNothingOnceTheNutIsLocked(
            String path, int width, ColorScheme scheme, RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app, width, 800, scheme)) {
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

            assertThat(violations(page)).isEmpty();
        }
    }

    static Stream<Arguments> nutSteps() {
        return everyWay(Stream.of("nut.seat", "nut.play"));
    }

    /** Setting the nut on the bench. */
    @ParameterizedTest
    @MethodSource("nutSteps")
    void findsNothingWhereTheNutIsSet(
            String step, int width, ColorScheme scheme, RunningOldTallow app, Browsers browsers) {
        String job = JOBS.computeIfAbsent(step, at -> jobAt(at, app));
        try (Visit visit = browsers.visit(app, width, 800, scheme)) {
            Page page = visit.page();
            page.navigate(app.at("/bench/" + job).toString());
            assertThat(page.getByLabel("The sequence")).isVisible();

            assertThat(violations(page)).isEmpty();
        }
    }

    static Stream<Arguments> aids() {
        return everyWay(Stream.of("races.right-cup", "races.warm", "races.inboard-in", "grease.kind", "hub.seal"));
    }

    /** What is worked out beside the steps of a job. */
    @ParameterizedTest
    @MethodSource("aids")
    void findsNothingBesideAStep(String step, int width, ColorScheme scheme, RunningOldTallow app, Browsers browsers) {
        String job = JOBS.computeIfAbsent(step, at -> jobAt(at, app));
        try (Visit visit = browsers.visit(app, width, 800, scheme)) {
            Page page = visit.page();
            page.navigate(app.at("/bench/" + job).toString());
            assertThat(page.getByLabel("Worked out for this hub")).isVisible();

            assertThat(violations(page)).isEmpty();
        }
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

    private static List<String> violations(Page page) {
        return new AxeBuilder(page)
                .withTags(RULES).analyze().getViolations().stream()
                        .map(rule -> rule.getId() + ": " + rule.getHelp() + " "
                                + rule.getNodes().stream()
                                        .map(node -> node.getHtml())
                                        .toList())
                        .toList();
    }
}
