package oldtallow.app.setting.web;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.TorqueEntry;
import oldtallow.app.units.form.FigureForm;
import oldtallow.app.units.form.LockForm;
import oldtallow.app.units.form.ThreadForm;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.nut.NutCase;
import oldtallow.core.setting.nut.NutReading;
import org.jspecify.annotations.Nullable;

/**
 * A nut to be worked out; nothing is saved.
 *
 * @param figures windows that could govern; without any, common practice does
 * @param backOffDegrees an angle whose end play is asked for, positive looser
 * @param finalTorque what was pulled for the fine setting, to have its unit looked at
 * @param lockingTakesUp end play that tightening the outer of two nuts takes; none where null
 */
record NutCalculationForm(
        ThreadForm thread,
        LockForm lock,
        ReadingForm reading,
        @Nullable List<FigureForm> figures,
        @Nullable Double washerThicknessMillimetres,
        String procedure,
        @Nullable BigDecimal backOffDegrees,
        @Nullable TorqueEntry finalTorque,
        @Nullable LengthEntry lockingTakesUp) {

    /**
     * Where the nut stands.
     *
     * @param mark hole, tang or screw looked at, from 1
     * @param looserDegrees until a slot meets it, positive looser
     * @param endPlay read here; without it this is zero play
     */
    record ReadingForm(
            Integer mark,
            BigDecimal looserDegrees,
            @Nullable LengthEntry endPlay) {

        @Nullable
        NutReading toReading(String path, FieldErrors errors) {
            @Nullable Turn looser = errors.at(path + ".looserDegrees", () -> Turn.ofDegrees(looserDegrees));
            @Nullable
            Length play = endPlay == null ? Length.ZERO : errors.at(path + ".endPlay.number", endPlay::toLength);
            if (looser == null || play == null) {
                return null;
            }
            String field = path + (play.isNegative() || play.millimetres() > 1 ? ".endPlay.number" : ".looserDegrees");
            return errors.at(field, () -> new NutReading(mark, looser, play));
        }
    }

    /** The case, or a refusal that names every field that is wrong. */
    NutCase toNutCase() {
        var errors = new FieldErrors();
        @Nullable ScrewThread screw = thread.toThread("thread", errors);
        @Nullable LockPattern pattern = lock.toLock("lock", errors);
        @Nullable NutReading stands = reading.toReading("reading", errors);
        List<GoverningFigure<EndPlayWindow>> windows = windows(errors);
        @Nullable
        Length washer = washerThicknessMillimetres == null
                ? null
                : errors.at("washerThicknessMillimetres", () -> Length.ofMillimetres(washerThicknessMillimetres));
        @Nullable
        Length taken =
                lockingTakesUp == null ? Length.ZERO : errors.at("lockingTakesUp.number", lockingTakesUp::toLength);
        errors.throwIfAny();
        return errors.require(errors.at(
                "reading.mark",
                Map.of(
                        EnteredQuantity.WASHER_THICKNESS,
                        "washerThicknessMillimetres",
                        EnteredQuantity.LEAST_END_PLAY,
                        "figures",
                        EnteredQuantity.PLAY_THAT_LOCKING_TAKES,
                        "lockingTakesUp.number"),
                () -> new NutCase(
                        errors.require(screw),
                        errors.require(pattern),
                        errors.require(stands),
                        GoverningFigure.governing(windows),
                        washer,
                        errors.require(taken))));
    }

    /** The procedure named. */
    AdjustmentProcedure toProcedure(AdjustmentProcedures procedures) {
        var errors = new FieldErrors();
        @Nullable ProcedureId id = errors.at("procedure", () -> new ProcedureId(procedure));
        return procedures.require(errors.require(id));
    }

    /** The angle asked about, if one was. */
    @Nullable
    Turn toBackOff() {
        var errors = new FieldErrors();
        @Nullable
        Turn turn = backOffDegrees == null ? null : errors.at("backOffDegrees", () -> Turn.ofDegrees(backOffDegrees));
        errors.throwIfAny();
        return turn;
    }

    private List<GoverningFigure<EndPlayWindow>> windows(FieldErrors errors) {
        List<GoverningFigure<EndPlayWindow>> windows = new ArrayList<>();
        List<FigureForm> given = figures == null ? List.of() : figures;
        for (int i = 0; i < given.size(); i++) {
            @Nullable GoverningFigure<EndPlayWindow> window = given.get(i).toFigure("figures[" + i + "]", errors);
            if (window != null) {
                windows.add(window);
            }
        }
        // a castle nut on its own is taken for a light trailer's, whose window has two grades
        windows.add(
                lock instanceof LockForm.CastleNutForm
                        ? new GoverningFigure<>(
                                EndPlayWindow.LIGHT_TRAILER,
                                Authority.COMMON_PRACTICE,
                                "common practice of light trailers, 1 to 5 thou good, to 10 thou usable")
                        : new GoverningFigure<>(
                                EndPlayWindow.COMMON_PRACTICE,
                                Authority.COMMON_PRACTICE,
                                "common practice, 1 to 5 thou"));
        return windows;
    }
}
