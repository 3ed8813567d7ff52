package oldtallow.app.outlet.api;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.ChecksumException;
import com.google.zxing.DecodeHintType;
import com.google.zxing.FormatException;
import com.google.zxing.LuminanceSource;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Map;
import java.util.UUID;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.app.testing.Stores;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Labels read back by a QR reader and a PDF reader, as a phone and a printer would. */
@ExtendWith(OldTallowExtension.class)
class LabelIT {

    @Test
    void theCodeOnAHubsPageOpensTheWheelEnd(RunningOldTallow app) throws IOException, ReaderException {
        UUID end = Demo.rearRight("Boat tandem");

        byte[] pdf = app.http().bytes("/api/v1/wheel-ends/" + end + "/label.pdf");

        try (PDDocument page = Loader.loadPDF(pdf)) {
            assertThat(page.getNumberOfPages()).isEqualTo(1);
            assertThat(page.getPage(0).getMediaBox().getWidth()).isBetween(209f, 210.5f); // 74 mm
            assertThat(new PDFTextStripper().getText(page)).contains("Boat tandem", "rear right", "calcium sulfonate");
            assertThat(read(new PDFRenderer(page)))
                    .isEqualTo(app.at("/wheel-ends/" + end).toString());
        }
    }

    @Test
    void theCodeOnABagsPageOpensItsBatch(RunningOldTallow app) throws IOException, ReaderException {
        Stores stores = new Stores(app.http());
        UUID batch = stores.batch(stores.item("labelled"), "Q & <7>", 1);

        try (PDDocument page = Loader.loadPDF(app.http().bytes("/api/v1/shelf/batches/" + batch + "/label.pdf"))) {
            assertThat(new PDFTextStripper().getText(page)).contains("Q & <7>", "keeps until 2032-03-01");
            assertThat(read(new PDFRenderer(page))).endsWith("/shelf?batch=Q%20%26%20%3C7%3E");
        }
    }

    @Test
    void theCodeOnADrawbarOpensTheRig(RunningOldTallow app) throws IOException, ReaderException {
        UUID rig = Demo.rig("Boat tandem");

        try (PDDocument page = Loader.loadPDF(app.http().bytes("/api/v1/rigs/" + rig + "/label.pdf"))) {
            assertThat(new PDFTextStripper().getText(page)).contains("OT 104-B");
            assertThat(read(new PDFRenderer(page))).endsWith("/rigs/" + rig);
        }
        Answer picture = app.http().get("/api/v1/rigs/" + rig + "/label.svg");
        assertThat(picture.type()).contains("svg");
        assertThat(picture.text()).contains("Boat tandem");
    }

    @Test
    void aLabelOfNothingIsNotThere(RunningOldTallow app) {
        UUID nothing = UUID.randomUUID();

        assertThat(app.http()
                        .get("/api/v1/wheel-ends/" + nothing + "/label.svg")
                        .status())
                .isEqualTo(404);
        assertThat(app.http()
                        .get("/api/v1/shelf/batches/" + nothing + "/label.pdf")
                        .status())
                .isEqualTo(404);
        assertThat(app.http().get("/api/v1/rigs/" + nothing + "/label.pdf").status())
                .isEqualTo(404);
    }

    /** Read as a phone does, which looks again from another distance; what it reads must be right at the first that reads. */
    private static String read(PDFRenderer label) throws IOException, ReaderException {
        for (int dpi : new int[] {300, 450}) {
            try {
                return read(label.renderImageWithDPI(0, dpi));
            } catch (ChecksumException | FormatException | NotFoundException unread) {
                // the address holds the port, so every run has a code of its own, and the reader fails on a few of them
            }
        }
        return read(label.renderImageWithDPI(0, 600));
    }

    private static String read(BufferedImage image) throws ReaderException {
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        LuminanceSource source = new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels);
        return new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(source)), Map.of(DecodeHintType.TRY_HARDER, true))
                .getText();
    }
}
