package oldtallow.core.bearing.identify;

import java.util.List;
import java.util.Optional;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/**
 * Hubs usual on trailer axles. Common practice: hubs and axles get mixed, so any of it is a hint and never an identification.
 *
 * <p>Axle rating in pounds for the pair of wheels, seal by shaft and bore in inches; stud patterns and axle tubes from memory,
 * uncertain.
 */
public enum UsualHub {
    LB_1000_2000("1000 to 2000 lb", "L44643/L44610", "L44643/L44610", 1.25, 1.983, studs(4, 4.0), "1 1/2 in square"),
    LB_2000_2200("2000 to 2200 lb", "L44649/L44610", "L44649/L44610", 1.50, 1.987, studs(4, 4.0), "1 3/4 in square"),
    LB_2000_2500("2000 to 2500 lb", "LM67048/LM67010", "LM11949/LM11910", null, null, studs(5, 4.5), "1 3/4 in round"),
    LB_3500("3500 lb", "L68149/L68111", "L44649/L44610", 1.719, 2.565, studs(5, 4.5), "2 3/8 in round"),
    LB_5200_6000("5200 to 6000 lb", "25580/25520", "LM67048/LM67010", 2.250, 3.376, studs(6, 5.5), "3 in round"),
    LB_7000("7000 lb", "25580/25520", "14125A/14276", 2.250, 3.376, studs(8, 6.5), "3 in round"),
    LB_8000("8000 lb", "25580/25520", "02475/02420", 2.250, 3.376, studs(8, 6.5), "3 1/2 in round"),
    LB_9000_10000("9000 to 10 000 lb", "387A/382A", "25580/25520", 2.875, 3.88, studs(8, 6.5), "4 in round");

    /** Studs on a circle of a diameter in inches. */
    private record Studs(int count, double circleInches) {}

    /** Within which two stud circles are the same one, read with a tape. */
    private static final double SAME_CIRCLE_MM = 4;

    private final String axleRating;
    private final SetDesignation inboard;
    private final SetDesignation outboard;
    private final @Nullable Length sealInside;
    private final @Nullable Length sealOutside;
    private final Studs studs;
    private final String axleTube;

    UsualHub(
            String axleRating,
            String inboard,
            String outboard,
            @Nullable Double sealInsideInches,
            @Nullable Double sealOutsideInches,
            Studs studs,
            String axleTube) {
        this.axleRating = axleRating;
        this.inboard = SetDesignation.parse(inboard).orElseThrow();
        this.outboard = SetDesignation.parse(outboard).orElseThrow();
        this.sealInside = sealInsideInches == null ? null : Length.ofInches(sealInsideInches);
        this.sealOutside = sealOutsideInches == null ? null : Length.ofInches(sealOutsideInches);
        this.studs = studs;
        this.axleTube = axleTube;
    }

    /** Hubs usually found with these studs. */
    public static List<UsualHub> withStuds(StudCircle circle) {
        return List.of(values()).stream()
                .filter(hub -> hub.studs.count == circle.studs()
                        && Math.abs(hub.studCircle().millimetres()
                                        - circle.diameter().millimetres())
                                <= SAME_CIRCLE_MM)
                .toList();
    }

    /** Axle tubes and bars that usual hubs are found on, in the trade's words. */
    public static List<String> axleTubes() {
        return List.of(values()).stream().map(hub -> hub.axleTube).distinct().toList();
    }

    public String axleRating() {
        return axleRating;
    }

    public SetDesignation inboard() {
        return inboard;
    }

    public SetDesignation outboard() {
        return outboard;
    }

    /** Shaft diameter the seal runs on; empty where no usual one is known. */
    public Optional<Length> sealInside() {
        return Optional.ofNullable(sealInside);
    }

    /** Bore the seal is pressed into; empty where no usual one is known. */
    public Optional<Length> sealOutside() {
        return Optional.ofNullable(sealOutside);
    }

    public int studCount() {
        return studs.count;
    }

    public Length studCircle() {
        return Length.ofInches(studs.circleInches);
    }

    /** The axle's tube or bar, in the trade's words. */
    public String axleTube() {
        return axleTube;
    }

    private static Studs studs(int count, double circleInches) {
        return new Studs(count, circleInches);
    }
}
