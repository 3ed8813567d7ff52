package oldtallow.core.fit;

import static oldtallow.core.bearing.Sets.set;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.bearing.Sets;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.fit.CupFit.Verdict;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Each threshold of a fit from both sides. */
class FitLimitsTest {

    /**
     * Where a verdict turns, in µm of interference on a cup of 60/50 × 12 mm in a hub of 90 mm, 5 kN: none; what holds it; two
     * thirds of the hoop stress the hub stands, all of it; another cup. The stresses by Lamé's equations, solved for the
     * interference outside this repository; holding by 0.08·√(60·5000/12) = 12.649 µm, in aluminium and 29.76 µm.
     */
    @ParameterizedTest
    @CsvSource({
        "GREY_IRON,    0.00, 0.01, SPINS, LIGHT",
        "GREY_IRON,    12.64, 12.66, LIGHT, NORMAL",
        "GREY_IRON,    82.2, 82.4, NORMAL, HEAVY",
        "GREY_IRON,    123.4, 123.5, HEAVY, TOO_MUCH",
        "GREY_IRON,    149.9, 150.1, TOO_MUCH, WRONG_CUP",
        "GREY_IRON,    -150.1, -149.9, WRONG_CUP, SPINS",
        "DUCTILE_IRON, 12.64, 12.66, LIGHT, NORMAL",
        "DUCTILE_IRON, 120.6, 120.7, NORMAL, HEAVY",
        "DUCTILE_IRON, 149.9, 150.1, HEAVY, WRONG_CUP",
        "STEEL,        121.0, 121.1, NORMAL, HEAVY",
        "ALUMINIUM,    42.40, 42.42, LIGHT, NORMAL",
        "ALUMINIUM,    112.1, 112.2, NORMAL, HEAVY"
    })
    void turnsWhereItShould(HubMaterial hub, double below, double above, Verdict lower, Verdict upper) {
        assertThat(fit(hub, 60, below).verdict()).isEqualTo(lower);
        assertThat(fit(hub, 60, above).verdict()).isEqualTo(upper);
    }

    /** Two per mille of a large bore is more than 0.15 mm: 0.24 mm on 120 mm. */
    @ParameterizedTest
    @CsvSource({"-239.9, SPINS", "-240.1, WRONG_CUP", "240.1, WRONG_CUP"})
    void aLargeCupMayBeFurtherOff(double interference, Verdict verdict) {
        assertThat(fit(HubMaterial.DUCTILE_IRON, 120, interference).verdict()).isEqualTo(verdict);
        assertThat(fit(HubMaterial.DUCTILE_IRON, 120, 239.9).verdict()).isNotEqualTo(Verdict.WRONG_CUP);
    }

    /** A doubt that crosses a threshold on either side leaves it open; one that crosses none does not. */
    @ParameterizedTest
    @CsvSource({"30, 1, false", "13.6, 1.5, true", "81, 2, true", "81, 1, false"})
    void isOpenWhereTheDoubtCrosses(double interference, double doubt, boolean open) {
        SizeRange cup = new SizeRange(micrometres(60, interference - doubt), micrometres(60, interference + doubt));

        assertThat(CupFit.of(HubMaterial.GREY_IRON, cup, exactly(60, 0), seat(60))
                        .isOpen())
                .isEqualTo(open);
    }

    /** 6 kN is a hammer's, 25 kN a press's: the interference by Lamé and F = 0.12·p·π·d·l, solved outside this repository. */
    @ParameterizedTest
    @CsvSource({
        "GREY_IRON, 0, BY_HAND",
        "GREY_IRON, 0.01, HAMMER",
        "GREY_IRON, 70.9, HAMMER",
        "GREY_IRON, 71.0, PRESS",
        "GREY_IRON, 295.5, PRESS",
        "GREY_IRON, 295.7, WARM",
        "ALUMINIUM, 87.8, HAMMER",
        "ALUMINIUM, 88.0, PRESS"
    })
    void theWayTurnsByTheForce(HubMaterial hub, double interference, CupFit.Way way) {
        assertThat(CupFit.way(fit(hub, 60, interference).pressFit())).isEqualTo(way);
    }

    @Test
    void aLooseCupHasNoPressure() {
        assertThat(fit(HubMaterial.GREY_IRON, 60, -1).pressFit()).isEmpty();
        assertThat(fit(HubMaterial.GREY_IRON, 60, 0).pressFit()).isPresent();
    }

    /** (23.9 − 11.5)·10⁻⁶·60 mm = 0.744 µm for each kelvin: 50 µm are gone 67.2 K above 20 °C. Iron never lets go so. */
    @Test
    void aluminiumLetsGoWarm() {
        assertThat(fit(HubMaterial.ALUMINIUM, 60, 50).looseAtCelsius().orElseThrow())
                .isCloseTo(87.2, within(0.01));
        assertThat(fit(HubMaterial.ALUMINIUM, 60, -1).looseAtCelsius()).isEmpty();
        assertThat(fit(HubMaterial.GREY_IRON, 60, 50).looseAtCelsius()).isEmpty();
    }

    /** Common practice: 0.8 ‰ usual and 1.3 ‰ at most in iron, 1 and 1.5 ‰ in aluminium; 5 kN on 60 mm by the square. */
    @Test
    void knowsWhatIsUsual() {
        Length bore = Length.ofMillimetres(100);

        assertThat(CupFit.usual(HubMaterial.STEEL, bore).micrometres()).isCloseTo(80, within(1e-9));
        assertThat(CupFit.usual(HubMaterial.ALUMINIUM, bore).micrometres()).isCloseTo(100, within(1e-9));
        assertThat(CupFit.tightestUsual(HubMaterial.GREY_IRON, bore).micrometres())
                .isCloseTo(130, within(1e-9));
        assertThat(CupFit.tightestUsual(HubMaterial.ALUMINIUM, bore).micrometres())
                .isCloseTo(150, within(1e-9));
        assertThat(CupFit.usualLoad(Length.ofMillimetres(90)).newtons()).isCloseTo(11_250, within(1e-9));
        assertThat(CupFit.usualLoad(Length.ofMillimetres(400)).newtons()).isEqualTo(100_000);
    }

    /** A bore of 61.94 mm wants 61.99; cups of 61.986 and 62 mm would sit right, the nearer first, none over 0.05 mm off. */
    @Test
    void namesTheNearestFirst() {
        List<Double> off = fit(HubMaterial.GREY_IRON, 61.94, 0).wouldFit(Sets.ALL).stream()
                .map(set -> Math.abs(set.outsideDiameter().millimetres() - 61.94 * 1.0008))
                .toList();

        assertThat(off)
                .hasSizeGreaterThan(1)
                .isSorted()
                .allSatisfy(mm -> assertThat(mm).isLessThanOrEqualTo(0.05));
    }

    @ParameterizedTest
    @CsvSource({"14.99, cup", "400.01, cup"})
    void refusesWhatNoWheelHas(double size, String named) {
        SizeRange odd = exactly(size, 0);
        SizeRange usual = exactly(60, 0);

        assertThatThrownBy(() -> CupFit.of(HubMaterial.STEEL, odd, usual, seat(60)))
                .hasMessageContaining("cup outside diameter");
        assertThatThrownBy(() -> CupFit.of(HubMaterial.STEEL, usual, odd, seat(60)))
                .hasMessageContaining("cup bore of the hub");
    }

    @Test
    void boundsTheLoad() {
        assertThat(new CupFit.Seat(mm(50), mm(90), mm(12), Force.ofNewtons(100_000))
                        .load()
                        .newtons())
                .isEqualTo(100_000);
        assertThatThrownBy(() -> new CupFit.Seat(mm(50), mm(90), mm(12), Force.ofNewtons(100_001)))
                .hasMessageContaining("load on the bearing");
    }

    /** Slips from 5 µm tight to 40 loose, creeps to 100, worn above, another cone from 1 mm. Common practice. */
    @ParameterizedTest
    @CsvSource({
        "-1000.1, WRONG_CONE",
        "-999.9, TIGHT",
        "-5.1, TIGHT",
        "-4.9, SLIPS",
        "39.9, SLIPS",
        "40.1, CREEPS",
        "99.9, CREEPS",
        "100.1, WORN",
        "999.9, WORN",
        "1000.1, WRONG_CONE"
    })
    void aConeTurnsWhereItShould(double clearance, ConeFit.Verdict verdict) {
        ConeFit fit = ConeFit.of(exactly(30, clearance), exactly(30, 0));

        assertThat(fit.verdict()).isEqualTo(verdict);
        assertThat(fit.isOpen()).isFalse();
        assertThat(fit.clearance().micrometres()).isCloseTo(clearance, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"39, 2, true", "42, 3, true", "39, 0.5, false"})
    void aConeIsOpenWhereTheDoubtCrosses(double clearance, double doubt, boolean open) {
        SizeRange bore = new SizeRange(micrometres(30, clearance - doubt), micrometres(30, clearance + doubt));

        assertThat(ConeFit.of(bore, exactly(30, 0)).isOpen()).isEqualTo(open);
    }

    @Test
    void boundsTheSeat() {
        assertThatThrownBy(() -> ConeFit.of(exactly(4.99, 0), exactly(4.99, 0))).hasMessageContaining("5 to 250 mm");
        assertThatThrownBy(() -> ConeFit.of(exactly(251, 0), exactly(251, 0))).hasMessageContaining("seat diameter");
        assertThat(ConeFit.of(exactly(5, 0), exactly(5, 0)).verdict()).isEqualTo(ConeFit.Verdict.SLIPS);
        assertThat(ConeFit.of(exactly(250, 0), exactly(250, 0)).verdict()).isEqualTo(ConeFit.Verdict.SLIPS);
    }

    /** Home while no feeler of 0.04 mm goes in; crooked by over 0.05 mm is tapped, by over 0.5 mm driven out. Common practice. */
    @ParameterizedTest
    @CsvSource({
        "0.04, 0.04, 0.04, 0.04, SEATED, seated all round",
        "0.00, 0.00, 0.00, 0.04, SEATED, seated all round",
        "0.00, 0.00, 0.00, 0.041, DRIVE_ON, 'square, not home: drive on'",
        "0.05, 0.05, 0.10, 0.05, DRIVE_ON, 'square, not home: drive on'",
        "0.05, 0.05, 0.101, 0.05, COCKED, tap it at 6 o'clock",
        "0.00, 0.50, 0.10, 0.10, COCKED, tap it at 3 o'clock",
        "0.00, 0.10, 0.10, 0.501, START_AGAIN, too crooked: drive it out and start again",
        "30, 30, 30, 30, DRIVE_ON, 'square, not home: drive on'"
    })
    void aCupIsHomeOrNot(
            double twelve, double three, double six, double nine, SeatedCup.Verdict verdict, String advice) {
        var cup = new SeatedCup(List.of(mm(twelve), mm(three), mm(six), mm(nine)));

        assertThat(cup.verdict()).isEqualTo(verdict);
        assertThat(cup.advice()).isEqualTo(advice);
    }

    @Test
    void refusesGapsThatCannotBe() {
        assertThatThrownBy(() -> new SeatedCup(List.of(mm(0), mm(0), mm(30.1), mm(0))))
                .hasMessageContaining("at 6 o'clock");
        assertThatThrownBy(() -> new SeatedCup(List.of(mm(0), mm(0), mm(0)))).hasMessageContaining("four");
    }

    /**
     * ISO 286-1: a hole of class 7 has ES = Δ − (deviation of the shaft of that letter), Δ = IT7 − IT6, and EI = ES − IT7. The
     * standard's IT6 and IT7 and its deviations of n, p and r shafts, from memory.
     */
    @ParameterizedTest
    @CsvSource({
        "N7, 18.001, 30, 13, 21, 15",
        "N7, 30.001, 50, 16, 25, 17",
        "N7, 50.001, 80, 19, 30, 20",
        "N7, 80.001, 120, 22, 35, 23",
        "N7, 120.001, 160, 25, 40, 27",
        "P7, 18.001, 30, 13, 21, 22",
        "P7, 30.001, 50, 16, 25, 26",
        "P7, 50.001, 80, 19, 30, 32",
        "P7, 80.001, 120, 22, 35, 37",
        "P7, 120.001, 160, 25, 40, 43",
        "R7, 18.001, 30, 13, 21, 28",
        "R7, 30.001, 50, 16, 25, 34",
        "R7, 50.001, 65, 19, 30, 41",
        "R7, 65.001, 80, 19, 30, 43",
        "R7, 80.001, 100, 22, 35, 51",
        "R7, 100.001, 120, 22, 35, 54",
        "R7, 120.001, 140, 25, 40, 63",
        "R7, 140.001, 160, 25, 40, 65"
    })
    void classesFollowTheStandardsRule(HoleClass hole, double over, double to, int it6, int it7, int shaft) {
        int upper = it7 - it6 - shaft;
        for (double nominal : new double[] {over, to}) {
            SizeRange bore = hole.of(mm(nominal));

            assertThat(bore.most().minus(mm(nominal)).micrometres()).isCloseTo(upper, within(1e-6));
            assertThat(bore.least().minus(mm(nominal)).micrometres()).isCloseTo(upper - it7, within(1e-6));
        }
    }

    /**
     * A driver stands half-way between the race's mouth and the outside, and clears the bore by 0.4 mm; the faces are what is
     * left between race and outside. The race by the set's own angle, as drawn.
     */
    @ParameterizedTest
    @ValueSource(strings = {"L44649/L44610", "25580/25520", "30206"})
    void aDriverStandsOnTheFace(String designation) {
        BearingSet set = set(designation);
        CupDriver driver = CupDriver.of(set);
        double outside = set.outsideDiameter().millimetres();
        double thin = driver.thinEdge().millimetres();
        double thick = driver.thickEdge().millimetres();

        assertThat(driver.mostOutside().millimetres()).isCloseTo(outside - 0.4, within(1e-9));
        assertThat(driver.leastOutside().millimetres()).isCloseTo(outside - thin, within(1e-9));
        // over its width the race closes in by the tangent of its angle
        double slope = Math.tan(RollerGeometry.of(set).raceAngle());
        assertThat((thick - thin) / set.cupWidth().millimetres()).isCloseTo(slope, within(1e-9));
        assertThat(thin).isBetween(0.3, outside / 8);
        assertThat(driver.suits(driver.leastOutside())).isEqualTo(CupDriver.Suits.DOES);
        assertThat(driver.suits(driver.mostOutside())).isEqualTo(CupDriver.Suits.DOES);
    }

    @Test
    void grindsWithinReason() {
        assertThat(CupDriver.grindOff(exactly(61.99, 0), exactly(60, 0)).millimetres())
                .isCloseTo(2.04, within(1e-9));
        assertThatThrownBy(() -> CupDriver.grindOff(exactly(62.01, 0), exactly(60, 0)))
                .hasMessageContaining("old cup");
        assertThat(CupDriver.grindOff(exactly(15, 0), exactly(15, 0)).millimetres())
                .isCloseTo(0.05, within(1e-9));
        assertThat(CupDriver.grindOff(exactly(400, 0), exactly(400, 0)).millimetres())
                .isCloseTo(0.05, within(1e-9));
        assertThatThrownBy(() -> CupDriver.grindOff(exactly(14.9, 0), exactly(14.9, 0)))
                .hasMessageContaining("cup bore");
        assertThatThrownBy(() -> CupDriver.grindOff(exactly(401, 0), exactly(401, 0)))
                .hasMessageContaining("cup bore");
    }

    /** Two cups of one number are one; the nearest first; 0.9 mm is still near, more is not. */
    @Test
    void sortsNearTwins() {
        BearingSet set = set("L68149/L68111");
        List<Double> gaps = RightCup.nearTwins(set, Sets.ALL).stream()
                .map(other -> Math.abs(
                        other.outsideDiameter().minus(set.outsideDiameter()).millimetres()))
                .toList();

        assertThat(gaps)
                .hasSizeGreaterThan(1)
                .isSorted()
                .allSatisfy(gap -> assertThat(gap).isLessThanOrEqualTo(0.9));
        // of cups measuring alike those asked for stand apart, and are not told twice
        RightCup right = RightCup.of(mm(59.975), List.of(set, set("L68149/L68110")), Sets.ALL);
        assertThat(right.matches()).containsExactly(set);
        assertThat(right.looksLike())
                .noneMatch(other -> other.designation().cup().equals("L68111"));
        assertThat(RightCup.of(mm(59.131), List.of(set), Sets.ALL).looksLike())
                .isNotEmpty()
                .isSortedAccordingTo(Comparator.comparingDouble(
                        other -> Math.abs(other.outsideDiameter().millimetres() - 59.131)));
        assertThat(RightCup.of(mm(59.975 + 0.084), List.of(set), Sets.ALL).matches())
                .hasSize(1);
        assertThat(RightCup.of(mm(59.975 + 0.086), List.of(set), Sets.ALL).matches())
                .isEmpty();
    }

    /** How long a cup may be carried: none left where it no longer goes in, and only for temperatures that may be. */
    @Test
    void boundsWarmingAndChilling() {
        var fit = new WarmAndChill(HubMaterial.GREY_IRON, mm(60), mm(0.05));
        var cup = new WarmAndChill.CupMass(mm(60), mm(50), mm(12));

        assertThat(fit.clearance(-40, -54).millimetres()).isNegative();
        assertThat(fit.clearance(120, 120)).isNotNull();
        assertThatThrownBy(() -> fit.clearance(-40.1, 20)).hasMessageContaining("hub temperature");
        assertThatThrownBy(() -> fit.clearance(120.1, 20)).hasMessageContaining("hub temperature");
        assertThatThrownBy(() -> fit.clearance(20, -54.1)).hasMessageContaining("cup temperature");
        assertThatThrownBy(() -> fit.clearance(20, 120.1)).hasMessageContaining("cup temperature");
        assertThatThrownBy(() -> fit.secondsLeft(121, 20, cup)).hasMessageContaining("hub temperature");
        assertThatThrownBy(() -> fit.secondsLeft(20, -60, cup)).hasMessageContaining("cup temperature");
        assertThat(WarmAndChill.works(mm(0.5))).isTrue();
        assertThat(WarmAndChill.works(mm(0.501))).isFalse();
        assertThat(WarmAndChill.works(Length.ZERO)).isFalse();
        assertThat(WarmAndChill.HubState.values())
                .extracting(WarmAndChill.HubState::mostCelsius)
                .containsExactly(120.0, 100.0, 100.0, 80.0, 80.0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {18, 160.001})
    void classesEndWhereTheTableDoes(double nominal) {
        assertThatThrownBy(() -> HoleClass.N7.of(mm(nominal)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("over 18 up to 160 mm");
    }

    /** A size as read is good to twice its instrument's standard uncertainty, either way; a range is given least first. */
    @Test
    void aMeasuredSizeHasItsDoubt() {
        SizeRange read = SizeRange.measured(mm(60), SizeGauge.CALLIPER);
        double doubt = 2 * SizeGauge.CALLIPER.standardUncertainty().micrometres();

        assertThat(mm(60).minus(read.least()).micrometres()).isCloseTo(doubt, within(1e-6));
        assertThat(read.most().minus(mm(60)).micrometres()).isCloseTo(doubt, within(1e-6));
        assertThat(read.middle().millimetres()).isCloseTo(60, within(1e-9));
        assertThatThrownBy(() -> new SizeRange(mm(60), mm(59.9))).hasMessageContaining("least first");
    }

    @Test
    void pressedRingsHaveTheirBounds() {
        assertThatThrownBy(() -> pressed(60, 90, 12)).hasMessageContaining("cup's inside diameter");
        assertThatThrownBy(() -> pressed(0, 90, 12)).hasMessageContaining("cup's inside diameter");
        assertThatThrownBy(() -> pressed(50, 62, 12)).hasMessageContaining("hub outside the cup");
        assertThatThrownBy(() -> pressed(50, 1000, 12)).hasMessageContaining("hub outside the cup");
        assertThatThrownBy(() -> pressed(50, 90, 0)).hasMessageContaining("cup width");
        assertThatThrownBy(() -> pressed(50, 90, 200)).hasMessageContaining("cup width");
        assertThat(Arrays.asList(pressed(50, 62.01, 12), pressed(50, 999, 12), pressed(50, 90, 199)))
                .allSatisfy(fit -> assertThat(fit.pressure()).isPositive());
    }

    private static PressFit pressed(double inside, double outside, double engaged) {
        return new PressFit(HubMaterial.STEEL, mm(60), mm(inside), mm(outside), mm(engaged), mm(0.05));
    }

    private static CupFit fit(HubMaterial hub, double size, double interference) {
        return CupFit.of(hub, exactly(size, interference), exactly(size, 0), seat(size));
    }

    private static CupFit.Seat seat(double size) {
        return new CupFit.Seat(mm(size / 1.2), mm(size * 1.5), mm(12), Force.ofNewtons(5000));
    }

    private static SizeRange exactly(double millimetres, double micrometres) {
        return new SizeRange(micrometres(millimetres, micrometres), micrometres(millimetres, micrometres));
    }

    private static Length micrometres(double millimetres, double micrometres) {
        return mm(millimetres).plus(Length.ofMicrometres(micrometres));
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
