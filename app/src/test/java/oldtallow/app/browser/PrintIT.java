package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Media;
import java.util.List;
import java.util.stream.Stream;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whoever prints by lamp light prints ink on paper. */
@ExtendWith(OldTallowExtension.class)
class PrintIT {

    /**
     * Words lighter than what 4.5 to 1 on white asks (WCAG 2.2, 1.4.3), but for those on a fill of their own, which a browser
     * prints dark when it leaves the fill away.
     */
    private static final String TOO_LIGHT = """
            () => {
              const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true })
              const light = (colour) => {
                canvas.clearRect(0, 0, 1, 1)
                canvas.fillStyle = 'white'
                canvas.fillRect(0, 0, 1, 1)
                canvas.fillStyle = colour
                canvas.fillRect(0, 0, 1, 1)
                const [r, g, b] = [...canvas.getImageData(0, 0, 1, 1).data].slice(0, 3)
                  .map((part) => part / 255)
                  .map((part) => part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4)
                return 0.2126 * r + 0.7152 * g + 0.0722 * b
              }
              const onFill = (element) => {
                for (let one = element; one !== document.body; one = one.parentElement) {
                  if (light(getComputedStyle(one).backgroundColor) < 0.5) return true
                }
                return false
              }
              return [...document.querySelectorAll('body *')]
                .filter((element) => [...element.childNodes]
                  .some((node) => node.nodeType === Node.TEXT_NODE && node.textContent.trim() !== ''))
                .filter((element) => element.checkVisibility({ visibilityProperty: true }))
                .filter((element) => !(element instanceof SVGElement) && !onFill(element))
                .filter((element) => 1.05 / (light(getComputedStyle(element).color) + 0.05) < 4.5)
                .map((element) => element.textContent.trim().slice(0, 60) + ' ' + getComputedStyle(element).color)
            }
            """;

    static Stream<String> pages() {
        String end = "/wheel-ends/" + Demo.rearRight("Boat tandem");
        return Stream.of(
                "/", "/almanac", "/shelf", "/reckoner/wheel-nuts", end, end + "/setting-chart", end + "/nut-dial");
    }

    @ParameterizedTest
    @MethodSource("pages")
    void isInkOnPaperWhicheverThemeIsChosen(String path, RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app, 1280, 800, ColorScheme.DARK)) {
            Page page = visit.page();
            page.navigate(app.at(path).toString());
            Locator heading = page.getByRole(AriaRole.HEADING).first();
            assertThat(heading).isVisible();
            assertThat(tooLight(page))
                    .as("by lamp light on the screen it is light on dark")
                    .isNotEmpty();

            for (String theme : List.of("dark", "light")) {
                page.evaluate("theme => { document.documentElement.dataset.theme = theme }", theme);
                page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
                assertThat(tooLight(page)).as(theme).isEmpty();
            }
        }
    }

    /** Paper as wide as a desk, a sheet laid across or scaled down, has no panes that scroll: what is below would be lost. */
    @ParameterizedTest
    @MethodSource("pages")
    void cutsNothingOff(String path, RunningOldTallow app, Browsers browsers) {
        try (Visit visit = browsers.visit(app, 1280, 800, ColorScheme.LIGHT)) {
            Page page = visit.page();
            page.navigate(app.at(path).toString());
            assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();

            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            assertThat((List<?>) page.evaluate("""
                            () => [...document.querySelectorAll('main div, main section, main aside')]
                              .filter((one) => getComputedStyle(one).overflowY !== 'visible')
                              .filter((one) => one.scrollHeight > one.clientHeight + 1)
                              .map((one) => one.className)
                            """)).isEmpty();
        }
    }

    @SuppressWarnings("unchecked")
    private static List<String> tooLight(Page page) {
        return (List<String>) page.evaluate(TOO_LIGHT);
    }
}
