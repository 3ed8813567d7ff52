package oldtallow.app.setting.api;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.grease.OilFilm;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.procedure.look.AfterDrive;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.nut.NutCase;
import oldtallow.core.setting.nut.NutReading;
import oldtallow.core.setting.nut.Stop;
import oldtallow.core.setting.rolling.BearingPair;
import oldtallow.core.setting.rolling.Correction;
import oldtallow.core.setting.rolling.HubSurface;
import oldtallow.core.setting.rolling.HubWarmth;
import oldtallow.core.setting.rolling.Sensitivity;
import oldtallow.core.setting.rolling.SettingChart;
import oldtallow.core.setting.rolling.SettingChart.Hub;
import oldtallow.core.setting.rolling.SettingSense;
import oldtallow.core.setting.rolling.TyrePlay;
import oldtallow.core.setting.rolling.WheelLoad;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The setting chart of a wheel end, from its bearings and how it is used. */
@Service
public class SettingCharts {

    private static final int POINTS = 120;
    /** The tyre's middle from the inner bearing's centre, of the spread; usual on trailers, an assumption. */
    private static final double OFFSET_OF_SPREAD = 0.35;
    /** How far the chart goes beyond the window on either side, at least. */
    private static final Length LOOSER = Length.ofMillimetres(0.15);

    private static final Length TIGHTEST = Length.ofMillimetres(-0.08);

    /** A play farther out is no setting to count stops from, mm. */
    private static final double MOST_COUNTED_FROM = 1;

    private final Register register;
    private final Assembly assembly;
    private final Figures figures;
    private final NutSettings settings;
    private final AdjustmentProcedures procedures;

    SettingCharts(
            Register register,
            Assembly assembly,
            Figures figures,
            NutSettings settings,
            AdjustmentProcedures procedures) {
        this.register = register;
        this.assembly = assembly;
        this.figures = figures;
        this.settings = settings;
        this.procedures = procedures;
    }

    /**
     * How the wheel end is used.
     *
     * @param weight on the wheel
     * @param kilometresPerHour towing speed
     * @param outsideCelsius on the day
     */
    public record Road(Force weight, Length rollingRadius, double kilometresPerHour, double outsideCelsius) {}

    /**
     * The chart, and where this hub stands on it.
     *
     * @param present the latest setting on record; empty where there is none
     * @param sense what the present setting means, or the window's middle where none is on record
     * @param stops of this hub's lock, counted from where it stands; none where it holds at any angle
     * @param moves what can move the setting, and how far
     */
    public record Charted(
            SettingChart chart,
            Hub hub,
            WheelEndShape shape,
            GoverningFigure<EndPlayWindow> window,
            Optional<SettingSummary> present,
            Optional<SettingSense> sense,
            List<Stop> stops,
            List<Sensitivity> moves,
            double turnsPerMinute) {

        /** Where it stands: measured, else worked out from the nut; the window's middle where nothing is on record. */
        public Length standsAt() {
            return standing(present, window.value());
        }
    }

    private static Length standing(Optional<SettingSummary> present, EndPlayWindow window) {
        return present.map(SettingSummary::stands)
                .orElseGet(() -> window.least().plus(window.most()).times(0.5));
    }

    @Transactional(readOnly = true)
    public Charted of(UUID wheelEndId, Road road) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        WheelEndShape shape = assembly.section(wheelEndId).shape();
        GoverningFigure<EndPlayWindow> window = GoverningFigure.governing(figures.endPlay(end));
        Optional<SettingSummary> present = settings.of(wheelEndId).stream().findFirst();
        double turns = OilFilm.wheelTurns(road.kilometresPerHour(), road.rollingRadius());
        BearingPair pair = BearingPair.of(
                shape.inboard(), shape.outboard(), Length.ofMillimetres(shape.size(HubDimension.BACK_FACE_DISTANCE)));
        Hub hub = hub(pair, road, turns, HubSurface.of(shape));
        Length stands = standing(present, window.value());
        Optional<SettingSense> sense =
                SettingSense.of(hub, stands, end.nut().thread(), end.nut().lock(), window.value());
        Length loosest = longer(longer(window.value().most(), stands).plus(LOOSER), Length.ofMillimetres(0.25));
        Length tightest = window.value().least().compareTo(TIGHTEST) < 0
                ? window.value().least().minus(LOOSER)
                : TIGHTEST;
        return new Charted(
                SettingChart.of(hub, loosest, stands.compareTo(tightest) < 0 ? stands.minus(LOOSER) : tightest, POINTS),
                hub,
                shape,
                window,
                present,
                sense,
                stops(end, window, present),
                Sensitivity.of(
                        pair,
                        shape.inboard().outsideDiameter(),
                        shape.outboard().outsideDiameter(),
                        end.nut().thread(),
                        window.value(),
                        stands,
                        procedures.find(end.procedure()).flatMap(AdjustmentProcedure::finalTorque)),
                turns);
    }

    /**
     * The chart of a pair alone, no wheel end behind it.
     *
     * @param backFaces distance of the cones' back faces, 5 to 500 mm
     */
    public SettingChart free(BearingSet inboard, BearingSet outboard, Length backFaces, Road road) {
        BearingPair pair = BearingPair.of(inboard, outboard, backFaces);
        Hub hub = hub(
                pair,
                road,
                OilFilm.wheelTurns(road.kilometresPerHour(), road.rollingRadius()),
                HubSurface.of(inboard, outboard, backFaces));
        return SettingChart.of(hub, Length.ofMillimetres(0.25), TIGHTEST, POINTS);
    }

    /** How a wheel end's bearings lie, for its play at the tyre. */
    @Transactional(readOnly = true)
    public BearingPair pair(UUID wheelEndId) {
        WheelEndShape shape = assembly.section(wheelEndId).shape();
        return BearingPair.of(
                shape.inboard(), shape.outboard(), Length.ofMillimetres(shape.size(HubDimension.BACK_FACE_DISTANCE)));
    }

    private static Hub hub(BearingPair pair, Road road, double turns, HubSurface surface) {
        var load = new WheelLoad(
                road.weight(),
                Length.ofMillimetres(OFFSET_OF_SPREAD * pair.spread()),
                road.rollingRadius(),
                Force.ofNewtons(0));
        var warmth = HubWarmth.usual(surface, road.outsideCelsius(), turns, road.kilometresPerHour() / 3.6);
        return new Hub(pair, load, warmth, new TyrePlay(pair, road.rollingRadius()));
    }

    /** The stops counted from the one it was locked at, whose mark meets a slot there. */
    private static List<Stop> stops(
            WheelEnd end, GoverningFigure<EndPlayWindow> window, Optional<SettingSummary> present) {
        Optional<Integer> mark =
                present.flatMap(setting -> setting.engagedMarks().stream().findFirst());
        if (mark.isEmpty()
                || !(end.nut().lock() instanceof SteppedLock stepped)
                || mark.get() > stepped.marks().size()) {
            return List.of(); // never set, or set before the lock was changed
        }
        Length stands = present.orElseThrow().stands();
        if (stands.isNegative() || stands.millimetres() > MOST_COUNTED_FROM) {
            return List.of();
        }
        return new NutCase(end.nut().thread(), stepped, new NutReading(mark.get(), Turn.ZERO, stands), window, null)
                .stops();
    }

    /** A hub felt after a drive, before its setting is looked up. */
    public interface Felt {

        AfterDrive with(Optional<Length> playWhenSet);
    }

    /**
     * What it points to.
     *
     * @param correction empty unless the nut is to be touched
     * @param foundLoose whether the play measured after the drive is more than its window
     */
    public record Answered(AfterDrive after, Optional<Correction> correction, boolean foundLoose) {}

    /**
     * What a hub's warmth after a drive says, its latest setting looked up.
     *
     * @param playNow end play measured after the drive, where it was
     */
    @Transactional(readOnly = true)
    public Answered afterDrive(UUID wheelEndId, Felt felt, Optional<Length> playNow) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        EndPlayWindow window = GoverningFigure.governing(figures.endPlay(end)).value();
        Optional<SettingSummary> present = settings.of(wheelEndId).stream().findFirst();
        AfterDrive after = felt.with(present.flatMap(setting -> Optional.ofNullable(setting.measuredEndPlay())));
        Optional<Length> loose = playNow.filter(
                play -> !after.verdict().movesTheNut() && window.judge(play) == EndPlayVerdict.TOO_LOOSE);
        if (loose.isPresent()) {
            return new Answered(
                    after,
                    Optional.of(Correction.tighter(
                            loose.get(), end.nut().thread(), end.nut().lock(), window)),
                    true);
        }
        return new Answered(
                after,
                after.verdict().movesTheNut() && present.isPresent()
                        ? Optional.of(Correction.looser(
                                playNow.orElseGet(() -> standing(present, window)),
                                end.nut().thread(),
                                end.nut().lock(),
                                window))
                        : Optional.empty(),
                false);
    }

    private static Length longer(Length a, Length b) {
        return a.compareTo(b) > 0 ? a : b;
    }
}
