package oldtallow.crossing;

import com.palantir.javapoet.ClassName;
import com.palantir.javapoet.CodeBlock;
import com.palantir.javapoet.JavaFile;
import com.palantir.javapoet.MethodSpec;
import com.palantir.javapoet.TypeSpec;
import java.util.List;
import javax.lang.model.element.Modifier;

/** Puts the parts together, the ports being brought by whoever asks. */
final class Wiring {

    private static final String PACKAGE = "oldtallow.phone.wired";
    private static final ClassName PORTS = ClassName.get(PACKAGE, "Ports");

    private final PartGraph graph;
    private final Class<?> given;

    /** {@code given}: the part that is handed to whoever asks; void where none is. */
    Wiring(PartGraph graph, Class<?> given) {
        this.graph = graph;
        this.given = given;
    }

    List<JavaFile> files() {
        return List.of(
                JavaFile.builder(PACKAGE, ports()).build(),
                JavaFile.builder(PACKAGE, wiring()).build());
    }

    private TypeSpec ports() {
        TypeSpec.Builder ports = TypeSpec.interfaceBuilder(PORTS).addModifiers(Modifier.PUBLIC);
        for (Class<?> port : graph.ports()) {
            ports.addMethod(MethodSpec.methodBuilder(named(port))
                    .addModifiers(Modifier.PUBLIC, Modifier.ABSTRACT)
                    .returns(port)
                    .build());
        }
        return ports.build();
    }

    private TypeSpec wiring() {
        MethodSpec.Builder wire = MethodSpec.methodBuilder("wire")
                .addModifiers(Modifier.PUBLIC, Modifier.STATIC)
                .returns(given)
                .addParameter(PORTS, "ports")
                .addParameter(Wire.ROUTER, "router");
        for (Class<?> port : graph.ports()) {
            wire.addStatement("var $L = ports.$L()", named(port), named(port));
        }
        for (PartGraph.Part part : graph.inOrder()) {
            CodeBlock needs = part.needs().stream()
                    .map(one -> CodeBlock.of("$L", named(graph.behind(one))))
                    .collect(CodeBlock.joining(", "));
            ClassName bridge = Bridges.of(part.type());
            if (part.isController()) {
                wire.addStatement(
                        "$T.$L(router$L$L)",
                        bridge,
                        RouteWriter.nameOf(part.type()),
                        needs.isEmpty() ? "" : ", ",
                        needs);
            } else {
                wire.addStatement("var $L = $T.$L($L)", named(part.type()), bridge, Makers.nameOf(part.type()), needs);
            }
        }
        if (given != void.class) {
            wire.addStatement("return $L", named(graph.behind(given)));
        }
        return TypeSpec.classBuilder("Wiring")
                .addModifiers(Modifier.PUBLIC, Modifier.FINAL)
                .addMethod(MethodSpec.constructorBuilder()
                        .addModifiers(Modifier.PRIVATE)
                        .build())
                .addMethod(wire.build())
                .build();
    }

    private static String named(Class<?> type) {
        String name = type.getSimpleName();
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }
}
