package oldtallow.app.job.web.reckon;

import java.util.List;
import java.util.stream.Stream;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.units.LengthView;
import oldtallow.core.fit.seal.SealDrawing;
import oldtallow.core.fit.seal.SealDriver;
import oldtallow.core.fit.seal.SealSize;
import oldtallow.core.fit.seal.SealType;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.section.Point;
import org.jspecify.annotations.Nullable;

/**
 * A seal, how it goes in, and with what.
 *
 * @param driverMost null for a rim: any flat plate drives it
 * @param driverInside hollow it needs; null where a flat plate will do
 */
record SealView(
        SealSizeView size,
        SealKind kind,
        boolean rimmed,
        String orientation,
        String outside,
        String stop,
        List<String> mayTouch,
        List<String> mustNotTouch,
        LengthView driverLeast,
        @Nullable LengthView driverMost,
        @Nullable LengthView driverInside,
        List<OwnToolView> own,
        SealDrawingView drawing) {

    static SealView of(SealSize size, SealType type, List<WorkshopTool> tools) {
        SealDriver driver = SealDriver.of(size, type);
        return new SealView(
                SealSizeView.of(size),
                type.kind(),
                type.rimmed(),
                type.orientation(),
                type.outside(),
                type.stop(),
                type.mayTouch(),
                type.mustNotTouch(),
                LengthView.of(driver.leastOutside()),
                driver.mostOutside().map(LengthView::of).orElse(null),
                driver.leastInside().map(LengthView::of).orElse(null),
                OwnToolView.of(
                        tools.stream().filter(tool -> tool.kind().drivesSeals()).toList(),
                        outside -> driver.suits(outside) == SealDriver.Suits.DOES,
                        outside -> driver.suits(outside).words()),
                SealDrawingView.of(SealDrawing.of(size, type)));
    }

    /** {@code width} is null where it is not known. */
    record SealSizeView(
            LengthView shaft, LengthView bore, @Nullable LengthView width) {

        static SealSizeView of(SealSize size) {
            return new SealSizeView(
                    LengthView.of(size.shaft()),
                    LengthView.of(size.bore()),
                    size.width().map(LengthView::of).orElse(null));
        }
    }

    /** In mm: x from the grease side to the road side, y from the axis outward; the driver bears between two points. */
    record SealDrawingView(List<SealPieceView> pieces, List<Double> driven) {

        static SealDrawingView of(SealDrawing drawing) {
            return new SealDrawingView(
                    drawing.pieces().stream().map(SealPieceView::of).toList(),
                    numbers(Stream.of(drawing.drivenFrom(), drawing.drivenTo())));
        }

        private static List<Double> numbers(Stream<Point> points) {
            return points.flatMap(point -> Stream.of(point.x(), point.y())).toList();
        }
    }

    /** A piece, as x, y, x, y … */
    record SealPieceView(SealDrawing.What what, List<Double> points) {

        static SealPieceView of(SealDrawing.Piece piece) {
            return new SealPieceView(piece.what(), SealDrawingView.numbers(piece.outline().points().stream()));
        }
    }
}
