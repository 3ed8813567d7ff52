package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.regex.Pattern;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class EnterRigIT {

    /** Unhurried typing of somebody with gloves off: about 200 keys a minute. */
    private static final int MILLISECONDS_A_KEY = 300;

    /**
     * By keyboard alone, from the yard to the rig's page: N, the name, Tab, the plate, Tab, b for boat trailer, Shift+Tab, Enter.
     * That is 8 steps; the kind brings two axles, the hub, both bearings, nut, lock and seal.
     */
    @Test
    void aTwoAxleTrailerWithFourLikeWheelEndsTakesUnderAMinuteByKeyboardAlone(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/").toString());
            assertThat(page.getByText("What next")).isVisible();
            String plate = "K" + UUID.randomUUID().toString().substring(0, 4);
            var slowly = new Keyboard.TypeOptions().setDelay(MILLISECONDS_A_KEY);
            Instant begun = Instant.now();

            page.keyboard().press("n");
            assertThat(page.getByLabel("What you call it")).isFocused();
            page.keyboard().type("Harbour tandem", slowly);
            page.keyboard().press("Tab");
            page.keyboard().type(plate, slowly);
            page.keyboard().press("Tab");
            page.keyboard().type("b", slowly);
            assertThat(page.getByRole(AriaRole.COMBOBOX, named(Pattern.compile("Kind boat trailer"))))
                    .isVisible();
            assertThat(page.getByRole(AriaRole.RADIO, named("2").setExact(true)))
                    .isChecked();
            page.keyboard().press("Shift+Tab");
            page.keyboard().press("Enter");

            assertThat(page.getByRole(AriaRole.HEADING, named("Wheel ends"))).isVisible();
            Duration taken = Duration.between(begun, Instant.now());
            assertThat(page.getByRole(AriaRole.LINK, named(Pattern.compile("stepped spindle, braked"))))
                    .hasCount(4);
            assertThat(taken).isLessThan(Duration.ofMinutes(1));
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void tellsOfATakenPlateBesideItAndKeepsTheEntry(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/rigs/new").toString());
            page.getByLabel("What you call it").fill("<img src=x onerror=alert(1)>");
            page.getByLabel("Plate").fill("ot 104 b");
            page.getByRole(AriaRole.BUTTON, named("Enter it")).click();

            assertThat(page.getByText("is the plate of Boat tandem already").first())
                    .isVisible();
            assertThat(page.getByLabel("What you call it")).hasValue("<img src=x onerror=alert(1)>");
            page.getByLabel("Plate").fill("H" + UUID.randomUUID().toString().substring(0, 6));
            page.getByRole(AriaRole.BUTTON, named("Enter it")).click();

            assertThat(page.getByRole(AriaRole.HEADING, named("<img src=x onerror=alert(1)>")))
                    .isVisible();
            assertThat(page.locator("main img")).hasCount(0);
        }
    }

    @Test
    void theSecondOfTwoWhoChangeOneRigKeepsTheirEntryAndSeesTheOthers(RunningOldTallow app, Browsers browsers) {
        try (Visit tobe = browsers.visit(app);
                Visit other = browsers.visit(app)) {
            String path = "/rigs/" + Demo.rig("Flatbed");
            for (Visit visit : new Visit[] {tobe, other}) {
                visit.page().navigate(app.at(path).toString());
                visit.page()
                        .getByRole(AriaRole.BUTTON, named("Change").setExact(false))
                        .first()
                        .click();
                assertThat(visit.page().getByLabel("Year built")).isVisible();
            }
            other.page().getByLabel("Year built").fill("2019");
            other.page()
                    .getByRole(AriaRole.BUTTON, named("Save").setExact(true))
                    .click();
            assertThat(other.page().getByText("2019").first()).isVisible();

            Page page = tobe.page();
            page.getByLabel("How to reach them").fill("second door");
            page.getByRole(AriaRole.BUTTON, named("Save").setExact(true)).click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("Somebody else changed this rig");
            page.getByRole(AriaRole.BUTTON, named("Show theirs, keep my entry")).click();
            assertThat(page.getByText("2019").first()).isVisible();
            assertThat(page.getByLabel("How to reach them")).hasValue("second door");
        }
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private static Page.GetByRoleOptions named(Pattern name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
