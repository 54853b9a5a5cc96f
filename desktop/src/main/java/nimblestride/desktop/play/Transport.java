package nimblestride.desktop.play;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.layer.Layer;
import nimblestride.desktop.desk.Desk;
import nimblestride.sound.kit.SynthesisedKit;
import nimblestride.sound.play.AudioOut;
import nimblestride.sound.play.Heard;
import nimblestride.sound.play.Player;
import nimblestride.sound.render.Click;
import nimblestride.sound.render.Loop;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.Take;

/** Play and stop. What is edited while it plays is heard from the next unit on. */
public final class Transport implements AutoCloseable {
    /** What {@link #section} is while nothing plays. */
    public static final int NO_SECTION = -1;

    private final Desk desk;
    private final ReadOnlyIntegerProperty stage;
    private final Player player;
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper();
    private final BooleanProperty click = new SimpleBooleanProperty(true);
    private final ObjectProperty<Click> clicking = new SimpleObjectProperty<>(Click.USUAL);
    private final IntegerProperty percent = new SimpleIntegerProperty(100);
    private final IntegerProperty countIn = new SimpleIntegerProperty();
    private final ObjectProperty<Mix> mix = new SimpleObjectProperty<>(Mix.EVEN);
    private final ObjectProperty<Optional<Loop>> loop = new SimpleObjectProperty<>(Optional.empty());
    private final DoubleProperty volume = new SimpleDoubleProperty(Player.USUAL_VOLUME);
    private final BooleanProperty allSections = new SimpleBooleanProperty(true);
    private final ReadOnlyIntegerWrapper section = new ReadOnlyIntegerWrapper(NO_SECTION);
    private final Consumer<OptionalDouble> follower;
    private final AnimationTimer frames;
    private Take playingTake;

    /**
     * @param outs opens an output each time playing starts
     * @param stage how many layers are heard, from the first on
     * @param heard is told, for each frame, the moment that is heard of the feel in hand; nothing while another one plays
     */
    public Transport(
            Desk desk, Supplier<AudioOut> outs, ReadOnlyIntegerProperty stage, Consumer<OptionalDouble> heard) {
        this.desk = desk;
        this.stage = stage;
        this.player = new Player(outs, new SynthesisedKit(AudioOut.SAMPLE_RATE));
        this.follower = heard;
        this.frames = new AnimationTimer() {
            @Override
            public void handle(long now) {
                player.heard().ifPresent(Transport.this::follow);
            }
        };
        desk.exercise().addListener((property, old, now) -> {
            if (loop.get()
                    .filter(bars -> bars.to() > now.phrase().bars().size())
                    .isPresent()) {
                loop.set(Optional.empty());
            }
            change();
        });
        click.addListener(change -> change());
        allSections.addListener(change -> change());
        clicking.addListener(change -> change());
        percent.addListener(change -> change());
        mix.addListener(change -> change());
        loop.addListener(change -> change());
        volume.addListener(change -> player.setVolume(volume.floatValue()));
        stage.addListener(change -> change());
        playing.addListener(change -> {
            if (!playing.get()) {
                section.set(NO_SECTION);
                heard.accept(OptionalDouble.empty());
            }
        });
    }

    public ReadOnlyBooleanProperty playing() {
        return playing.getReadOnlyProperty();
    }

    /** What the click says, while there is one. */
    public ObjectProperty<Click> clicking() {
        return clicking;
    }

    /** How fast it is played, in hundredths of its own tempo. */
    public IntegerProperty percent() {
        return percent;
    }

    /** How many bars are counted in when playing starts. */
    public IntegerProperty countIn() {
        return countIn;
    }

    /** How loud each layer and the click are. */
    public ObjectProperty<Mix> mix() {
        return mix;
    }

    /** Which bars of the feel in hand are played again and again, in place of all of it. */
    public ObjectProperty<Optional<Loop>> loop() {
        return loop;
    }

    /** How loud all of it is, from 0 to 1. */
    public DoubleProperty volume() {
        return volume;
    }

    /** Whether there is a click. */
    public BooleanProperty click() {
        return click;
    }

    /** What it plays through: {@code sound card} or {@code silent clock}; empty while stopped. */
    public String through() {
        return player.through().orElse("");
    }

    /** Whether all sections are played in their order, or only the feel in hand, again and again. */
    public BooleanProperty allSections() {
        return allSections;
    }

    /** The section that is heard, from 0; {@link #NO_SECTION} where none is. */
    public ReadOnlyIntegerProperty section() {
        return section.getReadOnlyProperty();
    }

    private void follow(Heard heard) {
        if (heard.moment() < 0) {
            // It is still being counted in.
            follower.accept(OptionalDouble.empty());
            return;
        }
        Exercise exercise = desk.exercise().get();
        if (!playsSections(exercise) || heard.section() >= exercise.sections().size()) {
            section.set(NO_SECTION);
            follower.accept(OptionalDouble.of(heard.moment()));
            return;
        }
        section.set(heard.section());
        boolean inHand = exercise.sections().get(heard.section()).feel()
                == desk.exercise().get().inHand();
        follower.accept(inHand ? OptionalDouble.of(heard.moment()) : OptionalDouble.empty());
    }

    private boolean playsSections(Exercise exercise) {
        return allSections.get() && exercise.hasSections();
    }

    /** What is done while it plays, in words. */
    public String told() {
        String speed = percent.get() == 100 ? "" : " at " + percent.get() + " %";
        String bars = loop.get()
                .filter(one -> !playsSections(desk.exercise().get()))
                .map(one -> ", bars " + (one.from() + 1) + " to " + one.to())
                .orElse("");
        return "Playing through the " + through() + speed + bars;
    }

    public void toggle() {
        if (playing.get()) {
            stop();
        } else {
            playingTake = take();
            player.start(playingTake);
            frames.start();
            playing.set(true);
        }
    }

    public void stop() {
        player.stop();
        frames.stop();
        playing.set(false);
    }

    /** Another feel taken in hand while all sections play is nothing to be heard. */
    private void change() {
        if (!playing.get()) {
            return;
        }
        Take take = take();
        boolean same = take.click().equals(playingTake.click())
                && take.mix().equals(playingTake.mix())
                && take.loop().equals(playingTake.loop())
                && take.percent() == playingTake.percent()
                && take.exercise().turnedTo(0).equals(playingTake.exercise().turnedTo(0));
        playingTake = take;
        if (!same) {
            player.change(take);
        }
    }

    private Click clicked() {
        return click.get() ? clicking.get() : Click.NONE;
    }

    /** The take that would be played now. */
    public Take take() {
        Exercise exercise = desk.exercise().get();
        if (playsSections(exercise)) {
            return new Take(exercise, clicked(), percent.get(), countIn.get(), mix.get(), Optional.empty());
        }
        List<Layer> heard = exercise.layers()
                .subList(0, Math.min(stage.get(), exercise.layers().size()));
        Take all = new Take(
                exercise.alone().withLayers(heard),
                clicked(),
                percent.get(),
                countIn.get(),
                mix.get(),
                Optional.empty());
        return loop.get()
                .filter(bars -> bars.to() <= exercise.phrase().bars().size())
                .map(all::looping)
                .orElse(all);
    }

    @Override
    public void close() {
        stop();
    }
}
