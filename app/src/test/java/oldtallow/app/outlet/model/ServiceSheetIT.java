package oldtallow.app.outlet.model;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Base64;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(OldTallowExtension.class)
class ServiceSheetIT {

    /** One grey pixel. */
    private static final byte[] PNG = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");

    @Test
    void putsAClosedJobOnOnePageWhoseCodeOpensTheRig(RunningOldTallow app) throws Exception {
        Http device = app.http();
        var bench = new Bench(device);
        // no other test reckons with how long jobs on this construction took
        UUID left = bench.newWheelEnd("STEPPED_UNBRAKED");
        JsonNode job = bench.doAll(bench.open(left, "RENEW"));
        String path = "/api/v1/jobs/" + job.path("id").asString();
        Bench.accepted(device.post(path + "/close", Bench.entry().toString()));

        try (PDDocument pdf = Loader.loadPDF(device.bytes(path + "/service-sheet.pdf"))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("On the bench, left", "Work", "Closed", "Tobe", "end play", "Due again")
                    .contains("re-torque the wheel nuts", "Wheel nuts again after the first drive")
                    .contains("licensed work")
                    .doesNotContain("Not closed yet");
            BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, 300);
            // its upper right corner, as somebody holds a phone over it
            BufferedImage image =
                    page.getSubimage(page.getWidth() * 2 / 3, 0, page.getWidth() / 3, page.getHeight() / 5);
            int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
            String code = new MultiFormatReader()
                    .decode(new BinaryBitmap(
                            new HybridBinarizer(new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels))))
                    .getText();
            assertThat(code).endsWith("/rigs/" + job.path("hub").path("rigId").asString());
        }
    }

    @Test
    void saysThatAJobIsNotClosedYetAndPrintsInABrowserToo(RunningOldTallow app) {
        Http device = app.http();
        var bench = new Bench(device);
        JsonNode job = bench.open(bench.newWheelEnd("ROTOR_HUB"), "REPACK");

        Http.Answer page = device.get("/api/v1/jobs/" + job.path("id").asString() + "/service-sheet.html");

        assertThat(page.status()).isEqualTo(200);
        assertThat(page.type()).startsWith("text/html");
        assertThat(page.text()).contains("Not closed yet").contains("<svg").doesNotContain("<script");
        assertThat(device.get("/api/v1/jobs/" + UUID.randomUUID() + "/service-sheet.pdf")
                        .status())
                .isEqualTo(404);
    }

    /** What holds at both hubs is said once; what one of them has of its own stands under its name, with its photo. */
    @Test
    void putsAllHubsOfAJobOnOneSheet(RunningOldTallow app) throws IOException {
        Http device = app.http();
        var bench = new Bench(device);
        JsonNode job = bench.openAll(bench.newRig("STEPPED_UNBRAKED", 1), "REPACK", "HUB_BY_HUB");
        JsonNode right = bench.at(job, 1);
        ObjectNode blue = Bench.entry().put("reason", "a blue line all round");
        blue.putArray("parts").add("OUTBOARD_CONE").add("OUTBOARD_CUP");
        Bench.accepted(bench.post(right, "/condemned", blue));
        String photo = path(right) + "photos/" + UUID.randomUUID() + "?part=OUTBOARD_CONE&stepId="
                + right.at("/walk/now/id").asString();
        assertThat(device.putBytes(photo, PNG).status()).isEqualTo(204);

        try (PDDocument pdf = Loader.loadPDF(device.bytes(path(job) + "sheet-of-all-hubs.pdf"))) {
            String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains("2 hubs", "Not closed yet", "a blue line all round", "Not fit to go back")
                    .contains("Right", "outboard cone");
            assertThat(text.split("inspect and repack", -1))
                    .as("the work is the same at both: %s", text)
                    .hasSizeBetween(2, 3);
        }
        assertThat(device.get(path(right) + "sheet-of-all-hubs.html").text()).contains("<img src=\"data:image/jpeg");
        assertThat(device.get(path(right) + "service-sheet.html").text())
                .contains("<img src=\"data:image/jpeg")
                .doesNotContain("2 hubs");
        assertThat(device.get(path(job) + "service-sheet.html").text()).doesNotContain("<img", "a blue line");
    }

    private static String path(JsonNode job) {
        return "/api/v1/jobs/" + job.path("id").asString() + "/";
    }
}
