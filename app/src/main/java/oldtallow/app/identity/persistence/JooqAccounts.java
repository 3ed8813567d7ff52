package oldtallow.app.identity.persistence;

import static oldtallow.db.tables.SignInAccount.SIGN_IN_ACCOUNT;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Objects;
import java.util.Optional;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.AccountStore;
import oldtallow.db.Routines;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqAccounts implements AccountStore {

    private final DSLContext db;

    JooqAccounts(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<Account> account(String signInName) {
        return db.selectFrom(SIGN_IN_ACCOUNT.call(signInName))
                .fetchOptional(row -> new Account(
                        new SignedIn(
                                row.getPersonId(), row.getWorkshopId(), row.getName(), Role.valueOf(row.getRole())),
                        row.getPasswordHash()));
    }

    @Override
    public boolean isOfDemo(String signInName) {
        return Boolean.TRUE.equals(Routines.isOfDemo(db.configuration(), signInName));
    }

    @Override
    public int countTry(String signInName, String address, Instant now) {
        return Objects.requireNonNull(
                Routines.signInTry(db.configuration(), signInName, address, now.atOffset(ZoneOffset.UTC)));
    }

    @Override
    public void succeeded(String signInName, String address) {
        Routines.signInSucceeded(db.configuration(), signInName, address);
    }
}
