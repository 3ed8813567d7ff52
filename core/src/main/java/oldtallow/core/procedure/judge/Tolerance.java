package oldtallow.core.procedure.judge;

/** How much of a damage may run on. */
public enum Tolerance {
    NONE,
    /** A light stain that cleans off, where no roller runs. */
    OFF_THE_RACE,
    /** Single ones that a fingernail does not catch. */
    A_FEW_FINE,
    ALWAYS
}
