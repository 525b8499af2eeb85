package theriseed.server.today;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import theriseed.core.lot.LotNeed;

class LotTasksTest {
    /** What is told of a lot where it hangs, and asks for nothing to be done. */
    private static final Set<String> ONLY_TOLD = Set.of("HeldBack", "Falling", "Low", "Wait", "Nothing", "NoneLeft");

    /** A test is asked for in as many ways as it can be asked for. */
    private static final List<String> TESTS =
            List.of("WeighSeed", "WeighSeedAgain", "TestGermination", "TestMore", "TestAnew", "RepeatTest");

    private static List<String> names(Class<?> sealed) {
        return Arrays.stream(sealed.getPermittedSubclasses())
                .map(Class::getSimpleName)
                .toList();
    }

    @Test
    void theDayOrdersWhatLotsWaitForAsTheSeedRoomDoes() {
        List<String> lots = names(LotNeed.class).stream()
                .filter(need -> !ONLY_TOLD.contains(need))
                .flatMap(need -> (need.equals("Test") ? TESTS : List.of(need)).stream())
                .toList();
        assertThat(names(ToDo.class).stream().filter(lots::contains).collect(Collectors.toList()))
                .isEqualTo(lots);
    }
}
