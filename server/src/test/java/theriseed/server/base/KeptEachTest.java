package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class KeptEachTest {
    private final KeptEach<String, Integer, String> kept = new KeptEach<>(2, value -> !value.startsWith("open"));
    private final List<String> calculated = new ArrayList<>();

    @BeforeEach
    void reads() {
        TransactionSynchronizationManager.setCurrentTransactionReadOnly(true);
    }

    @AfterEach
    void ends() {
        TransactionSynchronizationManager.setCurrentTransactionReadOnly(false);
    }

    private Map<String, String> asked(Map<String, Integer> states) {
        return kept.of(states, keys -> {
            calculated.addAll(keys);
            return keys.stream().collect(Collectors.toMap(key -> key, key -> key + " at " + states.get(key)));
        });
    }

    @Test
    void onlyWhatWasWrittenSinceIsCalculatedAgain() {
        asked(Map.of("pea", 1, "bean", 1));
        calculated.clear();
        assertThat(asked(Map.of("pea", 2, "bean", 1)))
                .containsEntry("pea", "pea at 2")
                .containsEntry("bean", "bean at 1");
        assertThat(calculated).containsExactly("pea");
    }

    @Test
    void aStateThatComesBackIsNotTakenForTheOneKept() {
        asked(Map.of("pea", 1));
        asked(Map.of("pea", 2));
        calculated.clear();
        asked(Map.of("pea", 1));
        assertThat(calculated).containsExactly("pea");
    }

    @Test
    void whatChangesWithTheHourIsNotKept() {
        asked(Map.of("open tray", 1));
        asked(Map.of("open tray", 1));
        assertThat(calculated).containsExactly("open tray", "open tray");
    }

    @Test
    void aTransactionThatWritesUsesWhatIsKeptAndAddsNothing() {
        asked(Map.of("pea", 1));
        TransactionSynchronizationManager.setCurrentTransactionReadOnly(false);
        assertThat(asked(Map.of("pea", 1, "bean", 1))).containsEntry("bean", "bean at 1");
        assertThat(calculated).containsExactly("pea", "bean");
        TransactionSynchronizationManager.setCurrentTransactionReadOnly(true);
        asked(Map.of("bean", 1));
        assertThat(calculated).containsExactly("pea", "bean", "bean");
    }

    @Test
    void thoseAskedForLongestAgoGoFirst() {
        asked(Map.of("pea", 1));
        asked(Map.of("bean", 1));
        asked(Map.of("pea", 1));
        asked(Map.of("leek", 1));
        calculated.clear();
        asked(Map.of("pea", 1));
        assertThat(calculated).isEmpty();
        asked(Map.of("bean", 1));
        assertThat(calculated).containsExactly("bean");
    }
}
