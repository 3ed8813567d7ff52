package oldtallow.app.identity.persistence;

/** The database is not what the application may be started on. */
class UnfitDatabaseException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String remedy;

    UnfitDatabaseException(String what, String remedy) {
        super(what);
        this.remedy = remedy;
    }

    String remedy() {
        return remedy;
    }
}
