package oldtallow.core.procedure.step;

/**
 * Something to see, feel or hear before a step counts.
 *
 * @param id within its job, such as races.inboard-seated
 * @param says what must be so
 * @param must whether the job cannot close without it, unless a mechanic waives it with a reason
 * @param meaning what the rules make of it
 */
public record Check(String id, String says, boolean must, Meaning meaning) {

    /** Of no step: met by a mechanic who stands by a torque that was questioned. */
    public static final String TORQUE_MEANT = "nut.torque-meant";

    /** What a check means to the rules, whatever it is called and says. */
    public enum Meaning {
        /** Nothing beyond its words. */
        PLAIN,
        /** Findings and verdict of the step's item are noted. */
        VERDICT,
        /** A cup is home: a gap that was measured speaks against it. */
        SEATED,
        /** The hub was turned while the nut was drawn: fewer turns than asked speak against it. */
        HUB_TURNED,
        /** A setting of the nut on record meets it. */
        SETTING_RECORDED,
        /** The hub is warm at most after the drive: a temperature that was measured speaks against it. */
        WARM_AT_MOST
    }
}
