package oldtallow.crossing;

import com.palantir.javapoet.ClassName;
import com.palantir.javapoet.JavaFile;
import com.palantir.javapoet.MethodSpec;
import com.palantir.javapoet.TypeSpec;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javax.lang.model.element.Modifier;

/** One class in each package, which sees what only its own package sees. */
final class Bridges {

    private static final String NAME = "Bridge";

    private final Map<String, TypeSpec.Builder> byPackage = new TreeMap<>();

    static ClassName of(Class<?> type) {
        return ClassName.get(type.getPackageName(), NAME);
    }

    void add(Class<?> beside, MethodSpec method) {
        byPackage
                .computeIfAbsent(
                        beside.getPackageName(),
                        name -> TypeSpec.classBuilder(NAME)
                                .addModifiers(Modifier.PUBLIC, Modifier.FINAL)
                                .addMethod(MethodSpec.constructorBuilder()
                                        .addModifiers(Modifier.PRIVATE)
                                        .build()))
                .addMethod(method);
    }

    List<JavaFile> files() {
        return byPackage.entrySet().stream()
                .map(one -> JavaFile.builder(one.getKey(), one.getValue().build())
                        .skipJavaLangImports(true)
                        .build())
                .toList();
    }
}
