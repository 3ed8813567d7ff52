package oldtallow.benchmark;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.LongAdder;
import org.HdrHistogram.ConcurrentHistogram;

/**
 * Mechanics who step through jobs without a moment's thought: one alone, then thirty at once, each with a line of their own
 * open on their job. A busy answer is tried again as the interface does it; its time counts from the first try.
 *
 * <p>Arguments: the application's address, on loopback; {@code many} for the thirty alone.
 */
public final class JobLoad {

    private static final int MANY = 30;
    private static final Duration WARM_UP = Duration.ofSeconds(20);
    private static final Duration MEASURED = Duration.ofSeconds(60);

    private final String address;
    private final ConcurrentHistogram times = new ConcurrentHistogram(TimeUnit.SECONDS.toNanos(120), 3);
    private final LongAdder failed = new LongAdder();
    private final LongAdder triedAgain = new LongAdder();

    private JobLoad(String address) {
        this.address = address;
    }

    public static void main(String[] arguments) throws IOException, InterruptedException, ExecutionException {
        new JobLoad(arguments[0]).work(8, WARM_UP);
        if (arguments.length > 1 && arguments[1].equals("many")) {
            new JobLoad(arguments[0]).measure(MANY);
            return;
        }
        double alone = new JobLoad(arguments[0]).measure(1);
        double many = new JobLoad(arguments[0]).measure(MANY);
        System.out.printf(Locale.ROOT, "p99 of %d is %.1f times that of one%n", MANY, many / alone);
    }

    /** p99 in ms. */
    private double measure(int people) throws IOException, InterruptedException, ExecutionException {
        work(people, MEASURED);
        double p99 = times.getValueAtPercentile(99) / 1e6;
        System.out.printf(
                Locale.ROOT,
                "entries of %d at work: %d (%.0f/s), %d failed, %d tried again: p50 %.1f ms, p99 %.1f ms, longest %.0f ms%n",
                people,
                times.getTotalCount(),
                times.getTotalCount() / (double) MEASURED.toSeconds(),
                failed.sum(),
                triedAgain.sum(),
                times.getValueAtPercentile(50) / 1e6,
                p99,
                times.getMaxValue() / 1e6);
        return p99;
    }

    private void work(int people, Duration time) throws IOException, InterruptedException, ExecutionException {
        List<Device> devices = new ArrayList<>();
        List<Mechanic> mechanics = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            Device device = Device.signedIn(address, "tobe");
            devices.add(device);
            var mechanic = new Mechanic(device, JobLoad::plainly);
            device.listen("/api/v1/jobs/" + mechanic.jobId() + "/events");
            mechanics.add(mechanic.sendingBy(this::counted));
        }
        long end = System.nanoTime() + time.toNanos();
        try (var threads = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<?>> all = new ArrayList<>();
            for (Mechanic mechanic : mechanics) {
                all.add(threads.submit(() -> {
                    while (System.nanoTime() < end) {
                        mechanic.goOn();
                    }
                    return null;
                }));
            }
            for (Future<?> one : all) {
                one.get();
            }
        }
        devices.forEach(Device::close);
    }

    private static HttpResponse<String> plainly(Device device, String path, String body)
            throws IOException, InterruptedException {
        return device.send(device.post(path, body));
    }

    private HttpResponse<String> counted(Device device, String path, String body)
            throws IOException, InterruptedException {
        long begun = System.nanoTime();
        HttpResponse<String> answer = plainly(device, path, body);
        while (answer.statusCode() == 503 && answer.body().contains("urn:oldtallow:busy")) {
            triedAgain.increment();
            Thread.sleep(1000L
                    * Long.parseLong(answer.headers().firstValue("retry-after").orElse("1")));
            answer = plainly(device, path, body);
        }
        times.recordValue(System.nanoTime() - begun);
        if (answer.statusCode() / 100 != 2) {
            failed.increment();
        }
        return answer;
    }
}
