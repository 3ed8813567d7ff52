package oldtallow.app.platform.http;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.Objects;
import java.util.Set;
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
import tools.jackson.databind.type.CollectionType;

/**
 * Refuses while a body is read what no field takes, as {@link Bounds} has it.
 */
@Component
class BoundedValues extends SimpleModule {

    private static final long serialVersionUID = 1L;

    private static final int MOST_SHOWN = 40;

    private static final Set<Class<?>> BOUNDED =
            Set.of(String.class, Double.class, double.class, BigDecimal.class, LocalDate.class, Instant.class);

    BoundedValues() {
        setDeserializerModifier(new ValueDeserializerModifier() {

            private static final long serialVersionUID = 1L;

            @Override
            public ValueDeserializer<?> modifyDeserializer(
                    DeserializationConfig config,
                    BeanDescription.Supplier described,
                    ValueDeserializer<?> deserializer) {
                Class<?> type = described.getBeanClass();
                return BOUNDED.contains(type) ? new Bounded(deserializer) : deserializer;
            }

            @Override
            public ValueDeserializer<?> modifyCollectionDeserializer(
                    DeserializationConfig config,
                    CollectionType type,
                    BeanDescription.Supplier described,
                    ValueDeserializer<?> deserializer) {
                return new Bounded(deserializer);
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
            String remedy = switch (value) {
                case BigDecimal number
                when !Bounds.holds(number) -> "must be 0, or a number from a milliardth to a milliard either way";
                case Number number
                when !Bounds.holds(number.doubleValue()) ->
                    "must be 0, or a number from a milliardth to a milliard either way";
                case String text when !Bounds.isPlain(text) -> "must be text without control characters";
                case String text
                when text.length() > Bounds.LONGEST_TEXT -> "must be at most " + Bounds.LONGEST_TEXT + " characters";
                case LocalDate day when !Bounds.holds(day) -> "must be a day from 1900 to 2199";
                case Instant moment when !isInRange(moment) -> "must be a moment from 1900 to 2199";
                case Collection<?> all
                when all.size() > Bounds.LONGEST_LIST -> "must be at most " + Bounds.LONGEST_LIST + " entries";
                case null, default -> "";
            };
            if (!remedy.isEmpty()) {
                throw new OutOfBounds(parser, shown(Objects.requireNonNull(value)), value.getClass(), remedy);
            }
            return value;
        }
    }

    private static boolean isInRange(Instant moment) {
        return moment.isAfter(Bounds.EARLIEST.atStartOfDay().toInstant(ZoneOffset.UTC))
                && moment.isBefore(Bounds.LATEST.plusDays(1).atStartOfDay().toInstant(ZoneOffset.UTC));
    }

    private static String shown(Object value) {
        return switch (value) {
            case Number number -> String.format("%.3g", number.doubleValue());
            case String text ->
                text.substring(0, Math.min(text.length(), MOST_SHOWN)).replaceAll("\\p{Cntrl}", "\uFFFD");
            case Collection<?> all -> all.size() + " entries";
            default -> value.toString();
        };
    }
}
