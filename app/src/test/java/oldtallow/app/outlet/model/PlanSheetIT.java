package oldtallow.app.outlet.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Collections;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.core.hub.Construction;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** A job before it begins, on paper. */
@ExtendWith(OldTallowExtension.class)
class PlanSheetIT {

    /** Two axles and all there is to do: the longest plan of its kind. */
    @ParameterizedTest
    @EnumSource(Construction.class)
    void thePlanOfARigIsOnePage(Construction construction, RunningOldTallow app) throws IOException {
        JsonNode rig = new Bench(app.http()).newRig(construction.name(), 2);

        try (PDDocument pdf = Loader.loadPDF(app.http().bytes(sheet(rig) + ".pdf?scope=RENEW"))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("What governs", "end play or preload", "common practice", "9 Set the nut", "1L", "2R")
                    .contains("Where it can hurt", "The maker's figures and local rules govern");
        }
    }

    /** Front and rear hubs unlike each other: what only one of them has stands in between. */
    @ParameterizedTest
    @ValueSource(strings = {"Old bush 4x4", "Valley 4x4", "Shopping car", "Two-seater"})
    void thePlanOfARigOfUnlikeHubsIsOnePageToo(String name, RunningOldTallow app) throws IOException {
        String sheet = "/api/v1/rigs/" + Demo.rig(name) + "/plan-sheet.pdf?scope=RENEW";

        try (PDDocument pdf = Loader.loadPDF(app.http().bytes(sheet))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
        }
    }

    @Test
    void aChosenWayAndChosenHubsStandOnItAndInItsCode(RunningOldTallow app) {
        JsonNode rig = new Bench(app.http()).newRig("STEPPED_UNBRAKED", 1);
        String left = rig.at("/axles/0/wheelEnds/0/id").asString();

        String page = app.http()
                .get(sheet(rig) + ".html?scope=REPACK&wheelEndIds=" + left + "&ways=PACKING.PACKER,WHEEL.STAYS")
                .text();

        assertThat(page)
                .contains("inspect and repack; left", "with a packer", "stays on its hub")
                .doesNotContain("Crack the wheel nuts")
                .doesNotContain("<p class=\"hubs\">");
        assertThat(app.http()
                        .get(sheet(rig) + ".svg?scope=REPACK&ways=PACKING.PACKER")
                        .text())
                .startsWith("<svg");
    }

    @Test
    void aWayThatIsNoneIsRefusedByItsName(RunningOldTallow app) {
        JsonNode rig = new Bench(app.http()).newRig("STEPPED_UNBRAKED", 1);

        var refused = app.http().get(sheet(rig) + ".html?scope=REPACK&ways=PACKING.SPOON");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().toString()).contains("PACKING.SPOON", "PACKING.PACKER");
    }

    @Test
    void moreThanACodeHoldsIsRefused(RunningOldTallow app) {
        JsonNode rig = new Bench(app.http()).newRig("STEPPED_UNBRAKED", 1);

        var refused = app.http()
                .get(sheet(rig) + ".svg?scope=REPACK&ways=" + String.join(",", Collections.nCopies(40, "WHEEL.STAYS")));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().toString()).contains("40 of them");
    }

    private static String sheet(JsonNode rig) {
        return "/api/v1/rigs/" + rig.path("id").asString() + "/plan-sheet";
    }
}
