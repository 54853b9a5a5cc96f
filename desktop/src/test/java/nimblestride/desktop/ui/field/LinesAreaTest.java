package nimblestride.desktop.ui.field;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import javafx.scene.Parent;
import javafx.scene.layout.StackPane;
import nimblestride.desktop.OnStage;
import nimblestride.desktop.ui.field.LinesArea.Mark;
import org.junit.jupiter.api.Test;

/** Marks in a text, which go along with it while somebody types. */
class LinesAreaTest extends OnStage {
    private static final Mark WRONG = new Mark(7, 12, "wrong");
    private static final Mark ASKED = new Mark(13, 17, "asked");

    private LinesArea area;

    @Override
    protected Parent content() {
        area = new LinesArea(4);
        return new StackPane(area.withScrollBars());
    }

    /** Returns the characters with a style class. */
    private String with(String styleClass) {
        StringBuilder found = new StringBuilder();
        IntStream.range(0, area.getLength())
                .filter(at -> area.getText().charAt(at) != '\n')
                .filter(at -> area.getStyleOfChar(at).contains(styleClass))
                .forEach(at -> found.append(area.getText(at, at + 1)));
        return found.toString();
    }

    @Test
    void marksStandWhereTheyAreSetAndNowhereElse() {
        interact(() -> {
            area.replaceText("kick / snear\nkick . .");
            area.setMarks(Set.of(WRONG, ASKED));
        });
        assertThat(List.of(with("wrong"), with("asked"))).containsExactly("snear", "kick");
        interact(() -> area.setMarks(Set.of(ASKED)));
        assertThat(List.of(with("wrong"), with("asked"))).containsExactly("", "kick");
    }

    @Test
    void marksThatMovedWithTheTextAreNotSetAgain() {
        AtomicInteger changes = new AtomicInteger();
        interact(() -> {
            area.replaceText("kick / snear\nkick . .");
            area.setMarks(Set.of(WRONG, ASKED));
            area.insertText(0, "ride ");
            area.multiRichChanges().subscribe(change -> changes.incrementAndGet());
            area.setMarks(Set.of(new Mark(12, 17, "wrong"), new Mark(18, 22, "asked")));
        });
        assertThat(changes).hasValue(0);
        assertThat(List.of(with("wrong"), with("asked"))).containsExactly("snear", "kick");
    }

    /** A stride may begin on one line and end on the next. */
    @Test
    void aMarkOverSeveralLinesIsSetOnce() {
        AtomicInteger changes = new AtomicInteger();
        Set<Mark> overTheLine = Set.of(new Mark(5, 17, "wrong"));
        interact(() -> {
            area.replaceText("kick / snear\nkick . .");
            area.setMarks(overTheLine);
            area.multiRichChanges().subscribe(change -> changes.incrementAndGet());
            area.setMarks(overTheLine);
        });
        assertThat(with("wrong")).isEqualTo("/ snearkick");
        assertThat(changes).hasValue(0);
    }

    /** What is typed in a marked word is plain, so it is marked once more. */
    @Test
    void aWordThatWasTypedOverIsMarkedAgain() {
        interact(() -> {
            area.replaceText("kick / snear\nkick . .");
            area.setMarks(Set.of(WRONG));
            area.replaceText(7, 12, "snaer");
        });
        assertThat(with("wrong")).isEmpty();
        interact(() -> area.setMarks(Set.of(WRONG)));
        assertThat(with("wrong")).isEqualTo("snaer");
    }
}
