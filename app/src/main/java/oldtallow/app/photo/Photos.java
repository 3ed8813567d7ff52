package oldtallow.app.photo;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import oldtallow.app.platform.FieldErrors;
import oldtallow.app.platform.NotFoundException;
import oldtallow.app.register.Register;
import oldtallow.app.walls.Asker;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One photo a rig. */
@Service
public class Photos {

    private static final int MOST_BYTES = 10 * 1024 * 1024;
    /** A picture of few bytes can claim more pixels than a browser can hold. */
    private static final int MOST_PIXELS_A_SIDE = 12_000;

    private static final Map<String, String> MEDIA_TYPES =
            Map.of("jpeg", "image/jpeg", "png", "image/png", "gif", "image/gif");

    private final PhotoStore store;
    private final Register register;

    Photos(PhotoStore store, Register register) {
        this.store = store;
        this.register = register;
    }

    @Transactional(readOnly = true)
    public boolean has(UUID rigId) {
        return store.has(Asker.now().workshopId(), rigId);
    }

    /** Keeps a photo in place of the one before. What it is comes from its own bytes, not from what was claimed. */
    @Transactional
    public void put(UUID rigId, byte[] bytes) {
        UUID id = register.rig(rigId).id();
        var errors = new FieldErrors();
        if (bytes.length > MOST_BYTES) {
            errors.add("photo", bytes.length + " bytes", "is over 10 MB; take it smaller, or save it as JPEG");
        }
        errors.throwIfAny();
        @Nullable String mediaType = mediaType(bytes);
        if (mediaType == null) {
            errors.add("photo", null, "is not a picture this product can show; send a JPEG, PNG or GIF file");
        }
        store.put(Asker.now().workshopId(), id, new Photo(errors.require(mediaType), bytes));
    }

    @Transactional
    public void remove(UUID rigId) {
        store.remove(Asker.now().workshopId(), register.rig(rigId).id());
    }

    /** The photo; throws {@link NotFoundException} where the rig has none. */
    @Transactional(readOnly = true)
    public Photo require(UUID rigId) {
        return store.ofRig(Asker.now().workshopId(), rigId)
                .orElseThrow(() -> new NotFoundException("photo of a rig", rigId));
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
                return drawable ? MEDIA_TYPES.get(reader.getFormatName().toLowerCase(java.util.Locale.ROOT)) : null;
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException e) {
            return null; // cut off or broken: nothing to show
        }
    }
}
