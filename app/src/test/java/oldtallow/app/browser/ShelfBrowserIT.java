package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class ShelfBrowserIT {

    /** From the box on the shelf into a wheel end, and back from the batch to that wheel end. */
    @Test
    void aBatchIsTakenInFittedAndRecalled(RunningOldTallow app, Browsers browsers) {
        String seal = "seal " + UUID.randomUUID().toString().substring(0, 8);
        String batch = "RB-" + UUID.randomUUID().toString().substring(0, 8);
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/shelf").toString());
            assertThat(page.getByText("To order")).isVisible();
            page.keyboard().press("n");
            page.getByLabel("What it is").click();
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("^seal ")))
                    .click();
            page.getByLabel("As it stands on the box").fill(seal);
            button(page, "Put it on the shelf").click();

            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(seal))
                    .click();
            page.getByLabel("Batch", new Page.GetByLabelOptions().setExact(true))
                    .fill(batch);
            button(page, "Take in").click();
            assertThat(page.getByText("Give the day: without it nobody knows how long it keeps"))
                    .isVisible();
            page.getByLabel("Packed or cured on").fill("2025-11-03");
            button(page, "Take in").click();
            assertThat(page.getByText("1 × " + batch)).isVisible();

            button(page, "Take one for a wheel end").click();
            page.getByLabel("Into which wheel end").click();
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Flatbed, left"))
                    .click();
            button(page, "It goes in there").click();
            assertThat(page.getByText("0 × " + batch)).isVisible();

            page.getByLabel("Batch, or how it begins").fill(batch.toLowerCase(Locale.ROOT));
            page.keyboard().press("Enter");
            assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Flatbed, left")))
                    .isVisible();
            assertThat(visit.complaints()).isEmpty();
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
