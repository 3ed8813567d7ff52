package oldtallow.app.photo;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import oldtallow.app.platform.FieldErrors;
import org.jspecify.annotations.Nullable;

/**
 * A picture as it was sent.
 *
 * @param mediaType image/jpeg, image/png or image/gif
 */
@SuppressWarnings("ArrayRecordComponent") // bytes of a file, compared by nobody
public record Photo(String mediaType, byte[] bytes) {

    private static final int MOST_BYTES = 10 * 1024 * 1024;
    /** A picture of few bytes can claim more pixels than a browser can hold. */
    private static final int MOST_PIXELS_A_SIDE = 12_000;

    private static final Map<String, String> MEDIA_TYPES =
            Map.of("jpeg", "image/jpeg", "png", "image/png", "gif", "image/gif");

    /** A photo from a file's bytes. What it is comes from the bytes themselves, not from what was claimed. */
    public static Photo read(byte[] bytes) {
        var errors = new FieldErrors();
        if (bytes.length > MOST_BYTES) {
            errors.add("photo", bytes.length + " bytes", "is over 10 MB; take it smaller, or save it as JPEG");
        }
        errors.throwIfAny();
        @Nullable String mediaType = mediaType(bytes);
        if (mediaType == null) {
            errors.add("photo", null, "is not a picture this product can show; send a JPEG, PNG or GIF file");
        }
        return new Photo(errors.require(mediaType), bytes);
    }

    private static @Nullable String mediaType(byte[] bytes) {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
            if (!readers.hasNext()) {
                return null;
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(input, true, true);
                boolean drawable =
                        reader.getWidth(0) <= MOST_PIXELS_A_SIDE && reader.getHeight(0) <= MOST_PIXELS_A_SIDE;
                return drawable ? MEDIA_TYPES.get(reader.getFormatName().toLowerCase(Locale.ROOT)) : null;
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException e) {
            return null; // cut off or broken: nothing to show
        }
    }
}
