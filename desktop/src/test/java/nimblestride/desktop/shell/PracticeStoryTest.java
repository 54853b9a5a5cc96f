package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import nimblestride.core.exercise.plan.Ladder;
import nimblestride.core.exercise.plan.LadderPace;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.exercise.plan.TimeAndFill;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.StageText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.formats.json.ExerciseJson;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;

/** Practising in the real window: stages, the ladder, taps, the log, and what to do today. */
class PracticeStoryTest extends WindowStory {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private String told(String label) {
        return lookup(label).queryAs(Label.class).getText();
    }

    private void keepLanternCall() throws Exception {
        interact(() -> window.document()
                .edit(exercise -> Examples.exercise("7/8", "hi-hat every 1/8", "snare cell ..X.g.. of 1/8")
                        .withName("Lantern Call")
                        .withTempo(TempoText.read("1/8=200"))));
        untilKept();
    }

    private List<LogEntry> log() {
        return window.book()
                .ask(book -> book.log().between(LogOwner.USER, TODAY.minusYears(1), TODAY, 100))
                .orElseThrow();
    }

    @Test
    void stagesAreProposedTypedMovedPlayedAndKept() throws Exception {
        keepLanternCall();
        clickOn("#bench-practice").clickOn("#page-stages");
        clickOn("#stages-propose");
        int proposed = exercise().practice().stages().size();
        assertThat(proposed).isGreaterThan(8);
        select("#stage-row-2");
        retype("#stage-2", "right hand solo in 2+1 at 50 %");
        assertThat(exercise().practice().stages().get(2).frame()).isEqualTo(new TimeAndFill(2, 1));
        retype("#stage-2", "juggle");
        assertThat(shows("Try count aloud")).isTrue();
        assertThat(StageText.write(exercise().practice().stages().get(2))).isEqualTo("right hand solo in 2+1 at 50 %");
        press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        select("#stage-row-2");
        assertThat(shows("Right hand solo, after 2 bars of time, at 50 %: 100 BPM (eighths)"))
                .isFalse();
        chord(KeyCode.ALT, KeyCode.UP);
        assertThat(exercise().practice().stages().get(1).percent()).isEqualTo(50);
        until(() -> lookup("#stage-row-1").query().isFocused());
        select("#stage-row-0");
        assertThat(shows("Right hand solo, after 2 bars of time, at 50 %: 100 BPM (eighths)"))
                .isTrue();
        type(KeyCode.DELETE);
        assertThat(exercise().practice().stages()).hasSize(proposed - 1);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().practice().stages()).hasSize(proposed);
        chord(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.Z);

        fire("#stage-play-0");
        until(() -> shows("Playing, right hand solo (time), at"));
        fire("#stage-play-1");
        until(() -> shows("Playing, pad hand to hand,"));
        fire("#stage-none");
        until(() -> shows("Playing through"));
        fire("#play");

        closeWindow();
        openAgain();
        assertThat(exercise().practice().stages()).hasSize(proposed - 1);
        untilKept();
    }

    @Test
    void theLadderGoesUpByWhatTheLogSays() throws Exception {
        keepLanternCall();
        clickOn("#bench-practice").clickOn("#page-ladder");
        clickOn("#ladder-make");
        until(() -> told("#ladder-today").equals("Today: 120 BPM (eighths). 3 more clean runs to 130."));
        for (int i = 0; i < 3; i++) {
            clickOn("#ladder-clean");
        }
        until(() -> told("#ladder-today").startsWith("Today: 130 BPM (eighths)"));
        clickOn("#ladder-nearly").clickOn("#ladder-not-yet").clickOn("#ladder-not-yet");
        until(() -> told("#ladder-today").startsWith("Today: 120 BPM (eighths)"));
        assertThat(log()).hasSize(6).allMatch(entry -> entry.exercise().isPresent());
        assertThat(log().get(0).tempo()).contains(TempoText.read("1/8=130"));

        clickOn("#ladder-play");
        until(() -> shows("Playing at 120"));
        clickOn("#ladder-play");
        until(() -> !shows("Playing at 120"));

        retype("#ladder-step", "40");
        until(() -> told("#ladder-today").contains("to 160"));
        retype("#ladder-goal", "60");
        until(() -> told("#ladder-plan").contains("can't be below the start"));
        // Two hundred eighths, typed in quarters.
        retype("#ladder-goal", "1/4=100");
        clickOn("#ladder-paced");
        until(() -> told("#ladder-plan").contains("Wed Nov 25: 120"));
        retype("#ladder-due", "2026-11-28");
        until(() -> told("#ladder-plan").contains("Sat Nov 28: 200"));
        assertThat(exercise().practice().ladder().flatMap(Ladder::pace)).isPresent();
        clickOn("#ladder-give-up");
        assertThat(exercise().practice().ladder()).isEmpty();
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().practice().ladder()).isPresent();
    }

    @Test
    void whatAStandInPlaysIsSeenAndSaidAndWrittenDown() throws Exception {
        keepLanternCall();
        clickOn("#bench-sound").clickOn("#page-pads");
        interact(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<String> layer = lookup("#stand-in").queryAs(ComboBox.class);
            layer.setValue("hi-hat");
        });
        retype("#stand-in-bias", "40");
        retype("#stand-in-spread", "4");
        clickOn("#bench-practice").clickOn("#page-timing");
        clickOn("#tap-along");
        until(() -> shows("30 hits matched") || shows("31 hits matched") || shows("32 hits matched"));
        clickOn("#tap-along");
        until(() -> shows("On average you are"));
        assertThat(shows("ms behind the click")).isTrue();
        assertThat(shows("right hand")).isTrue();
        assertThat(shows("1 of bar 1")).isTrue();
        clickOn("#taps-nearly");
        until(() -> log().size() == 1);
        assertThat(log().get(0).rating()).contains(RepRating.NEARLY);
        assertThat(log().get(0).tempo()).contains(TempoText.read("1/8=200"));
        // Other music: what was tapped is no longer shown.
        retype("#bars", "5/8");
        until(() -> shows("Play along on pads or keys"));
    }

    /** Nothing is to be played here, so no stroke can be near its place, whenever it comes. */
    @Test
    void keysArePadsWhileItPlays() throws Exception {
        lay("4/4");
        clickOn("#bench-practice").clickOn("#page-timing");
        clickOn("#tap-along");
        until(() -> window.stage().getScene().getFocusOwner() != null);
        again(() -> press(KeyCode.J).release(KeyCode.J), () -> shows("none of them near a note of the exercise."));
        clickOn("#tap-along");
    }

    /** Lantern Call counts eighths, the open exercise quarters. */
    @Test
    void aNumberAloneCountsTheBeatOfTheExerciseThatIsNamed() throws Exception {
        keepLanternCall();
        chord(KeyCode.SHORTCUT, KeyCode.N);
        until(() -> window.document().inBookProperty().get().isEmpty());
        clickOn("#bench-practice").clickOn("#page-log");
        retype("#log-line", "\"Lantern Call\" 5 min, at 160");
        clickOn("#log-add");
        until(() -> log().size() == 1);
        assertThat(log().get(0).tempo()).contains(TempoText.read("1/8=160"));
        until(() -> shows("Lantern Call: 5 min, at 1/8=160"));
        select("#log-row-0");
        clickOn("#log-change-0");
        assertThat(text("#log-line")).endsWith("5 min, at 1/8=160");
        // Nothing is named now: the entry is meant that stands in the line.
        retype("#log-line", "6 min, at 150");
        clickOn("#log-add");
        until(() -> shows("Lantern Call: 6 min, at 1/8=150"));
        // Another name, of which the Book knows nothing; and no name at all.
        retype("#log-line", "\"Singles\" 7 min, at 100");
        clickOn("#log-add");
        until(() -> shows("Singles: 7 min, at 100"));
        retype("#log-line", "8 min, at 90");
        clickOn("#log-add");
        until(() -> log().size() == 3);
        assertThat(log().stream().map(LogEntry::tempo).flatMap(Optional::stream))
                .contains(TempoText.read("100"), TempoText.read("90"));
    }

    @Test
    void theLogIsTypedListedTakenBackAndHandedOut() throws Exception {
        keepLanternCall();
        clickOn("#bench-practice").clickOn("#page-log");
        // A number alone counts eighths, as the exercise does.
        retype("#log-line", "20 min, at 160, clean, hard 4&: the left hand was late");
        press(KeyCode.ENTER).release(KeyCode.ENTER);
        until(() -> shows("20 min, at 1/8=160, clean, hard 4&: the left hand was late"));
        assertThat(text("#log-line")).isEmpty();
        select("#log-row-0");
        clickOn("#log-change-0");
        clickOn("#log-leave");
        assertThat(text("#log-line")).isEmpty();
        select("#log-row-0");
        clickOn("#log-change-0");
        assertThat(text("#log-line")).startsWith("\"Lantern Call\" 2026-11-25, 20 min, at 1/8=160");
        retype("#log-line", "2026-11-24, 25 min, nearly");
        press(KeyCode.ENTER).release(KeyCode.ENTER);
        until(() -> shows("25 min, nearly"));
        assertThat(log()).hasSize(1);
        assertThat(log().get(0).when().toLocalDate()).isEqualTo(TODAY.minusDays(1));
        retype("#log-line", "20 minutes of joy");
        assertThat(shows("Try how long, a tempo")).isTrue();
        clickOn("#log-add");
        assertThat(log()).hasSize(1);
        retype("#log-line", "\"=Scales()\" yesterday, 5 min");
        clickOn("#log-add");
        until(() -> log().size() == 2);
        assertThat(log().get(1).when().toLocalDate()).isEqualTo(TODAY.minusDays(1));
        assertThat(shows("=Scales()")).isFalse();
        clickOn("#log-all");
        until(() -> shows("=Scales(): 5 min"));
        select("#log-row-0");
        clickOn("#log-remove-0");
        until(() -> log().size() == 1);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> log().size() == 2);

        Path table = home.resolve("log.csv");
        answers.save.add(table);
        clickOn("#log-table");
        until(() -> Files.exists(table));
        assertThat(Files.readString(table)).contains("'=Scales()", "nearly").startsWith("day,time");
        Path handed = home.resolve("log.json");
        answers.lines.add("Wren");
        answers.save.add(handed);
        clickOn("#log-hand-out");
        until(() -> Files.exists(handed));
        // What one has handed out comes back without doubles.
        interact(() -> window.open(handed));
        until(() -> shows("0 log entries new, 0 changed, 2 there already"));
        assertThat(log()).hasSize(2);
    }

    @Test
    void todayTellsWhatToDoAndRemindsOfARest() throws Exception {
        keepLanternCall();
        interact(() -> window.book().change(book -> {
            book.exercises()
                    .add(
                            Examples.exercise("5/8").withName("Forgotten Ferry"),
                            window.book().now().minusDays(40));
            return true;
        }));
        clickOn("#bench-practice").clickOn("#page-today");
        until(() -> shows("Forgotten Ferry"));
        assertThat(shows("Not practiced lately: Forgotten Ferry (never practiced)"))
                .isTrue();
        assertThat(shows("85 dBA 8 h, 88 dBA 4 h")).isTrue();
        retype("#today-minutes", "4");
        assertThat(shows("Type minutes from 5 to 240")).isTrue();
        retype("#today-minutes", "60");
        fire("#today-open-1");
        until(() ->
                exercise().name().equals("Forgotten Ferry") || exercise().name().equals("Lantern Call"));
        retype("#rest-minutes", "45");
        closeWindow();
        openAgain();
        clickOn("#bench-practice");
        assertThat(text("#rest-minutes")).isEqualTo("45");
    }

    @Test
    void aStageThatTheExerciseNoLongerHasIsLetGo() throws Exception {
        Path file = home.resolve("staged.json");
        ExerciseJson.write(
                exercise()
                        .withLayers(List.of(Examples.layer("kick every 1/4"), Examples.layer("snare every 1/8")))
                        .withPractice(exercise()
                                .practice()
                                .withStages(List.of(StageText.read("as written of snare at 80 %")))),
                file);
        interact(() -> window.open(file));
        clickOn("#bench-practice").clickOn("#page-stages");
        fire("#stage-play-0");
        until(() -> shows("Playing, as written, at"));
        interact(() -> window.document().edit(exercise -> exercise.withoutLayer(1)));
        until(() -> shows("I can't play this stage anymore"));
        select("#stage-row-0");
        retype("#stage-0", "all limbs");
        assertThat(exercise().practice().stages().get(0).task()).isEqualTo(StageTask.PLAIN);
        fire("#play");
    }

    /** While its page is not in view, too: what is practised of an exercise is not practised of the next one. */
    @Test
    void whatIsPractisedOfAnExerciseGoesWithIt() throws Exception {
        keepLanternCall();
        interact(() -> window.book().change(book -> book.exercises()
                .add(
                        Examples.exercise("5/8", "kick every 1/4").withName("Next"),
                        window.book().now())));
        clickOn("#bench-practice").clickOn("#page-ladder");
        clickOn("#ladder-make");
        clickOn("#ladder-play");
        until(() -> shows("Playing at 120"));
        clickOn("#page-stages").clickOn("#stages-propose");
        fire("#stage-play-0");
        until(() -> shows("Playing, count aloud, at 120 at 60 %"));
        // Naming a state is no other exercise.
        answers.lines.add("before the lesson");
        chord(KeyCode.SHORTCUT, KeyCode.S);
        assertThat(shows("Playing, count aloud, at 120 at 60 %")).isTrue();
        clickOn("#bench-cross");
        interact(() -> window.openFromBook("Next"));
        until(() -> shows("Playing through"));
        fire("#play");
    }

    @Test
    void aStageIsAddedAndTypedAsItShouldBe() throws Exception {
        keepLanternCall();
        clickOn("#bench-practice").clickOn("#page-stages");
        fire("#stage-add");
        fire("#stage-add");
        assertThat(exercise().practice().stages()).hasSize(2);
        retype("#stage-1", "right hand solo at 60 %");
        assertThat(StageText.write(exercise().practice().stages().get(1))).isEqualTo("right hand solo at 60 %");
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(exercise().practice().stages()).hasSize(1);
    }

    /** Three rungs are left, and the day it is due is today. */
    @Test
    void aDayThatCannotBeKeptAnyMoreIsMoved() throws Exception {
        keepLanternCall();
        Ladder ladder = Ladder.of(BigFraction.of(120), BigFraction.of(200), BigFraction.of(20));
        interact(() -> window.document()
                .edit(now -> now.withPractice(now.practice()
                        .withLadder(ladder.withPace(new LadderPace(
                                TODAY.minusDays(9), TODAY.minusDays(1), EnumSet.allOf(DayOfWeek.class)))))));
        clickOn("#bench-practice").clickOn("#page-ladder");
        until(() -> lookup("#ladder-later").tryQuery().filter(Node::isVisible).isPresent());
        clickOn("#ladder-later");
        until(() -> lookup("#ladder-later").queryAll().stream().noneMatch(Node::isVisible));
        LocalDate due = exercise()
                .practice()
                .ladder()
                .flatMap(Ladder::pace)
                .orElseThrow()
                .due();
        assertThat(due).isAfter(TODAY);
        chord(KeyCode.SHORTCUT, KeyCode.Z);
        until(() -> lookup("#ladder-later").query().isVisible());
    }
}
