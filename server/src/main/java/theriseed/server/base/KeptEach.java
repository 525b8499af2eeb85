package theriseed.server.base;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What was calculated of single records, each kept as long as its own state is the same. A transaction that writes uses
 * what is kept and adds nothing: what it sees may never come to be.
 */
public final class KeptEach<K, S, V> {
    private final Map<K, Value<S, V>> values;
    private final Predicate<V> lasts;

    private record Value<S, V>(S state, V value) {}

    /**
     * @param most values kept; those used longest ago go first
     * @param lasts whether a value changes only with its state, not with the hour
     */
    public KeptEach(int most, Predicate<V> lasts) {
        this.values = Latest.map(most);
        this.lasts = lasts;
    }

    /**
     * The values of these keys; those whose state is another now are calculated together.
     *
     * @param states read before anything the values are calculated from
     */
    public Map<K, V> of(Map<K, S> states, Function<List<K>, Map<K, V>> calculate) {
        Map<K, V> known = new HashMap<>();
        List<K> missing = new ArrayList<>();
        states.forEach((key, state) -> {
            Value<S, V> value = values.get(key);
            if (value == null || !value.state().equals(state)) {
                missing.add(key);
            } else {
                known.put(key, value.value());
            }
        });
        if (!missing.isEmpty()) {
            boolean keeps = TransactionSynchronizationManager.isCurrentTransactionReadOnly();
            calculate.apply(missing).forEach((key, value) -> {
                known.put(key, value);
                if (keeps && lasts.test(value)) {
                    values.put(key, new Value<>(states.get(key), value));
                }
            });
        }
        return known;
    }
}
