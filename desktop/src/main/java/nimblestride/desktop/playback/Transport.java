package nimblestride.desktop.playback;

import java.util.List;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.sound.play.AudiblePosition;
import nimblestride.sound.play.Player;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.CountIn;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.StartPoint;

/** Plays and stops. Edits during playback are heard from the next unit on. */
public final class Transport implements AutoCloseable {
    /** The value of {@link #sectionProperty} while nothing plays. */
    public static final int NO_SECTION = -1;

    static final int PLAIN_CLICKS_PER_MINUTE = 100;
    static final int PLAIN_CLICKS_PER_WHOLE = 4;

    private final ExerciseDocument document;
    private final Player player;
    private final PlaybackSettings settings = new PlaybackSettings();
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper();
    private final ReadOnlyBooleanWrapper practicing = new ReadOnlyBooleanWrapper();
    private final ReadOnlyStringWrapper counted = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper("");
    private final NextPlayback next;
    private final ReadOnlyIntegerWrapper section = new ReadOnlyIntegerWrapper(NO_SECTION);
    private final Consumer<Playhead> follower;
    private final AnimationTimer frames;
    private Runnable stopped = () -> {};
    private volatile PlaybackRequest playingRequest;
    private boolean counting;
    /** Whether an exercise plays that is not the open one. */
    private boolean beside;

    private int partOfFrame;

    /**
     * @param recording that plays along
     * @param heard gets, for each frame, the audible moment of the selected section; empty while another one plays
     */
    public Transport(
            ExerciseDocument document,
            Player player,
            ShownExercise shown,
            OpenRecording recording,
            Consumer<Playhead> heard) {
        this.document = document;
        this.player = player;
        this.next = new NextPlayback(document, settings, shown, new SelectedStage(problem::set), recording);
        this.follower = heard;
        this.playingRequest = request();
        this.frames = new AnimationTimer() {
            @Override
            public void handle(long now) {
                if (!player.isPlaying()) {
                    player.problem().ifPresent(problem::set);
                    stop();
                }
                player.heard().ifPresent(Transport.this::follow);
            }
        };
        document.exerciseProperty().addListener((property, old, now) -> {
            settings.fit(OpenRecording.bars(now));
            settings.fit(now.practice());
            change();
        });
        document.onOpened(settings::reset);
        settings.heardAtOnce().forEach(setting -> setting.addListener(change -> change()));
        settings.volumeProperty()
                .addListener(
                        change -> player.setVolume(settings.volumeProperty().floatValue()));
        shown.stageProperty().addListener(change -> change());
        recording.loadedProperty().addListener(change -> change());
        playing.addListener(change -> {
            if (!playing.get()) {
                section.set(NO_SECTION);
                counted.set("");
                heard.accept(Playhead.HIDDEN);
            }
        });
    }

    /** Returns how the user wants to hear it. */
    public PlaybackSettings settings() {
        return settings;
    }

    /** Returns whether the open exercise plays, rather than a bar to listen to. */
    public ReadOnlyBooleanProperty practicingProperty() {
        return practicing.getReadOnlyProperty();
    }

    /** Returns whether something plays. */
    public ReadOnlyBooleanProperty playingProperty() {
        return playing.getReadOnlyProperty();
    }

    /** Returns the syllable of the count-in; empty at other times. */
    public ReadOnlyStringProperty countedProperty() {
        return counted.getReadOnlyProperty();
    }

    /** Returns why playing stopped by itself; empty where it did not. */
    public ReadOnlyStringProperty problemProperty() {
        return problem.getReadOnlyProperty();
    }

    /** Returns the section that plays, from 0; {@link #NO_SECTION} for none. */
    public ReadOnlyIntegerProperty sectionProperty() {
        return section.getReadOnlyProperty();
    }

    /** Runs a listener each time playing has stopped. */
    void onStopped(Runnable run) {
        stopped = run;
    }

    private void follow(AudiblePosition heard) {
        StartPoint start = playingRequest.start();
        double left = start.moment().toDouble() - heard.moment();
        if (left > 0 && heard.section() == start.section() && counting) {
            count(left);
            follower.accept(Playhead.HIDDEN);
            return;
        }
        counting = false;
        counted.set("");
        if (beside) {
            section.set(NO_SECTION);
            follower.accept(Playhead.HIDDEN);
            return;
        }
        Exercise exercise = document.exerciseProperty().get();
        if (!next.playsSections(exercise)
                || heard.section() >= exercise.sections().size()) {
            section.set(NO_SECTION);
            partOfFrame = heard.section();
            follower.accept(Playhead.at(heard.moment()));
            return;
        }
        section.set(heard.section());
        boolean selected = exercise.sections().get(heard.section()).content()
                == document.exerciseProperty().get().selected();
        follower.accept(selected ? Playhead.at(heard.moment()) : Playhead.HIDDEN);
    }

    private void count(double left) {
        Exercise exercise = playingRequest.exercise();
        StartPoint start = playingRequest.start();
        Phrase phrase = exercise.withSelected(
                        exercise.sections().get(start.section()).content())
                .phrase();
        long number = phrase.barAt(start.moment());
        Bar bar = phrase.bar(number);
        counted.set(playingRequest.countIn().saying(bar, start.moment().minus(phrase.startOf(number)), left));
    }

    /** Returns what plays, in words. */
    public String description() {
        if (!counted.get().isEmpty()) {
            return "Counting in: " + counted.get();
        }
        if (beside) {
            return "Playing " + playingRequest.exercise().name();
        }
        int percent = settings.percentProperty().get();
        String part = settings.stageProperty()
                .get()
                .map(stage -> SelectedStage.words(stage, partOfFrame))
                .orElse("");
        String tempo = settings.tempoProperty()
                .get()
                .map(one -> " at " + Tempo.decimal(one.perMinute()))
                .orElse("");
        String speed = tempo + (percent == 100 ? "" : " at " + percent + " %");
        String bars = settings.loopProperty()
                .get()
                .filter(one -> !next.playsSections(document.exerciseProperty().get()))
                .map(one -> ", bars " + (one.from() + 1) + " to " + one.to())
                .orElse("");
        return "Playing" + part + speed + bars;
    }

    /** Plays from the bar that is set, or stops. */
    public void toggle() {
        if (playing.get()) {
            stop();
        } else {
            Exercise exercise = document.exerciseProperty().get();
            int bar = settings.firstBarProperty().get();
            play(request()
                    .from(new StartPoint(
                            next.playsSections(exercise) && bar > 0 ? exercise.firstSection() : 0,
                            exercise.phrase().startOf(bar))));
        }
    }

    /** Plays the selected section from a moment on, even if it plays already. */
    public void playFrom(NoteValue moment) {
        Exercise exercise = document.exerciseProperty().get();
        if (next.playsSections(exercise)) {
            int first = exercise.firstSection();
            NoteValue within = moment.remainder(exercise.phrase().length());
            play(request().from(new StartPoint(first, within)));
        } else {
            PlaybackRequest request = request();
            NoteValue from = request.exercise().hasSections()
                    ? moment.remainder(exercise.phrase().length())
                    : moment;
            play(request.from(new StartPoint(0, from)));
        }
    }

    /** Plays from the start of a section. */
    public void playFromSection(int number) {
        settings.allSectionsProperty().set(true);
        play(request().from(new StartPoint(number, NoteValue.ZERO)));
    }

    /** Plays an exercise that is not the open one, without a click, until it is stopped. */
    public void playBeside(Exercise another) {
        play(new PlaybackRequest(another, ClickSettings.NONE), true);
    }

    /** Plays a plain click for a measurement. */
    void playPlainClick() {
        Exercise plain = new Exercise(
                "Click", Phrase.of(Bar.of(Meter.of(4, 4))), List.of(), Tempo.ofQuarters(PLAIN_CLICKS_PER_MINUTE));
        play(new PlaybackRequest(plain, ClickSettings.NONE.with(ClickSettings.Level.UNIT, true)));
    }

    private void play(PlaybackRequest request) {
        play(request, false);
    }

    private void play(PlaybackRequest request, boolean another) {
        playingRequest = request;
        beside = another;
        problem.set("");
        counting = request.countIn().bars() > 0;
        player.start(request);
        frames.start();
        playing.set(true);
        practicing.set(!another);
    }

    /** Stops playback. */
    public void stop() {
        player.stop();
        frames.stop();
        practicing.set(false);
        playing.set(false);
        stopped.run();
    }

    /** Updates playback; selecting another section changes nothing while all sections play. */
    private void change() {
        if (!playing.get() || beside) {
            return;
        }
        PlaybackRequest request = request();
        boolean same = heardOf(request).equals(heardOf(playingRequest));
        StartPoint start = playingRequest.start();
        boolean stillThere = start.section() < request.exercise().sections().size();
        playingRequest = counting && stillThere ? startingLike(request, start) : request;
        if (!same) {
            player.change(request);
        }
    }

    /** Returns a request with another one's start point, if that place still exists. */
    private static PlaybackRequest startingLike(PlaybackRequest request, StartPoint start) {
        try {
            return request.from(start);
        } catch (StrideException e) {
            return request;
        }
    }

    /** Returns a request without its start point, to compare what is heard. */
    private static PlaybackRequest heardOf(PlaybackRequest request) {
        return request.from(StartPoint.BEGINNING)
                .countedIn(CountIn.NONE)
                .of(request.exercise().withSelected(0));
    }

    /** Returns the tempo at which the selected section plays, or would play. */
    public Tempo tempo() {
        return next.tempo();
    }

    /** Returns the request that would play now, from its beginning. */
    public PlaybackRequest request() {
        return next.take();
    }

    /** Returns the request that plays now, or played last. Call it on any thread. */
    public PlaybackRequest lastRequest() {
        return playingRequest;
    }

    @Override
    public void close() {
        stop();
    }
}
