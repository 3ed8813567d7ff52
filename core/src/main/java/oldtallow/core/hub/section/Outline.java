package oldtallow.core.hub.section;

import static oldtallow.core.hub.section.Point.at;

import java.util.List;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A closed line around a piece of a part; the last point joins the first.
 *
 * @param look how it is drawn
 * @param points three or more
 */
public record Outline(Look look, List<Point> points) {

    /** How a piece is drawn. */
    public enum Look {
        /** Metal or rubber the section plane cuts: hatched. */
        CUT,
        /** Seen whole, not cut: rollers, pins, shafts by drawing rule. */
        WHOLE,
        /** A space that can be filled. */
        SPACE,
        /** Drawn thin beside the work: drum, disc, locking hub. */
        THIN
    }

    public Outline {
        points = List.copyOf(points);
        if (points.size() < 3) {
            throw new OutOfRangeException(EnteredQuantity.POINTS_OF_AN_OUTLINE, points.size(), "3 or more");
        }
    }

    static Outline of(Look look, Point... points) {
        return new Outline(look, List.of(points));
    }

    /** A rectangle along the axis. */
    static Outline box(Look look, double x0, double x1, double y0, double y1) {
        return of(look, at(x0, y0), at(x1, y0), at(x1, y1), at(x0, y1));
    }
}
