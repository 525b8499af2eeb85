package theriseed.server.base;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.LongSupplier;

/**
 * What was reckoned from records, kept until one of them is written. Not to be asked in a transaction that has itself
 * written such records: it sees what is not committed yet.
 */
public final class Kept<K, V> {
    private final LongSupplier written;
    private final Map<K, Value<V>> values;

    private record Value<V>(long written, V value) {}

    /**
     * @param written a count that grows with every record written that the values rest on
     * @param most values kept; those used longest ago go first
     */
    public Kept(LongSupplier written, int most) {
        this.written = written;
        this.values = Latest.map(most);
    }

    /** The values of these keys; those that do not hold any more are reckoned together. */
    public Map<K, V> of(Collection<K> keys, Function<List<K>, Map<K, V>> reckon) {
        long before = written.getAsLong();
        Map<K, V> known = new HashMap<>();
        List<K> missing = new ArrayList<>();
        for (K key : keys) {
            Value<V> value = values.get(key);
            if (value == null || value.written() != before) {
                missing.add(key);
            } else {
                known.put(key, value.value());
            }
        }
        if (!missing.isEmpty()) {
            reckon.apply(missing).forEach((key, value) -> {
                values.put(key, new Value<>(before, value));
                known.put(key, value);
            });
        }
        return known;
    }

    /** What held lately, whether it still does or not. */
    public Optional<V> lately(K key) {
        return Optional.ofNullable(values.get(key)).map(Value::value);
    }
}
