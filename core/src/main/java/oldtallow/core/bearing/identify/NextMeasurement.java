package oldtallow.core.bearing.identify;

/**
 * What to measure next, by calliper.
 *
 * @param doubtLeft chance that two sets drawn from what is still possible could not be told apart afterwards; 0 to 1
 */
public record NextMeasurement(Measurand measurand, double doubtLeft) {}
