package oldtallow.core.hub.section;

/**
 * A point of the section plane, in mm.
 *
 * @param x along the axis from the outboard cone's back face, growing inboard
 * @param y from the axis outward
 */
public record Point(double x, double y) {}
