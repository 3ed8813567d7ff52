package oldtallow.app.identity.persistence;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Objects;
import java.util.Optional;
import javax.sql.DataSource;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/**
 * Tells every connection for whom it is borrowed; row-level security decides by that. Told anew at each borrowing, so nothing
 * of the last borrower is left; for nobody, the connection sees no rows of any workshop.
 */
class WorkshopDataSource extends DelegatingDataSource {

    private static final String TELL =
            "select set_config('oldtallow.workshop', ?, false), set_config('oldtallow.person', ?, false)";

    /** Bound while the asker is being found: what is read for that is read for nobody. */
    private static final ScopedValue<Boolean> ASKING = ScopedValue.newInstance();

    WorkshopDataSource(DataSource pool) {
        super(pool);
    }

    /** Outside row security: connections of nobody in particular. */
    DataSource pool() {
        return Objects.requireNonNull(getTargetDataSource());
    }

    @Override
    public Connection getConnection() throws SQLException {
        // before borrowing: finding the asker may read the session, which borrows a connection of its own
        Optional<SignedIn> asker = ASKING.isBound()
                ? Optional.empty()
                : ScopedValue.where(ASKING, true).call(CurrentPerson::ifAny);
        Connection connection = super.getConnection();
        try (PreparedStatement tell = connection.prepareStatement(TELL)) {
            tell.setString(
                    1, asker.map(person -> person.workshopId().toString()).orElse(""));
            tell.setString(2, asker.map(person -> person.personId().toString()).orElse(""));
            tell.execute();
            return connection;
        } catch (SQLException e) {
            connection.close();
            throw e;
        }
    }
}
