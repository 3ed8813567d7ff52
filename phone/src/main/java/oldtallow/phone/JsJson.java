package oldtallow.phone;

import java.util.ArrayList;
import java.util.List;
import oldtallow.phone.wire.JsonIn;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;

/** JSON as the browser itself reads it. */
final class JsJson implements JsonIn {

    private final JSObject value;

    private JsJson(JSObject value) {
        this.value = value;
    }

    static JsonIn parse(String text) {
        return new JsJson(parsed(text));
    }

    @Override
    public @Nullable JsonIn at(String name) {
        return has(value, name) ? new JsJson(field(value, name)) : null;
    }

    @Override
    public List<String> names() {
        List<String> names = new ArrayList<>();
        for (String name : keys(value)) {
            names.add(name);
        }
        return names;
    }

    @Override
    public List<JsonIn> items() {
        int length = length(value);
        List<JsonIn> all = new ArrayList<>(length);
        for (int i = 0; i < length; i++) {
            all.add(new JsJson(item(value, i)));
        }
        return all;
    }

    @Override
    public String text() {
        return text(value);
    }

    @Override
    public double number() {
        return number(value);
    }

    @Override
    public boolean bool() {
        return bool(value);
    }

    @JSBody(params = "text", script = "return JSON.parse(text)")
    private static native JSObject parsed(String text);

    @JSBody(
            params = {"of", "name"},
            script = "return of[name] !== undefined && of[name] !== null")
    private static native boolean has(JSObject of, String name);

    @JSBody(
            params = {"of", "name"},
            script = "return of[name]")
    private static native JSObject field(JSObject of, String name);

    @JSBody(params = "of", script = "return Object.keys(of).filter(function(one) { return of[one] !== null })")
    private static native String[] keys(JSObject of);

    @JSBody(params = "of", script = "return of.length")
    private static native int length(JSObject of);

    @JSBody(
            params = {"of", "index"},
            script = "return of[index]")
    private static native JSObject item(JSObject of, int index);

    @JSBody(params = "of", script = "return String(of)")
    private static native String text(JSObject of);

    @JSBody(params = "of", script = "return Number(of)")
    private static native double number(JSObject of);

    @JSBody(params = "of", script = "return of === true")
    private static native boolean bool(JSObject of);
}
