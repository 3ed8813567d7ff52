package oldtallow.app.register.photo;

import java.util.UUID;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.api.Register;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One photo a rig. */
@Service
public class Photos {

    private final PhotoStore store;
    private final Register register;

    Photos(PhotoStore store, Register register) {
        this.store = store;
        this.register = register;
    }

    @Transactional(readOnly = true)
    public boolean has(UUID rigId) {
        return store.has(rigId);
    }

    /** Keeps a photo in place of the one before. */
    @Transactional
    public void put(UUID rigId, byte[] bytes) {
        UUID id = register.rig(rigId).id();
        store.put(id, Photo.read(bytes));
    }

    @Transactional
    public void remove(UUID rigId) {
        store.remove(register.rig(rigId).id());
    }

    /** The photo; throws {@link NotFoundException} where the rig has none. */
    @Transactional(readOnly = true)
    public Photo require(UUID rigId) {
        return store.ofRig(rigId).orElseThrow(() -> new NotFoundException("photo of a rig", rigId));
    }
}
