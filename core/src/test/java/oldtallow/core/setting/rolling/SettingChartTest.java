package oldtallow.core.setting.rolling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.bearing.StandardCatalogue;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.setting.rolling.Equilibrium.Settled;
import oldtallow.core.setting.rolling.SettingChart.Hub;
import oldtallow.core.setting.rolling.SettingChart.Point;
import oldtallow.core.setting.rolling.SettingChart.Slack;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SettingChartTest {

    private static final List<BearingSet> SETS =
            StandardCatalogue.entries().stream().map(CatalogueEntry::set).toList();
    private static final HubWarmth WARMTH = HubWarmth.usual(new HubSurface(0.05), 20, 723.4316, 25);
    private static final Hub MODEL =
            new Hub(ModelHub.PAIR, ModelHub.load(), WARMTH, new TyrePlay(ModelHub.PAIR, Length.ofMillimetres(330)));

    /** Reference sheet §17, life by rings over the mix of roads, against that at no play. */
    @ParameterizedTest
    @CsvSource({
        "0.25,.1981",
        "0.127,.3287",
        "0.0762,.4513",
        "0.0254,.7174",
        "-0.010,1.1513",
        "-0.015,1.2146",
        "-0.020,1.2266",
        "-0.0254,1.1109",
        "-0.030,.9000",
        "-0.050,.2247",
        "-0.075,.0503"
    })
    void agreesWithTheSheetOnTheMixOfRoads(double play, double relative) {
        Slack slack = MODEL.slack().orElseThrow();

        assertThat(MODEL.at(mm(play), slack).orElseThrow().relativeLife().likely())
                .isCloseTo(relative, within(1.1e-4));
    }

    /** The chart's points are the single settings', with what is read between two of them for the band. */
    @Test
    void drawsWhatASingleSettingSays() {
        SettingChart chart = SettingChart.of(MODEL, mm(0.25), mm(-0.08), 120);
        Slack slack = MODEL.slack().orElseThrow();

        for (int i = 0; i < 120; i += 7) {
            Point drawn = chart.points().get(i);
            RelativeLife alone = MODEL.at(drawn.endPlay(), slack).orElseThrow().relativeLife();
            assertThat(drawn.relativeLife().likely()).isCloseTo(alone.likely(), within(1e-6));
            assertThat(drawn.relativeLife().softer()).isCloseTo(alone.softer(), within(0.008));
            assertThat(drawn.relativeLife().stiffer()).isCloseTo(alone.stiffer(), within(0.008));
        }
        assertThat(chart.bestPlay().millimetres()).isCloseTo(-0.019, within(0.003));
    }

    /** Where life is longest in hubs really built with a tenth more, or fewer, rollers: to a step of the chart. */
    @Test
    void theBestSettingHasItsDoubt() {
        Length step = mm(0.001);
        SettingChart assumed = SettingChart.of(MODEL, mm(0.01), mm(-0.04), 51);

        assertThat(assumed.bestPlayIfStiffer().millimetres())
                .isCloseTo(
                        SettingChart.of(hub(1.1), mm(0.01), mm(-0.04), 51)
                                .bestPlay()
                                .millimetres(),
                        within(1.5 * step.millimetres()));
        assertThat(assumed.bestPlayIfSofter().millimetres())
                .isCloseTo(
                        SettingChart.of(hub(0.9), mm(0.01), mm(-0.04), 51)
                                .bestPlay()
                                .millimetres(),
                        within(1.5 * step.millimetres()));
        assertThat(assumed.bestPlayIfSofter()).isLessThan(assumed.bestPlay()).isLessThan(assumed.bestPlayIfStiffer());
    }

    /** The band is that of a hub really built with a tenth fewer, or more, and shorter or longer rollers. */
    @Test
    void theBandIsThatOfOtherInsides() {
        Slack slack = MODEL.slack().orElseThrow();
        Hub more = hub(1.1);
        Hub fewer = hub(0.9);

        for (double play : new double[] {0.127, 0.0254, -0.0254, -0.05}) {
            RelativeLife band = MODEL.at(mm(play), slack).orElseThrow().relativeLife();
            assertThat(more.at(mm(play), more.slack().orElseThrow())
                            .orElseThrow()
                            .relativeLife()
                            .likely())
                    .isCloseTo(band.stiffer(), within(0.005 * band.stiffer()));
            assertThat(fewer.at(mm(play), fewer.slack().orElseThrow())
                            .orElseThrow()
                            .relativeLife()
                            .likely())
                    .isCloseTo(band.softer(), within(0.005 * band.softer()));
        }
    }

    /** As stiff as so many times as many and as long rollers: only Z·l^(8/9) tells, so all of it is put into l. */
    private static Hub hub(double insides) {
        double length = Math.pow(insides, 1.7 / 0.8);
        var inner = ModelHub.INNER;
        var outer = ModelHub.OUTER;
        var pair = new BearingPair(
                new RollerBearing(
                        inner.tangent(),
                        inner.rollers(),
                        inner.rollerDiameter(),
                        inner.rollerLength() * length,
                        inner.pitch(),
                        inner.meanDiameter()),
                new RollerBearing(
                        outer.tangent(),
                        outer.rollers(),
                        outer.rollerDiameter(),
                        outer.rollerLength() * length,
                        outer.pitch(),
                        outer.meanDiameter()),
                62);
        return new Hub(pair, ModelHub.load(), WARMTH, new TyrePlay(pair, mm(330)));
    }

    @Test
    void looseRocksAndTightWarms() {
        SettingChart chart = SettingChart.of(MODEL, mm(0.25), mm(-0.1), 120);

        assertThat(chart.points()).hasSize(120);
        for (int i = 1; i < chart.points().size(); i++) {
            Point looser = chart.points().get(i - 1);
            Point tighter = chart.points().get(i);
            assertThat(tighter.endPlay()).isLessThan(looser.endPlay());
            assertThat(tighter.rock()).isLessThanOrEqualTo(looser.rock());
            assertThat(tighter.added().kelvin())
                    .isGreaterThanOrEqualTo(looser.added().kelvin() - 2e-4);
            // continuous: no leap from one to the next
            assertThat(tighter.life() / looser.life()).isBetween(0.7, 1.4);
        }
    }

    @Test
    void refusesAChartTheWrongWayRound() {
        assertThatThrownBy(() -> SettingChart.of(MODEL, mm(-0.1), mm(0.1), 120))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("looser than the tightest");
        assertThatThrownBy(() -> SettingChart.of(MODEL, mm(0.1), mm(-0.1), 2)).hasMessageContaining("5 to 1000");
    }

    /** Ten thousand sane hubs of catalogue sets: each settles, nothing is no number, the equations hold, drag never falls. */
    @Test
    void everySaneHubSettlesAndDragNeverFallsWithPreload() {
        var random = new Random(20261126);
        for (int i = 0; i < 10_000; i++) {
            BearingSet inboard = SETS.get(random.nextInt(SETS.size()));
            BearingSet outboard = SETS.get(random.nextInt(SETS.size()));
            double between =
                    inboard.width().millimetres() + outboard.width().millimetres() + 10 + 80 * random.nextDouble();
            BearingPair pair = BearingPair.of(inboard, outboard, mm(between));
            double weight = pair.inner().dynamicRating() * (0.03 + 0.3 * random.nextDouble());
            WheelLoad load = new WheelLoad(
                            Force.ofNewtons(Math.min(weight, 100_000)),
                            mm(pair.spread() * (random.nextDouble() - 0.1)),
                            mm(150 + 400 * random.nextDouble()),
                            Force.ofNewtons(0))
                    .cornering(0.4 * (random.nextDouble() - 0.5));
            double play = 0.35 * random.nextDouble() - 0.1;
            double tighter = play - 0.02 * random.nextDouble();
            var warmth = HubWarmth.usual(new HubSurface(0.05), 20, 900, 25);

            Settled loose = settled(pair, load, play);
            Settled tight = settled(pair, load, tighter);

            assertThat(loose.inner().movement() + loose.outer().movement()).isCloseTo(-play, within(1e-8));
            assertThat(loose.inner().axial() - loose.outer().axial())
                    .isCloseTo(
                            load.side().newtons(), within(1e-6 * load.weight().newtons()));
            assertThat(loose.inner().axial()).isPositive();
            assertThat(loose.life(pair)).isPositive().isFinite();
            assertThat(tight.inner().axial())
                    .isGreaterThanOrEqualTo(loose.inner().axial() * (1 - 1e-9));
            assertThat(warmth.drag(pair, tight, 40)).isGreaterThanOrEqualTo(warmth.drag(pair, loose, 40) * (1 - 1e-9));
        }
    }

    /** A stiff pair without play, lightly loaded, tends to the induced thrust; preload far above the load to thrust alone. */
    @Test
    void tendsToItsLimits() {
        Settled preloaded = settled(ModelHub.PAIR, ModelHub.load(), -0.3);
        double alone = BearingLoad.thrust(ModelHub.INNER, preloaded.inner().axial())
                        .movement()
                + BearingLoad.thrust(ModelHub.OUTER, preloaded.outer().axial()).movement();

        assertThat(alone).isCloseTo(0.3, within(0.008));
        assertThat(preloaded.inner().share()).isGreaterThan(4);
    }

    private static Settled settled(BearingPair pair, WheelLoad load, double play) {
        Equilibrium found = pair.settle(mm(play), load);
        assertThat(found).as("%s at %s mm under %s", pair, play, load).isInstanceOf(Settled.class);
        return (Settled) found;
    }

    private static Length mm(double value) {
        return Length.ofMillimetres(value);
    }
}
