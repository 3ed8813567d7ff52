package oldtallow.core.refusal;

import org.jspecify.annotations.Nullable;

/**
 * What is wrong with one field.
 *
 * @param field path in the request, such as {@code thread.pitchMillimetres}
 * @param value as it was sent, where there was one
 * @param remedy what would be right
 */
public record FieldError(String field, @Nullable String value, String remedy) {}
