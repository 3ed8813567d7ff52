package oldtallow.benchmark;

import java.util.List;
import java.util.concurrent.TimeUnit;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.nut.Advice;
import oldtallow.core.setting.nut.NutCase;
import oldtallow.core.setting.nut.NutReading;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** How many nuts the core works out in a second: stops and advice, one thread. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class NutCaseBenchmark {

    /** A castle nut with a good stop, one without (remedies), and the finest retainer. */
    @Param({"castle-good", "castle-none", "retainer-finest"})
    private String lock = "castle-good";

    private NutCase nutCase = castle(17);

    @Setup
    public void setUp() {
        nutCase = switch (lock) {
            case "castle-good" -> castle(17);
            case "castle-none" -> castle(0);
            case "retainer-finest" -> on(new SeatedRetainer(10, 12, List.of(Turn.ZERO)), 1);
            default -> throw new IllegalArgumentException(lock);
        };
    }

    /** Stops are worked out once by themselves and once for the advice, as the application does. */
    @Benchmark
    public int stopsAndAdvice() {
        int stops = nutCase.stops().size();
        return nutCase.advice() instanceof Advice.Take ? stops : -stops;
    }

    public static void main(String[] arguments) throws RunnerException {
        new Runner(new OptionsBuilder()
                        .include(NutCaseBenchmark.class.getSimpleName())
                        .build())
                .run();
    }

    private static NutCase castle(int slotAwayDegrees) {
        return on(new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90))), slotAwayDegrees);
    }

    private static NutCase on(SteppedLock lock, int slotAwayDegrees) {
        return new NutCase(
                SpindleThread.UNS_1_14.cut(ThreadHand.RIGHT),
                lock,
                NutReading.atZeroPlay(1, Turn.ofDegrees(slotAwayDegrees)),
                new GoverningFigure<>(EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE, "common practice"),
                Length.ofMillimetres(3));
    }
}
