package oldtallow.core;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the core calls things: a name that is empty, or the same for two, would stand so on a screen. */
class WordsTest {

    static Stream<Arguments> texts() {
        return new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("oldtallow.core")
                        .stream()
                        .filter(JavaClass::isEnum)
                        .map(JavaClass::reflect)
                        .filter(Class::isEnum)
                        .flatMap(type -> Arrays.stream(type.getDeclaredMethods())
                                .filter(WordsTest::isText)
                                .map(method -> Arguments.of(type, method)));
    }

    private static boolean isText(Method method) {
        return method.getReturnType() == String.class
                && method.getParameterCount() == 0
                && !Modifier.isStatic(method.getModifiers())
                && !Modifier.isPrivate(method.getModifiers());
    }

    @ParameterizedTest
    @MethodSource("texts")
    void callsEachThingByAWordOfItsOwn(Class<?> type, Method method) throws ReflectiveOperationException {
        method.setAccessible(true);
        List<String> said = new ArrayList<>();
        for (Object constant : type.getEnumConstants()) {
            said.add((String) method.invoke(constant));
        }

        assertThat(said).allSatisfy(text -> assertThat(text).isNotBlank());
        if (method.getName().equals("words") || method.getName().equals("symbol")) {
            assertThat(said).doesNotHaveDuplicates();
        }
    }
}
