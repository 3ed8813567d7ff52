package oldtallow.benchmark;

import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.LongAdder;
import java.util.concurrent.locks.LockSupport;
import org.HdrHistogram.ConcurrentHistogram;

/**
 * Nut calculations at a steady 200 a second against a running application on this machine. A request's time counts from
 * when it was due, not from when it was sent, so that a stall is not hidden by the requests it holds up.
 *
 * <p>Argument: the application's address, on loopback. Bounded: 10 s to warm up, 30 s measured.
 */
public final class NutCalculationLoad {

    private static final int PER_SECOND = 200;
    private static final int WARM_UP_SECONDS = 10;
    private static final int MEASURED_SECONDS = 30;
    private static final String BODY = """
            {"thread": {"threadsPerInch": 14, "nominalDiameterMillimetres": 25.4, "hand": "RIGHT"},
             "lock": {"kind": "CASTLE_NUT", "slots": 6, "marksDegrees": [0, 90]},
             "reading": {"mark": 2, "looserDegrees": 17}, "school": "SEAT_AND_FINGER_TIGHT",
             "finalTorque": {"number": 20, "unit": "POUND_FORCE_FOOT"}}
            """;

    private final HttpClient client;
    private final HttpRequest request;
    private final LongAdder failed = new LongAdder();

    private NutCalculationLoad(HttpClient client, URI address) {
        this.client = client;
        this.request = HttpRequest.newBuilder(address.resolve("/api/nut-calculations"))
                .timeout(Duration.ofSeconds(10))
                .header("content-type", "application/json")
                .POST(BodyPublishers.ofString(BODY))
                .build();
    }

    public static void main(String[] arguments) throws IOException {
        URI address = URI.create(arguments[0]);
        if (!InetAddress.getByName(address.getHost()).isLoopbackAddress()) {
            throw new IllegalArgumentException("only a server on this machine is measured, not " + address);
        }
        try (HttpClient client =
                HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build()) {
            var load = new NutCalculationLoad(client, address);
            load.run(WARM_UP_SECONDS);
            load.report(load.run(MEASURED_SECONDS));
        }
    }

    private ConcurrentHistogram run(int seconds) {
        var times = new ConcurrentHistogram(TimeUnit.SECONDS.toNanos(20), 3);
        failed.reset();
        try (var threads = Executors.newVirtualThreadPerTaskExecutor()) {
            long start = System.nanoTime();
            for (int i = 0; i < seconds * PER_SECOND; i++) {
                long due = start + i * TimeUnit.SECONDS.toNanos(1) / PER_SECOND;
                LockSupport.parkNanos(due - System.nanoTime());
                threads.execute(() -> send(due, times));
            }
        }
        return times;
    }

    private void send(long due, ConcurrentHistogram times) {
        try {
            if (client.send(request, BodyHandlers.discarding()).statusCode() != 200) {
                failed.increment();
            }
        } catch (IOException e) {
            failed.increment();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        times.recordValue(System.nanoTime() - due);
    }

    private void report(ConcurrentHistogram times) {
        System.out.printf(
                "%d requests at %d/s, %d failed: p50 %.2f ms, p99 %.2f ms, longest %.2f ms%n",
                times.getTotalCount(),
                PER_SECOND,
                failed.sum(),
                times.getValueAtPercentile(50) / 1e6,
                times.getValueAtPercentile(99) / 1e6,
                times.getMaxValue() / 1e6);
    }
}
