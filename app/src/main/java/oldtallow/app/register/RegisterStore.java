package oldtallow.app.register;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.endplay.GoverningFigure;
import org.jspecify.annotations.Nullable;

/** Where rigs and wheel ends are kept. */
public interface RegisterStore {

    /** All rigs of a workshop by yard number, axles from the front, left before right. */
    List<Rig> rigs(UUID workshopId);

    Optional<WheelEnd> wheelEnd(UUID workshopId, UUID wheelEndId);

    void add(UUID workshopId, Rig rig);

    /** A figure for one wheel end, or for all of the workshop's when {@code wheelEndId} is null. */
    void addWindow(UUID workshopId, @Nullable UUID wheelEndId, GoverningFigure<EndPlayWindow> figure);
}
