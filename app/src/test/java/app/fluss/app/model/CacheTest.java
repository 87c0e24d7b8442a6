package app.fluss.app.model;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class CacheTest {
    private final Cache<String, Integer> cache = new Cache<>(10, value -> value);

    @Test
    void theOneThatWasNotUsedForLongestGoesFirst() {
        cache.put("a", 4);
        cache.put("b", 4);
        assertThat(cache.get("a")).contains(4);
        cache.put("c", 4);
        assertThat(cache.get("b")).isEmpty();
        assertThat(cache.get("a")).contains(4);
        assertThat(cache.get("c")).contains(4);
    }

    @Test
    void aNewValueTakesTheRoomOfItsOldOne() {
        cache.put("a", 9);
        cache.put("a", 2);
        cache.put("b", 8);
        assertThat(cache.size()).isEqualTo(2);
    }

    @Test
    void whatHasNoRoomByItselfIsKeptUntilTheNextComes() {
        cache.put("a", 3);
        assertThat(cache.put("huge", 1000)).isEqualTo(1000);
        assertThat(cache.get("huge")).contains(1000);
        assertThat(cache.size()).isEqualTo(1);
        cache.put("b", 1);
        assertThat(cache.get("huge")).isEmpty();
        cache.clear();
        assertThat(cache.size()).isZero();
    }
}
