package oldtallow.phone;

import org.teavm.jso.JSExport;

/** What the browser calls. */
public final class Trackside {

    private static final Answers ANSWERS = new Answers();

    private Trackside() {}

    /** The compiler begins here; nothing is to be done before the browser asks. */
    public static void main(String[] args) {}

    /**
     * Lays out what was taken along, in place of what was there.
     *
     * @param taken as the server packed it
     * @param behind how far this device's clock is behind the server's, milliseconds
     */
    @JSExport
    public static void open(String taken, double behind) {
        ANSWERS.open(JsJson.parse(taken), (long) behind);
    }

    /** Answers a request: its status, a line break, and the body as JSON. */
    @JSExport
    public static String answer(String method, String address, String body) {
        return ANSWERS.answer(method, address, body.isEmpty() ? null : JsJson.parse(body))
                .toString();
    }
}
