package oldtallow.core.hub.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.hub.section.Outline.Look;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** The outlines are checked by an independent geometry library (JTS). */
class SectionTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** mm²: two parts that touch along an edge share nothing but rounding. */
    private static final double TOUCHING = 0.02;

    static Stream<WheelEndShape> everything() {
        return Stream.concat(Shapes.presets(), Shapes.everySet());
    }

    @ParameterizedTest
    @MethodSource("everything")
    void everyOutlineIsASimplePolygonAboveTheAxis(WheelEndShape shape) {
        for (SectionPart part : Section.of(shape).parts()) {
            for (Outline outline : part.outlines()) {
                Geometry polygon = polygon(outline);
                assertThat(polygon.isValid())
                        .as("%s %s %s", shape.construction(), part.name(), outline.points())
                        .isTrue();
                assertThat(polygon.getArea()).as("%s", part.name()).isPositive();
                assertThat(polygon.getEnvelopeInternal().getMinY())
                        .as("%s", part.name())
                        .isGreaterThanOrEqualTo(0);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("everything")
    void noTwoPartsAreInTheSamePlace(WheelEndShape shape) {
        List<SectionPart> parts = Section.of(shape).parts();
        List<String> overlaps = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            for (int j = i + 1; j < parts.size(); j++) {
                double shared = area(parts.get(i), parts.get(j));
                if (shared > TOUCHING) {
                    overlaps.add(parts.get(i).name() + " and " + parts.get(j).name() + " share "
                            + Math.round(shared * 100) / 100.0 + " mm²");
                }
            }
        }
        assertThat(overlaps)
                .as("%s %s", shape.construction(), shape.inboard().designation())
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Construction.class)
    void partsStandInTheOrderTheyGoOn(Construction construction) {
        Section section = Section.of(Shapes.preset(construction));
        // a tang washer is the lock and lies under the nut; a ring nut has no washer at all
        List<PartName> inboardToOutboard = Stream.of(
                        PartName.SEAL,
                        PartName.INBOARD_CONE,
                        PartName.CAVITY,
                        PartName.OUTBOARD_CONE,
                        PartName.WASHER,
                        PartName.NUT)
                .filter(name -> name != PartName.WASHER
                        || Shapes.preset(construction).fastening().hasWasher())
                .toList();
        double last = Double.POSITIVE_INFINITY;
        for (PartName name : inboardToOutboard) {
            double x = polygon(section.part(name).orElseThrow().outlines().getFirst())
                    .getCentroid()
                    .getX();
            assertThat(x).as("%s %s", construction, name).isLessThan(last);
            last = x;
        }
        section.part(PartName.CAP)
                .ifPresent(cap -> assertThat(polygon(cap.outlines().getFirst())
                                .getEnvelopeInternal()
                                .getMinX())
                        .as("the cap is over the spindle's end")
                        .isLessThan(polygon(section.part(PartName.SPINDLE)
                                        .orElseThrow()
                                        .outlines()
                                        .getFirst())
                                .getEnvelopeInternal()
                                .getMinX()));
    }

    /** Catalogue sizes come out of the drawing as they went in: 1 mm is 1 unit. */
    @ParameterizedTest
    @MethodSource("everything")
    void isToScale(WheelEndShape shape) {
        Section section = Section.of(shape);
        BearingSet outboard = shape.outboard();
        double w = shape.size(HubDimension.BACK_FACE_DISTANCE);
        var cup = envelope(section, PartName.OUTBOARD_CUP);
        var cone = envelope(section, PartName.OUTBOARD_CONE);
        var inboardCup = envelope(section, PartName.INBOARD_CUP);

        assertThat(cup.getWidth()).isCloseTo(outboard.cupWidth().millimetres(), within(1e-9));
        assertThat(2 * cup.getMaxY()).isCloseTo(outboard.outsideDiameter().millimetres(), within(1e-9));
        assertThat(cup.getMaxX()).isCloseTo(outboard.width().millimetres(), within(1e-9));
        assertThat(cone.getMinX()).isCloseTo(0, within(1e-9));
        assertThat(2 * cone.getMinY()).isCloseTo(outboard.bore().millimetres(), within(1e-9));
        assertThat(inboardCup.getMinX())
                .as("mirrored about the middle of the cones' back faces")
                .isCloseTo(w - shape.inboard().width().millimetres(), within(1e-9));
        assertThat(envelope(section, PartName.INBOARD_CONE).getMaxX()).isCloseTo(w, within(1e-9));
    }

    /** Small ends face each other: back-to-back mounting (engineering texts' O arrangement). */
    @ParameterizedTest
    @EnumSource(Construction.class)
    void rollersTaperTowardsTheMiddle(Construction construction) {
        Section section = Section.of(Shapes.preset(construction));
        Geometry outboard = roller(section, PartName.OUTBOARD_CONE);
        Geometry inboard = roller(section, PartName.INBOARD_CONE);

        assertThat(highestX(outboard)).isLessThan(outboard.getCentroid().getX());
        assertThat(highestX(inboard)).isGreaterThan(inboard.getCentroid().getX());
    }

    @Test
    void everyConstructionShowsWhatIsItsOwn() {
        Map<Construction, PartName> own = new EnumMap<>(Map.of(
                Construction.STRAIGHT_SPINDLE, PartName.SEAL_SLEEVE,
                Construction.GREASE_THROUGH, PartName.GREASE_CHANNEL,
                Construction.ROTOR_HUB, PartName.TONE_RING,
                Construction.CLASSIC_CAR, PartName.SNAP_RING,
                Construction.SPACER_SET, PartName.SPACER,
                Construction.FULL_FLOATING_REAR, PartName.STUB_SEAL,
                Construction.DRIVE_FLANGE_FRONT, PartName.CIRCLIP,
                Construction.LOCKING_HUB_FRONT, PartName.OUTER_NUT,
                Construction.OIL_BATH_HEAVY, PartName.SEAL_SLEEVE,
                Construction.STEPPED_BRAKED, PartName.BRAKE));
        own.forEach((construction, part) -> assertThat(
                        Section.of(Shapes.preset(construction)).part(part))
                .as("%s has its %s", construction, part)
                .isPresent());
        assertThat(Section.of(Shapes.preset(Construction.STEPPED_UNBRAKED)).part(PartName.BRAKE))
                .isEmpty();
    }

    @Test
    void tellsWhatIsAssumedFromWhatWasMeasured() {
        BearingSet set = Shapes.set(new SetDesignation("L44649", "L44610"));
        Map<HubDimension, Length> measured = new EnumMap<>(HubDimension.class);
        WheelEndShape guessed = Shapes.shape(Construction.STRAIGHT_SPINDLE, set, set, measured);
        guessed.sizes().forEach(measured::put);
        WheelEndShape known = Shapes.shape(Construction.STRAIGHT_SPINDLE, set, set, measured);

        assertThat(Section.of(guessed).part(PartName.SPINDLE).orElseThrow().assumed())
                .isTrue();
        assertThat(Section.of(known).part(PartName.SPINDLE).orElseThrow().assumed())
                .isFalse();
        assertThat(Section.of(known).measures()).noneMatch(SectionMeasure::assumed);
        assertThat(Section.of(known).parts())
                .as("filled in as they were guessed: the same drawing")
                .extracting(SectionPart::outlines)
                .usingRecursiveComparison()
                .withEqualsForType((a, b) -> Math.abs(a - b) < 1e-9, Double.class) // inches to mm and back
                .isEqualTo(Section.of(guessed).parts().stream()
                        .map(SectionPart::outlines)
                        .toList());
    }

    @Test
    void refusesPartsThatCannotGoTogether() {
        BearingSet set = Shapes.set(new SetDesignation("L44649", "L44610"));
        assertThatThrownBy(() -> with(set, HubDimension.OUTBOARD_SEAT, 27.5))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("cone cannot go on");
        assertThatThrownBy(() -> with(set, HubDimension.OUTBOARD_BORE, 45.2)).hasMessageContaining("another cup");
        assertThatThrownBy(() -> with(set, HubDimension.BACK_FACE_DISTANCE, 25)).hasMessageContaining("back faces");
        assertThat(with(set, HubDimension.OUTBOARD_SEAT, 26.97).size(HubDimension.OUTBOARD_SEAT))
                .isEqualTo(26.97);
        assertThatThrownBy(() -> HubDimension.INBOARD_SEAT.require(Length.ofMillimetres(Double.MAX_VALUE)))
                .isInstanceOf(OutOfRangeException.class);
        assertThat(HubDimension.INBOARD_SEAT.looksLikeTheOtherUnit(44.45, true)).isTrue();
        assertThat(HubDimension.INBOARD_SEAT.looksLikeTheOtherUnit(44.45, false))
                .isFalse();
    }

    private static WheelEndShape with(BearingSet set, HubDimension dimension, double millimetres) {
        return Shapes.shape(
                Construction.STRAIGHT_SPINDLE, set, set, Map.of(dimension, Length.ofMillimetres(millimetres)));
    }

    private static org.locationtech.jts.geom.Envelope envelope(Section section, PartName name) {
        return polygon(section.part(name).orElseThrow().outlines().getFirst()).getEnvelopeInternal();
    }

    private static Geometry roller(Section section, PartName cone) {
        return section.part(cone).orElseThrow().outlines().stream()
                .filter(outline -> outline.look() == Look.WHOLE)
                .map(SectionTest::polygon)
                .findFirst()
                .orElseThrow();
    }

    private static double highestX(Geometry geometry) {
        Coordinate highest = geometry.getCoordinate();
        for (Coordinate coordinate : geometry.getCoordinates()) {
            highest = coordinate.y > highest.y ? coordinate : highest;
        }
        return highest.x;
    }

    private static double area(SectionPart a, SectionPart b) {
        double shared = 0;
        for (Outline one : a.outlines()) {
            for (Outline other : b.outlines()) {
                shared += polygon(one).intersection(polygon(other)).getArea();
            }
        }
        return shared;
    }

    private static Geometry polygon(Outline outline) {
        List<Coordinate> ring = new ArrayList<>();
        outline.points().forEach(point -> ring.add(new Coordinate(point.x(), point.y())));
        ring.add(ring.getFirst());
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }
}
