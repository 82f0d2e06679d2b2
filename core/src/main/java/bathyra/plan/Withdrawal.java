package bathyra.plan;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** One change taken back, and nothing that was done since. */
public final class Withdrawal {
    private Withdrawal() {}

    /** What the change left and still stands is as it was before; anything else stays. */
    public static <T> T of(T now, T before, T after) {
        return now.equals(after) ? before : now;
    }

    /** The same, each entry by itself. */
    static <K, V> Map<K, V> each(Map<K, V> now, Map<K, V> before, Map<K, V> after) {
        Map<K, V> all = new HashMap<>(now);
        Set<K> changed = new HashSet<>(before.keySet());
        changed.addAll(after.keySet());
        for (K key : changed) {
            Optional<V> back = of(at(now, key), at(before, key), at(after, key));
            back.ifPresentOrElse(v -> all.put(key, v), () -> all.remove(key));
        }
        return all;
    }

    private static <K, V> Optional<V> at(Map<K, V> map, K key) {
        return Optional.ofNullable(map.get(key));
    }
}
