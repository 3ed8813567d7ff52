package oldtallow.app.label;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.EncodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.google.zxing.qrcode.encoder.QRCode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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
    /** Cells left white around it (ISO/IEC 18004, quiet zone; from memory). */
    private static final int QUIET_ZONE = 4;
    /** Of a cell, when it is read to see whether it can be. */
    private static final int READ_PIXELS = 8;

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
                """.formatted(WIDTH_MM, HEIGHT_MM, WIDTH_MM, HEIGHT_MM, path(2), text);
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
                        path(0),
                        escaped(title),
                        lines.stream().map(QrLabel::escaped).collect(Collectors.joining("<br/>"))));
    }

    /** The code alone, so many millimetres wide. */
    public String code(int millimetres) {
        return """
                <svg xmlns="http://www.w3.org/2000/svg" width="%dmm" height="%dmm" viewBox="0 0 %d %d"><path d="%s" fill="#000"/></svg>""".formatted(millimetres, millimetres, QR_MM, QR_MM, path(0));
    }

    /** The dark cells of the code, set off so far from the corner, in mm. */
    private String path(double corner) {
        BitMatrix code = code();
        double cell = (double) QR_MM / code.getWidth();
        var path = new StringBuilder();
        for (int y = 0; y < code.getHeight(); y++) {
            for (int x = 0; x < code.getWidth(); x++) {
                if (code.get(x, y)) {
                    path.append("M%.3f %.3fh%.3fv%.3fh-%.3fz"
                            .formatted(corner + x * cell, corner + y * cell, cell, cell, cell));
                }
            }
        }
        return path.toString();
    }

    private static String escaped(String words) {
        return HtmlUtils.htmlEscapeDecimal(words, "UTF-8");
    }

    /** Of one code in some hundreds a reader takes part of the data for a corner: then another mask, until it reads. */
    private BitMatrix code() {
        BitMatrix usual = code(Map.of());
        return isRead(usual)
                ? usual
                : IntStream.range(0, QRCode.NUM_MASK_PATTERNS)
                        .mapToObj(mask -> code(Map.of(EncodeHintType.QR_MASK_PATTERN, mask)))
                        .filter(QrLabel::isRead)
                        .findFirst()
                        .orElse(usual);
    }

    private BitMatrix code(Map<EncodeHintType, Integer> mask) {
        var hints = new EnumMap<EncodeHintType, Object>(EncodeHintType.class);
        hints.putAll(mask);
        hints.put(
                EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.Q); // grease on a fifth of it and it still reads
        hints.put(EncodeHintType.MARGIN, QUIET_ZONE);
        try {
            return new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0, hints);
        } catch (WriterException e) {
            throw new IllegalArgumentException("no QR code of " + address, e);
        }
    }

    private static boolean isRead(BitMatrix code) {
        int side = code.getWidth() * READ_PIXELS;
        int[] pixels = new int[side * side];
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = code.get(i % side / READ_PIXELS, i / side / READ_PIXELS) ? 0 : 0xFFFFFF;
        }
        try {
            new QRCodeReader()
                    .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(side, side, pixels))));
            return true;
        } catch (ReaderException e) {
            return false;
        }
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
