package nimblestride.desktop.play;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.SimpleBooleanProperty;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.layer.Layer;
import nimblestride.desktop.desk.Desk;
import nimblestride.sound.kit.SynthesisedKit;
import nimblestride.sound.play.AudioOut;
import nimblestride.sound.play.Player;
import nimblestride.sound.render.Take;

/** Play and stop. What is edited while it plays is heard from the next unit on. */
public final class Transport implements AutoCloseable {
    private final Desk desk;
    private final ReadOnlyIntegerProperty stage;
    private final Player player;
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper();
    private final BooleanProperty click = new SimpleBooleanProperty(true);
    private final AnimationTimer frames;

    /**
     * @param outs opens an output each time playing starts
     * @param stage how many layers are heard, from the first on
     * @param heard is told, for each frame, the moment that is heard
     */
    public Transport(
            Desk desk, Supplier<AudioOut> outs, ReadOnlyIntegerProperty stage, Consumer<OptionalDouble> heard) {
        this.desk = desk;
        this.stage = stage;
        this.player = new Player(outs, new SynthesisedKit(AudioOut.SAMPLE_RATE));
        this.frames = new AnimationTimer() {
            @Override
            public void handle(long now) {
                heard.accept(player.heard());
            }
        };
        desk.exercise().addListener(change -> change());
        click.addListener(change -> change());
        stage.addListener(change -> change());
        playing.addListener(change -> {
            if (!playing.get()) {
                heard.accept(OptionalDouble.empty());
            }
        });
    }

    public ReadOnlyBooleanProperty playing() {
        return playing.getReadOnlyProperty();
    }

    /** Whether the groups and the 1 are clicked. */
    public BooleanProperty click() {
        return click;
    }

    /** What it plays through: {@code sound card} or {@code silent clock}; empty while stopped. */
    public String through() {
        return player.through().orElse("");
    }

    public void toggle() {
        if (playing.get()) {
            stop();
        } else {
            player.start(take());
            frames.start();
            playing.set(true);
        }
    }

    public void stop() {
        player.stop();
        frames.stop();
        playing.set(false);
    }

    private void change() {
        if (playing.get()) {
            player.change(take());
        }
    }

    private Take take() {
        Exercise exercise = desk.exercise().get();
        List<Layer> heard = exercise.layers()
                .subList(0, Math.min(stage.get(), exercise.layers().size()));
        return new Take(exercise.withLayers(heard), click.get());
    }

    @Override
    public void close() {
        stop();
    }
}
