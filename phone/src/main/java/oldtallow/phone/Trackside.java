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
     */
    @JSExport
    public static void open(String taken) {
        ANSWERS.open(JsJson.parse(taken));
    }

    /**
     * Answers a request: its status, a line break, and the body as JSON.
     *
     * @param at when it was made by the server's clock, milliseconds since 1970
     */
    @JSExport
    public static String answer(String method, String address, String body, double at) {
        return ANSWERS.answer(method, address, body.isEmpty() ? null : JsJson.parse(body), (long) at)
                .toString();
    }
}
