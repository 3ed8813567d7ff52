package oldtallow.core.procedure.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.look.Diagnosis.Drive;
import oldtallow.core.procedure.look.Diagnosis.Suspected;
import oldtallow.core.procedure.look.Seen.GreaseFound;
import oldtallow.core.procedure.look.Seen.Leak;
import oldtallow.core.procedure.look.Seen.Locked;
import oldtallow.core.procedure.look.Seen.Misplaced;
import oldtallow.core.procedure.look.Seen.Misplacement;
import oldtallow.core.procedure.look.Seen.Rock;
import oldtallow.core.procedure.look.Seen.Spin;
import oldtallow.core.procedure.look.Seen.SpinWithoutShaft;
import oldtallow.core.procedure.look.Seen.TakenUp;
import oldtallow.core.travel.warmth.HeatBand;
import oldtallow.core.travel.warmth.HubHeat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What each sign points to: common practice. */
class FirstLookTest {

    @Test
    void nothingSeenIsNothingSuspected() {
        assertThat(first(Spin.SILENT, Rock.NONE, GreaseFound.CLEAN, Leak.DRY, Locked.AS_IT_SHOULD))
                .isEqualTo(Suspicion.FINE);
        assertThat(look(Spin.SILENT).diagnosis().drive()).isEqualTo(Drive.YES);
    }

    @Test
    void playThatTheNutTakesUpIsAdjustmentPlayThatStaysIsWear() {
        assertThat(first(Rock.SLIGHT, TakenUp.GONE)).isEqualTo(Suspicion.OUT_OF_ADJUSTMENT);
        assertThat(first(Rock.LOOSE, TakenUp.GONE)).isEqualTo(Suspicion.OUT_OF_ADJUSTMENT);
        assertThat(first(Rock.SLIGHT, TakenUp.STAYS)).isEqualTo(Suspicion.WORN);
        assertThat(first(Rock.LOOSE, TakenUp.STAYS)).isEqualTo(Suspicion.WORN);
    }

    @ParameterizedTest
    @CsvSource({"THIN_RUNNY, GREASE_FAILED", "MILKY, WATER_IN", "RUSTY, WATER_IN", "GONE, DRY"})
    void greaseSaysWhatHappened(GreaseFound grease, Suspicion suspicion) {
        assertThat(first(grease)).isEqualTo(suspicion);
    }

    @ParameterizedTest
    @EnumSource(
            value = GreaseFound.class,
            names = {"CLEAN", "BLACK_THICK"})
    void oldButFairGreaseIsNoFault(GreaseFound grease) {
        assertThat(first(grease)).isEqualTo(Suspicion.FINE);
        assertThat(look(grease).diagnosis().drive()).isEqualTo(Drive.YES);
    }

    @Test
    void aGrowlHiddenByTheShaftCountsLikeAnyOther() {
        assertThat(first(Spin.SILENT, new SpinWithoutShaft(Spin.GROWL))).isEqualTo(Suspicion.RACE_DAMAGE);
    }

    @Test
    void theHotterSideIsTooTightOrItsBrakeDrags() {
        var hot = new FirstLook(List.of(), Optional.of(new HubHeat(75, Optional.of(45.0))), true).diagnosis();

        assertThat(hot.suspicions())
                .extracting(Suspected::suspicion)
                .containsExactlyInAnyOrder(Suspicion.TOO_TIGHT, Suspicion.BRAKE_DRAGS);
        assertThat(new FirstLook(List.of(), Optional.of(new HubHeat(75, Optional.of(45.0))), false)
                        .diagnosis()
                        .suspicions())
                .extracting(Suspected::suspicion)
                .containsExactly(Suspicion.TOO_TIGHT);
    }

    @ParameterizedTest
    @CsvSource({
        "50, , FINE",
        "50.1, , WARM",
        "70, 69, WARM",
        "70.1, 69, TOO_HOT",
        "50, 35.1, FINE",
        "50, 35, ONE_SIDED",
        "65, 50, ONE_SIDED",
        "90, , TOO_HOT",
        "90.1, 89, STOP"
    })
    void readsTemperaturesFromBothSidesOfEachLimit(double hub, Double other, HubHeat.Reading reading) {
        assertThat(new HubHeat(hub, Optional.ofNullable(other)).reading()).isEqualTo(reading);
    }

    /** The one scale: too hot to touch holds the rig, warm does not. */
    @ParameterizedTest
    @CsvSource({"49, YES", "65, YES", "71, NO", "119, NO"})
    void aHubTooHotToTouchHoldsTheRig(double hub, Drive drive) {
        var look = new FirstLook(List.of(), Optional.of(new HubHeat(hub, Optional.of(hub - 2))), true).diagnosis();

        assertThat(look.drive()).isEqualTo(drive);
        assertThat(look.driveReason()).contains(hub > 50 ? HeatBand.of(hub).words() : "Nothing seen");
    }

    @Test
    void whatCanLoseTheWheelIsNotDriven() {
        assertThat(drive(Locked.LOCK_MISSING)).isEqualTo(Drive.NO);
        assertThat(drive(Locked.NUT_LOOSE)).isEqualTo(Drive.NO);
        assertThat(drive(Rock.LOOSE)).isEqualTo(Drive.NO);
        assertThat(drive(Spin.GRIND)).isEqualTo(Drive.NO);
        assertThat(drive(Leak.ON_LININGS)).isEqualTo(Drive.NO);
        assertThat(drive(new Misplaced(Part.WASHER, Misplacement.MISSING))).isEqualTo(Drive.NO);
        assertThat(look(Locked.LOCK_MISSING).diagnosis().driveReason()).startsWith("lock missing");
    }

    @Test
    void whatGetsWorseGoesToTheWorkshop() {
        assertThat(drive(Spin.GROWL)).isEqualTo(Drive.TO_THE_WORKSHOP);
        assertThat(drive(Leak.DAMP)).isEqualTo(Drive.TO_THE_WORKSHOP);
        assertThat(drive(GreaseFound.MILKY)).isEqualTo(Drive.TO_THE_WORKSHOP);
    }

    /** Every sign: what it points to first, with what weight, and whether the rig may be driven. Common practice; own weights. */
    @ParameterizedTest
    @MethodSource("signs")
    void everySignPointsSomewhere(Seen seen, String suspicions, Drive drive) {
        Diagnosis diagnosis = look(seen).diagnosis();

        assertThat(diagnosis.suspicions().stream()
                        .map(one -> one.suspicion() + " " + one.weight())
                        .toList())
                .isEqualTo(List.of(suspicions.split(", ", -1)));
        assertThat(diagnosis.drive()).isEqualTo(drive);
        if (seen instanceof Spin spin) {
            assertThat(look(new SpinWithoutShaft(spin)).diagnosis().drive()).isEqualTo(drive);
        }
    }

    static Stream<Arguments> signs() {
        return Stream.of(
                Arguments.of(Spin.SILENT, "FINE 0.0", Drive.YES),
                Arguments.of(Spin.GROWL, "RACE_DAMAGE 3.0", Drive.TO_THE_WORKSHOP),
                Arguments.of(Spin.GRIND, "RACE_DAMAGE 4.0, DRY 1.0", Drive.NO),
                Arguments.of(Spin.RATTLE, "WORN 2.0, RACE_DAMAGE 2.0", Drive.TO_THE_WORKSHOP),
                Arguments.of(Rock.NONE, "FINE 0.0", Drive.YES),
                Arguments.of(Rock.SLIGHT, "OUT_OF_ADJUSTMENT 1.0, WORN 0.5", Drive.TO_THE_WORKSHOP),
                Arguments.of(Rock.LOOSE, "OUT_OF_ADJUSTMENT 2.0, WORN 2.0", Drive.NO),
                Arguments.of(TakenUp.GONE, "OUT_OF_ADJUSTMENT 3.0", Drive.YES),
                Arguments.of(TakenUp.STAYS, "WORN 3.0", Drive.TO_THE_WORKSHOP),
                Arguments.of(GreaseFound.THIN_RUNNY, "GREASE_FAILED 3.0, TOO_TIGHT 1.0", Drive.TO_THE_WORKSHOP),
                Arguments.of(GreaseFound.MILKY, "WATER_IN 3.0, SEAL_FAILED 1.0", Drive.TO_THE_WORKSHOP),
                Arguments.of(GreaseFound.RUSTY, "WATER_IN 4.0, RACE_DAMAGE 2.0", Drive.TO_THE_WORKSHOP),
                Arguments.of(GreaseFound.GONE, "DRY 4.0, SEAL_FAILED 1.0", Drive.NO),
                Arguments.of(Leak.DRY, "FINE 0.0", Drive.YES),
                Arguments.of(Leak.AT_SPRING_CAP, "FINE 0.0", Drive.YES),
                Arguments.of(Leak.DAMP, "SEAL_FAILED 2.0", Drive.TO_THE_WORKSHOP),
                Arguments.of(Leak.ON_LININGS, "SEAL_FAILED 4.0", Drive.NO),
                Arguments.of(Locked.NUT_LOOSE, "LOCK_FAILED 5.0, OUT_OF_ADJUSTMENT 2.0", Drive.NO),
                Arguments.of(Locked.LOCK_BROKEN, "LOCK_FAILED 5.0", Drive.NO));
    }

    /** Both sides hot alike with brakes: the brakes, not the nut; without brakes the nut. */
    @Test
    void bothSidesHotAreTheirBrakes() {
        HubHeat alike = new HubHeat(80, Optional.of(79.0));

        assertThat(new FirstLook(List.of(), Optional.of(alike), true)
                        .diagnosis()
                        .suspicions())
                .extracting(Suspected::suspicion)
                .containsExactly(Suspicion.BRAKE_DRAGS);
        assertThat(new FirstLook(List.of(), Optional.of(alike), false)
                        .diagnosis()
                        .suspicions())
                .extracting(Suspected::suspicion)
                .containsExactly(Suspicion.TOO_TIGHT);
    }

    @Test
    void saysItInWords() {
        assertThat(new SpinWithoutShaft(Spin.GROWL).words()).isEqualTo(Spin.GROWL.words() + " without its shaft");
        assertThat(new Misplaced(Part.WASHER, Misplacement.MISSING).words())
                .isEqualTo(Part.WASHER.words() + " missing");
    }

    @Test
    void everySuspicionSaysWhatSpeaksForIt() {
        assertThat(look(Rock.LOOSE, Spin.RATTLE, GreaseFound.RUSTY, Leak.DAMP)
                        .diagnosis()
                        .suspicions())
                .hasSizeGreaterThan(3)
                .allSatisfy(suspected -> assertThat(suspected.because()).isNotEmpty())
                .isSortedAccordingTo((a, b) -> Double.compare(b.weight(), a.weight()));
    }

    private static FirstLook look(Seen... seen) {
        return new FirstLook(List.of(seen), Optional.empty(), true);
    }

    private static Suspicion first(Seen... seen) {
        return look(seen).diagnosis().suspicions().getFirst().suspicion();
    }

    private static Drive drive(Seen... seen) {
        return look(seen).diagnosis().drive();
    }
}
