package oldtallow.app.units.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.quantity.Turn;
import oldtallow.core.refusal.FieldError;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LockFormTest {

    static Stream<LockPattern> locks() {
        return Stream.of(
                new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(new BigDecimal("22.125")))),
                new SeatedRetainer(10, 12, List.of(Turn.ZERO)),
                new TangWasher(6, List.of(Turn.ofDegrees(15), Turn.ofDegrees(200))),
                new LockPlate(15, 12, 3),
                FreeAngleLock.TWO_NUTS,
                FreeAngleLock.STAKED_COLLAR);
    }

    @ParameterizedTest
    @MethodSource("locks")
    void comesBackAsTheSameLock(LockPattern lock) {
        assertThat(LockForm.of(lock).toLock("lock", new FieldErrors())).isEqualTo(lock);
    }

    @Test
    void writesAnglesAsPlainDegrees() {
        assertThat(LockForm.of(new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(100)))))
                .isEqualTo(new LockForm.CastleNutForm(6, List.of(new BigDecimal("0"), new BigDecimal("100"))));
    }

    static Stream<LockForm> unfinished() {
        return Stream.of(
                new LockForm.CastleNutForm(null, null),
                new LockForm.SeatedRetainerForm(null, null, null, null),
                new LockForm.PushOnRetainerForm(null, null),
                new LockForm.TangWasherForm(null, null),
                new LockForm.LockPlateForm(null, null, null));
    }

    @ParameterizedTest
    @MethodSource("unfinished")
    void namesEveryNumberAKindStillNeeds(LockForm form) {
        var errors = new FieldErrors();
        assertThat(form.toLock("lock", errors)).isNull();

        assertThatThrownBy(errors::throwIfAny).isInstanceOfSatisfying(InvalidInputException.class, e -> {
            assertThat(e.errors()).hasSizeGreaterThan(1);
            assertThat(e.errors()).extracting(FieldError::field).allMatch(field -> field.startsWith("lock."));
        });
    }

    @Test
    void namesTheAngleThatIsWrong() {
        var errors = new FieldErrors();
        var form = new LockForm.CastleNutForm(6, List.of(BigDecimal.ZERO, new BigDecimal("45.00001")));
        assertThat(form.toLock("lock", errors)).isNull();

        assertThatThrownBy(errors::throwIfAny)
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        e -> assertThat(e.errors())
                                .extracting(FieldError::field)
                                .containsExactly("lock.marksDegrees[1]"));
    }
}
