package oldtallow.app.platform.persistence;

import javax.sql.DataSource;
import oldtallow.app.platform.problem.CommitNotKnownException;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;

/** Tells a commit that was refused from one that was never answered. */
class KnownCommits extends JdbcTransactionManager {

    private static final long serialVersionUID = 1L;

    KnownCommits(DataSource dataSource) {
        super(dataSource);
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        try {
            super.doCommit(status);
        } catch (RuntimeException e) {
            if (status.isReadOnly() || SqlTroubles.isRefused(e)) {
                throw e;
            }
            throw new CommitNotKnownException(e);
        }
    }
}
