package oldtallow.crossing;

import com.palantir.javapoet.CodeBlock;
import com.palantir.javapoet.MethodSpec;
import java.util.List;
import java.util.stream.IntStream;
import javax.lang.model.element.Modifier;

/** Makes a part beside it, where its constructor is in sight. */
final class Makers {

    private final Bridges bridges;

    Makers(Bridges bridges) {
        this.bridges = bridges;
    }

    static String nameOf(Class<?> type) {
        return "new" + type.getSimpleName();
    }

    void write(PartGraph.Part part) {
        if (part.isController()) {
            return; // made where its requests are taken
        }
        MethodSpec.Builder method = MethodSpec.methodBuilder(nameOf(part.type()))
                .addModifiers(Modifier.PUBLIC, Modifier.STATIC)
                .returns(part.type());
        bridges.add(
                part.type(),
                method.addStatement("return $L", construction(part.type(), part.needs(), method))
                        .build());
    }

    /** {@code new X(part0, part1)}, whose arguments become parameters of the method. */
    static CodeBlock construction(Class<?> type, List<Class<?>> needs, MethodSpec.Builder method) {
        List<CodeBlock> arguments = IntStream.range(0, needs.size())
                .mapToObj(i -> {
                    method.addParameter(needs.get(i), "part" + i);
                    return CodeBlock.of("part$L", i);
                })
                .toList();
        return CodeBlock.of("new $T($L)", type, CodeBlock.join(arguments, ", "));
    }
}
