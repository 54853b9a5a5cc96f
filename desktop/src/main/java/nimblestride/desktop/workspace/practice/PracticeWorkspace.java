package nimblestride.desktop.workspace.practice;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import nimblestride.core.practice.care.BreakSchedule;
import nimblestride.core.practice.timing.Timing;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.CustomRecordings;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;
import nimblestride.desktop.workspace.sound.Asking;
import nimblestride.desktop.workspace.sound.AudioPage;
import nimblestride.desktop.workspace.sound.BandPage;
import nimblestride.desktop.workspace.sound.ClickPage;
import nimblestride.desktop.workspace.sound.MixPage;
import nimblestride.desktop.workspace.sound.PadsPage;

/** The Practise bench: what to do today, stages, the ladder, taps and the log; then how it all sounds. */
public final class PracticeWorkspace extends PagedPane implements Workspace {
    private final IntegerProperty rests = new SimpleIntegerProperty(BreakSchedule.DEFAULT.minutes());

    /**
     * What the bench has done beyond itself.
     *
     * @param open opens an exercise of the Book
     * @param picture shows a timing over the Road
     * @param tell is given what the user is to know
     */
    public record Beyond(
            Consumer<UUID> open,
            Consumer<Optional<Timing>> picture,
            Consumer<String> tell,
            LogFiles files,
            Asking asking) {}

    /**
     * @param diary writes down what is practised
     * @param recordings of the user's own
     */
    public PracticeWorkspace(
            ExerciseDocument document,
            OpenBook book,
            PracticeRecorder diary,
            Transport transport,
            PlaybackDevices devices,
            CustomRecordings recordings,
            Beyond beyond) {
        add(
                "Today",
                "What to do in the time there is, and what has been left lying",
                () -> new TodayPage(book, rests, beyond.open));
        add(
                "Stages",
                "The way to the exercise in steps, from counting aloud to all of it",
                () -> new StagesPage(document, transport, beyond.tell));
        add(
                "Ladder",
                "Tempos from slow to the goal, a step up after what was clean",
                () -> new LadderPage(document, book, transport, diary));
        add(
                "Taps",
                "Play along, and see how early or late each count, limb and group comes",
                () -> new TimingPage(document, transport, devices, diary, beyond.picture));
        add(
                "Log",
                "What was practised: typed in a line, listed and drawn",
                () -> new LogPage(document, book, diary, beyond.files));
        add(
                "Click",
                "What the click says, where it keeps silent, and how fast it all goes",
                () -> new ClickPage(transport));
        add(
                "Balance",
                "Which bars are played, which voices are heard, and how loud",
                () -> new MixPage(transport.settings(), recordings, beyond.asking));
        add("Band", "Who plays along, in which key, and what they keep to", () -> new BandPage(transport.settings()));
        add(
                "Pads",
                "What you play on: pads, the computer's keys, or a stand-in player",
                () -> new PadsPage(devices, beyond.asking));
        add(
                "Sound card",
                "What it is played through, and how late it is heard",
                () -> new AudioPage(transport, devices));
        choose("Today");
    }

    /** After how many minutes of playing the user is reminded of a rest; 0 for never. */
    public IntegerProperty breaksProperty() {
        return rests;
    }
}
