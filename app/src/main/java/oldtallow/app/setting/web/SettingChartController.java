package oldtallow.app.setting.web;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.setting.api.SettingCharts;
import oldtallow.app.setting.api.SettingCharts.Answered;
import oldtallow.app.setting.api.SettingCharts.Charted;
import oldtallow.app.setting.api.SettingCharts.Road;
import oldtallow.app.units.ForceView;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.MassEntry;
import oldtallow.app.units.TemperatureEntry;
import oldtallow.app.units.form.WarmingView;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.procedure.look.AfterDrive;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.Temperature;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.setting.nut.Stop;
import oldtallow.core.setting.rolling.AddedHeat;
import oldtallow.core.setting.rolling.RelativeLife;
import oldtallow.core.setting.rolling.Sensitivity;
import oldtallow.core.setting.rolling.SettingChart.Point;
import oldtallow.core.setting.rolling.SettingSense;
import oldtallow.core.travel.warmth.HubHeat;
import oldtallow.core.words.SettingWords;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SettingChartController {

    private final SettingCharts charts;

    SettingChartController(SettingCharts charts) {
        this.charts = charts;
    }

    /** What each setting of the nut does to this hub, from loose to tight; an estimate. */
    @PostMapping("/api/v1/wheel-ends/{id}/setting-chart")
    SettingChartView of(@PathVariable UUID id, @RequestBody RoadForm form) {
        var errors = new FieldErrors();
        @Nullable Temperature outside = errors.at("outside.number", form.outside()::toTemperature);
        double celsius = outside == null ? 0 : outside.celsius();
        @Nullable
        Charted charted = errors.at(
                "wheelLoad.number",
                Map.of(
                        EnteredQuantity.ROLLING_RADIUS_OF_TYRE, "rollingRadius.number",
                        EnteredQuantity.RADIUS_IT_IS_MEASURED_AT, "rollingRadius.number",
                        EnteredQuantity.SPEED, "kilometresPerHour",
                        EnteredQuantity.SPEED_OF_WHEEL, "kilometresPerHour",
                        EnteredQuantity.OUTSIDE_TEMPERATURE, "outside.number"),
                () -> charts.of(
                        id,
                        new Road(
                                form.wheelLoad().toWeight(),
                                form.rollingRadius().toLength(),
                                form.kilometresPerHour(),
                                celsius)));
        return SettingChartView.of(errors.require(charted));
    }

    /**
     * How the wheel end is used.
     *
     * @param wheelLoad mass that rests on this wheel
     */
    record RoadForm(
            MassEntry wheelLoad, LengthEntry rollingRadius, double kilometresPerHour, TemperatureEntry outside) {}

    /** What a hub's warmth after a drive says, and by how much to move the nut, if at all. */
    @PostMapping("/api/v1/wheel-ends/{id}/after-drive")
    AfterDriveView afterDrive(@PathVariable UUID id, @RequestBody AfterDriveForm form) {
        var errors = new FieldErrors();
        @Nullable Temperature hub = errors.at("hub.number", form.hub()::toTemperature);
        @Nullable TemperatureEntry entered = form.otherSide();
        @Nullable Temperature other = entered == null ? null : errors.at("otherSide.number", entered::toTemperature);
        @Nullable Temperature day = errors.at("day.number", form.day()::toTemperature);
        @Nullable LengthEntry measured = form.playNow();
        @Nullable Length now = measured == null ? null : errors.at("playNow.number", measured::toLength);
        errors.throwIfAny();
        Answered answered = errors.require(errors.at(
                "hub.number",
                Map.of(
                        ReadingKind.OTHER_HUB_TEMPERATURE, "otherSide.number",
                        EnteredQuantity.TEMPERATURE_OF_DAY, "day.number",
                        EnteredQuantity.DISTANCE_DRIVEN, "kilometres"),
                () -> charts.afterDrive(
                        id,
                        play -> new AfterDrive(
                                new HubHeat(
                                        errors.require(hub).celsius(),
                                        Optional.ofNullable(other).map(Temperature::celsius)),
                                errors.require(day).celsius(),
                                form.kilometres(),
                                form.braked(),
                                form.spin(),
                                form.brakeHotter(),
                                play),
                        Optional.ofNullable(now))));
        AfterDrive.Verdict verdict = answered.after().verdict();
        return new AfterDriveView(
                verdict,
                answered.after().words(),
                answered.after().oneSided(),
                answered.correction().map(SettingWords::correction).orElse(null),
                answered.foundLoose(),
                answered.after().recheck());
    }

    /** {@code otherSide} and {@code playNow}, measured after the drive, may be left out. */
    record AfterDriveForm(
            TemperatureEntry hub,
            @Nullable TemperatureEntry otherSide,
            TemperatureEntry day,
            double kilometres,
            boolean braked,
            AfterDrive.Spin spin,
            boolean brakeHotter,
            @Nullable LengthEntry playNow) {}

    /** {@code correction} is null unless the nut is to be touched; {@code recheck} is what to look at again. */
    record AfterDriveView(
            AfterDrive.Verdict verdict,
            String words,
            boolean oneSided,
            @Nullable String correction,
            boolean foundLoose,
            List<String> recheck) {}

    /**
     * The chart.
     *
     * @param best end play with the longest life
     * @param standsAt where the hub stands; the window's middle where {@code setting} is null
     * @param verdict on where it stands
     * @param bearingsKnown false where usual sets stand in for those nobody has read yet
     * @param stops of its lock; none where it holds at any angle or was never set
     * @param moves what can move the setting, and how far
     * @param turns of the wheel in a minute
     */
    record SettingChartView(
            List<SettingPointView> points,
            LengthView best,
            LengthView windowLeast,
            LengthView windowMost,
            Authority authority,
            String source,
            LengthView standsAt,
            @Nullable UUID setting,
            EndPlayVerdict verdict,
            @Nullable SettingPointView here,
            @Nullable SettingPointView tighter,
            @Nullable SettingPointView looser,
            List<String> words,
            String inboard,
            String outboard,
            boolean bearingsKnown,
            List<ChartStopView> stops,
            List<SensitivityView> moves,
            double turns) {

        static SettingChartView of(Charted charted) {
            Optional<SettingSense> sense = charted.sense();
            return new SettingChartView(
                    charted.chart().points().stream().map(SettingPointView::of).toList(),
                    LengthView.of(charted.chart().bestPlay()),
                    LengthView.of(charted.window().value().least()),
                    LengthView.of(charted.window().value().most()),
                    charted.window().authority(),
                    charted.window().source(),
                    LengthView.of(charted.standsAt()),
                    charted.present().map(setting -> setting.id()).orElse(null),
                    charted.window().value().judge(charted.standsAt()),
                    sense.map(SettingSense::here).map(SettingPointView::of).orElse(null),
                    sense.flatMap(SettingSense::tighter)
                            .map(SettingPointView::of)
                            .orElse(null),
                    sense.flatMap(SettingSense::looser)
                            .map(SettingPointView::of)
                            .orElse(null),
                    sense.map(one -> SettingWords.sense(one, charted.window().value()))
                            .orElse(List.of()),
                    charted.shape().inboard().designation().toString(),
                    charted.shape().outboard().designation().toString(),
                    charted.shape().bearingsKnown(),
                    charted.stops().stream().map(ChartStopView::of).toList(),
                    charted.moves().stream().map(SensitivityView::of).toList(),
                    charted.turnsPerMinute());
        }
    }

    /** A stop of this hub's lock, from where it stands; positive looser. */
    record ChartStopView(double degrees, LengthView endPlay, EndPlayVerdict verdict) {

        static ChartStopView of(Stop stop) {
            return new ChartStopView(stop.backOff().degrees(), LengthView.of(stop.endPlay()), stop.verdict());
        }
    }

    /** What can move the setting, and what it leaves then. */
    record SensitivityView(String cause, LengthView change, LengthView leaves, EndPlayVerdict verdict) {

        static SensitivityView of(Sensitivity one) {
            return new SensitivityView(
                    SettingWords.cause(one.cause()),
                    LengthView.of(one.change()),
                    LengthView.of(one.leaves()),
                    one.verdict());
        }
    }

    /** {@code least} and {@code most} as insides nobody has measured may have it. */
    record RelativeLifeView(double likely, double least, double most) {

        static RelativeLifeView of(RelativeLife life) {
            return new RelativeLifeView(life.likely(), life.least(), life.most());
        }
    }

    /** What the setting adds to the hub's warmth; {@code words} go on from "the setting". */
    record AddedHeatView(WarmingView likely, WarmingView least, WarmingView most, String words) {

        static AddedHeatView of(AddedHeat heat) {
            return new AddedHeatView(
                    WarmingView.ofKelvin(heat.kelvin()),
                    WarmingView.ofKelvin(heat.least()),
                    WarmingView.ofKelvin(heat.most()),
                    SettingWords.heat(heat));
        }
    }

    /**
     * One setting.
     *
     * @param life to that at no play
     * @param inboardShare and {@code outboardShare}: of each bearing's diameter that carries, 1 and more all round
     */
    record SettingPointView(
            LengthView endPlay,
            RelativeLifeView life,
            AddedHeatView added,
            LengthView rock,
            double dragNewtonMetres,
            ForceView preload,
            double inboardShare,
            double outboardShare,
            ForceView heaviestRoller) {

        private static final double ALL_ROUND = 99;

        static SettingPointView of(Point point) {
            return new SettingPointView(
                    LengthView.of(point.endPlay()),
                    RelativeLifeView.of(point.relativeLife()),
                    AddedHeatView.of(point.added()),
                    LengthView.of(point.rock()),
                    point.dragNewtonMillimetres() / 1000,
                    ForceView.of(point.preload()),
                    Math.min(ALL_ROUND, point.inner().share()),
                    Math.min(ALL_ROUND, point.outer().share()),
                    ForceView.of(Force.ofNewtons(Math.max(
                            point.inner().heaviestRoller(), point.outer().heaviestRoller()))));
        }
    }
}
