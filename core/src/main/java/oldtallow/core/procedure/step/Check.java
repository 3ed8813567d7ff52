package oldtallow.core.procedure.step;

/**
 * Something to see, feel or hear before a step counts.
 *
 * @param id within its job, such as races.inboard-seated
 * @param says what must be so
 * @param must whether the job cannot close without it, unless a mechanic waives it with a reason
 */
public record Check(String id, String says, boolean must) {}
