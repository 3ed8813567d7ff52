package oldtallow.app.job.api;

import java.util.Collection;
import java.util.UUID;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices.Way;

/** Where it is kept how a workshop does what can be done in several ways. */
public interface UsualChoiceStore {

    /** Ways that were said, at most one of a kind; one that this version does not know is left out. */
    Collection<Way> ways(UUID workshopId);

    /** Takes the place of what was said of that kind before. */
    void keep(UUID workshopId, ChoiceKind kind, Way way);
}
