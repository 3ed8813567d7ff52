package oldtallow.phone.wire;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;

/** Writes JSON (RFC 8259) as text. */
public final class JsonOut {

    private static final int FIRST_PLAIN = 0x20;

    private final StringBuilder written = new StringBuilder();
    private boolean needsComma;

    public void begin() {
        value("{");
        needsComma = false;
    }

    public void end() {
        written.append('}');
        needsComma = true;
    }

    /** The name of the value written next. */
    public void field(String name) {
        comma();
        quote(name);
        written.append(':');
        needsComma = false;
    }

    public void text(String text) {
        comma();
        quote(text);
        needsComma = true;
    }

    public void number(long number) {
        value(Long.toString(number));
    }

    /** JSON knows no infinite number and none that is none: those are null. */
    public void number(double number) {
        value(Double.isNaN(number) || Double.isInfinite(number) ? "null" : Double.toString(number));
    }

    public void bool(boolean value) {
        value(Boolean.toString(value));
    }

    public <T> void array(Collection<T> all, Consumer<T> write) {
        value("[");
        needsComma = false;
        all.forEach(write);
        written.append(']');
        needsComma = true;
    }

    public <K, V> void map(Map<K, V> all, Function<K, String> key, Consumer<V> write) {
        begin();
        all.forEach((name, value) -> {
            field(key.apply(name));
            write.accept(value);
        });
        end();
    }

    public <T> void optional(Optional<T> value, Consumer<T> write) {
        value.ifPresentOrElse(write, () -> value("null"));
    }

    @Override
    public String toString() {
        return written.toString();
    }

    private void value(String plain) {
        comma();
        written.append(plain);
        needsComma = true;
    }

    private void comma() {
        if (needsComma) {
            written.append(',');
        }
    }

    private void quote(String text) {
        written.append('"');
        for (int i = 0; i < text.length(); i++) {
            char letter = text.charAt(i);
            if (letter == '"' || letter == '\\') {
                written.append('\\').append(letter);
            } else if (letter < FIRST_PLAIN) {
                written.append("\\u00")
                        .append(Character.forDigit(letter >> 4, 16))
                        .append(Character.forDigit(letter & 15, 16));
            } else {
                written.append(letter);
            }
        }
        written.append('"');
    }
}
