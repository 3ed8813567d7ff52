package oldtallow.app.setting.api;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.register.model.SpindleNut;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.setting.model.NewNutSetting;
import oldtallow.app.setting.model.NewNutSetting.FinalTorque;
import oldtallow.app.setting.model.NutSetting;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.Engagement;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.fastening.sequence.TorqueUnitGuard;
import oldtallow.core.quantity.Digits;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.measure.DialReadings;
import oldtallow.core.setting.nut.NutCase;
import oldtallow.core.setting.nut.Stop;
import org.jspecify.annotations.Nullable;

/** Works a reported setting out against its wheel end, and refuses what must not go on record as a setting. */
final class SettingJudge {

    /** Half a tick of three decimals: what a client can lose by rounding a stop's angle. */
    private static final double SAME_STOP_DEGREES = 0.0011;
    /** A phone's clock may run ahead of the server's. */
    private static final Duration CLOCK_SLACK = Duration.ofMinutes(10);

    private static final Instant EARLIEST =
            LocalDate.of(1950, 1, 1).atStartOfDay(ZoneOffset.UTC).toInstant();

    private final NewNutSetting reported;
    private final AdjustmentProcedure procedure;
    private final WheelEnd end;
    private final NutCase nutCase;
    private final FieldErrors errors;

    private SettingJudge(
            NewNutSetting reported, AdjustmentProcedure procedure, WheelEnd end, NutCase nutCase, FieldErrors errors) {
        this.reported = reported;
        this.procedure = procedure;
        this.end = end;
        this.nutCase = nutCase;
        this.errors = errors;
    }

    static NutSetting judge(
            NewNutSetting reported,
            AdjustmentProcedure procedure,
            SignedIn by,
            WheelEnd end,
            GoverningFigure<EndPlayWindow> window,
            Instant now) {
        var errors = new FieldErrors();
        SpindleNut nut = end.nut();
        @Nullable
        NutCase nutCase = errors.at(
                "reading.mark",
                () -> new NutCase(nut.thread(), nut.lock(), reported.reading(), window, nut.washerThickness()));
        return new SettingJudge(reported, procedure, end, errors.require(nutCase), errors).judge(by, now);
    }

    private NutSetting judge(SignedIn by, Instant now) {
        checkNoteAndTime(now);
        checkTorque();
        @Nullable Length endPlay = null;
        double backOff = reported.backOffDegrees().doubleValue();
        List<Integer> marks = List.of();
        switch (nutCase.lock()) {
            case SteppedLock stepped -> {
                @Nullable Stop stop = stop();
                if (stop != null) {
                    endPlay = stop.endPlay();
                    backOff = stop.backOff().degrees();
                    marks = stop.position().engagements().stream()
                            .map(Engagement::mark)
                            .toList();
                }
            }
            case FreeAngleLock free -> {
                endPlay =
                        errors.at("backOffDegrees", () -> nutCase.endPlayAt(Turn.ofDegrees(reported.backOffDegrees())));
                if (free == FreeAngleLock.TWO_NUTS && reported.measuredEndPlay() == null) {
                    errors.add(
                            "measuredEndPlay",
                            null,
                            "is missing; tightening the outer nut takes up play, so read it after locking");
                }
            }
        }
        Length worked = errors.require(endPlay);
        EndPlayVerdict verdict = verdict(worked);
        Optional<DialReadings> dial = dial();
        errors.throwIfAny();
        return new NutSetting(
                reported,
                by,
                now,
                end.nut().threadDesignation(),
                nutCase.thread(),
                LockWords.of(nutCase.lock()),
                backOff,
                marks,
                worked,
                verdict,
                nutCase.window(),
                dial.map(DialReadings::uncertainty).orElse(null),
                dial.map(read -> read.decide(nutCase.window().value()).isCertain())
                        .orElse(true));
    }

    private void checkNoteAndTime(Instant now) {
        if (reported.note().length() > 1000) {
            errors.add("note", reported.note().length() + " letters", "must be 1000 letters or fewer");
        }
        if (reported.setAt().isAfter(now.plus(CLOCK_SLACK)) || reported.setAt().isBefore(EARLIEST)) {
            errors.add("setAt", reported.setAt(), "must be a time from 1950 until now");
        }
        @Nullable Length measured = reported.measuredEndPlay();
        if (measured != null && !(measured.millimetres() >= 0 && measured.millimetres() <= 3)) {
            errors.add("measuredEndPlay", measured.millimetres() + " mm", "must be 0 to 3 mm (0 to 118 thou)");
        }
    }

    /** The readings of the measured play; one alone where only the outcome was sent. */
    private Optional<DialReadings> dial() {
        @Nullable Length measured = reported.measuredEndPlay();
        if (reported.readings() != null) {
            return Optional.of(reported.readings());
        }
        return measured == null
                ? Optional.empty()
                : Optional.ofNullable(errors.at(
                        "measuredEndPlay",
                        () -> new DialReadings(List.of(measured), Length.ZERO, DialReadings.USUAL_GRADUATION)));
    }

    private void checkTorque() {
        @Nullable FinalTorque torque = reported.finalTorque();
        Optional<TorqueRange> asked = procedure.finalTorque();
        if (torque == null || asked.isEmpty()) {
            return;
        }
        var question = errors.at(
                "finalTorque.number", () -> TorqueUnitGuard.question(torque.number(), torque.unit(), asked.get()));
        if (question != null && question.isPresent() && !torque.confirmed()) {
            errors.add(
                    "finalTorque.confirmed",
                    torque.number() + " " + torque.unit().symbol(),
                    "this is " + Digits.counting(question.get().timesExpected(), 3)
                            + " times what the procedure asks; check the unit, or confirm that it is meant");
        }
    }

    private @Nullable Stop stop() {
        double asked = reported.backOffDegrees().doubleValue();
        List<Stop> nearest = nutCase.stops().stream()
                .sorted(Comparator.comparingDouble(
                        stop -> Math.abs(stop.backOff().degrees() - asked)))
                .limit(2)
                .toList();
        if (Math.abs(nearest.getFirst().backOff().degrees() - asked) <= SAME_STOP_DEGREES) {
            return nearest.getFirst();
        }
        errors.add(
                "backOffDegrees",
                reported.backOffDegrees() + "°",
                "must be an angle at which this nut can be locked; nearest are "
                        + Digits.fixed(nearest.getFirst().backOff().degrees(), 3) + "° and "
                        + Digits.fixed(nearest.getLast().backOff().degrees(), 3) + "°");
        return null;
    }

    private EndPlayVerdict verdict(Length worked) {
        EndPlayVerdict byAngle = nutCase.window().value().judge(worked);
        if (byAngle == EndPlayVerdict.PRELOAD) {
            errors.add(
                    "backOffDegrees",
                    reported.backOffDegrees() + "°",
                    "must not be tighter than zero play, nor than a maker's figure that asks for preload");
        }
        @Nullable Length measured = reported.measuredEndPlay();
        EndPlayVerdict verdict =
                measured == null ? byAngle : nutCase.window().value().judge(measured);
        if (!verdict.isAcceptable() && reported.note().isBlank()) {
            errors.add("note", null, "is missing; a setting outside its window needs a reason");
        }
        return verdict;
    }
}
