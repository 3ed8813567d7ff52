package oldtallow.app.platform;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.module.SimpleModule;

/**
 * What no field takes, whatever it is for: numbers beyond a milliard or below a milliardth, which overflow once they are turned
 * into another unit, and texts with control characters, which no database keeps.
 */
@Component
class BoundedValues extends SimpleModule {

    private static final long serialVersionUID = 1L;

    private static final double LARGEST = 1e9;
    private static final double SMALLEST = 1e-9;

    BoundedValues() {
        setDeserializerModifier(new ValueDeserializerModifier() {

            private static final long serialVersionUID = 1L;

            @Override
            public ValueDeserializer<?> modifyDeserializer(
                    DeserializationConfig config,
                    BeanDescription.Supplier described,
                    ValueDeserializer<?> deserializer) {
                Class<?> type = described.getBeanClass();
                return type == String.class || type == Double.class || type == double.class || type == BigDecimal.class
                        ? new Bounded(deserializer)
                        : deserializer;
            }
        });
    }

    /** Out of what any field takes. */
    static final class OutOfBounds extends InvalidFormatException {

        private static final long serialVersionUID = 1L;

        private final String remedy;

        OutOfBounds(JsonParser parser, Object shown, Class<?> type, String remedy) {
            super(parser, remedy, shown, type);
            this.remedy = remedy;
        }

        String remedy() {
            return remedy;
        }
    }

    private static final class Bounded extends DelegatingDeserializer {

        Bounded(ValueDeserializer<?> inner) {
            super(inner);
        }

        @Override
        protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> inner) {
            return new Bounded(inner);
        }

        @Override
        public @Nullable Object deserialize(JsonParser parser, DeserializationContext context) {
            @Nullable Object value = super.deserialize(parser, context);
            if (value instanceof Number number && !isUsual(number.doubleValue())) {
                throw new OutOfBounds(
                        parser,
                        String.format("%.3g", number.doubleValue()),
                        Double.class,
                        "must be 0, or a number from a milliardth to a milliard either way");
            }
            if (value instanceof String text && text.chars().anyMatch(BoundedValues::isControl)) {
                throw new OutOfBounds(
                        parser,
                        text.replaceAll("\\p{Cntrl}", "\uFFFD"),
                        String.class,
                        "must be text without control characters");
            }
            return value;
        }
    }

    private static boolean isUsual(double number) {
        double size = Math.abs(number);
        return size == 0 || (size >= SMALLEST && size <= LARGEST);
    }

    /** Tabs and line ends are typed. */
    private static boolean isControl(int character) {
        return character < ' ' && character != '\t' && character != '\n' && character != '\r';
    }
}
