package theriseed.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.simpleNameEndingWith;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.lang.ArchRule;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;
import org.springframework.modulith.core.VerificationOptions;

class ModulesTest {
    private static final ApplicationModules SERVER = ApplicationModules.of(Theriseed.class);

    @Test
    void modulesUseOnlyWhatOthersShow() {
        SERVER.verify();
    }

    @Test
    void onlyServicesReachTheDatabase() {
        holds(noClasses()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .dependOnClassesThat(simpleNameEndingWith("Repository").and(resideInAPackage("theriseed.."))));
    }

    @Test
    void entitiesStayInTheirModule() {
        holds(noClasses()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .dependOnClassesThat()
                .areAnnotatedWith(jakarta.persistence.Entity.class));
    }

    /** On the classes that were read for the modules, so that they are read once. */
    private static void holds(ArchRule rule) {
        SERVER.verify(VerificationOptions.defaults().withAdditionalVerifications(rule));
    }
}
