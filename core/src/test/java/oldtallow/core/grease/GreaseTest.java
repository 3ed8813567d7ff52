package oldtallow.core.grease;

import static oldtallow.core.bearing.Sets.set;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.grease.Compatibility.Action;
import oldtallow.core.grease.Compatibility.Verdict;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.hub.section.Shapes;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class GreaseTest {

    private static final WheelEndShape HUB = Shapes.preset(Construction.STEPPED_BRAKED);

    /** The chart's own counts (from memory): 66 pairs, 28 compatible, 8 borderline, 30 incompatible; the same both ways. */
    @Test
    void theChartIsWhole() {
        int compatible = 0;
        int borderline = 0;
        int incompatible = 0;
        for (Thickener a : charted().toList()) {
            for (Thickener b : charted().toList()) {
                assertThat(Compatibility.of(a, b)).as("%s with %s", a, b).isEqualTo(Compatibility.of(b, a));
                if (a.compareTo(b) < 0) {
                    switch (Compatibility.of(a, b).verdict()) {
                        case COMPATIBLE -> compatible++;
                        case BORDERLINE -> borderline++;
                        case INCOMPATIBLE -> incompatible++;
                        case UNKNOWN -> throw new AssertionError(a + " with " + b);
                    }
                }
            }
        }
        assertThat(compatible).isEqualTo(28);
        assertThat(borderline).isEqualTo(8);
        assertThat(incompatible).isEqualTo(30);
    }

    /** Pairs on which the charts agree (from memory). */
    @ParameterizedTest
    @CsvSource({
        "POLYUREA,LITHIUM,INCOMPATIBLE",
        "POLYUREA,LITHIUM_12_HYDROXY,INCOMPATIBLE",
        "POLYUREA,LITHIUM_COMPLEX,INCOMPATIBLE",
        "CLAY,LITHIUM,INCOMPATIBLE",
        "CLAY,LITHIUM_12_HYDROXY,INCOMPATIBLE",
        "CLAY,LITHIUM_COMPLEX,INCOMPATIBLE",
        "LITHIUM_12_HYDROXY,LITHIUM_COMPLEX,COMPATIBLE",
        "SODIUM,LITHIUM_COMPLEX,INCOMPATIBLE"
    })
    void agreesOnTheWellKnownPairs(Thickener a, Thickener b, Verdict verdict) {
        assertThat(Compatibility.of(a, b).verdict()).isEqualTo(verdict);
    }

    /** How hot it may get, by brake and use; common practice: GB is rated to 120 °C, GC to 160 (ASTM D4950, from memory). */
    @ParameterizedTest
    @CsvSource({"NONE,false,100", "NONE,true,100", "DRUM,false,120", "DRUM,true,160", "DISC,false,160", "DISC,true,160"
    })
    void aBrakeAsksForMoreHeat(BrakeKind brake, boolean heavy, int celsius) {
        assertThat(new Demand(brake, false, 0, heavy).hottest()).isEqualTo(celsius);
    }

    /** Polyglycol, silicone and perfluorinated oils mix with nothing else, whatever the thickener (common practice). */
    @ParameterizedTest
    @CsvSource({
        "KP2K-30,KPPG2N-40,INCOMPATIBLE,CLEAN_OUT",
        "KPFK2U-40,KP2K-30,INCOMPATIBLE,CLEAN_OUT",
        "KSI2R-50,KPHC2N-40,INCOMPATIBLE,CLEAN_OUT",
        "KPPG2N-40,KPPG2N-40,COMPATIBLE,MIX",
        "KP2K-30,KPHC2N-40,COMPATIBLE,MIX",
        "KPE2N-40,KP2K-30,COMPATIBLE,MIX",
        "'',KPFK2U-40,UNKNOWN,CLEAN_OUT",
        "GC-LB,KPPG2N-40,UNKNOWN,CLEAN_OUT",
        "KPX2N-40,KPX2N-40,UNKNOWN,CLEAN_OUT",
        "'my old tin',KP2K-30,COMPATIBLE,MIX"
    })
    void baseOilsDecideFirst(String old, String fresh, Verdict verdict, Action action) {
        Compatibility meets = Compatibility.of(
                GreaseMake.of(Thickener.LITHIUM_COMPLEX, old), GreaseMake.of(Thickener.LITHIUM_COMPLEX, fresh));

        assertThat(meets.verdict()).isEqualTo(verdict);
        assertThat(meets.action()).isEqualTo(action);
        assertThat(Compatibility.of(
                                GreaseMake.of(Thickener.LITHIUM_COMPLEX, fresh),
                                GreaseMake.of(Thickener.LITHIUM_COMPLEX, old))
                        .verdict())
                .isEqualTo(verdict);
    }

    /** Where base oils mix, the thickeners still decide: borderline is purged, incompatible is washed out. */
    @Test
    void thickenersDecideNext() {
        assertThat(Compatibility.of(
                                GreaseMake.of(Thickener.CALCIUM_SULFONATE, "KP2K-30"),
                                GreaseMake.of(Thickener.LITHIUM_12_HYDROXY, "KP2K-30"))
                        .action())
                .isEqualTo(Action.PURGE);
        assertThat(Compatibility.of(
                                GreaseMake.of(Thickener.POLYUREA, "KP2K-30"),
                                GreaseMake.of(Thickener.LITHIUM_12_HYDROXY, "KP2K-30"))
                        .action())
                .isEqualTo(Action.CLEAN_OUT);
        assertThat(Compatibility.of(GreaseMake.UNKNOWN, GreaseMake.of(Thickener.LITHIUM, "KP2K-30"))
                        .action())
                .isEqualTo(Action.CLEAN_OUT);
    }

    @Test
    void whatNobodyKnowsIsCleanedOut() {
        for (Thickener fresh : Thickener.values()) {
            assertThat(Compatibility.of(Thickener.UNKNOWN, fresh).action()).isEqualTo(Action.CLEAN_OUT);
        }
        for (Thickener same : charted().toList()) {
            assertThat(Compatibility.of(same, same).action()).isEqualTo(Action.MIX);
        }
    }

    /** V = π/4·T·(D² − d²) − m/ρ with masses of 30205 to 30208 (reference sheet §11, recomputed there). */
    @ParameterizedTest
    @CsvSource({
        "30205,150,26.534,7.303",
        "30206,230,39.886,10.398",
        "30207,320,56.746,15.721",
        "30208,420,74.456,20.610"
    })
    void freeVolumeAgreesWithTheSheet(String designation, double grams, double envelope, double free) {
        BearingSet set = set(designation);

        assertThat(Filling.envelope(set)).isCloseTo(envelope, within(1e-3));
        assertThat(Filling.freeVolume(set, grams)).isCloseTo(free, within(1e-3));
        assertThat(Filling.freeVolume(set).least()).isLessThan(free);
        assertThat(Filling.freeVolume(set).most()).isGreaterThan(free);
    }

    /** Reference sheet §17: 25580/25520 leaves about 0.19 of its envelope, L44649/L44610 about 0.25 (from memory). */
    @ParameterizedTest
    @CsvSource({"25580/25520,0.19", "L44649/L44610,0.25"})
    void theRangeHoldsLightAndHeavySets(String designation, double part) {
        BearingSet set = set(designation);

        assertThat(Filling.freeVolume(set).least() / Filling.envelope(set)).isLessThanOrEqualTo(part + 1e-9);
        assertThat(Filling.freeVolume(set).most() / Filling.envelope(set)).isGreaterThanOrEqualTo(part);
    }

    /** G = 0.005·D·B (reference sheet §11). */
    @ParameterizedTest
    @CsvSource({"L44649/L44610,20.119,3.577", "L68149/L68111,29.585,4.761", "25580/25520,91.672,9.874"})
    void inchSetsAgreeWithTheSheet(String designation, double envelope, double grams) {
        BearingSet set = set(designation);
        assertThat(Filling.envelope(set)).isCloseTo(envelope, within(2e-3));
        assertThat(Filling.relubricationGrams(set)).isCloseTo(grams, within(2e-3));
    }

    /** A hollow drum turned about its axis: the part of a cylinder less its core, by plain geometry. */
    @ParameterizedTest
    @MethodSource("oldtallow.core.hub.section.Shapes#presets")
    void everyCavityHoldsSomethingAndLessThanTheHub(WheelEndShape shape) {
        double cavity = Filling.cavity(shape);
        double outer = shape.inboard().outsideDiameter().millimetres() / 2;
        double length = shape.sizes().values().stream()
                .mapToDouble(Length::millimetres)
                .max()
                .orElseThrow();

        assertThat(cavity).isPositive().isLessThan(Math.PI * outer * outer * length / 1000);
    }

    @Test
    void aFullerPracticeTakesMore() {
        double last = -1;
        for (CavityFill fill :
                new CavityFill[] {CavityFill.EMPTY, CavityFill.RING, CavityFill.THIRD, CavityFill.FULL}) {
            double total = Filling.of(HUB, fill, false, false).total().middle();
            assertThat(total).isGreaterThan(last);
            last = total;
        }
        assertThat(Filling.of(HUB, CavityFill.FULL, true, true).total().middle())
                .isGreaterThan(last);
        assertThatThrownBy(() -> Filling.of(HUB, CavityFill.OIL, false, false)).isInstanceOf(OutOfRangeException.class);
    }

    /** Common practice: a grease-through hub takes about half a 400 g cartridge. */
    @Test
    void aGreaseThroughHubTakesAboutHalfACartridge() {
        Filling filling = Filling.of(Shapes.preset(Construction.GREASE_THROUGH), CavityFill.FULL, false, true);

        assertThat(filling.total().grams().middle()).isBetween(100.0, 300.0);
        assertThat(filling.total().most()).isGreaterThan(1.2 * filling.total().least());
    }

    /** 0.9 g/cm³ (common practice): 200 and 400 cm³ weigh 180 and 360 g, of 400 g a cartridge. */
    @Test
    void countsCartridges() {
        var amount = new Filling.Amount(200, 400);

        assertThat(amount.grams()).isEqualTo(new Filling.Amount(180, 360));
        assertThat(amount.cartridges()).isEqualTo(new Filling.Amount(0.45, 0.9));
        assertThat(amount.perCartridge().least()).isCloseTo(1.111, within(5e-4));
        assertThat(amount.perCartridge().most()).isCloseTo(2.222, within(5e-4));
    }

    @Test
    void countsStrokes() {
        assertThat(Filling.strokes(24, 1.2)).isCloseTo(20, within(1e-9));
        assertThat(new Filling.Amount(12, 24).strokes(1.2)).isEqualTo(new Filling.Amount(10, 20));
        assertThatThrownBy(() -> Filling.strokes(24, 0)).hasMessageContaining("0.1 to 10 cm³");
    }

    /** ASTM D341 (from memory), recomputed in the reference sheet §11. */
    @ParameterizedTest
    @CsvSource({
        "150,14.5,20,551.21",
        "150,14.5,60,56.201",
        "150,14.5,70,37.592",
        "150,14.5,80,26.351",
        "150,14.5,120,8.963",
        "220,19,60,78.82",
        "220,19,80,35.605",
        "68,8.7,20,214.76",
        "68,8.7,70,20.123"
    })
    void viscosityFollowsTheStandardsChart(double at40, double at100, double celsius, double viscosity) {
        assertThat(new OilFilm(at40, at100).viscosity(celsius)).isCloseTo(viscosity, within(viscosity * 1e-3));
    }

    /** ν1 of ISO 281 (from memory), recomputed in the reference sheet §11. */
    @ParameterizedTest
    @CsvSource({
        "500,50,36.6085",
        "723,43,29.0666",
        "750,50,26.1473",
        "1000,50,20.1246",
        "1500,50,16.4317",
        "3000,100,8.2158"
    })
    void neededViscosityAgreesWithTheSheet(double perMinute, double diameter, double needed) {
        assertThat(OilFilm.needed(perMinute, Length.ofMillimetres(diameter))).isCloseTo(needed, within(1e-3));
    }

    /** The sheet's model hub: VG150 at 70 °C and 90 km/h on a wheel of 0.33 m gives κ 1.360 at the inboard set. */
    @Test
    void filmOfTheModelHub() {
        double turns = OilFilm.wheelTurns(90, Length.ofMillimetres(330));
        BearingSet inboard = set("L68149/L68111");
        var oil = new OilFilm(150, 14.5);

        assertThat(turns).isCloseTo(723.432, within(1e-3));
        assertThat(oil.kappa(inboard, turns, 70)).isCloseTo(1.360, within(2e-3));
        assertThat(oil.carries(inboard, turns, 70)).isEqualTo(OilFilm.Carries.WELL);
        assertThat(oil.carries(inboard, turns, 120)).isEqualTo(OilFilm.Carries.HARDLY);
    }

    @Test
    void refusesAnOilThatThickensWithHeat() {
        assertThatThrownBy(() -> new OilFilm(10, 100)).hasMessageContaining("less than at 40 °C");
        assertThatThrownBy(() -> new OilFilm(150, 14.5).viscosity(300)).hasMessageContaining("200 °C");
    }

    @Test
    void aDunkedDiscBrakedHubAsksForMore() {
        var sea = new Demand(BrakeKind.DISC, true, -25, true);

        assertThat(sea.wants()).extracting(Demand.Want::wants).anyMatch(want -> want.contains("marine"));
        assertThat(sea.hottest()).isEqualTo(160);
        assertThat(sea.misfits(grease(NlgiGrade.NLGI_0, 120, -20, false)))
                .hasSize(4)
                .anyMatch(misfit -> misfit.contains("NLGI 0"))
                .anyMatch(misfit -> misfit.contains("160"))
                .anyMatch(misfit -> misfit.contains("-25"))
                .anyMatch(misfit -> misfit.contains("dunked"));
        // thin oil on a heavy rig, a chassis grade alone, and what keeps the bearing from sliding
        assertThat(sea.misfits(Demand.Known.of(
                        Thickener.LITHIUM_COMPLEX, Optional.of(GreaseCode.parse("GC-LB")), Optional.of(68.0))))
                .singleElement()
                .asString()
                .contains("too thin");
        assertThat(sea.misfits(Demand.Known.of(
                        Thickener.LITHIUM_COMPLEX, Optional.of(GreaseCode.parse("GC-LB")), Optional.of(100.0))))
                .isEmpty();
        assertThat(new Demand(BrakeKind.NONE, false, 0, false)
                        .misfits(Demand.Known.of(
                                Thickener.LITHIUM, Optional.of(GreaseCode.parse("LB")), Optional.empty())))
                .singleElement()
                .asString()
                .contains("chassis grease");
        assertThat(new Demand(BrakeKind.NONE, false, -10, false).misfits(grease(NlgiGrade.NLGI_2, 120, -20, false)))
                .isEmpty();
    }

    private static Demand.Known grease(NlgiGrade grade, int hottest, int coldest, boolean standsWater) {
        return new Demand.Known(
                Optional.of(grade),
                Thickener.LITHIUM_COMPLEX,
                Optional.of(coldest),
                Optional.of(hottest),
                Optional.of(standsWater),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static Stream<Thickener> charted() {
        return Stream.of(Thickener.values()).filter(one -> one != Thickener.SODIUM && one != Thickener.UNKNOWN);
    }
}
