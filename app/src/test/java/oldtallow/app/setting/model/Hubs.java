package oldtallow.app.setting.model;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.setting.model.NewNutSetting.FinalTorque;
import oldtallow.app.testing.Rigs;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.nut.NutReading;
import org.jspecify.annotations.Nullable;

/** Wheel ends and reports for tests of settings. */
public final class Hubs {

    public static final SignedIn TOBE = new SignedIn(UUID.randomUUID(), UUID.randomUUID(), "Tobe", Role.MECHANIC);

    public static final GoverningFigure<EndPlayWindow> COMMON =
            new GoverningFigure<>(EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE, "common practice");

    public static final UUID ID = UUID.fromString("00000000-0000-4000-8000-000000000001");
    public static final Instant NOW = Instant.parse("2026-05-14T12:00:00Z");

    private Hubs() {}

    /** 1-14 castle nut, two holes square. */
    public static WheelEnd castleNut() {
        return with(new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90))));
    }

    public static WheelEnd with(LockPattern lock) {
        return Rigs.wheelEnd(ID, Rigs.build(lock));
    }

    public static NewNutSetting seventeenBack() {
        return report().build();
    }

    public static Report report() {
        return new Report();
    }

    public static SettingSummary summary(NewNutSetting reported) {
        return new SettingSummary(
                reported.id(),
                ID,
                reported.setAt(),
                TOBE.name(),
                false,
                null,
                reported.procedure(),
                "1-14 UNS",
                "castle nut",
                2,
                17,
                17,
                List.of(2),
                Length.ofMillimetres(0.0857),
                null,
                EndPlayVerdict.INSIDE,
                COMMON,
                null,
                "",
                null,
                true);
    }

    /** A report with one thing after another made wrong. */
    public static final class Report {
        private Instant setAt = NOW.minusSeconds(60);
        private NutReading reading = NutReading.atZeroPlay(2, Turn.ofDegrees(17));
        private String backOff = "17";
        private @Nullable Length measured;
        private @Nullable FinalTorque torque;
        private String note = "";

        public Report at(Instant when) {
            setAt = when;
            return this;
        }

        public Report reading(NutReading stands) {
            reading = stands;
            return this;
        }

        public Report backedOff(String degrees) {
            backOff = degrees;
            return this;
        }

        public Report measured(double millimetres) {
            measured = Length.ofMillimetres(millimetres);
            return this;
        }

        public Report torque(FinalTorque pulled) {
            torque = pulled;
            return this;
        }

        public Report note(String text) {
            note = text;
            return this;
        }

        public NewNutSetting build() {
            return new NewNutSetting(
                    UUID.randomUUID(),
                    ID,
                    setAt,
                    ProcedureId.SEAT_AND_FINGER_TIGHT,
                    reading,
                    new BigDecimal(backOff),
                    measured,
                    torque,
                    note,
                    null);
        }
    }
}
