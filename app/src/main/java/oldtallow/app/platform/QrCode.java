package oldtallow.app.platform;

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
import java.util.EnumMap;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A QR code of a text, which has been read once before it is shown.
 *
 * @param text what it opens
 */
public record QrCode(String text) {

    /** Cells left white around it (ISO/IEC 18004, quiet zone; from memory). */
    private static final int QUIET_ZONE = 4;
    /** Of a cell, when it is read to see whether it can be. */
    private static final int READ_PIXELS = 8;

    /** As a picture of its own, so many millimetres wide. */
    public String svg(int millimetres) {
        return """
                <svg xmlns="http://www.w3.org/2000/svg" width="%dmm" height="%dmm" viewBox="0 0 %d %d"><rect width="100%%" height="100%%" fill="#fff"/><path d="%s" fill="#000"/></svg>""".formatted(millimetres, millimetres, millimetres, millimetres, path(millimetres, 0));
    }

    /** Its dark cells as a path of SVG, so many units wide with its quiet zone, set off so far from the corner. */
    public String path(int width, double corner) {
        BitMatrix code = code();
        double cell = (double) width / code.getWidth();
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

    /** Of one code in some hundreds a reader takes part of the data for a corner: then another mask, until it reads. */
    private BitMatrix code() {
        BitMatrix usual = code(Map.of());
        return isRead(usual)
                ? usual
                : IntStream.range(0, QRCode.NUM_MASK_PATTERNS)
                        .mapToObj(mask -> code(Map.of(EncodeHintType.QR_MASK_PATTERN, mask)))
                        .filter(QrCode::isRead)
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
            return new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, hints);
        } catch (WriterException e) {
            throw new IllegalArgumentException("no QR code of " + text, e);
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
}
