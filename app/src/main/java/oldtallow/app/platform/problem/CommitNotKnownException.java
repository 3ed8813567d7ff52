package oldtallow.app.platform.problem;

import org.springframework.transaction.TransactionException;

/** The database was told to keep it, and was lost before it answered: it may be saved or not. */
public final class CommitNotKnownException extends TransactionException {

    private static final long serialVersionUID = 1L;

    public CommitNotKnownException(Throwable cause) {
        super("no answer to a commit", cause);
    }
}
