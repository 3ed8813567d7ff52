package oldtallow.benchmark;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.util.Locale;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.LongAdder;
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntFunction;
import org.HdrHistogram.ConcurrentHistogram;

/**
 * Requests at a steady rate. A request's time counts from when it was due, not from when it was sent, so that a stall is not
 * hidden by the requests it holds up. Bounded: 10 s to warm up, 30 s measured.
 *
 * @param requests the request of each number, from 0
 */
record SteadyLoad(String what, Device device, int perSecond, IntFunction<HttpRequest> requests) {

    private static final int WARM_UP_SECONDS = 10;
    private static final int MEASURED_SECONDS = 30;

    void measure() {
        run(WARM_UP_SECONDS, new LongAdder());
        var failed = new LongAdder();
        ConcurrentHistogram times = run(MEASURED_SECONDS, failed);
        System.out.printf(
                Locale.ROOT,
                "%s: %d requests at %d/s, %d failed: p50 %.2f ms, p99 %.2f ms, longest %.2f ms%n",
                what,
                times.getTotalCount(),
                perSecond,
                failed.sum(),
                times.getValueAtPercentile(50) / 1e6,
                times.getValueAtPercentile(99) / 1e6,
                times.getMaxValue() / 1e6);
    }

    private ConcurrentHistogram run(int seconds, LongAdder failed) {
        var times = new ConcurrentHistogram(TimeUnit.SECONDS.toNanos(60), 3);
        try (var threads = Executors.newVirtualThreadPerTaskExecutor()) {
            long start = System.nanoTime();
            for (int i = 0; i < seconds * perSecond; i++) {
                long due = start + i * TimeUnit.SECONDS.toNanos(1) / perSecond;
                LockSupport.parkNanos(due - System.nanoTime());
                HttpRequest request = requests.apply(i);
                threads.execute(() -> {
                    try {
                        if (device.send(request).statusCode() != 200) {
                            failed.increment();
                        }
                    } catch (IOException e) {
                        failed.increment();
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                    times.recordValue(System.nanoTime() - due);
                });
            }
        }
        return times;
    }
}
