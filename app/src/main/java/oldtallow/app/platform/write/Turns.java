package oldtallow.app.platform.write;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import oldtallow.app.platform.problem.BusyException;

/**
 * Lets so many write at once and keeps the others in a row, first come, first served. Two processors do no more by doing thirty
 * things at once; they only make each of the thirty wait for all others.
 */
final class Turns {

    private final Semaphore places;
    private final Duration patience;

    /**
     * Turns.
     *
     * @param atOnce 1 or more; less than the pool has connections, so that readers find one
     * @param patience how long anybody waits before they are told to come again
     */
    Turns(int atOnce, Duration patience) {
        this.places = new Semaphore(atOnce, true);
        this.patience = patience;
    }

    /** Waits for a turn, to be given back by {@link #leave}; a {@link BusyException} where none came in time. */
    void await() {
        try {
            if (!places.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new BusyException();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException();
        }
    }

    void leave() {
        places.release();
    }
}
