package oldtallow.core.stock;

import java.util.Optional;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.brief.Scope;

/**
 * What a job grows to when it is put off. Common practice.
 *
 * @param then the job it will be
 * @param why what happens meanwhile
 */
public record PutOff(Scope then, String why) {

    /** Empty where it cannot get worse, for a new hub, which carries nothing yet, and where there is no greater job. */
    public static Optional<PutOff> of(Scope scope, Construction construction) {
        return switch (scope) {
            case ADJUST ->
                Optional.of(new PutOff(
                        Scope.RENEW, "A loose wheel pounds its races, a tight one burns them: then they are due."));
            case REPACK ->
                Optional.of(new PutOff(
                        Scope.RENEW, "Old or wet grease lets races rust and pit: then cleaning does not help."));
            case RENEW ->
                Scope.EXCHANGE.isPossibleOn(construction)
                        ? Optional.of(new PutOff(
                                Scope.EXCHANGE,
                                "A bearing that breaks up spoils the hub, often the spindle, and may lose the wheel."))
                        : Optional.empty();
            case EXCHANGE ->
                Optional.of(new PutOff(Scope.ROADSIDE, "The next failure is where the rig happens to be."));
            case LOOK, TOP_UP, ROADSIDE, FIRST_BUILD -> Optional.empty();
        };
    }
}
