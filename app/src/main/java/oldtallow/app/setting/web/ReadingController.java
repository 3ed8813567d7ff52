package oldtallow.app.setting.web;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import oldtallow.app.register.api.Catalogue;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.setting.api.SettingCharts;
import oldtallow.app.setting.api.SettingCharts.Road;
import oldtallow.app.setting.web.SettingChartController.RoadForm;
import oldtallow.app.setting.web.SettingChartController.SettingPointView;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.TorqueView;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.Temperature;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.measure.DragReading;
import oldtallow.core.setting.rolling.RockReading;
import oldtallow.core.setting.rolling.SettingChart;
import oldtallow.core.setting.rolling.TyrePlay;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Rock and drag worked out; the setting chart of a pair by itself. Nothing is saved. */
@RestController
class ReadingController {

    private final SettingCharts charts;
    private final Register register;
    private final Figures figures;
    private final Catalogue catalogue;

    ReadingController(SettingCharts charts, Register register, Figures figures, Catalogue catalogue) {
        this.charts = charts;
        this.register = register;
        this.figures = figures;
        this.catalogue = catalogue;
    }

    /** Rock at the tyre as end play of this hub, and its window as rock. */
    @PostMapping("/api/v1/wheel-ends/{id}/rock")
    RockView rock(@PathVariable UUID id, @RequestBody RockForm form) {
        var errors = new FieldErrors();
        @Nullable
        TyrePlay tyre = errors.at(
                "radius.number",
                () -> new TyrePlay(charts.pair(id), form.radius().toLength()));
        @Nullable Length rock = errors.at("rock.number", form.rock()::toLength);
        @Nullable Length readTo = errors.at("readTo.number", form.readTo()::toLength);
        errors.throwIfAny();
        @Nullable
        RockReading reading = errors.at(
                "rock.number",
                Map.of(EnteredQuantity.READ_TO, "readTo.number"),
                () -> new RockReading(errors.require(tyre), errors.require(rock), errors.require(readTo)));
        EndPlayWindow window = GoverningFigure.governing(figures.endPlay(register.wheelEnd(id)))
                .value();
        return RockView.of(errors.require(reading), window);
    }

    /** Pulls of a spring scale as torque of the bearings alone. */
    @PostMapping("/api/v1/readings/drag")
    DragView drag(@RequestBody DragForm form) {
        var errors = new FieldErrors();
        @Nullable Length radius = errors.at("radius.number", form.radius()::toLength);
        List<Force> pulls = IntStream.range(0, form.pullsNewtons().size())
                .mapToObj(i -> Force.ofNewtons(form.pullsNewtons().get(i)))
                .toList();
        Length at = errors.require(radius);
        @Nullable
        DragReading reading = errors.at(
                "pullsNewtons",
                Map.of(
                        EnteredQuantity.RADIUS_OF_STUD,
                        "radius.number",
                        ReadingKind.DRAG_WITH_NUT_LOOSE,
                        "looseNewtons"),
                () -> new DragReading(pulls, at, Force.ofNewtons(form.looseNewtons())));
        DragReading drag = errors.require(reading);
        return new DragView(TorqueView.of(drag.rolling()), TorqueView.of(drag.uncertainty()));
    }

    /** What each setting does to a pair of bearings, no wheel end behind it; an estimate. */
    @PostMapping("/api/v1/reckoner/setting-chart")
    FreeChartView chart(@RequestBody FreeChartForm form) {
        var errors = new FieldErrors();
        @Nullable BearingSet inboard = set("inboard", form.inboard(), errors);
        @Nullable BearingSet outboard = set("outboard", form.outboard(), errors);
        @Nullable Length apart = errors.at("backFaces.number", form.backFaces()::toLength);
        @Nullable
        Temperature outside = errors.at("road.outside.number", form.road().outside()::toTemperature);
        errors.throwIfAny();
        @Nullable
        SettingChart chart = errors.at(
                "road.wheelLoad.number",
                Map.of(
                        EnteredQuantity.SPREAD_OF_BEARINGS, "backFaces.number",
                        EnteredQuantity.DISTANCE_OF_CONES_BACK_FACES, "backFaces.number",
                        EnteredQuantity.ROLLING_RADIUS_OF_TYRE, "road.rollingRadius.number",
                        EnteredQuantity.RADIUS_IT_IS_MEASURED_AT, "road.rollingRadius.number",
                        EnteredQuantity.SPEED, "road.kilometresPerHour",
                        EnteredQuantity.SPEED_OF_WHEEL, "road.kilometresPerHour",
                        EnteredQuantity.OUTSIDE_TEMPERATURE, "road.outside.number"),
                () -> charts.free(
                        errors.require(inboard),
                        errors.require(outboard),
                        errors.require(apart),
                        new Road(
                                form.road().wheelLoad().toWeight(),
                                form.road().rollingRadius().toLength(),
                                form.road().kilometresPerHour(),
                                errors.require(outside).celsius())));
        SettingChart drawn = errors.require(chart);
        EndPlayWindow window = EndPlayWindow.COMMON_PRACTICE;
        return new FreeChartView(
                drawn.points().stream().map(SettingPointView::of).toList(),
                LengthView.of(drawn.bestPlay()),
                LengthView.of(drawn.bestPlayIfSofter()),
                LengthView.of(drawn.bestPlayIfStiffer()),
                LengthView.of(window.least()),
                LengthView.of(window.most()));
    }

    private @Nullable BearingSet set(String field, String designation, FieldErrors errors) {
        return catalogue.set(designation).orElseGet(() -> {
            errors.add(field, designation, "is in no catalogue here; write cone/cup, or enter the set in Workshop");
            return null;
        });
    }

    /**
     * Rock as it was read.
     *
     * @param readTo what rule or indicator can be read to
     * @param radius at which it was read, from the spindle's middle
     */
    record RockForm(LengthEntry rock, LengthEntry readTo, LengthEntry radius) {}

    /** {@code asRockLeast} and {@code asRockMost}: its window at the tyre. A rock points to something, and proves nothing. */
    record RockView(
            LengthView endPlay,
            LengthView uncertainty,
            RockReading.Hint hint,
            String words,
            LengthView asRockLeast,
            LengthView asRockMost) {

        static RockView of(RockReading reading, EndPlayWindow window) {
            RockReading.Hint hint = reading.points(window);
            return new RockView(
                    LengthView.of(reading.endPlay()),
                    LengthView.of(reading.uncertainty()),
                    hint,
                    hint.words(),
                    LengthView.of(reading.tyre().pushPull(window.least())),
                    LengthView.of(reading.tyre().pushPull(window.usable())));
        }
    }

    /** Pulls in N at the stud, and with the nut loose before. */
    record DragForm(List<Double> pullsNewtons, LengthEntry radius, double looseNewtons) {}

    record DragView(TorqueView rolling, TorqueView uncertainty) {}

    /** {@code backFaces}: distance of the cones' back faces. */
    record FreeChartForm(String inboard, String outboard, LengthEntry backFaces, RoadForm road) {}

    /** {@code windowLeast} and {@code windowMost} are common practice. */
    record FreeChartView(
            List<SettingPointView> points,
            LengthView best,
            LengthView bestIfSofter,
            LengthView bestIfStiffer,
            LengthView windowLeast,
            LengthView windowMost) {}
}
