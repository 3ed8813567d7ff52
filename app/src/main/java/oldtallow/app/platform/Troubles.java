package oldtallow.app.platform;

/** Tells from what was thrown why the database did not do what it was asked. */
public interface Troubles {

    Trouble of(Throwable thrown);
}
