package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.SimpleIntegerProperty;
import org.junit.jupiter.api.Test;

/** Reminded once for each stretch of playing, and not at all where nobody wants it. */
class BreakReminderTest {
    private final SimpleIntegerProperty minutes = new SimpleIntegerProperty(25);
    private final List<String> told = new ArrayList<>();
    private final BreakReminder reminder = new BreakReminder(null, minutes, told::add);

    private void play(int forMinutes) {
        for (int seconds = 0; seconds < forMinutes * 60; seconds += 5) {
            reminder.pass(5);
        }
    }

    @Test
    void isToldEachTimeSoManyMinutesHaveBeenPlayed() {
        play(24);
        assertThat(told).isEmpty();
        play(1);
        assertThat(told)
                .containsExactly(
                        "You have played for 25 minutes. Take a short rest: shake out your hands and rest your ears.");
        play(24);
        assertThat(told).hasSize(1);
        play(1);
        assertThat(told).hasSize(2);
        assertThat(told.get(1)).startsWith("You have played for 50 minutes.");
    }

    @Test
    void isNotToldWhereNobodyWantsIt() {
        minutes.set(0);
        play(200);
        assertThat(told).isEmpty();
    }
}
