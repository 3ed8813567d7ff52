package oldtallow.app.register.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/**
 * A picture to keep. It is drawn anew from what was sent: upright, at most {@value #LONGEST} pixels long, and without what a
 * camera writes into the file, such as the place it was taken at.
 *
 * @param mediaType of its bytes; image/jpeg for what is read now, image/png or image/gif as well for what was kept before
 */
@SuppressWarnings("ArrayRecordComponent") // bytes of a file, compared by nobody
public record Photo(String mediaType, byte[] bytes) {

    /** Pixels of the longer side, enough to see the track of a roller. */
    static final int LONGEST = 2560;

    private static final int MOST_BYTES = 10 * 1024 * 1024;
    /** A picture of few bytes can claim more pixels than there is memory; telephones take up to some 50 million. */
    private static final long MOST_PIXELS = 64_000_000;

    private static final Set<String> FORMATS = Set.of("jpeg", "png", "gif");
    /** Each takes some 20 MB while it is drawn. */
    private static final Semaphore AT_ONCE = new Semaphore(2, true);

    /** A photo from a file's bytes. What it is comes from the bytes themselves, not from what was claimed. */
    public static Photo read(byte[] bytes) {
        var errors = new FieldErrors();
        if (bytes.length > MOST_BYTES) {
            errors.add("photo", bytes.length + " bytes", "is over 10 MB; take it smaller, or save it as JPEG");
        }
        errors.throwIfAny();
        AT_ONCE.acquireUninterruptibly();
        @Nullable BufferedImage picture;
        try {
            picture = picture(bytes);
        } finally {
            AT_ONCE.release();
        }
        if (picture == null) {
            errors.add("photo", null, "is not a picture this product can show; send a JPEG, PNG or GIF file");
        }
        return new Photo("image/jpeg", Upright.jpeg(errors.require(picture), bytes));
    }

    private static @Nullable BufferedImage picture(byte[] bytes) {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
            return readers.hasNext() ? picture(readers.next(), input) : null;
        } catch (IOException | RuntimeException e) {
            return null; // cut off or broken, which the readers tell in many ways: nothing to show
        }
    }

    private static @Nullable BufferedImage picture(ImageReader reader, ImageInputStream input) throws IOException {
        try {
            reader.setInput(input, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))
                    || (long) width * height > MOST_PIXELS) {
                return null;
            }
            int every = Math.ceilDiv(Math.max(width, height), LONGEST);
            ImageReadParam only = reader.getDefaultReadParam();
            only.setSourceSubsampling(every, every, 0, 0);
            return reader.read(0, only);
        } finally {
            reader.dispose();
        }
    }
}
