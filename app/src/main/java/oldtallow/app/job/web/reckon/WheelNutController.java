package oldtallow.app.job.web.reckon;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.units.ForceView;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.TorqueEntry;
import oldtallow.app.units.TorqueView;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Torque;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.FigureValue.BoltTorque;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.travel.wheel.NutSeat;
import oldtallow.core.travel.wheel.StarOrder;
import oldtallow.core.travel.wheel.StudLoad;
import oldtallow.core.travel.wheel.TorqueStage;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Wheel nuts: which after which, how hard in which round, and what that does to the stud. */
@RestController
class WheelNutController {

    private final Register register;
    private final Figures figures;

    WheelNutController(Register register, Figures figures) {
        this.register = register;
        this.figures = figures;
    }

    /** Of any wheel. */
    @PostMapping("/api/v1/reckon/wheel-nuts")
    WheelNutsView free(@RequestBody WheelNutsForm form) {
        var errors = new FieldErrors();
        @Nullable StarOrder star = errors.at("studs", () -> StarOrder.of(form.studs()));
        Optional<BoltTorque> torque = Optional.ofNullable(form.torque(errors));
        Optional<StudLoad> load = Optional.ofNullable(form.load(errors));
        return WheelNutsView.of(errors.require(star), torque, Optional.empty(), load);
    }

    /** Of a wheel end, by the torque that governs there. */
    @GetMapping("/api/v1/wheel-ends/{id}/wheel-nuts")
    WheelNutsView ofWheelEnd(@PathVariable UUID id, @RequestParam int studs) {
        WheelEnd end = register.wheelEnd(id);
        var errors = new FieldErrors();
        @Nullable StarOrder star = errors.at("studs", () -> StarOrder.of(studs));
        Optional<GoverningFigure<FigureValue>> figure =
                figures.ladder(end, FigureKind.WHEEL_NUT_TORQUE).stream().findFirst();
        return WheelNutsView.of(
                errors.require(star),
                figure.flatMap(
                        one -> one.value() instanceof BoltTorque torque ? Optional.of(torque) : Optional.empty()),
                figure,
                Optional.empty());
    }

    /**
     * A wheel.
     *
     * @param studs 3 to 10
     * @param least of the torque, with {@code most}; both left out where nobody knows it
     * @param diameter of a stud, with {@code pitch}; both left out where nobody asks what the torque does to it
     */
    record WheelNutsForm(
            int studs,
            @Nullable TorqueEntry least,
            @Nullable TorqueEntry most,
            @Nullable LengthEntry diameter,
            @Nullable LengthEntry pitch,
            StudLoad.@Nullable Series series,
            StudLoad.@Nullable Surface thread) {

        @Nullable
        BoltTorque torque(FieldErrors errors) {
            if (least == null && most == null) {
                return null;
            }
            @Nullable Torque from = least == null ? null : errors.at("least.number", least::toTorque);
            @Nullable Torque to = most == null ? null : errors.at("most.number", most::toTorque);
            if (from == null || to == null) {
                if (least == null || most == null) {
                    errors.add(
                            least == null ? "least" : "most",
                            null,
                            "is missing; give the whole range, or one number twice");
                }
                return null;
            }
            return errors.at("least.number", () -> BoltTorque.wheelNuts(from, to));
        }

        @Nullable
        StudLoad load(FieldErrors errors) {
            if (diameter == null || pitch == null) {
                return null;
            }
            return errors.at(
                    "diameter.number",
                    Map.of(EnteredQuantity.STUD_PITCH, "pitch.number"),
                    () -> new StudLoad(
                            diameter.toLength(),
                            pitch.toLength(),
                            series == null ? StudLoad.Series.METRIC : series,
                            thread == null ? StudLoad.Surface.DRY : thread));
        }
    }

    /**
     * What to do.
     *
     * @param stages empty where no torque is known
     * @param authority whose torque it is; null where it was typed in, or none is known
     * @param clamp pull of a stud at the upper torque, an estimate
     * @param strengths what that does to studs of each class of its series; empty where no stud or torque is known
     */
    record WheelNutsView(
            List<Integer> order,
            List<StudView> studs,
            List<TorqueStageView> stages,
            @Nullable Authority authority,
            @Nullable String source,
            @Nullable ForceView clamp,
            @Nullable Double stressMegapascals,
            @Nullable Double overDry,
            List<StudStrengthView> strengths,
            List<NutSeatView> seats) {

        static WheelNutsView of(
                StarOrder star,
                Optional<BoltTorque> torque,
                Optional<GoverningFigure<FigureValue>> figure,
                Optional<StudLoad> load) {
            return new WheelNutsView(
                    star.order(),
                    star.corners().stream()
                            .map(corner -> new StudView(corner.number(), corner.right(), corner.up()))
                            .toList(),
                    torque.map(one -> TorqueStage.upTo(one).stream()
                                    .map(TorqueStageView::of)
                                    .toList())
                            .orElse(List.of()),
                    figure.map(GoverningFigure::authority).orElse(null),
                    figure.map(GoverningFigure::source).orElse(null),
                    load.flatMap(stud -> torque.map(one -> ForceView.of(stud.clamp(one.most()))))
                            .orElse(null),
                    load.flatMap(stud -> torque.map(one -> stud.stressMegapascals(one.most())))
                            .orElse(null),
                    load.map(StudLoad::overDry).orElse(null),
                    load.flatMap(stud -> torque.map(one -> WheelNutController.ofClasses(stud, one.most())))
                            .orElse(List.of()),
                    Arrays.stream(NutSeat.values())
                            .map(seat -> new NutSeatView(seat, seat.words(), seat.look()))
                            .toList());
        }
    }

    private static List<StudStrengthView> ofClasses(StudLoad stud, Torque torque) {
        return stud.series().classes().stream()
                .map(strength -> {
                    StudLoad.Verdict verdict = stud.verdict(torque, strength);
                    return new StudStrengthView(
                            strength.words(), stud.ofProof(torque, strength), verdict, verdict.words());
                })
                .toList();
    }

    /**
     * What the torque does to studs of a class.
     *
     * @param ofProof tension over the stress of the proof load
     */
    record StudStrengthView(String strength, double ofProof, StudLoad.Verdict verdict, String words) {}

    /** A stud on its circle, radius 1. */
    record StudView(int number, double right, double up) {}

    record TorqueStageView(
            TorqueStage.Kind kind, String words, String how, boolean inTheStar, TorqueView least, TorqueView most) {

        static TorqueStageView of(TorqueStage stage) {
            return new TorqueStageView(
                    stage.kind(),
                    stage.kind().words(),
                    stage.kind().how(),
                    stage.kind().inTheStar(),
                    TorqueView.of(stage.least()),
                    TorqueView.of(stage.most()));
        }
    }

    record NutSeatView(NutSeat seat, String words, String look) {}
}
