package theriseed.server.base;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** Maps that many may use at once and that hold no more than the entries used latest. */
public final class Latest {
    private Latest() {}

    public static <K, V> Map<K, V> map(int most) {
        return Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        });
    }
}
