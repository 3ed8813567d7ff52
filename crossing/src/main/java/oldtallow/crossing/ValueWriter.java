package oldtallow.crossing;

import com.palantir.javapoet.CodeBlock;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;

/** The statements that write one value. */
final class ValueWriter {

    /** Written as what they say of themselves, which is ISO 8601 for times. */
    private static final Set<Class<?>> BY_THEIR_TEXT =
            Set.of(UUID.class, LocalDate.class, MonthDay.class, Duration.class);

    private static final Set<Class<?>> NUMBERS =
            Set.of(int.class, long.class, double.class, Integer.class, Long.class, Double.class);

    private final Consumer<Shape> ask;
    private int depth;

    ValueWriter(Consumer<Shape> ask) {
        this.ask = ask;
    }

    CodeBlock statement(Shape shape, CodeBlock value) {
        Class<?> raw = shape.raw();
        if (NUMBERS.contains(raw)) {
            return line("out.number($L)", value);
        } else if (raw == boolean.class || raw == Boolean.class) {
            return line("out.bool($L)", value);
        } else if (raw == String.class) {
            return line("out.text($L)", value);
        } else if (raw == BigDecimal.class) {
            return line("out.number($L.doubleValue())", value);
        } else if (raw.isEnum()) {
            return line("out.text($L.name())", value);
        } else if (raw == Instant.class) {
            return line("out.text($T.words($L))", Wire.TIMES, value);
        } else if (BY_THEIR_TEXT.contains(raw)) {
            return line("out.text($L.toString())", value);
        } else if (raw == Optional.class) {
            return each("out.optional($L, $L -> {\n$>", value, shape.argument(0));
        } else if (Collection.class.isAssignableFrom(raw)) {
            return each("out.array($L, $L -> {\n$>", value, shape.argument(0));
        } else if (Map.class.isAssignableFrom(raw)) {
            String key = shape.argument(0).raw().isEnum() ? "key -> key.name()" : "key -> key.toString()";
            return each("out.map($L, " + key + ", $L -> {\n$>", value, shape.argument(1));
        }
        ask.accept(shape);
        return line("$T.write$L(out, $L)", Bridges.of(raw), shape.name(), value);
    }

    private CodeBlock each(String call, CodeBlock value, Shape element) {
        String one = "one" + depth++;
        return CodeBlock.builder()
                .add(call, value, one)
                .add(statement(element, CodeBlock.of("$L", one)))
                .add("$<});\n")
                .build();
    }

    private static CodeBlock line(String format, Object... arguments) {
        return CodeBlock.builder().addStatement(format, arguments).build();
    }
}
