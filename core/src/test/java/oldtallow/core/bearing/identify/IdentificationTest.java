package oldtallow.core.bearing.identify;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.SetDimension;
import oldtallow.core.bearing.Sets;
import oldtallow.core.bearing.identify.Identification.Verdict;
import oldtallow.core.quantity.Length;
import org.junit.jupiter.api.Test;

/** Against the standard dimensions of the catalogue (ANSI/ABMA 19.2, ISO 355, from memory). */
class IdentificationTest {

    @Test
    void saysPlainlyWhenNothingFits() {
        Identification found = Identification.of(
                Sets.ALL, List.of(calliper(Measurand.CONE_BORE, 28.3), calliper(Measurand.CUP_OUTSIDE, 50.3)));

        assertThat(found.verdict()).isEqualTo(Verdict.NOTHING_FITS);
        assertThat(found.candidates()).hasSize(3);
        assertThat(found.candidates().getFirst().set().designation()).hasToString("L45449/L45410");
        assertThat(found.candidates().getFirst().worst().measurand()).isEqualTo(Measurand.CONE_BORE);
        assertThat(found.candidates().getFirst().worst().by().millimetres()).isNegative();
    }

    /** LM11910 and LM12710 measure alike (45.237 × 12.065) but have other race angles: from the cup alone it is a tie. */
    @Test
    void tiesCupsOfTheSameSizeAndAsksForTheBore() {
        Identification found = Identification.of(
                Sets.ALL, List.of(calliper(Measurand.CUP_OUTSIDE, 45.24), calliper(Measurand.CUP_WIDTH, 12.03)));

        assertThat(found.verdict()).isEqualTo(Verdict.SEVERAL);
        assertThat(found.candidates())
                .extracting(one -> one.set().designation().toString())
                .containsExactlyInAnyOrder("LM11949/LM11910", "LM12748/LM12710", "LM12749/LM12710");
        assertThat(found.next().getFirst().measurand()).isEqualTo(Measurand.CONE_BORE);
        assertThat(found.candidates().getFirst().lookAlikes().getFirst().sameCupSize())
                .isTrue();
        assertThat(found.candidates().getFirst().lookAlikes().getFirst().partedBy())
                .isEqualTo(SetDimension.CONE_BORE);
    }

    /** L68110 and L68111: 59.131 against 59.975 mm on the same cone. */
    @Test
    void partsNearTwinsByTheirCupOnlyWithAnInstrumentThatCan() {
        List<Measurement> tape = List.of(
                calliper(Measurand.CONE_BORE, 34.99),
                new Measurement(Measurand.CUP_OUTSIDE, Length.ofMillimetres(59.5), SizeGauge.TAPE));
        Identification byTape = Identification.of(Sets.ALL, tape);
        List<Measurement> calliper =
                List.of(calliper(Measurand.CONE_BORE, 34.99), calliper(Measurand.CUP_OUTSIDE, 59.98));
        Identification byCalliper = Identification.of(Sets.ALL, calliper);

        assertThat(byTape.verdict()).isEqualTo(Verdict.SEVERAL);
        assertThat(byTape.next().getFirst().measurand()).isEqualTo(Measurand.CUP_OUTSIDE);
        assertThat(byCalliper.verdict()).isEqualTo(Verdict.ONE);
        assertThat(byCalliper.candidates().getFirst().set().designation()).hasToString("L68149/L68111");
        assertThat(byCalliper.candidates().getFirst().lookAlikes())
                .extracting(twin -> twin.set().designation().toString())
                .contains("L68149/L68110");
    }

    @Test
    void aGaugeThatGoesInBoundsFromBelowAndOneThatDoesNotFromAbove() {
        Identification found = Identification.of(
                Sets.ALL,
                List.of(
                        new Measurement(Measurand.CONE_BORE, Length.ofMillimetres(27), SizeGauge.GO_GAUGE),
                        new Measurement(Measurand.CONE_BORE, Length.ofMillimetres(30.5), SizeGauge.NO_GO_GAUGE)));

        assertThat(found.candidates())
                .allSatisfy(one -> assertThat(one.set().bore().millimetres()).isBetween(26.8, 30.7))
                .extracting(one -> one.set().designation().toString())
                .contains("L45449/L45410", "30206");
    }

    /** A 3500 lb hub's usual seal is 1.719 × 2.565 in: common practice. */
    @Test
    void aSealHintsAtTheSetBesideIt() {
        Identification without = Identification.of(Sets.ALL, List.of(tape(Measurand.CONE_BORE, 35)));
        Identification with = Identification.of(
                Sets.ALL, List.of(tape(Measurand.CONE_BORE, 35), calliper(Measurand.SEAL_INSIDE, 43.7)));

        assertThat(probability(with, "L68149/L68111")).isGreaterThan(probability(without, "L68149/L68111") * 3);
    }

    /** The cone slides on: a spindle seat of 26.975 mm belongs to the 26.988 mm cone. */
    @Test
    void aSpindleSeatTellsTheCone() {
        Identification found = Identification.of(
                Sets.ALL,
                List.of(new Measurement(Measurand.SPINDLE_SEAT, Length.ofMillimetres(26.975), SizeGauge.MICROMETER)));

        assertThat(found.candidates().getFirst().set().designation()).hasToString("L44649/L44610");
        assertThat(found.candidates().getFirst().seatWorn()).isEmpty();
    }

    /** A seat 0.08 mm down is a worn seat of the same cone, and said to be; half a millimetre down is another cone's. */
    @Test
    void readsAWornSeatAsWorn() {
        Identification found = Identification.of(
                Sets.ALL,
                List.of(
                        new Measurement(Measurand.SPINDLE_SEAT, Length.ofMillimetres(26.91), SizeGauge.MICROMETER),
                        calliper(Measurand.CUP_OUTSIDE, 50.3)));

        assertThat(found.verdict()).as("the cone itself was not measured").isEqualTo(Verdict.LIKELY);
        assertThat(found.next().getFirst().measurand()).isEqualTo(Measurand.CONE_BORE);
        Candidate first = found.candidates().getFirst();
        assertThat(first.set().designation()).hasToString("L44649/L44610");
        assertThat(first.seatWorn().orElseThrow().millimetres()).isCloseTo(0.078, within(1e-3));
        Identification far = Identification.of(
                Sets.ALL,
                List.of(
                        new Measurement(Measurand.SPINDLE_SEAT, Length.ofMillimetres(26.5), SizeGauge.MICROMETER),
                        calliper(Measurand.CUP_OUTSIDE, 50.3)));
        assertThat(far.verdict()).isEqualTo(Verdict.NOTHING_FITS);
        assertThat(far.candidates())
                .allSatisfy(one -> assertThat(one.seatWorn()).isEmpty());
    }

    /** One reading never says "it is", whatever it is taken with, of whichever set and ring. */
    @Test
    void oneReadingNamesNothing() {
        for (BearingSet set : Sets.ALL) {
            for (Measurand measurand : List.of(
                    Measurand.CONE_BORE,
                    Measurand.CUP_OUTSIDE,
                    Measurand.CUP_WIDTH,
                    Measurand.CONE_WIDTH,
                    Measurand.SET_WIDTH)) {
                Length size = set.of(measurand.dimension().orElseThrow());
                Identification found =
                        Identification.of(Sets.ALL, List.of(new Measurement(measurand, size, SizeGauge.MICROMETER)));

                assertThat(found.verdict())
                        .as("%s of %s", measurand, set.designation())
                        .isNotEqualTo(Verdict.ONE);
                assertThat(found.noneOnFile()).isGreaterThan(0.02);
            }
        }
    }

    /** A bore that many sets share: none of them is likely, and that none of the file is it stays far from likely, too. */
    @Test
    void aSharedBoreIsOneOfSeveral() {
        Identification found = Identification.of(Sets.ALL, List.of(calliper(Measurand.CONE_BORE, 31.74)));

        assertThat(found.verdict()).isEqualTo(Verdict.SEVERAL);
        assertThat(found.candidates()).hasSizeGreaterThan(5);
        assertThat(found.noneOnFile()).isBetween(0.1, 0.4);
        // sizes near nothing on file: whatever agrees by chance, it is likely another
        assertThat(Identification.of(
                                Sets.ALL,
                                List.of(
                                        tape(Measurand.CONE_BORE, 36),
                                        tape(Measurand.CUP_OUTSIDE, 52),
                                        tape(Measurand.SET_WIDTH, 26)))
                        .verdict())
                .isIn(Verdict.LIKELY_NONE, Verdict.NOTHING_FITS);
    }

    /** Nor do several readings of one ring: other sets have that ring, or one like it. */
    @Test
    void severalReadingsOfOneRingNameNothing() {
        BearingSet set = Sets.ALL.getFirst();
        Identification cone = Identification.of(
                Sets.ALL,
                List.of(
                        calliper(Measurand.CONE_BORE, set.bore().millimetres()),
                        calliper(Measurand.CONE_WIDTH, set.coneWidth().millimetres()),
                        calliper(Measurand.SET_WIDTH, set.width().millimetres())));

        assertThat(cone.verdict()).isNotEqualTo(Verdict.ONE);
        assertThat(cone.next())
                .as("the other ring")
                .extracting(NextMeasurement::measurand)
                .isNotEmpty()
                .allMatch(one -> one.isOfCup());
    }

    @Test
    void anotherReadingOfTheSameSetNeverMakesItLessLikely() {
        for (BearingSet set : Sets.ALL) {
            List<Measurement> readings = new ArrayList<>();
            double before = 0;
            for (Measurand measurand :
                    List.of(Measurand.CUP_OUTSIDE, Measurand.CONE_BORE, Measurand.CUP_WIDTH, Measurand.CONE_WIDTH)) {
                double offset = MakingTolerance.of(measurand, set).offset().millimetres();
                readings.add(calliper(
                        measurand, set.of(measurand.dimension().orElseThrow()).millimetres() + offset));
                double now = probability(
                        Identification.of(Sets.ALL, readings), set.designation().toString());
                assertThat(now).as("%s after %s", set.designation(), measurand).isGreaterThanOrEqualTo(before - 1e-9);
                before = now;
            }
            assertThat(before).isGreaterThan(0.9);
        }
    }

    @Test
    void asksForTheDimensionThatLeavesTheLeastDoubt() {
        Identification found = Identification.of(Sets.ALL, List.of(calliper(Measurand.CUP_OUTSIDE, 50.3)));

        assertThat(found.next()).isNotEmpty();
        assertThat(found.next()).isSortedAccordingTo((a, b) -> Double.compare(a.doubtLeft(), b.doubtLeft()));
        assertThat(found.next().getFirst().measurand()).isEqualTo(Measurand.CONE_BORE);
        assertThat(found.next().getFirst().doubtLeft()).isLessThan(0.05);
    }

    @Test
    void questionsMillimetresTypedAsInches() {
        assertThat(Measurement.looksLikeTheOtherUnit(Measurand.CONE_BORE, 44.45, true))
                .isTrue();
        assertThat(Measurement.looksLikeTheOtherUnit(Measurand.CONE_BORE, 1.75, true))
                .isFalse();
        assertThat(Measurement.looksLikeTheOtherUnit(Measurand.CONE_BORE, 1.75, false))
                .isTrue();
        assertThatThrownBy(() -> calliper(Measurand.CONE_BORE, 1129)).hasMessageContaining("cone bore");
        assertThatThrownBy(() -> Identification.of(Sets.ALL, List.of())).hasMessageContaining("nothing was measured");
    }

    private static double probability(Identification found, String name) {
        return found.candidates().stream()
                .filter(one -> one.set().designation().toString().equals(name))
                .mapToDouble(Candidate::probability)
                .sum();
    }

    private static Measurement calliper(Measurand measurand, double millimetres) {
        return new Measurement(measurand, Length.ofMillimetres(millimetres), SizeGauge.CALLIPER);
    }

    private static Measurement tape(Measurand measurand, double millimetres) {
        return new Measurement(measurand, Length.ofMillimetres(millimetres), SizeGauge.TAPE);
    }
}
