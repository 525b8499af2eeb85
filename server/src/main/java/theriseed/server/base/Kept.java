package theriseed.server.base;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What was calculated from records, kept until a record it rests on is written. While a transaction that has not ended
 * has written one, it is calculated anew and not kept: what that transaction sees is not what others see.
 */
public final class Kept<K, V> {
    private final Changes.Kinds restsOn;
    private final Map<K, Value<V>> values;

    private record Value<V>(String written, V value) {}

    /**
     * @param restsOn the records that the values are calculated from
     * @param most values kept; those used longest ago go first
     */
    public Kept(Changes.Kinds restsOn, int most) {
        this.restsOn = restsOn;
        this.values = Latest.map(most);
    }

    /** The values of these keys; those that do not hold any more are calculated together. */
    public Map<K, V> of(Collection<K> keys, Function<List<K>, Map<K, V>> calculate) {
        if (restsOn.beingWritten()) {
            return calculate.apply(List.copyOf(keys));
        }
        String before = restsOn.state();
        Map<K, V> known = new HashMap<>();
        List<K> missing = new ArrayList<>();
        for (K key : keys) {
            Value<V> value = values.get(key);
            if (value == null || !value.written().equals(before)) {
                missing.add(key);
            } else {
                known.put(key, value.value());
            }
        }
        if (!missing.isEmpty()) {
            calculate.apply(missing).forEach((key, value) -> {
                values.put(key, new Value<>(before, value));
                known.put(key, value);
            });
        }
        return known;
    }

    /** The value of one key. */
    public V of(K key, Supplier<V> calculate) {
        return of(List.of(key), keys -> Map.of(key, calculate.get())).get(key);
    }

    /** What held lately, whether it still does or not. */
    public Optional<V> lately(K key) {
        return Optional.ofNullable(values.get(key)).map(Value::value);
    }
}
