package oldtallow.app.outlet.model;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;

/** Pages for paper. */
public final class Paper {

    private Paper() {}

    /** A page of XHTML as PDF. It fetches nothing: whatever it shows stands in it. */
    public static byte[] pdf(String xhtml) {
        var bytes = new ByteArrayOutputStream();
        try {
            new PdfRendererBuilder()
                    .useSVGDrawer(new BatikSVGDrawer())
                    .withHtmlContent(xhtml, null)
                    .toStream(bytes)
                    .run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }
}
