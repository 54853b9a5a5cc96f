package nimblestride.desktop.practising;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import nimblestride.core.care.Rests;
import nimblestride.core.timing.Timing;
import nimblestride.desktop.book.OpenBook;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.pages.Bench;
import nimblestride.desktop.pages.Pages;
import nimblestride.desktop.play.Devices;
import nimblestride.desktop.play.OwnRecordings;
import nimblestride.desktop.play.Transport;
import nimblestride.desktop.sounding.Asking;
import nimblestride.desktop.sounding.BalancePage;
import nimblestride.desktop.sounding.BandPage;
import nimblestride.desktop.sounding.ClickPage;
import nimblestride.desktop.sounding.PadsPage;
import nimblestride.desktop.sounding.SoundCardPage;

/** The Practise bench: what to do today, stages, the ladder, taps and the log; then how it all sounds. */
public final class PractiseBench extends Pages implements Bench {
    private final IntegerProperty rests = new SimpleIntegerProperty(Rests.USUAL.minutes());

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
    public PractiseBench(
            Desk desk,
            OpenBook book,
            Diary diary,
            Transport transport,
            Devices devices,
            OwnRecordings recordings,
            Beyond beyond) {
        add("Today", () -> new TodayPage(book, rests, beyond.open));
        add("Stages", () -> new StagesPage(desk, transport, beyond.tell));
        add("Ladder", () -> new LadderPage(desk, book, transport, diary));
        add("Taps", () -> new TapsPage(desk, transport, devices, diary, beyond.picture));
        add("Log", () -> new LogPage(desk, book, diary, beyond.files));
        add("Click", () -> new ClickPage(transport));
        add("Balance", () -> new BalancePage(transport.settings(), recordings, beyond.asking));
        add("Band", () -> new BandPage(transport.settings()));
        add("Pads", () -> new PadsPage(devices, beyond.asking));
        add("Sound card", () -> new SoundCardPage(transport, devices));
        choose("Today");
    }

    /** After how many minutes of playing the user is reminded of a rest; 0 for never. */
    public IntegerProperty rests() {
        return rests;
    }
}
