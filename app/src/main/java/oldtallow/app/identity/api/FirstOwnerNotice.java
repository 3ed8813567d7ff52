package oldtallow.app.identity.api;

import oldtallow.app.identity.model.PeopleStore;
import oldtallow.app.platform.security.OwnAddress;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Tells the person at the terminal how the workshop is opened, as long as it is nobody's. */
@Component
public class FirstOwnerNotice {

    private final PeopleStore store;
    private final DemoAccounts demo;
    private final FirstOwnerWord word;
    private final OwnAddress address;

    FirstOwnerNotice(PeopleStore store, DemoAccounts demo, FirstOwnerWord word, OwnAddress address) {
        this.store = store;
        this.demo = demo;
        this.word = word;
        this.address = address;
    }

    @EventListener
    @Order
    void ready(ApplicationReadyEvent event) {
        if (demo.loading().isEmpty()) {
            tell();
        }
    }

    /** Once what is under way is saved: it may be nobody's by then. */
    public void tellAfterCommit() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                tell();
            }
        });
    }

    private void tell() {
        if (store.nobodyYet()) {
            System.out.println(
                    "It is nobody's yet. Its owner opens it at " + address.base() + " with the word  " + word.word());
        }
    }
}
