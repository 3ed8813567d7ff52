package oldtallow.core.fit;

import static oldtallow.core.bearing.Sets.set;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.bearing.Sets;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.fit.CupFit.Verdict;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class FitsTest {

    /** ISO 286-2 and ISO 492, normal class of tapered rings (from memory; reference sheet §17), µm of interference. */
    @ParameterizedTest
    @CsvSource({
        "60,N7,-7,39",
        "60,P7,5,51",
        "60,R7,14,60",
        "72,N7,-7,39",
        "72,P7,5,51",
        "72,R7,16,62",
        "50,P7,3,42",
        "90,R7,20,73",
        "110,R7,23,76",
        "125,N7,-8,52"
    })
    void agreesWithTheStandardsClasses(double size, HoleClass hole, double least, double most) {
        Length nominal = Length.ofMillimetres(size);
        CupFit fit = iron(SizeRange.newCup(nominal, Series.METRIC), hole.of(nominal));

        assertThat(fit.least().micrometres()).isCloseTo(least, within(1e-6));
        assertThat(fit.most().micrometres()).isCloseTo(most, within(1e-6));
    }

    /** Inch cups are oversize, metric ones undersize (ABMA 19.2 class 4, ISO 492; from memory). */
    @Test
    void inchAndMetricCupsDifferInSign() {
        Length nominal = Length.ofMillimetres(60);

        assertThat(SizeRange.newCup(nominal, Series.INCH).most()).isGreaterThan(nominal);
        assertThat(SizeRange.newCup(nominal, Series.METRIC).least()).isLessThan(nominal);
    }

    /** Light wheel cups sit 25 to 76 µm tight (common practice): normal over that band on a cup of 60 mm. */
    @ParameterizedTest
    @CsvSource({
        "-0.02,SPINS",
        "0.010,LIGHT",
        "0.030,NORMAL",
        "0.050,NORMAL",
        "0.076,NORMAL",
        "0.100,HEAVY",
        "0.4,WRONG_CUP",
        "-0.5,WRONG_CUP"
    })
    void judgesACupInIron(double over, Verdict verdict) {
        assertThat(iron(exactly(60 + over), exactly(60)).verdict()).isEqualTo(verdict);
    }

    /** N7 and P7 in iron are what a turning cup usually has (ISO 286; common practice): their middles are normal, and hold. */
    @ParameterizedTest
    @CsvSource({"N7", "P7", "R7"})
    void theUsualClassesAreNormalInIron(HoleClass hole) {
        for (double size : new double[] {45, 52, 60, 72, 80, 90}) {
            Length nominal = Length.ofMillimetres(size);
            CupFit fit = iron(SizeRange.newCup(nominal, Series.METRIC), hole.of(nominal));

            assertThat(fit.verdict()).as("%s on %s mm", hole, size).isEqualTo(Verdict.NORMAL);
        }
    }

    /**
     * The handbook's rule for a ring that turns against its load, 0.08·√(d·F/B) µm (from memory): 12.6 µm for 5 kN on 60 × 12 mm;
     * four times the load wants twice as much.
     */
    @Test
    void aHeavierLoadWantsATighterCup() {
        CupFit fit = iron(exactly(60.014), exactly(60));
        CupFit loaded = CupFit.of(HubMaterial.GREY_IRON, exactly(60.014), exactly(60), seat(20_000));

        assertThat(fit.needs().micrometres()).isCloseTo(12.65, within(0.01));
        assertThat(loaded.needs().micrometres()).isCloseTo(25.3, within(0.02));
        assertThat(fit.verdict()).isEqualTo(Verdict.NORMAL);
        assertThat(loaded.verdict()).isEqualTo(Verdict.LIGHT);
    }

    /** Aluminium 40 K warm lets go of 12.4e-6 · 40 · 60 mm = 29.8 µm: it wants so much more. */
    @Test
    void aluminiumWantsMore() {
        CupFit light = CupFit.of(HubMaterial.ALUMINIUM, exactly(60.03), exactly(60), seat(5000));

        assertThat(light.needs().micrometres()).isCloseTo(12.65 + 29.76, within(0.01));
        assertThat(light.verdict()).isEqualTo(Verdict.LIGHT);
        assertThat(CupFit.of(HubMaterial.ALUMINIUM, exactly(60.06), exactly(60), seat(5000))
                        .verdict())
                .isEqualTo(Verdict.NORMAL);
    }

    @Test
    void aCalliperCannotSettleWhatAMicrometerCan() {
        Length cup = Length.ofMillimetres(60.05);
        Length bore = Length.ofMillimetres(60);

        assertThat(iron(SizeRange.measured(cup, SizeGauge.CALLIPER), SizeRange.measured(bore, SizeGauge.CALLIPER))
                        .isOpen())
                .isTrue();
        assertThat(iron(SizeRange.measured(cup, SizeGauge.MICROMETER), SizeRange.measured(bore, SizeGauge.MICROMETER))
                        .isOpen())
                .isFalse();
        assertThatThrownBy(() -> SizeRange.measured(cup, SizeGauge.GO_GAUGE))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("micrometer");
    }

    /** Common practice: cups of near-twins differ by as little as 0.08 mm; L68110 and L68111 by 0.84 mm outside. */
    @Test
    void namesTheCupThatWouldSitRight() {
        CupFit fit = iron(exactly(59.131), exactly(59.93));

        assertThat(fit.verdict()).isEqualTo(Verdict.WRONG_CUP);
        assertThat(fit.wouldFit(Sets.ALL))
                .extracting(set -> set.designation().toString())
                .contains("L68149/L68111");
    }

    @Test
    void theWayFollowsTheForce() {
        assertThat(CupFit.way(Optional.empty())).isEqualTo(CupFit.Way.BY_HAND);
        assertThat(way(0.05)).isEqualTo(CupFit.Way.HAMMER);
        assertThat(way(0.1)).isEqualTo(CupFit.Way.PRESS);
    }

    @Test
    void whatTheHubCannotStandOverrulesTheRest() {
        CupFit thin = CupFit.of(
                HubMaterial.GREY_IRON,
                exactly(60.1),
                exactly(60),
                new CupFit.Seat(mm(50), mm(64), mm(12), Force.ofNewtons(5000)));

        assertThat(thin.verdict()).isEqualTo(Verdict.TOO_MUCH);
        assertThat(thin.pressFit().orElseThrow().hoopStress()).isGreaterThan(HubMaterial.GREY_IRON.hoopLimit());
        assertThatThrownBy(() -> CupFit.of(
                        HubMaterial.GREY_IRON,
                        exactly(59.9),
                        exactly(60),
                        new CupFit.Seat(mm(50), mm(59), mm(12), Force.ofNewtons(5000))))
                .as("of a loose cup, too")
                .hasMessageContaining("hub outside the cup");
        assertThatThrownBy(() -> seat(0)).hasMessageContaining("load on the bearing");
    }

    /** g6 on 30 mm against a metric bore: 3 µm tight to 20 µm loose (ISO 286, from memory): it slips. */
    @ParameterizedTest
    @CsvSource({
        "30.003,SLIPS",
        "29.98,SLIPS",
        "30.02,TIGHT",
        "29.93,CREEPS",
        "29.8,WORN",
        "28.5,WRONG_CONE",
        "31.5,WRONG_CONE"
    })
    void judgesAConeOnItsSeat(double seat, ConeFit.Verdict verdict) {
        assertThat(ConeFit.of(exactly(30), exactly(seat)).verdict()).isEqualTo(verdict);
    }

    static Stream<BearingSet> everySet() {
        return Sets.ALL.stream();
    }

    @ParameterizedTest
    @MethodSource("everySet")
    void everyCupHasADriverThatClearsTheBoreAndKeepsOffTheRace(BearingSet set) {
        CupDriver driver = CupDriver.of(set);

        assertThat(driver.leastOutside()).isLessThan(driver.mostOutside());
        assertThat(driver.mostOutside()).isLessThan(set.outsideDiameter());
        assertThat(driver.thinEdge()).isGreaterThan(Length.ZERO).isLessThan(driver.thickEdge());
        assertThat(driver.suits(driver.leastOutside().plus(driver.mostOutside()).times(0.5)))
                .isEqualTo(CupDriver.Suits.DOES);
        assertThat(driver.suits(set.outsideDiameter())).isEqualTo(CupDriver.Suits.JAMS_IN_BORE);
        assertThat(driver.suits(set.bore())).isEqualTo(CupDriver.Suits.STANDS_ON_RACE);
    }

    /** Common practice: the old cup with a few hundredths of a millimetre ground off its outside drives and does not stick. */
    @Test
    void theOldCupIsGroundUntilItIsLoose() {
        Length off = CupDriver.grindOff(exactly(60.05), exactly(60));

        assertThat(off.millimetres()).isCloseTo(0.10, within(1e-9));
        assertThat(CupDriver.grindOff(exactly(59.5), exactly(60))).isEqualTo(Length.ZERO);
    }

    @ParameterizedTest
    @CsvSource({
        "0,0,0,0,SEATED,12",
        "0.02,0.03,0.02,0.01,SEATED,3",
        "0.2,0.2,0.21,0.2,DRIVE_ON,6",
        "0,0.1,0.3,0.1,COCKED,6",
        "0,0.4,0.9,0.4,START_AGAIN,6"
    })
    void judgesWhetherACupIsHome(
            double twelve, double three, double six, double nine, SeatedCup.Verdict verdict, String high) {
        var cup = new SeatedCup(List.of(mm(twelve), mm(three), mm(six), mm(nine)));

        assertThat(cup.verdict()).isEqualTo(verdict);
        assertThat(cup.highSide()).isEqualTo(high);
    }

    @Test
    void refusesANegativeGap() {
        assertThatThrownBy(() -> new SeatedCup(List.of(mm(0), mm(-0.1), mm(0), mm(0))))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("at 3 o'clock");
    }

    @ParameterizedTest
    @EnumSource(HubMaterial.class)
    void aTighterCupIsNeverCalledLooser(HubMaterial hub) {
        List<Verdict> order = List.of(
                Verdict.SPINS, Verdict.LIGHT, Verdict.NORMAL, Verdict.HEAVY, Verdict.TOO_MUCH, Verdict.WRONG_CUP);
        int last = 0;
        for (double over = -0.05; over < 0.3; over += 0.001) {
            int now = order.indexOf(
                    CupFit.of(hub, exactly(60 + over), exactly(60), seat(5000)).verdict());
            assertThat(now).isGreaterThanOrEqualTo(last);
            last = now;
        }
    }

    private static CupFit.Way way(double over) {
        return CupFit.way(iron(exactly(60 + over), exactly(60)).pressFit());
    }

    private static CupFit iron(SizeRange cup, SizeRange bore) {
        double size = bore.middle().millimetres();
        return CupFit.of(
                HubMaterial.GREY_IRON,
                cup,
                bore,
                new CupFit.Seat(mm(size / 1.2), mm(size * 1.5), mm(12), CupFit.usualLoad(mm(60))));
    }

    private static CupFit.Seat seat(double newtons) {
        return new CupFit.Seat(mm(50), mm(90), mm(12), Force.ofNewtons(newtons));
    }

    private static SizeRange exactly(double millimetres) {
        return new SizeRange(mm(millimetres), mm(millimetres));
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    /** L68111 and LM67010: 59.975 and 59.131 mm (ABMA 19.2, from memory). */
    @ParameterizedTest
    @CsvSource({"59.975,L68111,true", "60.05,L68111,true", "59.13,LM67010,false", "59.5,No cup,false"})
    void tellsTheRightCupFromItsNearTwin(double measured, String named, boolean right) {
        RightCup cup = RightCup.of(mm(measured), List.of(set("L68149/L68111"), set("L44649/L44610")), Sets.ALL);

        assertThat(cup.matches().isEmpty()).isEqualTo(!right);
        assertThat(cup.words()).contains(named);
    }

    @Test
    void namesEachNearTwinsCupOnce() {
        List<String> cups = RightCup.nearTwins(set("L68149/L68111"), Sets.ALL).stream()
                .map(twin -> twin.designation().cup())
                .toList();

        assertThat(cups).contains("LM67010").doesNotHaveDuplicates().doesNotContain("L68111");
    }
}
