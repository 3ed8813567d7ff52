package oldtallow.app.register.model;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.schedule.interval.Duty;
import oldtallow.core.schedule.interval.Severity;
import oldtallow.core.schedule.interval.Upkeep;
import org.jspecify.annotations.Nullable;

/**
 * A rig of the yard.
 *
 * @param version counts its changes, so that a stale edit is noticed
 * @param yardNumber by which the workshop calls it, from 1
 * @param builtIn year
 * @param axles from the front
 */
public record Rig(
        UUID id,
        int version,
        int yardNumber,
        RigKind kind,
        String name,
        String plate,
        Owner owner,
        @Nullable Integer builtIn,
        Set<Use> uses,
        Distance distance,
        Plan plan,
        List<Axle> axles) {

    public Rig {
        uses = Set.copyOf(uses);
        axles = List.copyOf(axles);
    }

    /** Whether that is what is on record about it. */
    public boolean isEnteredAs(RigEntry entry) {
        return new RigEntry(kind, name, plate, owner, builtIn, uses, distance, plan).equals(entry);
    }

    public Stream<WheelEnd> wheelEnds() {
        return axles.stream().flatMap(axle -> axle.wheelEnds().stream());
    }

    /** How hard what it goes through is on its hubs. */
    public Set<Severity> severity() {
        Set<Severity> hard = EnumSet.noneOf(Severity.class);
        for (Use use : uses) {
            switch (use) {
                case SALT_WATER -> hard.add(Severity.SALT_WATER);
                case WATER_CROSSINGS -> hard.add(Severity.WATER_CROSSINGS);
                case OFF_ROAD -> hard.add(Severity.OFF_ROAD);
                case BRAKED_HILLS -> hard.add(Severity.BRAKED_HILLS);
                case LOADED_HIGH -> hard.add(Severity.FULL_LOADS);
                case FRESH_WATER, BRAKED, LONG_STORAGE, LONG_TRIPS -> {}
            }
        }
        return hard;
    }

    /** What the intervals of one of its wheel ends follow from. */
    public Upkeep upkeep(WheelEnd end) {
        return new Upkeep(
                Duty.at(kind.duty(), severity(), end.construction()),
                end.build().fittings().cap() == CapKind.SPRING_LOADED);
    }

    /** What lists of many rigs need of it. */
    public RigPlan inPlan() {
        return new RigPlan(
                id,
                yardNumber,
                kind,
                name,
                plate,
                owner.name(),
                plan,
                axles.stream()
                        .map(axle -> new RigPlan.AxlePlan(
                                axle.id(),
                                axle.position(),
                                axle.fromFrontMillimetres(),
                                axle.trackMillimetres(),
                                axle.wheelEnds().stream().map(WheelEnd::named).toList()))
                        .toList());
    }

    /**
     * A rig from above.
     *
     * @param lengthMillimetres of the body, without drawbar; 500 to 25,000
     * @param widthMillimetres 300 to 4000
     * @param drawbarMillimetres coupling to body, 0 where it drives itself; up to 4000
     */
    public record Plan(int lengthMillimetres, int widthMillimetres, int drawbarMillimetres) {

        /** Over the wheels' middles, where nothing better is known. */
        public int usualTrackMillimetres() {
            return drawbarMillimetres == 0 ? widthMillimetres - 250 : widthMillimetres + 150;
        }
    }

    /** Who it belongs to and how to reach them; both may be empty. */
    public record Owner(String name, String contact) {}

    /** What it goes through. */
    public enum Use {
        SALT_WATER,
        FRESH_WATER,
        WATER_CROSSINGS,
        OFF_ROAD,
        BRAKED,
        BRAKED_HILLS,
        LOADED_HIGH,
        LONG_STORAGE,
        LONG_TRIPS
    }

    /**
     * How its distance is known.
     *
     * @param km as last read or reckoned
     * @param readOn the day of that
     * @param yearlyKm what it is thought to run in a year
     */
    public record Distance(
            By by,
            @Nullable Integer km,
            @Nullable LocalDate readOn,
            @Nullable Integer yearlyKm) {

        /** Where the distance comes from; most trailers have no meter of their own. */
        public enum By {
            ODOMETER,
            HUB_METER,
            TRIPS,
            ESTIMATE
        }
    }

    /**
     * An axle across the rig.
     *
     * @param position from the front, from 1
     * @param fromFrontMillimetres from the front of the body to the axle line
     */
    public record Axle(
            UUID id, int position, int fromFrontMillimetres, int trackMillimetres, List<WheelEnd> wheelEnds) {

        public Axle {
            wheelEnds = List.copyOf(wheelEnds);
        }
    }
}
