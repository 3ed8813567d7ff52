package oldtallow.app.register.model;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;

/** Where fitted parts are kept. */
public interface FittedPartStore {

    /** Everything that is or was fitted to these wheel ends, by place, the latest first. */
    List<FittedPart> of(Collection<UUID> wheelEndIds);

    /** Parts on a wheel end now whose batch begins so, however it is written; at most so many. */
    List<FittedPart> ofBatch(String beginning, int most);

    /** Takes off what is in a place; nothing happens where it is empty. */
    void takeOff(UUID wheelEndId, PartPlace place, LocalDate on);

    /** Writes a part anew, but for its place and the day it came off; false where there is none of that id there. */
    boolean correct(FittedPart part);

    /** Puts a part in its empty place; a part that is on record already stays as it is. */
    void fit(FittedPart part);
}
