package oldtallow.core.schedule.interval;

/** That something falls due by something. Of several rules for one action the sooner one counts. */
public record DueRule(DueAction action, Trigger trigger) {

    public DueRule {
        Trigger.Kind kind = trigger.kind();
        boolean fits = switch (kind) {
            case AFTER_WHEEL_OFF -> action == DueAction.RETORQUE;
            case FIRST_RUN -> action == DueAction.ADJUST || action == DueAction.INSPECT;
            default -> action != DueAction.RETORQUE;
        };
        if (!fits) {
            throw new IllegalArgumentException(
                    action == DueAction.RETORQUE
                            ? "wheel nuts are re-torqued so many km after the wheel was off; choose that trigger"
                            : trigger.words() + " goes with "
                                    + (kind == Trigger.Kind.FIRST_RUN ? "measuring or looking" : "wheel nuts")
                                    + "; choose another trigger to " + action.words());
        }
    }

    public String words() {
        return action.words() + " " + trigger.words();
    }
}
