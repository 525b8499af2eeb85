package theriseed.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import theriseed.core.bloom.Requirement;
import theriseed.core.crop.ByGrade;
import theriseed.core.crop.Usual;
import theriseed.core.measure.OutOfRange;
import theriseed.core.pollination.FlowerNeed;
import theriseed.core.population.SowingNeed;
import theriseed.core.roguing.InspectionPlan;
import theriseed.core.season.Bedding;

/** Whatever can be called with plain numbers refuses by name what is no number, and lets no other exception out. */
class BadValuesTest {
    private static final double[] BAD = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
    private static final double[] USUAL = {1, 0.5, 20, 2, 100};

    @Test
    void noNumberIsNoAnswer() {
        Set<String> taken = new TreeSet<>();
        entries().forEach(entry -> {
            for (int place = 0; place < entry.getParameterCount(); place++) {
                if (entry.getParameterTypes()[place] == double.class) {
                    for (double bad : BAD) {
                        for (double usual : USUAL) {
                            String said = call(entry, place, bad, usual);
                            if (!said.isEmpty()) {
                                taken.add(name(entry) + " " + place + ": " + said);
                            }
                        }
                    }
                }
            }
        });
        assertThat(entries()).as("what is asked").hasSizeGreaterThan(80);
        assertThat(taken).isEmpty();
    }

    @Test
    void whatIsKnownOfACropOrOfGroundIsANumber() {
        for (double bad : BAD) {
            assertThatThrownBy(() -> new Requirement(bad, 1)).isInstanceOf(OutOfRange.class);
            assertThatThrownBy(() -> new Requirement(1, bad)).isInstanceOf(OutOfRange.class);
            assertThatThrownBy(() -> new Usual(bad, 1)).isInstanceOf(OutOfRange.class);
            assertThatThrownBy(() -> new Usual(1, bad)).isInstanceOf(OutOfRange.class);
            assertThatThrownBy(() -> new ByGrade(1, bad, 1)).isInstanceOf(OutOfRange.class);
            assertThatThrownBy(() -> new Bedding.Stretch("bed", 0, bad)).isInstanceOf(OutOfRange.class);
        }
        assertThatThrownBy(() -> new Usual(3, 2))
                .as("swapped")
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("high");
    }

    @Test
    void nobodyIsToldToSowLessThanNothing() {
        assertThatThrownBy(() -> SowingNeed.of(1_000_000, 0.01, 0, 0.05, 0.5))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("seeds");
        assertThatThrownBy(() -> SowingNeed.of(100_000, 0.5, 0.5, 0.01)).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> FlowerNeed.forFruits(1_000_000, 0.001, 0.001)).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> InspectionPlan.plants(1e-9, 0.95, 0, 0.001)).isInstanceOf(OutOfRange.class);
        assertThat(SowingNeed.of(1_000_000, 1, 0, 0.5).seeds()).isBetween(2_000_000, 2_010_000);
    }

    private static String name(Method entry) {
        return entry.getDeclaringClass().getName().replace("theriseed.core.", "") + "." + entry.getName();
    }

    /** Empty where it is refused as it should be. */
    private static String call(Method entry, int place, double bad, double usual) {
        Object[] given = new Object[entry.getParameterCount()];
        for (int i = 0; i < given.length; i++) {
            given[i] = usual(entry.getParameterTypes()[i], i == place ? bad : usual);
        }
        try {
            entry.invoke(null, given);
            return "taken";
        } catch (InvocationTargetException thrown) {
            return thrown.getCause() instanceof OutOfRange
                    ? ""
                    : thrown.getCause().getClass().getSimpleName();
        } catch (ReflectiveOperationException failed) {
            throw new AssertionError(failed);
        }
    }

    private static Object usual(Class<?> type, double number) {
        if (type == double.class) {
            return number;
        }
        if (type == int.class) {
            return (int) Math.max(1, number);
        }
        if (type == boolean.class) {
            return true;
        }
        return type.getEnumConstants()[0];
    }

    private static Stream<Method> entries() {
        return new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("theriseed.core").stream()
                        .map(JavaClass::reflect)
                        .filter(type -> Modifier.isPublic(type.getModifiers()))
                        .flatMap(type -> Arrays.stream(type.getDeclaredMethods()))
                        .filter(method -> Modifier.isStatic(method.getModifiers()))
                        .filter(entry -> Modifier.isPublic(entry.getModifiers()) && !entry.isSynthetic())
                        .filter(entry -> Arrays.stream(entry.getParameterTypes())
                                .allMatch(one -> one == double.class
                                        || one == int.class
                                        || one == boolean.class
                                        || one.isEnum()))
                        .filter(entry ->
                                Arrays.stream(entry.getParameterTypes()).anyMatch(one -> one == double.class));
    }
}
