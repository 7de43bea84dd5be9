package lowfield.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The arrows between the rooms. */
class ArchitectureTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .withImportOption(
                    location -> !location.contains("-tests.jar") && !location.contains("/core/target/test-classes"))
            .importPackages("lowfield");

    @Test
    void coreKnowsNobody() {
        classes()
                .that()
                .resideInAPackage("lowfield.core..")
                .should()
                .onlyDependOnClassesThat(resideInAnyPackage(
                                "lowfield.core..",
                                "java.lang..",
                                "java.util..",
                                "java.math..",
                                "java.time..",
                                "java.text..",
                                "java.nio.charset..",
                                "org.jspecify..")
                        .or(belongToAnyOf(
                                java.net.URLEncoder.class,
                                java.net.URLDecoder.class,
                                java.security.MessageDigest.class,
                                java.security.NoSuchAlgorithmException.class)))
                .because("the job's rules are plain Java: no framework, no input or output")
                .check(ALL);
    }

    @Test
    void coreHasNoClock() {
        noClasses()
                .that()
                .resideInAPackage("lowfield.core..")
                .should()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(java.time.LocalDate.class, "now")
                .because("every moment is passed in, so that a result can be had again")
                .check(ALL);
    }

    @Test
    void theMarketIsKnownByNobody() {
        noClasses()
                .that()
                .resideOutsideOfPackage("lowfield.market..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("lowfield.market..")
                .because("the stand-in shops are spoken to only over HTTP")
                .check(ALL);
    }

    @Test
    void featuresDoNotGoInCircles() {
        slices().matching("lowfield.server.(*)..")
                .should()
                .beFreeOfCycles()
                .because("each feature stands on others, none on itself")
                .check(ALL);
        slices().matching("lowfield.core.(*)..")
                .should()
                .beFreeOfCycles()
                .because("a concept does not explain itself by itself")
                .check(ALL);
    }

    @Test
    void nothingStandsOnAWebFace() {
        noClasses()
                .that()
                .resideOutsideOfPackages("lowfield.server.*.web..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("lowfield.server.*.web..")
                .because("a feature's HTTP face is the last to know")
                .check(ALL);
    }

    @Test
    void onlyOutboundGoesOut() {
        noClasses()
                .that()
                .resideOutsideOfPackages("lowfield.server.outbound..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.apache.hc..")
                .because("every fetch passes the guard")
                .check(ALL);
    }
}
