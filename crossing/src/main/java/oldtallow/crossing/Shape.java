package oldtallow.crossing;

import com.palantir.javapoet.ClassName;
import com.palantir.javapoet.ParameterizedTypeName;
import com.palantir.javapoet.TypeName;
import java.lang.reflect.Modifier;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.lang.reflect.TypeVariable;
import java.lang.reflect.WildcardType;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** A type with what stands for its variables. */
record Shape(Class<?> raw, List<Shape> arguments) {

    static Shape of(Type type) {
        return of(type, List.of(), List.of());
    }

    private static Shape of(Type type, List<TypeVariable<?>> variables, List<Shape> values) {
        return switch (type) {
            case Class<?> raw -> new Shape(raw, List.of());
            case ParameterizedType with ->
                new Shape(
                        (Class<?>) with.getRawType(),
                        Arrays.stream(with.getActualTypeArguments())
                                .map(one -> of(one, variables, values))
                                .toList());
            case TypeVariable<?> variable when variables.contains(variable) -> values.get(variables.indexOf(variable));
            case TypeVariable<?> variable -> of(variable.getBounds()[0], variables, values);
            case WildcardType any -> of(any.getUpperBounds()[0], variables, values);
            default -> throw new IllegalArgumentException("cannot cross: " + type);
        };
    }

    /** A component of a record. */
    record Component(String name, Shape shape) {}

    List<Component> components() {
        List<TypeVariable<?>> variables = new ArrayList<>(List.of(raw.getTypeParameters()));
        return Arrays.stream(raw.getRecordComponents())
                .map(one -> component(one, variables))
                .toList();
    }

    private Component component(RecordComponent one, List<TypeVariable<?>> variables) {
        return new Component(one.getName(), of(one.getGenericType(), variables, arguments));
    }

    Shape argument(int index) {
        return arguments.get(index);
    }

    boolean isGeneric() {
        return !arguments.isEmpty();
    }

    /** Whether every package sees it. */
    boolean isPublic() {
        for (Class<?> one = raw; one != null; one = one.getEnclosingClass()) {
            if (!Modifier.isPublic(one.getModifiers())) {
                return false;
            }
        }
        return arguments.stream().allMatch(Shape::isPublic);
    }

    /** Of one package no two are alike. */
    String name() {
        String own = ClassName.get(raw).simpleNames().stream().collect(Collectors.joining());
        return arguments.isEmpty()
                ? own
                : own + "Of" + arguments.stream().map(Shape::name).collect(Collectors.joining("And"));
    }

    TypeName poet() {
        if (arguments.isEmpty()) {
            return TypeName.get(raw);
        }
        return ParameterizedTypeName.get(
                ClassName.get(raw),
                arguments.stream().map(Shape::poet).map(TypeName::box).toArray(TypeName[]::new));
    }

    @Override
    public String toString() {
        return poet().toString();
    }
}
