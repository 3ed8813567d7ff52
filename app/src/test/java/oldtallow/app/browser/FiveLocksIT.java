package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.standin.Simulated;
import oldtallow.standin.StandIn;
import oldtallow.standin.Trouble;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A nut set on the bench from seating to its lock, readings taken from simulated instruments. */
@ExtendWith(OldTallowExtension.class)
class FiveLocksIT {

    private static final UUID WRENCH_ID = UUID.randomUUID();
    private static final UUID DIAL_ID = UUID.randomUUID();
    private static final int ENOUGH = 60;
    private static final int TRIES = 4;
    private static final Pattern TORQUE = Pattern.compile("([\\d.]+)\\s*N·m");
    private static StandIn wrench;
    private static StandIn dial;

    @BeforeAll
    static void pairTheInstruments(RunningOldTallow app) throws Exception {
        wrench = StandIn.start(Simulated.TORQUE_WRENCH, app.instrumentPort(2));
        dial = StandIn.start(Simulated.DIAL_INDICATOR, app.instrumentPort(3));
        pair(app, WRENCH_ID, wrench.port());
        pair(app, DIAL_ID, dial.port());
    }

    @AfterAll
    static void forgetThem(RunningOldTallow app) throws Exception {
        app.http().delete("/api/v1/instruments/" + WRENCH_ID);
        app.http().delete("/api/v1/instruments/" + DIAL_ID);
        wrench.close();
        dial.close();
    }

    /** Torques in N·m that the sequence of the construction asks; 0 where it goes by feel. */
    @ParameterizedTest
    @CsvSource({
        "STEPPED_BRAKED, 68, 0, false",
        "ROTOR_HUB, 40.7, 2.3, true",
        "CLASSIC_CAR, 0, 0, false",
        "FULL_FLOATING_REAR, 0, 0, false",
        "DRIVE_FLANGE_FRONT, 12.4, 0, false"
    })
    void isGuidedFromSeatToLock(
            String construction, double seat, double fine, boolean fails, RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd(construction), "ADJUST"), "nut.seat");
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/bench/" + job.path("id").asString()).toString());

            for (int i = 0; i < ENOUGH && !heading(page).equals("Spin it again"); i++) {
                switch (heading(page)) {
                    case "Seat it, turning the hub both ways" -> seat(page, seat, fails);
                    case "The fine setting" -> take(page, fine);
                    case "Measure the end play", "Measure again, now that it is locked" -> {
                        if (action(page).innerText().startsWith("To the nut dial")) {
                            setTheNut(page);
                        } else {
                            measure(page);
                        }
                    }
                    default -> {}
                }
                if (action(page).innerText().startsWith("To the nut dial")) {
                    setTheNut(page);
                } else {
                    page.keyboard().press("PageDown");
                }
            }

            assertThat(page.getByRole(AriaRole.HEADING, level1())).hasText("Spin it again");
        }
        JsonNode setting = app.http()
                .get("/api/v1/wheel-ends/" + job.path("hub").path("wheelEndId").asString() + "/nut-settings")
                .json()
                .get(0);
        assertThat(setting.at("/measuredEndPlay/millimetres").asDouble()).isEqualTo(0.076);
        assertThat(setting.path("verdict").asString()).isEqualTo("INSIDE");
        assertThat(setting.path("certain").asBoolean()).isTrue();
        assertThat(new Bench(app.http()).look(job).path("walk").path("done").toString())
                .contains("nut.seat");
    }

    private static void seat(Page page, double torque, boolean fails) {
        Locator counter = page.getByRole(AriaRole.BUTTON, named("Hub turned once more"));
        assertThat(counter).isVisible();
        if (counter.innerText().contains("enough")) {
            return;
        }
        while (!counter.innerText().contains("enough")) {
            page.keyboard().press("h");
        }
        if (fails) {
            takeFromAWrenchThatFails(page, torque);
        } else {
            take(page, torque);
        }
    }

    /** It drops the line again and again: what it showed is typed, and when it is well again it is heard again. */
    private static void takeFromAWrenchThatFails(Page page, double torque) {
        wrench.suffer(Trouble.DROPS);
        page.keyboard().press("m");
        assertThat(page.getByText("lost; it is tried again")).isVisible();
        assertThat(page.getByRole(AriaRole.BUTTON, named("^Take it"))).isDisabled();
        page.keyboard().type(String.valueOf(torque));
        assertThat(page.getByText("The torque is inside.")).isVisible();
        wrench.suffer(Trouble.NONE);
        assertThat(page.getByRole(AriaRole.BUTTON, named("^Take it")))
                .isEnabled(new LocatorAssertions.IsEnabledOptions().setTimeout(20_000));
    }

    private static void take(Page page, double torque) {
        if (torque == 0 || page.getByText("The torque is inside.").count() > 0) {
            return;
        }
        wrench.settleAt(torque);
        page.keyboard().press("m");
        page.waitForCondition(() -> Math.abs(shown(page) - torque) <= 0.02 * torque);
        press(page, page.getByText("The torque is inside."));
    }

    /** Takes the reading; once more where the hand moved on in that very moment. */
    private static void press(Page page, Locator taken) {
        for (int i = 0; i < TRIES && taken.count() == 0; i++) {
            page.getByRole(AriaRole.BUTTON, named("^Take it")).click();
            try {
                taken.first().waitFor(new Locator.WaitForOptions().setTimeout(700));
            } catch (TimeoutError movedOn) {
                // it was not steady any more: pressed again
            }
        }
        assertThat(taken).isVisible();
    }

    /** What the wrench shows on the bench; less than any torque while it shows nothing. */
    private static double shown(Page page) {
        Matcher number = TORQUE.matcher(page.getByLabel("torque wrench", new Page.GetByLabelOptions().setExact(true))
                .innerText());
        return number.find() ? Double.parseDouble(number.group(1)) : -1;
    }

    private static void measure(Page page) {
        if (page.getByText("Inside", new Page.GetByTextOptions().setExact(true)).count() == 0) {
            press(page, page.getByLabel("Readings so far"));
        }
        assertThat(page.getByText(Pattern.compile("^window 0.025 mm to 0.127 mm")))
                .isVisible();
    }

    private static void setTheNut(Page page) {
        page.keyboard().press("PageDown");
        page.waitForURL("**/nut-dial?job=*");
        BenchIT.matchTheNut(page);
        page.keyboard().press("l"); // the play is read here
        press(page, page.getByLabel("Readings so far"));
        assertThat(page.getByLabel("Readings so far")).containsText("0.076 mm");
        page.keyboard().press("s");
        if (!BenchIT.isBackByItself(page)) {
            page.getByRole(AriaRole.LINK, named("Back to the bench")).click();
            page.waitForURL("**/bench/*");
        }
        assertThat(action(page)).isEnabled();
    }

    private static void pair(RunningOldTallow app, UUID id, int port) {
        Bench.accepted(app.http().post("/api/v1/instruments", "{\"id\": \"" + id + "\", \"port\": " + port + "}"));
    }

    private static String heading(Page page) {
        assertThat(action(page)).isEnabled();
        return page.getByRole(AriaRole.HEADING, level1()).innerText();
    }

    private static Locator action(Page page) {
        return page.getByRole(AriaRole.BUTTON, named("Space$"));
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(Pattern.compile(name));
    }

    private static Page.GetByRoleOptions level1() {
        return new Page.GetByRoleOptions().setLevel(1);
    }
}
