package oldtallow.app.units;

/** Between which a figure lies that nobody knows better. */
public record RangeView(double least, double most) {}
