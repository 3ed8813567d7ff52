package oldtallow.app.platform.problem;

/** Tells from what was thrown why the database did not do what it was asked. */
public interface Troubles {

    Trouble of(Throwable thrown);
}
