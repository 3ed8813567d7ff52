package oldtallow.app.nut;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oldtallow.app.nut.NewNutSetting.FinalTorque;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.testing.Rigs;
import oldtallow.app.walls.Role;
import oldtallow.app.walls.SignedIn;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.figure.Authority;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.lock.CastleNut;
import oldtallow.core.lock.LockPattern;
import oldtallow.core.nut.NutReading;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.sequence.SchoolId;
import org.jspecify.annotations.Nullable;

/** Wheel ends and reports for tests of settings. */
final class Hubs {

    static final SignedIn TOBE = new SignedIn(UUID.randomUUID(), UUID.randomUUID(), "Tobe", Role.MECHANIC);

    static final GoverningFigure<EndPlayWindow> COMMON =
            new GoverningFigure<>(EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE, "common practice");

    static final UUID ID = UUID.fromString("00000000-0000-4000-8000-000000000001");
    static final Instant NOW = Instant.parse("2026-05-14T12:00:00Z");

    private Hubs() {}

    /** 1-14 castle nut, two holes square. */
    static WheelEnd castleNut() {
        return with(new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90))));
    }

    static WheelEnd with(LockPattern lock) {
        return Rigs.wheelEnd(ID, Rigs.build(lock));
    }

    static NewNutSetting seventeenBack() {
        return report().build();
    }

    static Report report() {
        return new Report();
    }

    static SettingSummary summary(NewNutSetting reported) {
        return new SettingSummary(
                reported.id(),
                ID,
                reported.setAt(),
                TOBE.name(),
                false,
                null,
                reported.school(),
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
    static final class Report {
        private Instant setAt = NOW.minusSeconds(60);
        private NutReading reading = NutReading.atZeroPlay(2, Turn.ofDegrees(17));
        private String backOff = "17";
        private @Nullable Length measured;
        private @Nullable FinalTorque torque;
        private String note = "";

        Report at(Instant when) {
            setAt = when;
            return this;
        }

        Report reading(NutReading stands) {
            reading = stands;
            return this;
        }

        Report backedOff(String degrees) {
            backOff = degrees;
            return this;
        }

        Report measured(double millimetres) {
            measured = Length.ofMillimetres(millimetres);
            return this;
        }

        Report torque(FinalTorque pulled) {
            torque = pulled;
            return this;
        }

        Report note(String text) {
            note = text;
            return this;
        }

        NewNutSetting build() {
            return new NewNutSetting(
                    UUID.randomUUID(),
                    ID,
                    setAt,
                    SchoolId.SEAT_AND_FINGER_TIGHT,
                    reading,
                    new BigDecimal(backOff),
                    measured,
                    torque,
                    note,
                    null);
        }
    }
}
