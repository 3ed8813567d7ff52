package oldtallow.app.browser;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Counts the presses that jobs take from the first card to "Closed", by keyboard in Chromium, as a mechanic walks them who finds
 * everything good: {@code scripts/measure presses}. No part of the usual run.
 */
@ExtendWith(OldTallowExtension.class)
class MeasurePresses {

    private static final List<String> SCOPES = List.of("REPACK", "RENEW", "ADJUST", "ROADSIDE", "LOOK");
    private static final List<String> CONSTRUCTIONS = List.of(
            "STRAIGHT_SPINDLE",
            "STEPPED_UNBRAKED",
            "STEPPED_BRAKED",
            "GREASE_THROUGH",
            "ROTOR_HUB",
            "CLASSIC_CAR",
            "FULL_FLOATING_REAR",
            "DRIVE_FLANGE_FRONT",
            "LOCKING_HUB_FRONT",
            "OIL_BATH_HEAVY");

    @Test
    void countsThem(RunningOldTallow app, Browsers browsers) throws IOException {
        Path kept = Path.of("target/presses.txt");
        try (PrintStream lines = new PrintStream(Files.newOutputStream(kept), true, StandardCharsets.UTF_8)) {
            lines.println("construction, scope | hubs | presses | of them at the nut dial");
            List<String> wanted = wanted();
            for (String construction : wanted) {
                for (String scope : SCOPES) {
                    count(app, browsers, lines, construction, scope, 1, "STAGE_BY_STAGE");
                }
            }
            if (wanted.size() < CONSTRUCTIONS.size()) {
                return;
            }
            for (String order : List.of("STAGE_BY_STAGE", "HUB_BY_HUB")) {
                count(app, browsers, lines, "STEPPED_UNBRAKED", "REPACK", 2, order);
                count(app, browsers, lines, "STEPPED_BRAKED", "REPACK", 2, order);
            }
        }
    }

    /** Those that {@code scripts/measure presses} names, or all. */
    private static List<String> wanted() {
        String named = System.getenv().getOrDefault("PRESSES_OF", "").strip();
        return named.isEmpty() ? CONSTRUCTIONS : List.of(named.split("\\s+"));
    }

    /** One hub of a new rig, or all hubs of one with so many axles. */
    private static void count(
            RunningOldTallow app,
            Browsers browsers,
            PrintStream lines,
            String construction,
            String scope,
            int axles,
            String order) {
        Bench bench = new Bench(app.http());
        JsonNode rig = bench.newRig(construction, axles);
        JsonNode job = axles == 1
                ? bench.open(
                        UUID.fromString(rig.path("axles")
                                .get(0)
                                .path("wheelEnds")
                                .get(0)
                                .path("id")
                                .asString()),
                        scope)
                : bench.openAll(rig, scope, order);
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.addInitScript("localStorage.setItem('oldtallow.pace', 'runs')");
            page.navigate(app.at("/bench/" + job.path("id").asString()).toString());
            var atDial = new AtomicInteger();
            int presses = BenchIT.pressUntilClosed(page, "PageDown", atDial);
            lines.println("%s, %s%s | %d | %d | %d"
                    .formatted(
                            construction,
                            scope,
                            axles == 1 ? "" : ", " + order,
                            job.path("round").path("hubs").size(),
                            presses + atDial.get(),
                            atDial.get()));
        } catch (RuntimeException | AssertionError e) {
            lines.println("%s, %s | %d axles | stuck: %s"
                    .formatted(
                            construction,
                            scope,
                            axles,
                            String.valueOf(e.getMessage()).lines().findFirst().orElse("")));
        }
    }
}
