package oldtallow.benchmark;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * The yard, the palette and identification of a workshop with 100,000 wheel ends (benchmark/register.sql), one after the
 * other at a steady 20 requests a second: more than a dozen mechanics make.
 *
 * <p>Argument: the application's address, on loopback.
 */
public final class RegisterLoad {

    private static final int PER_SECOND = 20;

    /** A letter, a common word, two words, a plate, an owner, a batch, a wheel end: as they are typed. */
    private static final List<String> TYPED = List.of(
            "a",
            "am",
            "amber",
            "cedar+r",
            "wagon+1234",
            "M0123",
            "m012345",
            "brook+owner77",
            "mu44",
            "mu-812",
            "trailer",
            "iron+runner+front+left",
            "gravel+2",
            "owner",
            "zzz",
            "l68149+mu7");

    private RegisterLoad() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        try (Device device = Device.signedIn(arguments[0], "ines")) {
            rankAll(device);
            new SteadyLoad("due list, first page", device, PER_SECOND, i -> device.get("/api/v1/almanac")).measure();
            new SteadyLoad("work by weeks", device, 2, i -> device.get("/api/v1/almanac/weeks")).measure();
            new SteadyLoad("yard, first page", device, PER_SECOND, i -> device.get("/api/v1/yard")).measure();
            new SteadyLoad("yard, only what is due", device, PER_SECOND, i -> device.get("/api/v1/yard?show=DUE"))
                    .measure();
            yardMeanwhile(arguments[0]);
            new SteadyLoad(
                            "palette",
                            device,
                            PER_SECOND,
                            i -> device.get("/api/v1/palette?q=" + TYPED.get(i % TYPED.size())))
                    .measure();
            new SteadyLoad(
                            "recall of a batch",
                            device,
                            PER_SECOND,
                            i -> device.get("/api/v1/shelf/recall?batch=MB-%06d".formatted(1 + i * 37 % 20_000)))
                    .measure();
            new SteadyLoad(
                            "identify",
                            device,
                            PER_SECOND,
                            i -> device.post("/api/v1/identify", readings(25 + i % 40 * 0.7, 50 + i % 40)))
                    .measure();
        }
    }

    /** A new interval for the whole workshop ranks every rig anew; the demo's rule has version 1. */
    private static void rankAll(Device device) throws IOException, InterruptedException {
        for (int version = 1; version <= 6; version++) {
            System.out.printf(
                    Locale.ROOT,
                    version == 1
                            ? "what was never worked out, 100,000 wheel ends one rig after the other: %.1f s%n"
                            : "a new interval for all 100,000 wheel ends, in one pass: %.2f s%n",
                    newInterval(device, version));
        }
    }

    /** Every date moves; how long that took, in seconds. */
    private static double newInterval(Device device, int version) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        HttpResponse<String> answer =
                device.send(device.post("/api/v1/workshop/rules", rule(version, version % 2 == 1 ? 11 : 12)));
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(answer.body());
        }
        return (System.nanoTime() - begun) / 1e9;
    }

    /** The yard's first page while one pass after the other moves every date. */
    private static void yardMeanwhile(String address) throws IOException, InterruptedException {
        try (Device owner = Device.signedIn(address, "ines");
                Device mechanic = Device.signedIn(address, "tobe")) {
            var stop = new AtomicBoolean();
            Thread passes = Thread.ofPlatform().start(() -> {
                try {
                    for (int version = 7; !stop.get(); version++) {
                        newInterval(owner, version);
                    }
                } catch (IOException | InterruptedException e) {
                    throw new IllegalStateException(e);
                }
            });
            new SteadyLoad(
                            "yard, first page, while every date moves",
                            mechanic,
                            PER_SECOND,
                            i -> mechanic.get("/api/v1/yard"))
                    .measure();
            stop.set(true);
            passes.join();
        }
    }

    private static String rule(int version, int months) {
        return """
                {"kind": "INTERVAL", "authority": "WORKSHOP", "version": %d, "source": "measured",
                 "rules": [{"action": "REPACK", "trigger": "MONTHS", "number": %d},
                   {"action": "REPACK", "trigger": "KILOMETRES", "number": 12000}]}""".formatted(version, months);
    }

    private static String readings(double bore, double outside) {
        return """
                {"measurements": [
                  {"measurand": "CONE_BORE", "instrument": "CALLIPER", "length": {"number": %s, "unit": "MILLIMETRE"}},
                  {"measurand": "CUP_OUTSIDE", "instrument": "CALLIPER", "length": {"number": %s, "unit": "MILLIMETRE"}}]}""".formatted(bore, outside);
    }
}
