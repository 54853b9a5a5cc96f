package nimblestride.desktop.playback;

import java.util.List;
import java.util.Optional;
import javafx.beans.Observable;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.time.value.Tempo;
import nimblestride.sound.play.Player;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.Loop;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.PlaybackRequest;

/** How the user wants to hear what is played. */
public final class PlaybackSettings {
    private static final int OWN_TEMPO = 100;

    private final BooleanProperty click = new SimpleBooleanProperty(true);
    private final ObjectProperty<ClickSettings> clicking = new SimpleObjectProperty<>(ClickSettings.DEFAULT);
    private final IntegerProperty percent = new SimpleIntegerProperty(OWN_TEMPO);
    private final IntegerProperty countIn = new SimpleIntegerProperty();
    private final ObjectProperty<Mix> mix = new SimpleObjectProperty<>(Mix.EVEN);
    private final ObjectProperty<Optional<BackingBand>> band = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Loop>> loop = new SimpleObjectProperty<>(Optional.empty());
    private final IntegerProperty firstBar = new SimpleIntegerProperty();
    private final ObjectProperty<Optional<Stage>> stage = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Tempo>> tempo = new SimpleObjectProperty<>(Optional.empty());
    private final DoubleProperty volume = new SimpleDoubleProperty(Player.DEFAULT_VOLUME);
    private final BooleanProperty allSections = new SimpleBooleanProperty(true);

    /** Whether there is a click. */
    public BooleanProperty clickProperty() {
        return click;
    }

    /** What the click says, while there is one. */
    public ObjectProperty<ClickSettings> clickingProperty() {
        return clicking;
    }

    /** The click that is heard. */
    ClickSettings clicked() {
        return click.get() ? clicking.get() : ClickSettings.NONE;
    }

    /** How fast it is played, in hundredths of its own tempo. */
    public IntegerProperty percentProperty() {
        return percent;
    }

    /** Plays it so many hundredths of its tempo faster, or slower below 0, as far as that goes. */
    public void faster(int hundredths) {
        percent.set(Math.max(
                PlaybackRequest.MIN_PERCENT, Math.min(PlaybackRequest.MAX_PERCENT, percent.get() + hundredths)));
    }

    /** How many bars are counted in when playing starts. */
    public IntegerProperty countInProperty() {
        return countIn;
    }

    /** How loud each layer, each voice, the click and the band are. */
    public ObjectProperty<Mix> mixProperty() {
        return mix;
    }

    /** What plays along. */
    public ObjectProperty<Optional<BackingBand>> bandProperty() {
        return band;
    }

    /** Which bars of the feel in hand are played again and again, in place of all of it. */
    public ObjectProperty<Optional<Loop>> loopProperty() {
        return loop;
    }

    /** With which bar of the feel in hand playing begins, from 0. */
    public IntegerProperty firstBarProperty() {
        return firstBar;
    }

    /** The stage of the feel in hand that is played in place of it. */
    public ObjectProperty<Optional<Stage>> stageProperty() {
        return stage;
    }

    /** The tempo at which the feel in hand is played, in place of its own. */
    public ObjectProperty<Optional<Tempo>> tempoProperty() {
        return tempo;
    }

    /** How loud all of it is, from 0 to 1. */
    public DoubleProperty volumeProperty() {
        return volume;
    }

    /** Whether all sections are played in their order, or only the feel in hand, again and again. */
    public BooleanProperty allSectionsProperty() {
        return allSections;
    }

    /** Everything that is heard at once when it changes. */
    List<Observable> heardAtOnce() {
        return List.of(click, clicking, percent, mix, band, loop, stage, tempo, allSections);
    }

    /** Lets go of what was practised of an exercise: its stage, its tempo, its bars, and what was muted or heard alone. */
    void reset() {
        mix.set(mix.get().lasting());
        loop.set(Optional.empty());
        firstBar.set(0);
        tempo.set(Optional.empty());
        if (stage.get().isPresent()) {
            stage.set(Optional.empty());
            percent.set(OWN_TEMPO);
        }
    }

    /** Lets go of a stage, or of a ladder's tempo, that an exercise does not have any longer. */
    void fit(PracticePlan practice) {
        boolean hasStage =
                stage.get().isEmpty() || practice.stages().contains(stage.get().get());
        if (!hasStage) {
            stage.set(Optional.empty());
            percent.set(OWN_TEMPO);
        }
        if (practice.ladder().isEmpty()) {
            tempo.set(Optional.empty());
        }
    }

    /** Lets go of bars that are no longer there. */
    void fit(int bars) {
        if (loop.get().filter(one -> one.to() > bars).isPresent()) {
            loop.set(Optional.empty());
        }
        if (firstBar.get() >= bars) {
            firstBar.set(0);
        }
    }
}
