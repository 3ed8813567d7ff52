package oldtallow.core.rolling;

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
import oldtallow.core.rolling.Equilibrium.Settled;
import oldtallow.core.rolling.SettingChart.Hub;
import oldtallow.core.rolling.SettingChart.Point;
import org.junit.jupiter.api.Test;

class SettingChartTest {

    private static final List<BearingSet> SETS =
            StandardCatalogue.entries().stream().map(CatalogueEntry::set).toList();
    private static final Hub MODEL = new Hub(
            ModelHub.PAIR,
            ModelHub.load(),
            HubWarmth.usual(20, 723.4316),
            new TyrePlay(ModelHub.PAIR, Length.ofMillimetres(330)));

    /** Reference sheet §7, the mix of roads: best 1.1457 at −16.8 µm; 5 thou loose 0.422; 2 thou tight 0.245. */
    @Test
    void agreesWithTheSheetOnTheMixOfRoads() {
        SettingChart chart = SettingChart.of(MODEL, mm(0.127), mm(-0.0508), 600);

        assertThat(chart.bestPlay().millimetres()).isCloseTo(-0.0168, within(0.0005));
        assertThat(near(chart, -0.0168).relativeLife()).isCloseTo(1.1457, within(0.001));
        assertThat(near(chart, 0.127).relativeLife()).isCloseTo(0.422, within(0.002));
        assertThat(near(chart, -0.05).relativeLife()).isCloseTo(0.245, within(0.006));
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
            assertThat(tighter.celsius()).isGreaterThanOrEqualTo(looser.celsius() - 1e-6);
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
            var warmth = HubWarmth.usual(20, 900);

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

        assertThat(alone).isCloseTo(0.3, within(0.003));
        assertThat(preloaded.inner().share()).isGreaterThan(4);
    }

    private static Settled settled(BearingPair pair, WheelLoad load, double play) {
        Equilibrium found = pair.settle(mm(play), load);
        assertThat(found).as("%s at %s mm under %s", pair, play, load).isInstanceOf(Settled.class);
        return (Settled) found;
    }

    private static Point near(SettingChart chart, double play) {
        return chart.points().stream()
                .reduce((a, b) -> Math.abs(b.endPlay().millimetres() - play)
                                < Math.abs(a.endPlay().millimetres() - play)
                        ? b
                        : a)
                .orElseThrow();
    }

    private static Length mm(double value) {
        return Length.ofMillimetres(value);
    }
}
