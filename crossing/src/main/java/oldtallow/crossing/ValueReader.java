package oldtallow.crossing;

import com.palantir.javapoet.CodeBlock;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;

/** The expression that reads one value. */
final class ValueReader {

    /** Times, and what reads them. */
    private static final Map<Class<?>, String> TIMES = Map.of(
            Instant.class, "instant", LocalDate.class, "day", MonthDay.class, "monthDay", Duration.class, "duration");

    private final Consumer<Shape> ask;
    private int depth;

    ValueReader(Consumer<Shape> ask) {
        this.ask = ask;
    }

    /** Of a record's component; a number or a boolean has to be there. */
    CodeBlock component(Shape.Component one) {
        Class<?> raw = one.shape().raw();
        if (raw.isPrimitive()) {
            return expression(one.shape(), CodeBlock.of("in.need($S)", one.name()));
        }
        String each = "one" + depth++;
        if (raw == Optional.class) {
            return CodeBlock.of(
                    "in.optional($S, $L -> $L)",
                    one.name(),
                    each,
                    expression(one.shape().argument(0), CodeBlock.of("$L", each)));
        }
        return CodeBlock.of(
                "in.get($S, $L -> $L)", one.name(), each, expression(one.shape(), CodeBlock.of("$L", each)));
    }

    CodeBlock expression(Shape shape, CodeBlock in) {
        Class<?> raw = shape.raw();
        if (raw == int.class || raw == Integer.class) {
            return CodeBlock.of("$L.whole()", in);
        } else if (raw == long.class || raw == Long.class) {
            return CodeBlock.of("$L.large()", in);
        } else if (raw == double.class || raw == Double.class) {
            return CodeBlock.of("$L.number()", in);
        } else if (raw == boolean.class || raw == Boolean.class) {
            return CodeBlock.of("$L.bool()", in);
        } else if (raw == String.class) {
            return CodeBlock.of("$L.text()", in);
        } else if (raw == UUID.class) {
            return CodeBlock.of("$T.fromString($L.text())", raw, in);
        } else if (raw == BigDecimal.class) {
            return CodeBlock.of("$T.valueOf($L.number())", raw, in);
        } else if (raw.isEnum()) {
            return CodeBlock.of("$T.valueOf($L.text())", raw, in);
        } else if (TIMES.containsKey(raw)) {
            return CodeBlock.of("$T.$L($L.text())", Wire.TIMES, TIMES.get(raw), in);
        } else if (raw == List.class || raw == Collection.class) {
            return each("list", shape.argument(0), in);
        } else if (raw == Set.class) {
            return each("set", shape.argument(0), in);
        } else if (raw == Map.class) {
            return map(shape, in);
        }
        ask.accept(shape);
        return CodeBlock.of("$T.read$L($L)", Bridges.of(raw), shape.name(), in);
    }

    private CodeBlock each(String what, Shape element, CodeBlock in) {
        String one = "one" + depth++;
        return CodeBlock.of("$L.$L($L -> $L)", in, what, one, expression(element, CodeBlock.of("$L", one)));
    }

    private CodeBlock map(Shape shape, CodeBlock in) {
        Class<?> key = shape.argument(0).raw();
        String read = key.isEnum() ? "$T.valueOf(key)" : key == UUID.class ? "$T.fromString(key)" : "$T.valueOf(key)";
        String one = "one" + depth++;
        return CodeBlock.of(
                "$L.map(key -> $L, $L -> $L)",
                in,
                CodeBlock.of(read, key),
                one,
                expression(shape.argument(1), CodeBlock.of("$L", one)));
    }
}
