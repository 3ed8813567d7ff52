package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A whole tandem, four hubs in one job, one bearing of them scrapped, by two people on two devices. */
@ExtendWith(OldTallowExtension.class)
class TandemIT {

    /** More turns than both together need. */
    private static final int ENOUGH = 300;

    @Test
    void twoPeopleRepackATandem(RunningOldTallow app, Browsers browsers) {
        Bench bench = new Bench(app.http());
        JsonNode rig = bench.newRig("STEPPED_UNBRAKED", 2);
        try (Visit left = browsers.visitAs(app, "ines");
                Visit right = browsers.visit(app)) {
            Page ines = inRuns(left.page());
            ines.navigate(app.at("/rigs/" + rig.path("id").asString() + "/job").toString());
            assertThat(ines.getByText("Begin on 4 hubs")).isVisible();
            ines.keyboard().press("Space");
            ines.waitForURL("**/bench/*");
            while (!heading(ines).startsWith("Judge")) {
                pressOnce(ines);
            }
            JsonNode job = Bench.accepted(app.http().get("/api/v1/jobs/" + idOf(ines)));
            assertThat(job.path("round").path("hubs").findValuesAsString("stageWords"))
                    .as("all off, all washed, before anything is judged")
                    .hasSize(4)
                    .containsOnly("Judge");

            Page tobe = inRuns(right.page());
            int scrapped = hubWithout(job, idOf(ines));
            JsonNode hub = job.path("round").path("hubs").get(scrapped);
            tobe.navigate(app.at("/bench/" + hub.path("jobId").asString()).toString());
            BenchIT.settle(tobe);
            tobe.keyboard().press("c");
            tobe.getByLabel("What ended it").fill("spalled all round");
            tobe.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Scrap it"))
                    .click();
            assertThat(BenchIT.action(tobe)).containsText("Done");
            assertThat(ines.getByText("Tobe is at " + hub.path("position").asString()))
                    .isVisible();

            walk(ines, tobe);

            assertThat(ines.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                    .hasText("Closed");
            assertThat(complaints(left)).isEmpty();
            assertThat(complaints(right)).isEmpty();
            for (int i = 0; i < 4; i++) {
                JsonNode at = bench.at(job, i);
                assertThat(at.path("state").asString()).isEqualTo("CLOSED");
                assertThat(at.path("parts").path("tray")).isEmpty();
                assertThat(at.path("walk").path("done").toString().contains("Inboard cup in"))
                        .as("cups of the one that was scrapped alone, hub %d", i)
                        .isEqualTo(i == scrapped);
            }
            assertThat(bench.at(job, scrapped).path("walk").path("done").findValuesAsString("by"))
                    .contains("Ines", "Tobe");
        }
    }

    /** A hub where she is not. */
    private static int hubWithout(JsonNode job, String jobId) {
        List<String> ids = job.path("round").path("hubs").findValuesAsString("jobId");
        return ids.getLast().equals(jobId) ? 0 : ids.size() - 1;
    }

    /** Turn by turn; whoever waits for the other's hub waits. */
    private static void walk(Page ines, Page tobe) {
        for (int turn = 0; turn < ENOUGH; turn++) {
            for (Page page : List.of(ines, tobe)) {
                BenchIT.settle(page);
                if (BenchIT.isOver(page)) {
                    return;
                }
                if (!BenchIT.action(page).innerText().startsWith("First")) {
                    pressOnce(page);
                }
            }
        }
        throw new IllegalStateException("not closed in " + ENOUGH + " turns");
    }

    /** One of two who press at the same moment is told that the other was first. */
    private static List<String> complaints(Visit visit) {
        return visit.complaints().stream()
                .filter(one -> !one.contains("status of 409"))
                .toList();
    }

    private static void pressOnce(Page page) {
        BenchIT.pressOnce(page, "PageDown");
        BenchIT.settle(page);
    }

    private static String heading(Page page) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1))
                .innerText();
    }

    private static String idOf(Page page) {
        return page.url().substring(page.url().lastIndexOf('/') + 1);
    }

    private static Page inRuns(Page page) {
        page.addInitScript("localStorage.setItem('oldtallow.pace', 'runs')");
        return page;
    }
}
