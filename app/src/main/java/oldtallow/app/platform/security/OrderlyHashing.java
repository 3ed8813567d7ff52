package oldtallow.app.platform.security;

import java.util.Objects;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import oldtallow.app.platform.problem.BusyException;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Hashes passwords a few at a time. A hash is made to cost something; were each request free to make one, whoever sends made-up
 * sign-ins would have all processors. Half of them are left to the workshop, and who finds a long row is told to come again.
 */
final class OrderlyHashing implements PasswordEncoder, AutoCloseable {

    private static final int LONGEST_ROW = 12;

    private final PasswordEncoder inner;
    private final ThreadPoolExecutor threads;

    /** {@code atOnce}: threads of the platform's own, 1 or more; virtual ones would hold the carriers of all others. */
    OrderlyHashing(PasswordEncoder inner, int atOnce) {
        this.inner = inner;
        this.threads = new ThreadPoolExecutor(
                atOnce,
                atOnce,
                0,
                TimeUnit.SECONDS,
                new ArrayBlockingQueue<>(LONGEST_ROW),
                Thread.ofPlatform().name("password-", 0).daemon().factory());
    }

    @Override
    public String encode(@Nullable CharSequence password) {
        return inTurn(() -> Objects.requireNonNull(inner.encode(password)));
    }

    @Override
    public boolean matches(@Nullable CharSequence password, @Nullable String hash) {
        return inTurn(() -> inner.matches(password, hash));
    }

    @Override
    public void close() {
        threads.shutdownNow();
    }

    private <T> T inTurn(Callable<T> hashing) {
        Future<T> hashed;
        try {
            hashed = threads.submit(hashing);
        } catch (RejectedExecutionException e) {
            throw new BusyException();
        }
        try {
            return hashed.get();
        } catch (InterruptedException e) {
            hashed.cancel(true);
            Thread.currentThread().interrupt();
            throw new BusyException();
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        }
    }
}
