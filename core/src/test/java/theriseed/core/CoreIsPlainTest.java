package theriseed.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The rules of the job know no web, no database, no interface and no framework, and no circles among themselves. */
@AnalyzeClasses(packages = "theriseed.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreIsPlainTest {
    @ArchTest
    static final ArchRule usesOnlyJavaAndMathematics = noClasses()
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages(
                    "theriseed.core..",
                    "java.lang..",
                    "java.util..",
                    "java.math..",
                    "java.time..",
                    "java.io..",
                    "java.nio.charset..",
                    "org.locationtech.jts..",
                    "org.apache.commons.statistics..",
                    "org.apache.commons.numbers..",
                    "org.apache.commons.csv..");

    @ArchTest
    static final ArchRule readsNothingButItsCropTable = noClasses()
            .that()
            .resideOutsideOfPackage("theriseed.core.crop")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.io..", "java.nio..");

    @ArchTest
    static final ArchRule hasNoCircles =
            slices().matching("theriseed.core.(*)..").should().beFreeOfCycles();
}
