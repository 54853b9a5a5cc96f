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
import nimblestride.sound.render.RecordingMix;

/** How the user wants to hear what plays. */
public final class PlaybackSettings {
    private static final int OWN_TEMPO = 100;

    private final BooleanProperty click = new SimpleBooleanProperty(true);
    private final ObjectProperty<ClickSettings> clicking = new SimpleObjectProperty<>(ClickSettings.DEFAULT);
    private final IntegerProperty percent = new SimpleIntegerProperty(OWN_TEMPO);
    private final IntegerProperty countIn = new SimpleIntegerProperty();
    private final ObjectProperty<Mix> mix = new SimpleObjectProperty<>(Mix.IN_A_ROOM);
    private final ObjectProperty<Optional<BackingBand>> band = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Loop>> loop = new SimpleObjectProperty<>(Optional.empty());
    private final IntegerProperty firstBar = new SimpleIntegerProperty();
    private final ObjectProperty<Optional<Stage>> stage = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Tempo>> tempo = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<RecordingMix> recording = new SimpleObjectProperty<>(RecordingMix.EVEN);
    private final IntegerProperty speedUp = new SimpleIntegerProperty();
    private final DoubleProperty volume = new SimpleDoubleProperty(Player.DEFAULT_VOLUME);
    private final BooleanProperty allSections = new SimpleBooleanProperty(true);

    /** Returns whether there is a click. */
    public BooleanProperty clickProperty() {
        return click;
    }

    /** Returns what the click plays, while there is one. */
    public ObjectProperty<ClickSettings> clickingProperty() {
        return clicking;
    }

    /** Returns the click that sounds. */
    ClickSettings clicked() {
        return click.get() ? clicking.get() : ClickSettings.NONE;
    }

    /** Returns the tempo, in percent of the exercise's own. */
    public IntegerProperty percentProperty() {
        return percent;
    }

    /** Plays faster by a number of percent, or slower where it is negative, as far as that goes. */
    public void faster(int hundredths) {
        percent.set(Math.max(
                PlaybackRequest.MIN_PERCENT, Math.min(PlaybackRequest.MAX_PERCENT, percent.get() + hundredths)));
    }

    /** Returns how many bars to count in. */
    public IntegerProperty countInProperty() {
        return countIn;
    }

    /** Returns how loud each layer, each voice, the click, the band, and the room are. */
    public ObjectProperty<Mix> mixProperty() {
        return mix;
    }

    /** Returns the band that plays along; empty for none. */
    public ObjectProperty<Optional<BackingBand>> bandProperty() {
        return band;
    }

    /** Returns the bars of the selected section that repeat in place of all of it; empty for none. */
    public ObjectProperty<Optional<Loop>> loopProperty() {
        return loop;
    }

    /** Returns with which bar of the selected section playing starts, from 0. */
    public IntegerProperty firstBarProperty() {
        return firstBar;
    }

    /** Returns the stage that plays in place of the selected section; empty for none. */
    public ObjectProperty<Optional<Stage>> stageProperty() {
        return stage;
    }

    /** Returns the tempo at which the selected section plays in place of its own; empty for none. */
    public ObjectProperty<Optional<Tempo>> tempoProperty() {
        return tempo;
    }

    /** Returns how a recording is heard beside its exercise. */
    public ObjectProperty<RecordingMix> recordingProperty() {
        return recording;
    }

    /** Returns by how many percent each repeat of a loop is faster than the one before, up to the full tempo. */
    public IntegerProperty speedUpProperty() {
        return speedUp;
    }

    /** Returns the volume, from 0 to 1. */
    public DoubleProperty volumeProperty() {
        return volume;
    }

    /** Returns whether all sections play in order, or only the selected one, over and over. */
    public BooleanProperty allSectionsProperty() {
        return allSections;
    }

    /** Returns everything that is heard at once when it changes. */
    List<Observable> heardAtOnce() {
        return List.of(click, clicking, percent, mix, band, loop, stage, tempo, allSections, recording);
    }

    /** Resets what was practiced of an exercise: its stage, its tempo, its bars, and what was muted or solo. */
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

    /** Drops a stage, or a ladder's tempo, that an exercise does not have any longer. */
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

    /** Drops bars that are no longer there. */
    void fit(int bars) {
        if (loop.get().filter(one -> one.to() > bars).isPresent()) {
            loop.set(Optional.empty());
        }
        if (firstBar.get() >= bars) {
            firstBar.set(0);
        }
    }
}
