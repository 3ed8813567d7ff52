package oldtallow.core.architecture;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;

/** What the core may know: the language, its own words, and nothing of frameworks, SQL, JSON or the clock. */
@AnalyzeClasses(packages = "oldtallow.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {

    @ArchTest
    static final ArchRule KNOWS_ONLY_THE_LANGUAGE = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "java.lang..",
                    "java.util..",
                    "java.math..",
                    "java.time..",
                    "java.io..",
                    "java.nio.charset..",
                    "org.jspecify..",
                    "de.siegmar.fastcsv..",
                    "oldtallow.core..");

    @ArchTest
    static final ArchRule TAKES_TIME_AS_AN_ARGUMENT = noClasses()
            .should()
            .callMethod(Instant.class, "now")
            .orShould()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(Clock.class);

    @ArchTest
    static final ArchRule NEVER_CHANGES_A_VALUE = fields().should().beFinal();

    @ArchTest
    static final ArchRule ROOMS_ARE_FREE_OF_CYCLES =
            slices().matching("oldtallow.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule PACKAGES_ARE_FREE_OF_CYCLES =
            slices().matching("oldtallow.core.(**)").should().beFreeOfCycles();
}
