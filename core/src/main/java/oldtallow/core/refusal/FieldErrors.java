package oldtallow.core.refusal;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;
import org.jspecify.annotations.Nullable;

/** Collects everything that is wrong with a request, so that it is told once and whole. */
public final class FieldErrors {

    private final List<FieldError> errors = new ArrayList<>();

    /** Makes a value of the core; a refusal is noted against the field, and null is returned. */
    public <T> @Nullable T at(String field, Supplier<? extends @Nullable T> value) {
        return at(field, Map.of(), value);
    }

    /** As above for a value made of several fields: the refused quantity tells which. */
    public <T> @Nullable T at(
            String field, Map<? extends Quantity, String> fieldOfQuantity, Supplier<? extends @Nullable T> value) {
        try {
            return value.get();
        } catch (OutOfRangeException e) {
            String refused = Objects.requireNonNullElse(fieldOfQuantity.get(e.quantity()), field);
            errors.add(new FieldError(refused, e.value(), e.quantity().words() + " must be " + e.range()));
        } catch (IllegalArgumentException e) {
            errors.add(new FieldError(field, null, String.valueOf(e.getMessage())));
        }
        return null;
    }

    public void add(String field, @Nullable Object value, String remedy) {
        errors.add(new FieldError(field, value == null ? null : value.toString(), remedy));
    }

    /** Notes a text that is longer than its place. */
    public void atMost(String field, String text, int most) {
        if (text.length() > most) {
            add(field, text, "must be at most " + most + " characters");
        }
    }

    /** Throws unless nothing was noted. */
    public void throwIfAny() {
        if (!errors.isEmpty()) {
            throw new InvalidInputException(errors);
        }
    }

    /** The value, which is present if nothing was noted; throws what was noted otherwise. */
    public <T> T require(@Nullable T value) {
        throwIfAny();
        if (value == null) {
            throw new IllegalStateException("a value is missing though no field was found wrong");
        }
        return value;
    }
}
