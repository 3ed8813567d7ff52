package oldtallow.crossing;

import com.palantir.javapoet.CodeBlock;
import com.palantir.javapoet.MethodSpec;
import java.lang.reflect.Type;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.lang.model.element.Modifier;

/**
 * Reads and writes records as Jackson does for the server's answers: components by their names, what is null left out, enums by
 * name, times in ISO 8601, the kinds of an interface by what its annotations say, or else by the simple names of their classes.
 */
final class Codecs {

    private final Bridges bridges;
    private final Set<Shape> asked = new HashSet<>();
    private final Deque<Shape> open = new ArrayDeque<>();

    Codecs(Bridges bridges) {
        this.bridges = bridges;
    }

    /** Sees to it that a record or an interface of records can be read and written. */
    void ask(Type type) {
        ask(Shape.of(type));
    }

    private void ask(Shape shape) {
        if (asked.add(shape)) {
            open.add(shape);
        }
    }

    /** Statements that write a value. */
    CodeBlock writing(Shape shape, CodeBlock value) {
        return new ValueWriter(this::ask).statement(shape, value);
    }

    /** An expression that reads a value from a {@code JsonIn}. */
    CodeBlock reading(Shape shape, CodeBlock in) {
        return new ValueReader(this::ask).expression(shape, in);
    }

    /** All that was asked for; throws {@link IllegalArgumentException} with everything that cannot cross. */
    void writeAll() {
        List<String> refused = new ArrayList<>();
        while (!open.isEmpty()) {
            Shape shape = open.pop();
            Class<?> raw = shape.raw();
            if (raw.isRecord()) {
                bridges.add(raw, fields(shape));
                bridges.add(raw, recordWriter(shape));
                bridges.add(raw, recordReader(shape));
            } else if (Kinds.has(raw)) {
                bridges.add(raw, kindWriter(shape));
                bridges.add(raw, kindReader(shape));
            } else {
                refused.add(shape.toString());
            }
        }
        if (!refused.isEmpty()) {
            throw new IllegalArgumentException("neither records nor sealed, so nobody knows how to write: " + refused);
        }
    }

    private MethodSpec fields(Shape shape) {
        MethodSpec.Builder method = method("fieldsOf" + shape.name(), shape)
                .addParameter(Wire.OUT, "out")
                .addParameter(shape.poet(), "it");
        for (Shape.Component one : shape.components()) {
            CodeBlock value = CodeBlock.of("it.$L()", one.name());
            if (one.shape().raw().isPrimitive()) {
                method.addStatement("out.field($S)", one.name()).addCode(writing(one.shape(), value));
            } else {
                method.beginControlFlow("if (it.$L() != null)", one.name())
                        .addStatement("out.field($S)", one.name())
                        .addCode(writing(one.shape(), value))
                        .endControlFlow();
            }
        }
        return method.build();
    }

    private static MethodSpec recordWriter(Shape shape) {
        MethodSpec.Builder method = method("write" + shape.name(), shape)
                .addParameter(Wire.OUT, "out")
                .addParameter(shape.poet(), "it")
                .addStatement("out.begin()");
        Kinds.told(shape.raw())
                .ifPresent(kind -> method.addStatement("out.field($S)", kind.property())
                        .addStatement("out.text($S)", kind.name()));
        return method.addStatement("fieldsOf$L(out, it)", shape.name())
                .addStatement("out.end()")
                .build();
    }

    private MethodSpec recordReader(Shape shape) {
        CodeBlock arguments = shape.components().stream()
                .map(one -> CodeBlock.of("$L", new ValueReader(this::ask).component(one)))
                .collect(CodeBlock.joining(",\n"));
        return method("read" + shape.name(), shape)
                .addParameter(Wire.IN, "in")
                .returns(shape.poet())
                .addStatement(shape.isGeneric() ? "return new $T<>($L)" : "return new $T($L)", shape.raw(), arguments)
                .build();
    }

    private MethodSpec kindWriter(Shape shape) {
        MethodSpec.Builder method = method("write" + shape.name(), shape)
                .addParameter(Wire.OUT, "out")
                .addParameter(shape.poet(), "it")
                .beginControlFlow("switch (it)");
        for (Kinds.Kind kind : Kinds.of(shape.raw())) {
            method.beginControlFlow("case $T one ->", kind.type())
                    .addStatement("out.begin()")
                    .addStatement("out.field($S)", kind.property())
                    .addStatement("out.text($S)", kind.name());
            if (kind.type().isEnum()) {
                method.addStatement("out.field($S)", Kinds.VALUE).addStatement("out.text(one.name())");
            } else {
                Shape each = Shape.of(kind.type());
                ask(each);
                method.addStatement("$T.fieldsOf$L(out, one)", Bridges.of(kind.type()), each.name());
            }
            method.addStatement("out.end()").endControlFlow();
        }
        return method.endControlFlow().build();
    }

    private MethodSpec kindReader(Shape shape) {
        MethodSpec.Builder method =
                method("read" + shape.name(), shape).addParameter(Wire.IN, "in").returns(shape.poet());
        CodeBlock.Builder cases = CodeBlock.builder();
        String property = "";
        for (Kinds.Kind kind : Kinds.of(shape.raw())) {
            property = kind.property();
            if (kind.type().isEnum()) {
                cases.add("case $S -> $T.valueOf(in.need($S).text());\n", kind.name(), kind.type(), Kinds.VALUE);
            } else {
                Shape each = Shape.of(kind.type());
                ask(each);
                cases.add("case $S -> $T.read$L(in);\n", kind.name(), Bridges.of(kind.type()), each.name());
            }
        }
        return method.addCode("return switch (in.need($S).text()) {\n$>", property)
                .addCode(cases.build())
                .addCode("default -> throw in.unknown($S);\n$<};\n", property)
                .build();
    }

    private static MethodSpec.Builder method(String name, Shape shape) {
        MethodSpec.Builder method = MethodSpec.methodBuilder(name).addModifiers(Modifier.STATIC);
        return shape.isPublic() ? method.addModifiers(Modifier.PUBLIC) : method;
    }
}
