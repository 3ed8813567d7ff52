package oldtallow.benchmark;

import java.util.concurrent.TimeUnit;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.StandardCatalogue;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.setting.rolling.BearingPair;
import oldtallow.core.setting.rolling.HubSurface;
import oldtallow.core.setting.rolling.HubWarmth;
import oldtallow.core.setting.rolling.SettingChart;
import oldtallow.core.setting.rolling.SettingChart.Hub;
import oldtallow.core.setting.rolling.TyrePlay;
import oldtallow.core.setting.rolling.WheelLoad;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** How long a setting chart of 120 points takes, one thread: 360 equilibria and 120 steady temperatures. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class SettingChartBenchmark {

    private final Hub hub = hub();

    private static Hub hub() {
        BearingPair pair = BearingPair.of(set("L68149/L68111"), set("L44649/L44610"), Length.ofMillimetres(65.6));
        Length radius = Length.ofMillimetres(330);
        return new Hub(
                pair,
                new WheelLoad(Force.ofNewtons(7800), Length.ofMillimetres(22), radius, Force.ofNewtons(0)),
                HubWarmth.usual(new HubSurface(0.05), 20, 723, 25),
                new TyrePlay(pair, radius));
    }

    private static BearingSet set(String designation) {
        return StandardCatalogue.entries().stream()
                .map(entry -> entry.set())
                .filter(set -> set.designation().toString().equals(designation))
                .findFirst()
                .orElseThrow();
    }

    @Benchmark
    public SettingChart chart() {
        return SettingChart.of(hub, Length.ofMillimetres(0.25), Length.ofMillimetres(-0.08), 120);
    }

    public static void main(String[] arguments) throws RunnerException {
        new Runner(new OptionsBuilder()
                        .include(SettingChartBenchmark.class.getSimpleName())
                        .build())
                .run();
    }
}
