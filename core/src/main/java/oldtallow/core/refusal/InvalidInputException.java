package oldtallow.core.refusal;

import java.util.List;

/** A request that cannot be carried out as it stands; names every field that is wrong. */
public final class InvalidInputException extends RuntimeException {

    private final transient List<FieldError> errors;

    public InvalidInputException(List<FieldError> errors) {
        super(errors.size() + " field(s) refused, first: " + errors.getFirst().field());
        this.errors = List.copyOf(errors);
    }

    public InvalidInputException(String field, Object value, String remedy) {
        this(List.of(new FieldError(field, value.toString(), remedy)));
    }

    public List<FieldError> errors() {
        return errors;
    }
}
