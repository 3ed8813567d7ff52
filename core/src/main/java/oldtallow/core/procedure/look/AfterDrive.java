package oldtallow.core.procedure.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.travel.warmth.HeatBand;
import oldtallow.core.travel.warmth.HubHeat;

/**
 * What a hub's warmth after a drive says, beside its other side and the day.
 *
 * <p>By {@link HeatBand}: braking explains a warm hub up to 90 °C; beyond, it stops and cools first, whatever the cause turns
 * out to be. Over 120 °C grease and seal are spoilt (common practice). A side 15 K warmer than the other says more than either
 * number. Warmth tells a tight, dry or dragging hub, never a loose one; and a hub that was left with measured play is not tight
 * for that reason.
 *
 * @param heat of this hub and the axle's other, each −40 to 400 °C
 * @param dayCelsius −40 to 60
 * @param kilometres driven before it was taken, 0 to 5,000
 * @param braked whether the last kilometres were braked
 * @param spin how the wheel turns by hand, raised
 * @param brakeHotter whether drum or disc is warmer than the hub
 * @param playWhenSet end play measured when the nut was set; empty where nobody did
 */
public record AfterDrive(
        HubHeat heat,
        double dayCelsius,
        double kilometres,
        boolean braked,
        Spin spin,
        boolean brakeHotter,
        Optional<Length> playWhenSet) {

    /** Driven before a hub's warmth says anything, km; common practice. */
    public static final int ENOUGH_KM = 15;

    private static final double SPOILT = 120;
    /** Play that a reading is sure of. */
    private static final Length SURE_PLAY = Length.ofMillimetres(0.02);

    /** How it turns by hand. */
    public enum Spin {
        FREE,
        /** Stops soon, stiff all round. */
        STIFF,
        /** Rubs: a brake is on. */
        RUBS,
        /** Growls, grinds, or feels dry. */
        GROWLS,
        NOT_TRIED
    }

    /** What it points to. */
    public enum Verdict {
        FINE("fine: warm to the hand, no more"),
        WATCH("watch it: warm; feel it again at the next stop, both sides"),
        SPIN_IT("hot: raise it, spin it and measure the play before anything is touched"),
        TOO_TIGHT("too tight: take the next looser stop, turn the hub, measure the play"),
        MEASURE_ANEW(
                "hot, though it had play when it was set: measure anew; is the play there, leave the nut and look at brake,"
                        + " seal and grease"),
        DRAGGING_BRAKE("a brake drags: leave the nut, see to the brake"),
        DRY("dry or spoilt grease, or a bearing breaking up: take it apart"),
        BRAKED("brakes may have warmed it: let it cool, then drive without braking and take it anew"),
        STOP("the cause is not known yet: once it is cool, raise it, spin it and measure the play"),
        TOO_SHORT("too short a drive to tell: 15 km at least"),
        SPOILT("grease and seal are spoilt at this heat: take it apart before it runs again");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** What to look at again, and when; in that order. Common practice. */
        public List<String> recheck() {
            return switch (this) {
                case FINE ->
                    List.of(
                            "At the next stop: hand on both hubs.",
                            "After 50 to 100 km: wheel nuts crosswise to their figure.",
                            "After the first run of new bearings: measure the play again and write it down.");
                case WATCH, TOO_SHORT, BRAKED ->
                    List.of(
                            "Drive again, 15 km or more, the last of it without braking.",
                            "Both sides within a minute, at the same place of the hub.",
                            "Warmer than before, or 15 K over the other side: raise it and spin it.");
                case SPIN_IT, MEASURE_ANEW, STOP ->
                    List.of(
                            "Raise it, brake free, spin it both ways.",
                            "Measure the play, hub turning to and fro.",
                            "Nut left alone until both are known.");
                case TOO_TIGHT ->
                    List.of(
                            "One stop looser, hub turned both ways first.",
                            "Measure the play.",
                            "Drive 15 km, feel both sides again.",
                            "Still hot: out with it, look for a cup that was not home.");
                case DRAGGING_BRAKE ->
                    List.of(
                            "Brake eased until the wheel spins.",
                            "Slide pins, cable and shoes looked at. Brakes are licensed work in many places.",
                            "Drive again without braking, feel both sides.");
                case DRY, SPOILT ->
                    List.of(
                            "It does not run again as it is.",
                            "Hub off: races, rollers, grease and seal looked at.",
                            "The other side of the axle, too.");
            };
        }

        /** Whether the nut is to be touched at all. */
        public boolean movesTheNut() {
            return this == TOO_TIGHT;
        }
    }

    public AfterDrive {
        require(EnteredQuantity.TEMPERATURE_OF_DAY, dayCelsius, -40, 60, "°C");
        require(EnteredQuantity.DISTANCE_DRIVEN, kilometres, 0, 5_000, "km");
    }

    public Verdict verdict() {
        if (heat.celsius() > SPOILT) {
            return Verdict.SPOILT;
        }
        if (!isHot()) {
            boolean early = kilometres < ENOUGH_KM && !oneSided();
            return early
                    ? Verdict.TOO_SHORT
                    : heat.band() == HeatBand.WARM || oneSided() ? Verdict.WATCH : Verdict.FINE;
        }
        return switch (spin) {
            case GROWLS -> Verdict.DRY;
            case RUBS -> Verdict.DRAGGING_BRAKE;
            case STIFF -> brakeHotter ? Verdict.DRAGGING_BRAKE : tight();
            case FREE -> causeOfHeat().orElseGet(this::tight);
            case NOT_TRIED -> causeOfHeat().orElse(stopsFirst() ? Verdict.STOP : Verdict.SPIN_IT);
        };
    }

    /** Whether it stops where it is and cools before anything else. */
    public boolean stopsFirst() {
        return heat.band() == HeatBand.STOP;
    }

    /** What it points to and what to do, the stop first. */
    public String words() {
        return stopsFirst()
                ? HeatBand.STOP.words() + "; then: " + verdict().words()
                : verdict().words();
    }

    /** What to look at again, and when, in that order; nothing of it sends a hub over 90 °C on its way. */
    public List<String> recheck() {
        if (!stopsFirst()) {
            return verdict().recheck();
        }
        List<String> lines = new ArrayList<>();
        lines.add("Off the road, and wait until a hand stays on it.");
        verdict().recheck().stream().filter(line -> !line.startsWith("Drive")).forEach(lines::add);
        lines.add("It does not go on before the cause is found and put right.");
        return List.copyOf(lines);
    }

    private Optional<Verdict> causeOfHeat() {
        boolean byBraking = braked && heat.band().mayComeFromBraking();
        if (brakeHotter) {
            return Optional.of(byBraking && !oneSided() ? Verdict.BRAKED : Verdict.DRAGGING_BRAKE);
        }
        return byBraking ? Optional.of(Verdict.BRAKED) : Optional.empty();
    }

    private Verdict tight() {
        return playWhenSet.filter(play -> play.compareTo(SURE_PLAY) > 0).isPresent()
                ? Verdict.MEASURE_ANEW
                : Verdict.TOO_TIGHT;
    }

    /** Whether it is so much warmer than the other side that sun and wind do not explain it. */
    public boolean oneSided() {
        return heat.isOneSided();
    }

    private boolean isHot() {
        return heat.band().holdsTheRig() || (heat.band() == HeatBand.WARM && oneSided());
    }

    private static void require(Quantity what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new OutOfRangeException(what, value + " " + unit, least + " to " + most + " " + unit);
        }
    }
}
