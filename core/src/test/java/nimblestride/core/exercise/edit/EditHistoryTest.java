package nimblestride.core.exercise.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;

/** Checks undo and redo against a list of names with a finger on one of them. */
class EditHistoryTest {
    private static final Exercise FIRST =
            Examples.exercise("7/8", "snare every 1/8").withName("0");

    /** Below 10 an edit to that name, from 10 on typing that goes on, then undo and redo. */
    @Property(tries = 500)
    void whateverIsDoneItGoesBackAndForthAsOnAList(
            @ForAll @Size(max = 40) List<@IntRange(min = 0, max = 35) Integer> actions) {
        EditHistory history = EditHistory.of(FIRST);
        List<String> names = new ArrayList<>(List.of("0"));
        int finger = 0;
        for (int action : actions) {
            if (action < 10) {
                String name = Integer.toString(action);
                history = history.edit(FIRST.withName(name));
                if (!name.equals(names.get(finger))) {
                    names.subList(++finger, names.size()).clear();
                    names.add(name);
                }
            } else if (action < 15) {
                String name = Integer.toString(action);
                history = history.amend(FIRST.withName(name));
                names.subList(finger, names.size()).clear();
                names.add(name);
            } else if (action < 25) {
                history = history.undo();
                finger = Math.max(0, finger - 1);
            } else {
                history = history.redo();
                finger = Math.min(names.size() - 1, finger + 1);
            }
            assertThat(history.present().name()).isEqualTo(names.get(finger));
            assertThat(history.canUndo()).isEqualTo(finger > 0);
            assertThat(history.canRedo()).isEqualTo(finger + 1 < names.size());
            assertThat(history.past().stream().map(Exercise::name)).containsExactlyElementsOf(names.subList(0, finger));
            assertThat(history.future().stream().map(Exercise::name))
                    .containsExactlyElementsOf(names.subList(finger + 1, names.size()));
        }
    }

    @Example
    void aThousandStepsAreKeptAndTheOldestGivenUp() {
        EditHistory history = EditHistory.of(FIRST);
        for (int step = 1; step <= EditHistory.MAX_LENGTH + 5; step++) {
            history = history.edit(FIRST.withName(Integer.toString(step)));
        }
        assertThat(history.past()).hasSize(EditHistory.MAX_LENGTH);
        assertThat(history.past().get(0).name()).isEqualTo("5");
        while (history.canUndo()) {
            history = history.undo();
        }
        assertThat(history.present().name()).isEqualTo("5");
        assertThat(history.future()).hasSize(EditHistory.MAX_LENGTH);
    }
}
