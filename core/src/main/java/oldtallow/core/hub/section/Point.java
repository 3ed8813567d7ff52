package oldtallow.core.hub.section;

/**
 * A point of the section plane, in mm.
 *
 * @param x along the axis from the outboard cone's back face, growing inboard
 * @param y from the axis outward
 */
public record Point(double x, double y) {

    static Point at(double x, double y) {
        return new Point(x, y);
    }

    /** Moved. */
    Point by(double alongX, double alongY) {
        return at(x + alongX, y + alongY);
    }

    /** On the way to another: 0 here, 1 there. */
    Point towards(Point other, double share) {
        return at(x + (other.x - x) * share, y + (other.y - y) * share);
    }
}
