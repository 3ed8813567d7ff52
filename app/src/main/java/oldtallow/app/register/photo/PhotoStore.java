package oldtallow.app.register.photo;

import java.util.Optional;
import java.util.UUID;

/** Where photos are kept. */
public interface PhotoStore {

    Optional<Photo> ofRig(UUID rigId);

    boolean has(UUID rigId);

    void put(UUID rigId, Photo photo);

    void remove(UUID rigId);
}
