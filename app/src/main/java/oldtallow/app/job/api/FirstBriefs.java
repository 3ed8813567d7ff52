package oldtallow.app.job.api;

import java.util.Optional;
import java.util.Set;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.hub.Fastening;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.refusal.FieldErrors;
import org.springframework.stereotype.Component;

/** What a job on a wheel end is to be planned for, before anything of it is done. */
@Component
class FirstBriefs {

    private final Beforehand known;
    private final JobSequences sequences;

    FirstBriefs(Beforehand known, JobSequences sequences) {
        this.known = known;
        this.sequences = sequences;
    }

    /** Refuses a scope that this construction cannot have. */
    JobBrief of(WheelEnd end, Scope scope, Choices choices) {
        boolean isApprentice = CurrentPerson.now().role() == Role.APPRENTICE;
        var errors = new FieldErrors();
        if (scope == Scope.TOP_UP && !scope.isPossibleOn(end.construction(), end.fittings())) {
            errors.add(
                    "scope",
                    scope.words(),
                    "is for a hub with a spring-loaded cap or oil in it; pump grease into another and it finds the seal."
                            + " Inspect and repack instead");
            errors.throwIfAny();
        }
        return errors.require(errors.at(
                "scope",
                () -> new JobBrief(
                        end.construction(),
                        Fastening.of(end.build().lock()),
                        end.build().fittings(),
                        scope,
                        choices,
                        known.of(end),
                        isApprentice ? Worker.APPRENTICE : Worker.MECHANIC,
                        sequences.procedure(end, scope, Optional.empty()),
                        Set.of())));
    }
}
