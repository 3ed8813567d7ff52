package oldtallow.app.rolling;

import java.util.Optional;
import java.util.UUID;
import oldtallow.app.assembly.Assembly;
import oldtallow.app.figures.Figures;
import oldtallow.app.nut.NutSettings;
import oldtallow.app.nut.SettingSummary;
import oldtallow.app.register.Register;
import oldtallow.app.register.WheelEnd;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.grease.OilFilm;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.look.AfterDrive;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.rolling.BearingPair;
import oldtallow.core.rolling.Correction;
import oldtallow.core.rolling.HubWarmth;
import oldtallow.core.rolling.SettingChart;
import oldtallow.core.rolling.SettingChart.Hub;
import oldtallow.core.rolling.SettingSense;
import oldtallow.core.rolling.TyrePlay;
import oldtallow.core.rolling.WheelLoad;
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

    private final Register register;
    private final Assembly assembly;
    private final Figures figures;
    private final NutSettings settings;

    SettingCharts(Register register, Assembly assembly, Figures figures, NutSettings settings) {
        this.register = register;
        this.assembly = assembly;
        this.figures = figures;
        this.settings = settings;
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
     */
    public record Charted(
            SettingChart chart,
            Hub hub,
            WheelEndShape shape,
            GoverningFigure<EndPlayWindow> window,
            Optional<SettingSummary> present,
            Optional<SettingSense> sense,
            double turnsPerMinute) {

        /** Where it stands: measured, else worked out from the nut; the window's middle where nothing is on record. */
        public Length standsAt() {
            return standing(present, window.value());
        }
    }

    private static Length standing(Optional<SettingSummary> present, EndPlayWindow window) {
        return present.map(setting -> setting.measuredEndPlay() == null ? setting.endPlay() : setting.measuredEndPlay())
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
        var load = new WheelLoad(
                road.weight(),
                Length.ofMillimetres(OFFSET_OF_SPREAD * pair.spread()),
                road.rollingRadius(),
                Force.ofNewtons(0));
        var hub = new Hub(
                pair, load, HubWarmth.usual(road.outsideCelsius(), turns), new TyrePlay(pair, road.rollingRadius()));
        Length stands = standing(present, window.value());
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
                SettingSense.of(hub, stands, end.nut().thread(), end.nut().lock(), window.value()),
                turns);
    }

    /** A hub felt after a drive, before its setting is looked up. */
    public interface Felt {

        AfterDrive with(Optional<Length> playWhenSet);
    }

    /**
     * What it points to.
     *
     * @param correction empty unless the nut is to be touched
     */
    public record Answered(AfterDrive after, Optional<Correction> correction) {}

    /** What a hub's warmth after a drive says, its latest setting looked up. */
    @Transactional(readOnly = true)
    public Answered afterDrive(UUID wheelEndId, Felt felt) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        EndPlayWindow window = GoverningFigure.governing(figures.endPlay(end)).value();
        Optional<SettingSummary> present = settings.of(wheelEndId).stream().findFirst();
        AfterDrive after = felt.with(present.flatMap(setting -> Optional.ofNullable(setting.measuredEndPlay())));
        return new Answered(
                after,
                after.verdict().movesTheNut() && present.isPresent()
                        ? Optional.of(Correction.looser(
                                standing(present, window),
                                end.nut().thread(),
                                end.nut().lock(),
                                window))
                        : Optional.empty());
    }

    private static Length longer(Length a, Length b) {
        return a.compareTo(b) > 0 ? a : b;
    }
}
