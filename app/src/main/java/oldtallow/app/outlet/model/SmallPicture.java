package oldtallow.app.outlet.model;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;
import oldtallow.app.register.photo.Photo;

/** A photo made small enough to stand in a page by itself. */
public final class SmallPicture {

    /** Pixels of the longer side: 42 mm on paper at some 360 to the inch. */
    private static final int LONGEST = 600;

    private SmallPicture() {}

    /** An address that carries the picture. */
    public static String address(Photo photo) {
        try {
            BufferedImage whole = ImageIO.read(new ByteArrayInputStream(photo.bytes()));
            double scale = Math.min(1, (double) LONGEST / Math.max(whole.getWidth(), whole.getHeight()));
            int width = (int) Math.max(1, Math.round(whole.getWidth() * scale));
            int height = (int) Math.max(1, Math.round(whole.getHeight() * scale));
            var small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
            Graphics2D pen = small.createGraphics();
            pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
            pen.drawImage(whole, 0, 0, width, height, null);
            pen.dispose();
            var bytes = new ByteArrayOutputStream();
            ImageIO.write(small, "jpeg", bytes);
            return "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(bytes.toByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
