package oldtallow.app.outlet.model;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.web.util.HtmlUtils;

/** Pages for paper. */
public final class Paper {

    private Paper() {}

    static int pages(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Words as they stand in a page. */
    static String escaped(String words) {
        return HtmlUtils.htmlEscapeDecimal(words, "UTF-8");
    }

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
