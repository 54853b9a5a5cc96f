package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.UUID;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import nimblestride.core.language.text.Examples;
import nimblestride.core.practice.students.LessonTime;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.words.WordRules;
import nimblestride.desktop.workspace.start.StartCard;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The start page: shown to somebody new, out of the way of everybody else. */
@OwnStart
class StartStoryTest extends WindowStory {
    @Override
    protected boolean isAboutTheStart() {
        return true;
    }

    private boolean isShown() {
        return lookup("#start").tryQuery().isPresent();
    }

    /** Each card opens its exercise on its page, and says what to try. */
    @ParameterizedTest
    @EnumSource
    void aCardOpensItsJob(StartCard card) throws Exception {
        assertThat(isShown()).isTrue();
        fire("#start-" + card.name().toLowerCase(Locale.ROOT));
        until(() -> !isShown());
        assertThat(exercise()).isEqualTo(card.exercise());
        assertThat(lookup("#page-" + card.page().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                        .<ToggleButton>query()
                        .isSelected())
                .isTrue();
        until(() -> shows(card.hint()));
        assertThat(WordRules.problems(card.title() + ". " + card.hint())).isEmpty();
    }

    @Test
    void itComesOnlyToSomebodyNewAndFromTheHelp() throws Exception {
        assertThat(isShown()).isTrue();
        type(KeyCode.ESCAPE);
        until(() -> !isShown());
        retype("#bars", "7/8");
        untilKept();
        closeWindow();
        openAgain();
        assertThat(isShown()).isFalse();
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.H);
        until(this::isShown);
        until(() -> lookup("#start-last-0").tryQuery().isPresent());
        fire("#start-last-0");
        until(() -> !isShown());
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.H);
        clickOn("#start-today");
        until(() -> !isShown());
        assertThat(lookup("#today-turns").tryQuery()).isPresent();
    }

    @Test
    void aMeterIsTypedAndPlayedWithTheKeysAlone() throws Exception {
        fire("#start-help");
        until(() -> lookup("#help-find").tryQuery().isPresent());
        type(KeyCode.ESCAPE);
        until(() -> lookup("#bars").tryQuery().filter(Node::isFocused).isPresent());
        type(KeyCode.SPACE);
        until(() -> lookup("#play").queryAs(Button.class).getText().equals("Stop"));
        type(KeyCode.SPACE);
        assertThat(text("#bars")).isEqualTo("4/4");
        write("11/8").type(KeyCode.ENTER);
        assertThat(exercise().phrase()).isEqualTo(Examples.bars("11/8"));
        type(KeyCode.SPACE);
        until(() -> lookup("#play").queryAs(Button.class).getText().equals("Stop"));
        type(KeyCode.SPACE);
        until(() -> lookup("#play").queryAs(Button.class).getText().equals("Play"));
        // A key opens a workspace, and what is typed next goes there; only a space that begins nothing plays.
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT4);
        type(KeyCode.SPACE);
        until(() -> lookup("#play").queryAs(Button.class).getText().equals("Stop"));
        type(KeyCode.SPACE);
        write("ride every 1/4").type(KeyCode.ENTER);
        until(() -> exercise().layers().size() == 1);
        // A new exercise is typed at once, too; what can't be read keeps the focus.
        chord(KeyCode.SHORTCUT, KeyCode.N);
        until(() -> lookup("#bars").query().isFocused());
        write("7/0").type(KeyCode.ENTER);
        assertThat(lookup("#bars").query().isFocused()).isTrue();
    }

    @Test
    void itSaysWhatTheDayHolds() throws Exception {
        interact(() -> window.book().change(book -> {
            Student wren = new Student(UUID.randomUUID(), "Wren", "").withLessons(LessonTime.parse("Wed 4:30 PM"));
            book.students().save(wren);
            book.students()
                    .save(new Student(UUID.randomUUID(), "Alder", "").withLessons(LessonTime.parse("Wed 3:15 PM")));
            book.students()
                    .save(new Student(UUID.randomUUID(), "Sedge", "").withLessons(LessonTime.parse("Thu 3:15 PM")));
            return true;
        }));
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.H);
        until(() -> shows("3:15 PM  Alder · 4:30 PM  Wren"));
        assertThat(shows("Warm up on the pad 20 min")).isTrue();
        // Going to another place closes it.
        chord(KeyCode.SHORTCUT, KeyCode.DIGIT6);
        until(() -> !isShown());
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.H);
        until(this::isShown);
        clickOn("#start-lessons");
        until(() -> lookup("#lessons").tryQuery().isPresent());
        assertThat(isShown()).isFalse();
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.H);
        until(this::isShown);
        clickOn("#start-recording");
        until(() -> lookup("#recording-strip").tryQuery().isPresent());
        assertThat(isShown()).isFalse();
    }
}
