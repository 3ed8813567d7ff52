package oldtallow.app.architecture;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaConstructor;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import oldtallow.app.OldTallow;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.modulith.core.ApplicationModules;

/** How the pieces may know each other; the build fails when they know more. */
@AnalyzeClasses(packages = "oldtallow.app", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    /** Which classes keep what; only they see its tables. */
    private static final Map<String, Set<String>> KEEPERS = Map.ofEntries(
            Map.entry("almanac", Set.of("DueBasisJson", "JooqDues", "RankRows")),
            Map.entry("audit", Set.of("JooqAudit", "JooqSecurity")),
            Map.entry("calendar", Set.of("JooqCalendar")),
            Map.entry("catalogue", Set.of("JooqCatalogue")),
            Map.entry("figures", Set.of("FigureRow", "JooqFigures")),
            Map.entry("fitted", Set.of("JooqFittedParts")),
            Map.entry("greasing", Set.of("JooqGreaseFills")),
            Map.entry("instrument", Set.of("JooqInstruments")),
            Map.entry("job", Set.of("EntryJson", "JobNotices", "JooqJobs", "JooqRigJobs", "JooqUsualChoices")),
            Map.entry("mail", Set.of("JooqMail")),
            Map.entry("nut", Set.of("JooqNutSettings")),
            Map.entry("palette", Set.of("JooqPalette")),
            Map.entry("people", Set.of("JooqAccounts", "JooqFactors", "JooqPasskeys", "JooqPeople")),
            Map.entry("photo", Set.of("JooqPhotos")),
            Map.entry("platform", Set.of("JooqSentEntries", "KnownCommits", "SqlTroubles", "TransactionConfiguration")),
            Map.entry("play", Set.of("JooqPlayChecks")),
            Map.entry(
                    "register",
                    Set.of("BuildRow", "JooqRegister", "JooqWheelEnds", "LockColumns", "PlanRows", "RigRow")),
            Map.entry("procedure", Set.of("JooqProcedures")),
            Map.entry("service", Set.of("JooqServices")),
            Map.entry("shelf", Set.of("JooqPlannedJobs", "JooqShelf")),
            Map.entry("tools", Set.of("JooqTools")),
            Map.entry("usage", Set.of("JooqUsage", "TripRows")),
            Map.entry("warmth", Set.of("JooqWarmth")),
            Map.entry("workshop", Set.of("JooqWorkshops")));

    /** Whose table it is; a new table must be entered here. */
    private static final Map<String, String> OWNERS = Map.ofEntries(
            Map.entry("Workshop", "workshop"),
            Map.entry("Person", "people"),
            Map.entry("SignInAccount", "people"),
            Map.entry("SignInFailure", "people"),
            Map.entry("WorkshopOpening", "people"),
            Map.entry("SpringSession", "the session library"),
            Map.entry("SpringSessionAttributes", "the session library"),
            Map.entry("AuditEntry", "audit"),
            Map.entry("EntrySent", "platform"),
            Map.entry("SecurityEvent", "audit"),
            Map.entry("SecondFactor", "people"),
            Map.entry("Passkey", "people"),
            Map.entry("PasskeysOf", "people"),
            Map.entry("SecondFactorOf", "people"),
            Map.entry("Rig", "register"),
            Map.entry("Axle", "register"),
            Map.entry("WheelEnd", "register"),
            Map.entry("WheelEndBuild", "register"),
            Map.entry("RigPhoto", "photo"),
            Map.entry("FittedPart", "fitted"),
            Map.entry("Figure", "figures"),
            Map.entry("OwnBearingSet", "catalogue"),
            Map.entry("PaletteWord", "palette"),
            Map.entry("RankPass", "almanac"),
            Map.entry("RigStanding", "almanac"),
            Map.entry("DueBasis", "almanac"),
            Map.entry("DueChange", "almanac"),
            Map.entry("MeterEntry", "usage"),
            Map.entry("Trip", "usage"),
            Map.entry("TripLeg", "usage"),
            Map.entry("WaterEntry", "usage"),
            Map.entry("ServiceEvent", "service"),
            Map.entry("CalendarFeed", "calendar"),
            Map.entry("CalendarFeedOf", "calendar"),
            Map.entry("CalendarEntry", "calendar"),
            Map.entry("MailReminder", "mail"),
            Map.entry("MailRemindersWanted", "mail"),
            Map.entry("MailSent", "mail"),
            Map.entry("WarmthStop", "warmth"),
            Map.entry("WarmthHub", "warmth"),
            Map.entry("NutSetting", "nut"),
            Map.entry("NutSettingSignOff", "nut"),
            Map.entry("Job", "job"),
            Map.entry("RigJob", "job"),
            Map.entry("UsualChoice", "job"),
            Map.entry("JobEntry", "job"),
            Map.entry("JobPhoto", "job"),
            Map.entry("StockItem", "shelf"),
            Map.entry("StockBatch", "shelf"),
            Map.entry("StockMove", "shelf"),
            Map.entry("PlannedJob", "shelf"),
            Map.entry("GreaseFill", "greasing"),
            Map.entry("WorkshopTool", "tools"),
            Map.entry("WorkshopRates", "workshop"),
            Map.entry("WorkshopOwners", "workshop"),
            Map.entry("OwnProcedure", "procedure"),
            Map.entry("PlayCheck", "play"),
            Map.entry("Instrument", "instrument"));

    @ArchTest
    static final ArchRule SQL_STAYS_IN_PERSISTENCE = noClasses()
            .that()
            .resideOutsideOfPackage("..persistence..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.jooq..", "oldtallow.db..", "java.sql..");

    @ArchTest
    static final ArchRule KEEPERS_SEE_THEIR_OWN_TABLES =
            classes().that().resideInAPackage("..persistence..").should(onlyUseTheirOwnTables());

    @ArchTest
    static final ArchRule EDGES_DO_NOT_SEE_EACH_OTHER = noClasses()
            .that()
            .resideInAPackage("..persistence..")
            .should()
            .dependOnClassesThat(
                    resideInAPackage("oldtallow.app..web..").or(resideInAPackage("org.springframework.web..")));

    @ArchTest
    static final ArchRule WEB_DOES_NOT_SEE_PERSISTENCE = noClasses()
            .that()
            .resideInAPackage("..web..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("..persistence..");

    @ArchTest
    static final ArchRule ROOMS_SEE_NEITHER_OF_THEIR_EDGES = noClasses()
            .that()
            .resideOutsideOfPackages("..web..", "..persistence..")
            .should()
            .dependOnClassesThat(
                    resideInAPackage("oldtallow.app..web..").or(resideInAPackage("oldtallow.app..persistence..")));

    @ArchTest
    static final ArchRule EDGES_ARE_PACKAGE_PRIVATE = classes()
            .that()
            .resideInAnyPackage("oldtallow.app..web..", "oldtallow.app..persistence..")
            .and()
            .areTopLevelClasses()
            .should()
            .bePackagePrivate();

    /** What a room knows stands without what it does. */
    @ArchTest
    static final ArchRule MODELS_SEE_NO_SERVICES = noClasses()
            .that()
            .resideInAPackage("..model..")
            .should()
            .dependOnClassesThat(resideInAPackage("oldtallow.app..api.."));

    @ArchTest
    static final ArchRule PACKAGES_ARE_FREE_OF_CYCLES =
            slices().matching("oldtallow.app.(**)").should().beFreeOfCycles();

    /** In a phone it would say its pattern (docs/decisions/0016-the-core-in-a-phone.md). */
    @ArchTest
    static final ArchRule WHAT_CROSSES_DOES_NOT_FORMAT = noClasses()
            .that()
            .resideInAnyPackage("..app.job..", "..app.register..", "..app.setting..", "..app.stock..", "..app.units..")
            .or()
            .resideInAnyPackage("..app.schedule.api..", "..app.schedule.model..", "..app.schedule.web..")
            .should()
            .callMethod(String.class, "format", String.class, Object[].class)
            .orShould()
            .callMethod(String.class, "format", Locale.class, String.class, Object[].class)
            .orShould()
            .callMethod(String.class, "formatted", Object[].class);

    @ArchTest
    static final ArchRule NO_FIELD_INJECTION = noFields().should().beAnnotatedWith(Autowired.class);

    @Test
    void modulesMeetOnlyAtTheirRootsAndInNoCircle() {
        ApplicationModules.of(OldTallow.class).verify();
    }

    /** The API document names a record by its simple name: two of one name would become one schema in silence. */
    @ArchTest
    static void noTwoThatCrossTheWireShareAName(JavaClasses classes) {
        assertThat(classes.stream()
                        .filter(one -> one.isRecord() && one.getPackageName().matches(".*[.](web|units)([.].*)?"))
                        .map(JavaClass::getSimpleName))
                .isNotEmpty()
                .doesNotHaveDuplicates();
    }

    /** Whoever needs more than seven others does more than one thing. Records are lists of what they hold. */
    @ArchTest
    static void nobodyNeedsMoreThanSevenOthers(JavaClasses classes) {
        assertThat(classes.stream()
                        .filter(one -> !one.isRecord() && !one.isEnum())
                        .flatMap(one -> one.getConstructors().stream())
                        .filter(made -> made.getRawParameterTypes().size() > 7)
                        .map(JavaConstructor::getFullName))
                .isEmpty();
    }

    @Test
    void everyTableHasAnOwner() {
        JavaClasses tables = new ClassFileImporter().importPackages("oldtallow.db.tables");
        tables.stream()
                .filter(table -> table.getPackageName().equals("oldtallow.db.tables") && table.isTopLevelClass())
                .forEach(table -> assertThat(OWNERS)
                        .as("owner of %s", table.getSimpleName())
                        .containsKey(table.getSimpleName()));
    }

    private static ArchCondition<JavaClass> onlyUseTheirOwnTables() {
        return new ArchCondition<>("use only the tables they keep") {
            @Override
            public void check(JavaClass user, ConditionEvents events) {
                user.getDirectDependenciesFromSelf().forEach(dependency -> {
                    JavaClass target = dependency.getTargetClass();
                    if (!target.getPackageName().startsWith("oldtallow.db")) {
                        return;
                    }
                    String table = target.getSimpleName().replaceFirst("(Record|Path)$", "");
                    String owner = OWNERS.getOrDefault(table, "nobody");
                    if (table.equals("Routines")) {
                        return;
                    }
                    String keeper = user.getName().replaceAll(".*[.]|[$].*", "");
                    if (!KEEPERS.getOrDefault(owner, Set.of()).contains(keeper)) {
                        events.add(SimpleConditionEvent.violated(user, dependency.getDescription()));
                    }
                });
            }
        };
    }
}
