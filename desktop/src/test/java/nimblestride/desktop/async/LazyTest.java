package nimblestride.desktop.async;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class LazyTest {
    @Test
    void isMadeWhenItIsFirstNeededAndOnlyOnce() {
        List<String> made = new ArrayList<>();
        Lazy<List<String>> late = new Lazy<>(() -> {
            made.add("made");
            return new ArrayList<>();
        });
        late.ifMade(list -> list.add("too early"));
        assertThat(made).isEmpty();
        late.get().add("first");
        late.ifMade(list -> list.add("second"));
        assertThat(late.get()).containsExactly("first", "second");
        assertThat(made).containsExactly("made");
    }

    @Test
    void whatCannotBeMadeIsTriedAgain() {
        List<String> tries = new ArrayList<>();
        Lazy<String> late = new Lazy<>(() -> {
            tries.add("try");
            if (tries.size() == 1) {
                throw new IllegalStateException("not yet");
            }
            return "there";
        });
        assertThatThrownBy(late::get).hasMessage("not yet");
        assertThat(late.get()).isEqualTo("there");
    }
}
