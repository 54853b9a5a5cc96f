package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import nimblestride.desktop.words.WordRules;
import nimblestride.desktop.workspace.start.StartCard;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The start page: shown to somebody new, out of the way of everybody else. */
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
        fire("#start-last-0");
        until(() -> !isShown());
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.H);
        fire("#start-today");
        until(() -> !isShown());
        assertThat(lookup("#today-turns").tryQuery()).isPresent();
    }
}
