package oldtallow.app.outlet.model;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

class QrLabelTest {

    private static final int LABELS = 100;
    private static final int DPI = 300;

    /** At once, without another look: a hundred addresses, as many codes. */
    @Test
    void everyCodeReads() throws IOException {
        List<String> unread = new ArrayList<>();
        for (int i = 0; i < LABELS; i++) {
            String address = "http://127.0.0.1:" + (20_000 + i * 7) + "/rigs/"
                    + UUID.nameUUIDFromBytes(("rig " + i).getBytes(StandardCharsets.UTF_8));
            if (!reads(new QrLabel(address, "Boat tandem", List.of("OT 104-B")), address)) {
                unread.add(address);
            }
        }
        assertThat(unread).isEmpty();
    }

    private static boolean reads(QrLabel label, String address) throws IOException {
        try (var page = Loader.loadPDF(label.pdf())) {
            BufferedImage image = new PDFRenderer(page).renderImageWithDPI(0, DPI);
            int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
            var source = new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels);
            return new QRCodeReader()
                    .decode(new BinaryBitmap(new HybridBinarizer(source)))
                    .getText()
                    .equals(address);
        } catch (ReaderException e) {
            return false;
        }
    }
}
