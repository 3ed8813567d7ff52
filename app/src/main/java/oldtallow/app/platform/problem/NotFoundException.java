package oldtallow.app.platform.problem;

/** Nothing under that id in this workshop. */
public final class NotFoundException extends RuntimeException {

    private final String what;
    private final String id;

    public NotFoundException(String what, Object id) {
        super("no " + what + " " + id);
        this.what = what;
        this.id = id.toString();
    }

    public String what() {
        return what;
    }

    public String id() {
        return id;
    }
}
