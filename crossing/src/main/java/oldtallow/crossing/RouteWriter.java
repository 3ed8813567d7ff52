package oldtallow.crossing;

import com.palantir.javapoet.CodeBlock;
import com.palantir.javapoet.MethodSpec;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.lang.model.element.Modifier;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ValueConstants;

/** Takes a controller's requests. What answers with more than a value, such as a file, stays the server's. */
final class RouteWriter {

    private final Bridges bridges;
    private final Codecs codecs;

    RouteWriter(Bridges bridges, Codecs codecs) {
        this.bridges = bridges;
        this.codecs = codecs;
    }

    static String nameOf(Class<?> controller) {
        return "routesOf" + controller.getSimpleName();
    }

    /** {@code names}: the methods that cross; empty for all that can. */
    void write(Class<?> controller, List<String> names) {
        MethodSpec.Builder method = MethodSpec.methodBuilder(nameOf(controller))
                .addModifiers(Modifier.PUBLIC, Modifier.STATIC)
                .addParameter(Wire.ROUTER, "router");
        List<Class<?>> needs = List.of(controller.getDeclaredConstructors()[0].getParameterTypes());
        method.addStatement("$T controller = $L", controller, Makers.construction(controller, needs, method));
        Arrays.stream(controller.getDeclaredMethods())
                .filter(one -> canCross(one) && (names.isEmpty() || names.contains(one.getName())))
                .sorted(Comparator.comparing(Method::getName).thenComparing(Method::toString))
                .forEach(one -> route(controller, one).forEach(method::addCode));
        bridges.add(controller, method.build());
    }

    private static boolean canCross(Method method) {
        return AnnotatedElementUtils.hasAnnotation(method, RequestMapping.class)
                && !method.getReturnType().getName().startsWith("org.springframework")
                && method.getReturnType() != byte[].class
                && Arrays.stream(method.getParameters()).allMatch(RouteWriter::isAsked);
    }

    private static boolean isAsked(Parameter one) {
        return (one.isAnnotationPresent(PathVariable.class)
                        || one.isAnnotationPresent(RequestBody.class)
                        || one.isAnnotationPresent(RequestParam.class))
                && one.getType() != byte[].class;
    }

    private Stream<CodeBlock> route(Class<?> controller, Method method) {
        RequestMapping whole = AnnotatedElementUtils.findMergedAnnotation(controller, RequestMapping.class);
        RequestMapping own =
                Objects.requireNonNull(AnnotatedElementUtils.findMergedAnnotation(method, RequestMapping.class));
        String prefix = whole == null ? "" : Stream.of(whole.path()).collect(Collectors.joining());
        RequestMethod verb = own.method()[0];
        List<String> paths = own.path().length == 0 ? List.of("") : List.of(own.path());
        return paths.stream()
                .map(path -> CodeBlock.builder()
                        .add("router.on($S, $S, (call, out) -> {\n$>", verb.name(), prefix + path)
                        .add(answer(method))
                        .add("$<});\n")
                        .build());
    }

    private CodeBlock answer(Method method) {
        CodeBlock arguments =
                Arrays.stream(method.getParameters()).map(this::argument).collect(CodeBlock.joining(", "));
        CodeBlock call = CodeBlock.of("controller.$L($L)", method.getName(), arguments);
        if (method.getReturnType() == void.class) {
            return CodeBlock.builder().addStatement(call).build();
        }
        Shape shape = Shape.of(method.getGenericReturnType());
        return CodeBlock.builder()
                .addStatement("var answer = $L", call)
                .add(codecs.writing(shape, CodeBlock.of("answer")))
                .build();
    }

    private CodeBlock argument(Parameter one) {
        Shape shape = Shape.of(one.getParameterizedType());
        if (one.isAnnotationPresent(RequestBody.class)) {
            return codecs.reading(shape, CodeBlock.of("call.body()"));
        }
        RequestParam asked = one.getAnnotation(RequestParam.class);
        if (asked == null) {
            PathVariable part = one.getAnnotation(PathVariable.class);
            return text(shape, CodeBlock.of("call.part($S)", part.value().isEmpty() ? one.getName() : part.value()));
        }
        String name = asked.value().isEmpty() ? one.getName() : asked.value();
        boolean hasUsual = !ValueConstants.DEFAULT_NONE.equals(asked.defaultValue());
        CodeBlock value = hasUsual
                ? CodeBlock.of("call.asked($S, $S)", name, asked.defaultValue())
                : CodeBlock.of("call.asked($S)", name);
        if (List.class.isAssignableFrom(shape.raw())) {
            return CodeBlock.of("call.all($S, one -> $L)", name, text(shape.argument(0), CodeBlock.of("one")));
        }
        return hasUsual || (asked.required() && shape.raw().isPrimitive())
                ? text(shape, value)
                : CodeBlock.of("call.ifAsked($S, one -> $L)", name, text(shape, CodeBlock.of("one")));
    }

    private static CodeBlock text(Shape shape, CodeBlock value) {
        Class<?> raw = shape.raw();
        if (raw == String.class) {
            return value;
        } else if (raw == UUID.class) {
            return CodeBlock.of("$T.fromString($L)", raw, value);
        } else if (raw == int.class || raw == Integer.class) {
            return CodeBlock.of("$T.parseInt($L)", Integer.class, value);
        } else if (raw == long.class || raw == Long.class) {
            return CodeBlock.of("$T.parseLong($L)", Long.class, value);
        } else if (raw == double.class || raw == Double.class) {
            return CodeBlock.of("$T.parseDouble($L)", Double.class, value);
        } else if (raw == boolean.class || raw == Boolean.class) {
            return CodeBlock.of("$T.parseBoolean($L)", Boolean.class, value);
        } else if (raw.isEnum()) {
            return CodeBlock.of("$T.valueOf($L)", raw, value);
        }
        return CodeBlock.of("$T.day($L)", Wire.TIMES, value);
    }
}
