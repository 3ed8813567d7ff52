package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The way in, and what each role finds behind it. */
@ExtendWith(OldTallowExtension.class)
class SignInBrowserIT {

    @Test
    void aWrongPasswordIsToldAndTheRightOneOpensTheYard(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.strangersVisit(1280, 800, ColorScheme.LIGHT)) {
            Page page = visit.page();
            page.navigate(app.at("/").toString());
            page.getByLabel("Sign-in name").fill("tobe");
            page.getByLabel("Password").fill("not this one");
            page.keyboard().press("Enter");
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not go together");
            assertThat(page.getByLabel("Sign-in name")).hasValue("tobe");

            page.getByLabel("Password").fill(Demo.PASSWORD);
            page.keyboard().press("Enter");
            assertThat(page.getByRole(AriaRole.HEADING, named("Boat tandem, front left")))
                    .isVisible();
        }
    }

    @Test
    void everyDemoRoleIsOneStepAway(RunningOldTallow app, Browsers browsers) {
        for (String who : new String[] {"Ines, owner", "Tobe, mechanic", "Wil, apprentice"}) {
            try (Visit visit = browsers.strangersVisit(1280, 800, ColorScheme.LIGHT)) {
                Page page = visit.page();
                page.navigate(app.at("/").toString());
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(who))
                        .click();
                assertThat(page.getByRole(AriaRole.HEADING, named("Boat tandem, front left")))
                        .isVisible();
                page.getByRole(
                                AriaRole.LINK,
                                new Page.GetByRoleOptions()
                                        .setName(who.substring(0, who.indexOf(",")))
                                        .setExact(true))
                        .click();
                assertThat(page.getByRole(AriaRole.HEADING, named(who))).isVisible();
                assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a person")))
                        .hasCount(who.startsWith("Ines") ? 1 : 0);
                Assertions.assertThat(visit.complaints()).isEmpty();
            }
        }
    }

    @Test
    void whoIsSignedOutInTheMiddleOfWorkSignsInAndLosesNothing(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.strangersVisit(1280, 800, ColorScheme.LIGHT)) {
            Page page = visit.page();
            page.navigate(app.at("/wheel-ends/" + Demo.SHORT_CAMPER_RIGHT + "/nut-dial")
                    .toString());
            signInAsIn(page);
            page.getByLabel(java.util.regex.Pattern.compile("^Nearest slot")).fill("13");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Backed off 13"))
                    .click();
            page.getByLabel("Note").fill("written before the sign-out");
            page.context()
                    .clearCookies(
                            new com.microsoft.playwright.BrowserContext.ClearCookiesOptions().setName("oldtallow"));
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save the setting"))
                    .click();
            assertThat(page.getByRole(AriaRole.HEADING, named("Sign in again"))).isVisible();

            signInAsIn(page);
            assertThat(page.getByRole(AriaRole.HEADING, named("Sign in again"))).isHidden();
            // sent by itself, now that somebody is signed in
            assertThat(page.getByText("On record", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
        }
    }

    private static void signInAsIn(Page page) {
        page.getByLabel("Sign-in name").fill("ines");
        page.getByLabel("Password").fill(Demo.PASSWORD);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Sign in").setExact(false))
                .last()
                .click();
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
