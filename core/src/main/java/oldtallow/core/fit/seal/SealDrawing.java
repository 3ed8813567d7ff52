package oldtallow.core.fit.seal;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.section.Outline;
import oldtallow.core.hub.section.Outline.Look;
import oldtallow.core.hub.section.Point;

/**
 * Half-section of a seal in its bore, true in shaft, bore and width; its inside is assumed. A drawing, no formula of the trade.
 *
 * @param pieces in mm: x 0 at the grease side growing to the road side, y from the shaft's axis outward
 * @param drivenFrom outer end of where a driver bears on it
 * @param drivenTo inner end
 */
public record SealDrawing(List<Piece> pieces, Point drivenFrom, Point drivenTo) {

    private static final double SHEET = 1;
    private static final double USUAL_WIDTH_MM = 10;

    public SealDrawing {
        pieces = List.copyOf(pieces);
    }

    /** What a piece is. */
    public enum What {
        CASE,
        RUBBER,
        SPRING,
        SLEEVE
    }

    /** A piece of it. */
    public record Piece(What what, Outline outline) {}

    public static SealDrawing of(SealSize size, SealType type) {
        double width = size.width().map(one -> one.millimetres()).orElse(USUAL_WIDTH_MM);
        double bore = size.bore().millimetres() / 2;
        boolean sleeved = type.kind() == SealKind.MARINE_TWO_PIECE || type.kind() == SealKind.UNITIZED;
        double land = size.shaft().millimetres() / 2;
        double lip = sleeved ? land + SHEET : land;
        double high = bore - lip;
        double sheet = Math.min(SHEET, high / 5);
        double rim = type.rimmed() ? 2 * sheet : 0;
        List<Piece> pieces = new ArrayList<>();
        // an L of sheet: along the bore, then inward at the road side
        pieces.add(new Piece(
                What.CASE,
                outline(
                        0,
                        bore - sheet,
                        0,
                        bore,
                        width - sheet,
                        bore,
                        width - sheet,
                        bore + rim,
                        width,
                        bore + rim,
                        width,
                        bore - 0.55 * high,
                        width - sheet,
                        bore - 0.55 * high,
                        width - sheet,
                        bore - sheet)));
        pieces.add(new Piece(
                What.RUBBER,
                outline(
                        width - 1.2 * sheet,
                        bore - 0.5 * high,
                        width,
                        bore - 0.5 * high,
                        width,
                        lip + 0.18 * high,
                        0.42 * width,
                        lip + 0.12 * high,
                        0.30 * width,
                        lip,
                        0.18 * width,
                        lip + 0.10 * high,
                        0.18 * width,
                        lip + 0.30 * high,
                        0.46 * width,
                        lip + 0.28 * high,
                        width - 2.2 * sheet,
                        lip + 0.34 * high)));
        if (type.kind() != SealKind.LIP) {
            pieces.add(new Piece(
                    What.RUBBER,
                    outline(
                            width - 2 * sheet,
                            lip + 0.2 * high,
                            width,
                            lip + 0.2 * high,
                            width + 0.6 * sheet,
                            lip,
                            width - 0.6 * sheet,
                            lip + 0.02 * high)));
        }
        pieces.add(new Piece(What.SPRING, circle(0.29 * width, lip + 0.38 * high, 0.09 * Math.min(width, high))));
        if (sleeved) {
            pieces.add(new Piece(What.SLEEVE, outline(0, land, width, land, width, lip, 0.08 * width, lip)));
        }
        double bears = high / 3;
        return new SealDrawing(
                pieces, new Point(width, bore + rim - (type.rimmed() ? 0 : 0.25)), new Point(width, bore - bears));
    }

    private static Outline outline(double... coordinates) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i + 1 < coordinates.length; i += 2) {
            points.add(new Point(coordinates[i], coordinates[i + 1]));
        }
        return new Outline(Look.CUT, points);
    }

    private static Outline circle(double x, double y, double radius) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            double turn = i * Math.PI / 8;
            points.add(new Point(x + radius * Math.cos(turn), y + radius * Math.sin(turn)));
        }
        return new Outline(Look.WHOLE, points);
    }
}
