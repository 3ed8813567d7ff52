package oldtallow.app.identity.api;

import java.net.InetAddress;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.AccountStore;
import oldtallow.app.identity.model.PersonEntry;
import oldtallow.app.identity.model.WrongPasswordException;
import oldtallow.app.platform.problem.NotYetException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Made-up people anybody may sign in as, one for each role; none outside the demo. */
@Component
public class DemoAccounts {

    /** Known to everybody, so worth nothing: the demo holds only made-up data. */
    private static final String PASSWORD = "tallow and tow";

    private static final List<PersonEntry> ACCOUNTS = List.of(
            new PersonEntry("Ines", "ines", Role.OWNER, PASSWORD),
            new PersonEntry("Tobe", "tobe", Role.MECHANIC, PASSWORD),
            new PersonEntry("Wil", "wil", Role.APPRENTICE, PASSWORD));

    private final AccountStore store;
    private final boolean demo;
    private volatile Optional<Loading> loading;

    /** How far the demo's data is loaded. */
    public record Loading(int done, int of) {}

    DemoAccounts(AccountStore store, @Value("${oldtallow.demo}") boolean demo) {
        this.store = store;
        this.demo = demo;
        this.loading = demo ? Optional.of(new Loading(0, 1)) : Optional.empty();
    }

    /** Empty once all of it is there, and outside the demo. */
    public Optional<Loading> loading() {
        return loading;
    }

    public void tell(Loading now) {
        loading = Optional.of(now).filter(far -> far.done() < far.of());
    }

    /** Whom anybody may sign in as now: nobody before the data is there. */
    public List<PersonEntry> offered() {
        return loading.isEmpty() && isThere() ? ACCOUNTS : List.of();
    }

    /** Whether the demo is on, and has not been ended. */
    public boolean isThere() {
        return demo && store.isOfDemo(ACCOUNTS.getFirst().signInName());
    }

    /** Refuses a demo account whose data is not all there yet; its password is not wrong. */
    public void requireReady(String signInName) {
        Optional<Loading> far = loading;
        boolean isDemo = ACCOUNTS.stream().anyMatch(one -> one.signInName().equalsIgnoreCase(signInName.strip()));
        if (isDemo && far.isPresent()) {
            throw new NotYetException("The demo is still being laid out, "
                    + far.get().done() + " of " + far.get().of() + " are there. Sign in when it is ready.");
        }
    }

    /**
     * Refuses people of the demo, whose password everybody knows, from other machines and once the demo is off.
     *
     * @param address the request comes from
     */
    public void requireAtHome(String signInName, String address) {
        boolean isLetIn = demo && isAtHome(address);
        if (!isLetIn && store.isOfDemo(signInName.strip().toLowerCase(Locale.ROOT))) {
            throw new WrongPasswordException();
        }
    }

    /** Whether an address is this machine itself. */
    public static boolean isAtHome(String address) {
        try {
            return InetAddress.ofLiteral(address).isLoopbackAddress();
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** The owner first; empty outside the demo. */
    public List<PersonEntry> accounts() {
        return demo ? ACCOUNTS : List.of();
    }

    /** The demo's owner, in whose name its data is entered. */
    public Optional<SignedIn> owner() {
        return store.account(ACCOUNTS.getFirst().signInName()).map(AccountStore.Account::person);
    }
}
