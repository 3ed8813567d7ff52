package oldtallow.benchmark;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Mechanics at work while the application, and then PostgreSQL, is killed again and again (SIGKILL), and what became of every
 * entry: a table, and status 1 where one was lost, doubled, half written, or was there though it was called not saved.
 *
 * <p>Arguments: address of the application, process id of its {@code ./run}, file with PostgreSQL's process id and port, kills of
 * each. The owner's password of the database comes in the environment (PGPASSWORD).
 */
public final class FaultCampaign {

    private static final int MECHANICS = 8;
    private static final int SHORTEST_MILLISECONDS = 1500;
    private static final int LONGEST_MILLISECONDS = 4500;
    private static final long PATIENCE_SECONDS = 120;
    private static final int SEED = 18;

    private final String address;
    private final long runId;
    private final Path postmaster;
    private final int kills;
    private final Random random = new Random(SEED);

    private FaultCampaign(String address, long runId, Path postmaster, int kills) {
        this.address = address;
        this.runId = runId;
        this.postmaster = postmaster;
        this.kills = kills;
    }

    /** Ends what is to be killed. */
    private interface Killer {
        void kill() throws IOException;
    }

    public static void main(String[] arguments)
            throws IOException, InterruptedException, ExecutionException, SQLException {
        var campaign = new FaultCampaign(
                arguments[0], Long.parseLong(arguments[1]), Path.of(arguments[2]), Integer.parseInt(arguments[3]));
        System.out.println(
                "| killed | kills | acknowledged | lost | doubled | half-written | called not saved, and was saved"
                        + " | answers \"not saved\" | answers \"not known\" | no answer | served again after, middle and longest |");
        System.out.println("|---|---|---|---|---|---|---|---|---|---|---|");
        boolean sound = campaign.run("the application", campaign::killApplication);
        sound &= campaign.run("PostgreSQL", campaign::killDatabase);
        System.exit(sound ? 0 : 1);
    }

    private boolean run(String what, Killer killer)
            throws IOException, InterruptedException, ExecutionException, SQLException {
        var book = new EntryBook(postmaster);
        List<Device> devices = new ArrayList<>();
        List<Mechanic> mechanics = new ArrayList<>();
        for (int i = 0; i < MECHANICS; i++) {
            Device device = Device.signedIn(address, "tobe");
            devices.add(device);
            mechanics.add(new Mechanic(device, book::untilKnown));
        }
        double[] served = new double[kills];
        try (var threads = Executors.newVirtualThreadPerTaskExecutor()) {
            List<Future<?>> all = new ArrayList<>();
            for (Mechanic mechanic : mechanics) {
                all.add(threads.submit(() -> {
                    while (!book.isClosed()) {
                        mechanic.goOn();
                    }
                    return null;
                }));
            }
            for (int i = 0; i < kills; i++) {
                Thread.sleep(random.nextInt(SHORTEST_MILLISECONDS, LONGEST_MILLISECONDS));
                killer.kill();
                served[i] = untilServed();
            }
            Thread.sleep(LONGEST_MILLISECONDS);
            book.close();
            for (Future<?> one : all) {
                one.get();
            }
        }
        devices.forEach(Device::close);
        Arrays.sort(served);
        System.out.printf(
                Locale.ROOT,
                "| %s | %d | %s | %.1f s, %.1f s |%n",
                what,
                kills,
                book.row(),
                served[kills / 2],
                served[kills - 1]);
        return book.isSound();
    }

    private void killApplication() {
        ProcessHandle.of(runId)
                .orElseThrow()
                .descendants()
                .filter(process -> process.info().commandLine().orElse("").contains("oldtallow.jar"))
                .forEach(ProcessHandle::destroyForcibly);
    }

    private void killDatabase() throws IOException {
        long id = Long.parseLong(Files.readAllLines(postmaster).getFirst().strip());
        ProcessHandle.of(id).ifPresent(ProcessHandle::destroyForcibly);
    }

    /** Seconds until the yard can be read again. */
    private double untilServed() throws InterruptedException {
        long begun = System.nanoTime();
        while (System.nanoTime() - begun < TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS)) {
            Thread.sleep(50);
            try (Device device = Device.signedIn(address, "tobe")) {
                if (device.send(device.get("/api/v1/yard")).statusCode() == 200) {
                    return (System.nanoTime() - begun) / 1e9;
                }
            } catch (IOException | IllegalStateException e) {
                // not yet
            }
        }
        throw new UncheckedIOException(new IOException("not served again within " + PATIENCE_SECONDS + " s"));
    }
}
