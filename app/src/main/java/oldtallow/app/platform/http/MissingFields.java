package oldtallow.app.platform.http;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collection;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** Refuses a request body in which a component that is not {@code @Nullable} is missing, naming all such fields. */
@ControllerAdvice
class MissingFields extends RequestBodyAdviceAdapter {

    @Override
    public boolean supports(
            MethodParameter parameter, Type targetType, Class<? extends HttpMessageConverter<?>> converterType) {
        return targetType instanceof Class<?> type && type.isRecord();
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage inputMessage,
            MethodParameter parameter,
            Type targetType,
            Class<? extends HttpMessageConverter<?>> converterType) {
        var errors = new FieldErrors();
        check("", body, errors);
        errors.throwIfAny();
        return body;
    }

    private static void check(String path, @Nullable Object value, FieldErrors errors) {
        if (value == null) {
            return; // a body of null: refused for being none by the caller
        }
        if (value instanceof Collection<?> items) {
            int index = 0;
            for (@Nullable Object item : items) {
                checkPresent(path + "[" + index++ + "]", item, false, errors);
            }
        } else if (value.getClass().isRecord()) {
            for (RecordComponent component : value.getClass().getRecordComponents()) {
                String field = path.isEmpty() ? component.getName() : path + "." + component.getName();
                checkPresent(field, read(component, value), RecordNullness.mayBeLeftOut(component), errors);
            }
        }
    }

    private static void checkPresent(String field, @Nullable Object value, boolean optional, FieldErrors errors) {
        if (value != null) {
            check(field, value, errors);
        } else if (!optional) {
            errors.add(field, null, "is missing; it has to be given");
        }
    }

    private static @Nullable Object read(RecordComponent component, Object record) {
        try {
            var accessor = component.getAccessor();
            accessor.setAccessible(true); // the forms are package-private
            return accessor.invoke(record);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException("cannot read " + component, e);
        }
    }
}
