package vantbreeze.server.plan;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** What was used last; the rest is let go. Safe for several threads. */
public final class Recent<K, V> {

    private final Map<K, V> byUse;

    /** @param most that are kept */
    public Recent(int most) {
        byUse = new LinkedHashMap<>(most, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** Two who ask for the same at once may both make it; one of the two is kept. */
    public V get(K key, Supplier<V> make) {
        synchronized (byUse) {
            V known = byUse.get(key);
            if (known != null) {
                return known;
            }
        }
        V made = make.get();
        synchronized (byUse) {
            V known = byUse.putIfAbsent(key, made);
            return known == null ? made : known;
        }
    }
}
