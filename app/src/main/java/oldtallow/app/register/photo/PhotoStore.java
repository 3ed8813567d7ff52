package oldtallow.app.register.photo;

import java.util.Optional;
import java.util.UUID;

/** Where photos are kept. */
public interface PhotoStore {

    Optional<Photo> ofRig(UUID workshopId, UUID rigId);

    boolean has(UUID workshopId, UUID rigId);

    void put(UUID workshopId, UUID rigId, Photo photo);

    void remove(UUID workshopId, UUID rigId);
}
