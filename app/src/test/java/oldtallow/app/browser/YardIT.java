package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.UUID;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Entries;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(OldTallowExtension.class)
class YardIT {

    @Test
    void theWorstWheelEndIsTwoStepsFromItsNut(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/").toString());
            assertThat(page.getByRole(AriaRole.HEADING, named("Boat tandem, front left")))
                    .isVisible();
            page.keyboard().press("Enter");
            assertThat(page.getByText("Settings so far")).isVisible(); // the yard names the wheel end too
            page.keyboard().press("Space");
            assertThat(page.getByRole(AriaRole.SLIDER)).isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
    }

    @Test
    void showsTheRigsOfOneOwnerWithTheirWheelEndsNamed(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/").toString());
            // other tests enter rigs of their own
            page.getByRole(AriaRole.TEXTBOX, named("Owner"))
                    .or(page.getByRole(AriaRole.COMBOBOX, named("Owner")))
                    .fill("Jorn Tavik");
            page.keyboard().press("Enter");
            assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(2);
            assertThat(page.getByRole(AriaRole.LINK, named("Old bush 4x4, rear left: no record")))
                    .isVisible();
        }
    }

    @Test
    void swapsUnitsAndLightByKeyAndRemembersBoth(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/wheel-ends/" + Demo.SHORT_CAMPER_LEFT).toString());
            assertThat(page.getByText("Settings so far")).isVisible();
            page.keyboard().press("u");
            page.keyboard().press("t");
            assertThat(page.locator("html")).hasAttribute("data-theme", "dark");
            page.reload();
            assertThat(page.locator("html")).hasAttribute("data-theme", "dark");
            assertThat(page.getByRole(AriaRole.BUTTON, named("thou, mm"))).isVisible();
        }
    }

    @Test
    void listsItsKeys(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/").toString());
            assertThat(page.getByText("What next")).isVisible();
            page.keyboard().press("?");
            assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Open the worst wheel end");
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        }
    }

    @Test
    void saysPlainlyWhenAWheelEndIsNotThere(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(
                    app.at("/wheel-ends/00000000-0000-4000-8000-00000000dead").toString());
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("There is no wheel end");
            page.getByRole(AriaRole.LINK, named("To the yard").setExact(true)).click();
            assertThat(page.getByText("What next")).isVisible();
        }
    }

    /** What makes the page wider than the screen, in words; empty when nothing does. */
    private static final String TOO_WIDE = """
            () => document.documentElement.scrollWidth <= innerWidth ? '' :
                document.documentElement.scrollWidth + ' px: ' +
                [...document.querySelectorAll('*')]
                    .filter((part) => part.getBoundingClientRect().right > innerWidth)
                    .map((part) => part.outerHTML.slice(0, 200)).join(' ')""";

    @Test
    void fitsAPhone(RunningOldTallow app, Browsers browsers) {
        String named = enterRigNamed("Grosspferdetransporthaenger".repeat(2), app.http());
        try (Visit visit = browsers.visit(app, 360, 760, ColorScheme.LIGHT)) {
            Page page = visit.page();
            for (String path : new String[] {
                "/",
                "/wheel-ends/" + Demo.SHORT_CAMPER_LEFT,
                "/nut-dial",
                "/rigs/new",
                "/rigs/" + Demo.rig("Boat tandem"),
                "/rigs/" + named,
                "/reckoner",
                "/reckoner/wheel-nuts",
                "/almanac",
                "/almanac/reminders",
                "/rigs/" + Demo.rig("Long camper") + "/warmth",
                "/trips/" + Demo.SALT_FLATS,
                "/trips/" + Demo.SALT_FLATS + "/stop",
                "/rigs/" + Demo.rig("Long camper") + "/almanac",
                "/workshop",
                "/bench",
                "/bench/" + Demo.JOB,
                "/wheel-ends/" + Demo.SHORT_CAMPER_RIGHT + "/job"
            }) {
                page.navigate(app.at(path).toString());
                assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                        .isVisible();
                assertThat(page.evaluate(TOO_WIDE)).as(path).isEqualTo("");
            }
        }
    }

    private static String enterRigNamed(String name, Http device) {
        String plate = "W".repeat(8) + UUID.randomUUID().toString().substring(0, 8);
        ObjectNode form = Entries.newRig(
                Entries.rig(name, plate),
                Entries.preset(device, "STEPPED_BRAKED"),
                1,
                "L68149/L68111",
                "L44649/L44610");
        return device.post("/api/v1/rigs", form.toString()).json().path("id").asString();
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
