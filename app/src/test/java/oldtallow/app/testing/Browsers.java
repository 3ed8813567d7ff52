package oldtallow.app.testing;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, headless. */
public final class Browsers implements AutoCloseable {

    private static final Path CHROMIUM = Path.of("/usr/bin/chromium");
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));

    static {
        // a machine that builds beside it is slow, not wrong
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
    }

    private final Browser chromium = playwright
            .chromium()
            .launch(new LaunchOptions().setExecutablePath(CHROMIUM).setArgs(ARGUMENTS));

    /** A fresh page on which the demo's mechanic is signed in; what it complains of is collected and must be empty when it is closed. */
    public Visit visit(RunningOldTallow app, int width, int height, ColorScheme scheme) {
        return signedIn(app, app.http(), strangersVisit(width, height, scheme));
    }

    /** As another of the demo's people. */
    public Visit visitAs(RunningOldTallow app, String signInName) {
        return signedIn(app, app.as(signInName), strangersVisit(1280, 800, ColorScheme.LIGHT));
    }

    private static Visit signedIn(RunningOldTallow app, Http device, Visit visit) {
        visit.context.addCookies(List.of(new Cookie("oldtallow", device.cookie("oldtallow"))
                .setUrl(app.at("/").toString())));
        return visit;
    }

    /** On a device nobody has signed in on. */
    public Visit strangersVisit(int width, int height, ColorScheme scheme) {
        BrowserContext context = chromium.newContext(new Browser.NewContextOptions()
                .setServiceWorkers(ServiceWorkerPolicy.BLOCK)
                .setViewportSize(width, height)
                .setColorScheme(scheme));
        return stepByStep(context);
    }

    /** On a device of the workshop's network that has agreed to a certificate it does not know. */
    public Visit overNetwork(int width, int height, ColorScheme scheme) {
        BrowserContext context = chromium.newContext(new Browser.NewContextOptions()
                .setServiceWorkers(ServiceWorkerPolicy.BLOCK)
                .setViewportSize(width, height)
                .setColorScheme(scheme)
                .setIgnoreHTTPSErrors(true));
        return stepByStep(context);
    }

    /**
     * A telephone of somebody's own, whose files outlast its browser: closed and opened again over the same folder it is the same
     * one. It may keep pages, and nobody is signed in on it at first.
     */
    public Visit telephone(Path folder) {
        BrowserContext context = playwright
                .chromium()
                .launchPersistentContext(
                        folder,
                        new BrowserType.LaunchPersistentContextOptions()
                                .setExecutablePath(CHROMIUM)
                                .setArgs(ARGUMENTS)
                                .setViewportSize(360, 740));
        return stepByStep(context);
    }

    /** Every move by itself, whoever signs in, unless a test says otherwise. */
    private static Visit stepByStep(BrowserContext context) {
        context.addInitScript(
                "if (localStorage.getItem('oldtallow.pace') === null) localStorage.setItem('oldtallow.pace', 'steps')");
        return new Visit(context, context.newPage());
    }

    public Visit visit(RunningOldTallow app) {
        return visit(app, 1280, 800, ColorScheme.LIGHT);
    }

    @Override
    public void close() {
        chromium.close();
        playwright.close();
    }

    /** One person at one screen. */
    public static final class Visit implements AutoCloseable {

        private final BrowserContext context;
        private final Page page;
        private final List<String> complaints = new ArrayList<>();

        private Visit(BrowserContext context, Page page) {
            this.context = context;
            this.page = page;
            page.onConsoleMessage(message -> {
                if (message.type().equals("error")) {
                    complaints.add(message.text());
                }
            });
            page.onPageError(complaints::add);
        }

        public Page page() {
            return page;
        }

        /** Whether there is a network. */
        public void hasLine(boolean up) {
            context.setOffline(!up);
        }

        /** Errors of the page's console and scripts so far. */
        public List<String> complaints() {
            return List.copyOf(complaints);
        }

        @Override
        public void close() {
            context.close();
        }
    }
}
