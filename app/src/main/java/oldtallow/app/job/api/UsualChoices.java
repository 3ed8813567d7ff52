package oldtallow.app.job.api;

import java.util.Arrays;
import oldtallow.app.identity.api.Workshops;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.Way;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How the workshop that asks does what can be done in several ways. */
@Service
public class UsualChoices {

    private final Workshops workshops;
    private final UsualChoiceStore store;

    UsualChoices(Workshops workshops, UsualChoiceStore store) {
        this.workshops = workshops;
        this.store = store;
    }

    /** What most do, where the workshop has not said otherwise. */
    @Transactional(readOnly = true)
    public Choices now() {
        Choices choices = Choices.USUAL;
        for (Way way : store.ways(workshops.currentId())) {
            choices = choices.with(way);
        }
        return choices;
    }

    /** Jobs that are opened from now on begin with these. */
    @Transactional
    public void keep(Choices usual) {
        Choices before = now();
        Arrays.stream(ChoiceKind.values())
                .filter(kind -> !kind.of(usual).equals(kind.of(before)))
                .forEach(kind -> store.keep(workshops.currentId(), kind, kind.of(usual)));
    }
}
