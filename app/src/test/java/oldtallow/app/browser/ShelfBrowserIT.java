package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
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

    /** A made label is read by an independent reader of the code's library, and leads back to its batch. */
    @Test
    void aLabelsCodeOpensItsBatch(RunningOldTallow app, Browsers browsers) throws Exception {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            page.navigate(app.at("/shelf").toString());
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("get-home bag"))
                    .click();
            String label = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("as a picture"))
                    .first()
                    .getAttribute("href");
            page.navigate(app.at(label).toString());

            String address = read(page.screenshot());

            assertThat(address).startsWith(app.at("/shelf?batch=bag%20").toString());
            page.navigate(address);
            assertThat(page.getByText("No wheel end carries it.")).isVisible();
            page.navigate(app.at("/shelf?batch=nothing-like-it").toString());
            assertThat(page.getByText("No batch begins like that")).isVisible();
        }
    }

    /** Two jobs on one trailer and one on another: one list, and kits that say what is here. */
    @Test
    void threePlannedJobsMakeOneOrderList(RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app)) {
            Page page = visit.page();
            // whatever other tests left on the plan
            app.http()
                    .get("/api/v1/order-list")
                    .json()
                    .path("planned")
                    .forEach(job -> app.http()
                            .delete("/api/v1/planned-jobs/" + job.path("id").asString()));
            page.navigate(app.at("/shelf").toString());
            for (String end : List.of("Two-horse box, front left", "Two-horse box, front right", "Flatbed, left")) {
                button(page, "Plan a job").click();
                page.getByLabel("Into which wheel end").click();
                page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(end))
                        .click();
                page.getByLabel("How far").click();
                page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("renew bearings and races"))
                        .click();
                page.getByLabel("Wanted on").fill("2099-04-01");
                button(page, "Put it on the plan").click();
                assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(end)))
                        .isVisible();
            }

            assertThat(page.getByText("No supplier on record")).isVisible();
            assertThat(page.getByText("Not in bought kits, save the old").first())
                    .isVisible();
            button(page, "Drop").first().click();
            assertThat(button(page, "Drop")).hasCount(2);
            button(page, "Drop").first().click();
            assertThat(button(page, "Drop")).hasCount(1);
            button(page, "Drop").first().click();
            assertThat(page.getByText("No job is planned")).isVisible();
        }
    }

    private static String read(byte[] png) throws Exception {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        var source = new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels);
        return new MultiFormatReader()
                .decode(new BinaryBitmap(new HybridBinarizer(source)))
                .getText();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
