package oldtallow.app.outlet.model;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import oldtallow.app.platform.QrCode;
import org.springframework.web.util.HtmlUtils;

/**
 * A label of 74 × 36 mm for a bag, a box or a hub: a QR code and what stands beside it.
 *
 * @param address what the code opens
 * @param title the largest words
 * @param lines below it, at most five
 */
public record QrLabel(String address, String title, List<String> lines) {

    private static final int WIDTH_MM = 74;
    private static final int HEIGHT_MM = 36;
    private static final int QR_MM = 32;
    private static final int LETTERS = 24;
    private static final double LINE_MM = 4.6;

    public QrLabel {
        lines = List.copyOf(lines);
    }

    /** As an SVG picture; black on white, so that any printer and any light will do. */
    public String svg() {
        var text = new StringBuilder();
        double at = 7;
        for (String line : wrapped(title)) {
            text.append(text(at, 4.4, "bold", line));
            at += LINE_MM;
        }
        for (String line : lines) {
            for (String piece : wrapped(line)) {
                text.append(text(at, 3.2, "normal", piece));
                at += LINE_MM * 0.86;
            }
        }
        return """
                <svg xmlns="http://www.w3.org/2000/svg" width="%dmm" height="%dmm" viewBox="0 0 %d %d">
                <rect width="100%%" height="100%%" fill="#fff"/><path d="%s" fill="#000"/>%s</svg>
                """.formatted(WIDTH_MM, HEIGHT_MM, WIDTH_MM, HEIGHT_MM, new QrCode(address).path(QR_MM, 2), text);
    }

    /** As a page of its own, for a label printer or to cut out. */
    public byte[] pdf() {
        return Paper.pdf("""
                <html><head><style>
                @page { size: %dmm %dmm; margin: 0 }
                body { margin: 0; font-family: Helvetica, sans-serif; color: #000 }
                svg { position: absolute; left: 2mm; top: 2mm }
                div { position: absolute; left: 36mm; top: 2.5mm; width: 36mm; font-size: 3.2mm; line-height: 4mm }
                b { display: block; font-size: 4.4mm; line-height: 4.6mm }
                </style></head><body>
                <svg xmlns="http://www.w3.org/2000/svg" width="%dmm" height="%dmm" viewBox="0 0 %d %d">
                <path d="%s" fill="#000"/></svg>
                <div><b>%s</b>%s</div></body></html>
                """.formatted(
                        WIDTH_MM,
                        HEIGHT_MM,
                        QR_MM,
                        QR_MM,
                        QR_MM,
                        QR_MM,
                        new QrCode(address).path(QR_MM, 0),
                        escaped(title),
                        lines.stream().map(QrLabel::escaped).collect(Collectors.joining("<br/>"))));
    }

    private static String escaped(String words) {
        return HtmlUtils.htmlEscapeDecimal(words, "UTF-8");
    }

    private static String text(double y, double size, String weight, String words) {
        return "<text x=\"36\" y=\"%.2f\" font-family=\"sans-serif\" font-size=\"%.1f\" font-weight=\"%s\">%s</text>"
                .formatted(y, size, weight, escaped(words));
    }

    /** Words in lines that fit beside the code. */
    private static List<String> wrapped(String words) {
        List<String> lines = new ArrayList<>();
        var line = new StringBuilder();
        for (String word : List.of(words.strip().split("\\s+", -1))) {
            if (!line.isEmpty() && line.length() + 1 + word.length() > LETTERS) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }
}
