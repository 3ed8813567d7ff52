package oldtallow.app.register.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;

/** Turns a picture as the camera was held when it was taken, by its EXIF orientation (CIPA DC-008, tag 274). */
final class Upright {

    private static final int USUAL = 1;

    private Upright() {}

    /** As JPEG; {@code sent}: the file it was read from. */
    static byte[] jpeg(BufferedImage picture, byte[] sent) {
        int orientation = orientation(sent);
        boolean isOnItsSide = orientation >= 5;
        int width = isOnItsSide ? picture.getHeight() : picture.getWidth();
        int height = isOnItsSide ? picture.getWidth() : picture.getHeight();
        var upright = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D canvas = upright.createGraphics();
        canvas.drawImage(picture, turn(orientation, picture.getWidth(), picture.getHeight()), null);
        canvas.dispose();
        var bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(upright, "jpeg", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e); // into memory: cannot be
        }
        return bytes.toByteArray();
    }

    private static int orientation(byte[] sent) {
        try {
            @Nullable
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : USUAL;
        } catch (ImageProcessingException | MetadataException | IOException e) {
            return USUAL;
        }
    }

    /** Where the first row and the first column of the file belong, for a picture of that size. */
    private static AffineTransform turn(int orientation, int width, int height) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, width);
            default -> new AffineTransform();
        };
    }
}
