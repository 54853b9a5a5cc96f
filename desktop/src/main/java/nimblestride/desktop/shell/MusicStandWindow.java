package nimblestride.desktop.shell;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.stage.Window;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.PlayedStroke;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.desktop.view.stand.MusicStand;
import nimblestride.desktop.view.stand.StandActions;
import nimblestride.desktop.view.stand.StandContent;
import nimblestride.desktop.workspace.practice.PracticeRecorder;

/** Creates the Stand on first use, keeps it in step with the exercise, and lets keys, pedals, and pads work it. */
final class MusicStandWindow implements StandActions {
    private final Window owner;
    private final ExerciseDocument document;
    private final RoadView road;
    private final Transport transport;
    private final PracticeRecorder recorder;
    private final Supplier<String> colors;
    private Optional<MusicStand> stand = Optional.empty();

    /** @param colors style of the window's root */
    MusicStandWindow(
            Window owner,
            ExerciseDocument document,
            RoadView road,
            Transport transport,
            PlaybackDevices devices,
            PracticeRecorder recorder,
            Supplier<String> colors) {
        this.owner = owner;
        this.document = document;
        this.road = road;
        this.transport = transport;
        this.recorder = recorder;
        this.colors = colors;
        document.analyzedProperty().addListener(change -> refresh());
        road.countingSystemProperty().addListener(change -> refresh());
        road.subdivisionProperty().addListener(change -> refresh());
        transport.settings().stageProperty().addListener(change -> refresh());
        transport.playingProperty().addListener(change -> refresh());
        devices.onStroke(this::struck);
    }

    void show() {
        if (stand.isEmpty()) {
            stand = Optional.of(new MusicStand(owner, this));
        }
        stand.get().show(content(), road.paletteProperty().get(), colors.get());
    }

    void refresh() {
        shown().ifPresent(open -> open.put(content(), road.paletteProperty().get(), colors.get()));
    }

    private Optional<MusicStand> shown() {
        return stand.filter(MusicStand::isShowing);
    }

    private StandContent content() {
        Exercise exercise = document.exerciseProperty().get();
        Optional<Stage> stage = transport.settings().stageProperty().get();
        return new StandContent(
                exercise,
                cycleBars(exercise),
                road.countingSystemProperty().get(),
                road.subdivisionProperty().get(),
                stage.map(one -> "Stage " + (stages().indexOf(one) + 1) + " of "
                                        + stages().size() + ", "
                                        + one.task().title() + ", ")
                                .orElse("")
                        + transport.tempo().spoken(),
                recorder.runsToday().description());
    }

    private long cycleBars(Exercise exercise) {
        return Optional.ofNullable(document.analyzedProperty().get())
                .filter(analyzed -> analyzed.exercise().equals(exercise))
                .flatMap(analyzed -> analyzed.analysis().together().result())
                .map(Analysis.Together::bars)
                .orElse((long) exercise.phrase().bars().size());
    }

    private List<Stage> stages() {
        return document.exerciseProperty().get().practice().stages();
    }

    @Override
    public void play() {
        transport.toggle();
    }

    @Override
    public boolean step(int by) {
        List<Stage> stages = stages();
        if (stages.isEmpty()) {
            return false;
        }
        int now =
                transport.settings().stageProperty().get().map(stages::indexOf).orElse(by > 0 ? -1 : stages.size());
        int next = Math.max(0, Math.min(stages.size() - 1, now + by));
        transport.settings().stageProperty().set(Optional.of(stages.get(next)));
        transport.settings().percentProperty().set(stages.get(next).percent());
        return true;
    }

    @Override
    public void clean() {
        rate(RepRating.CLEAN);
    }

    @Override
    public void notYet() {
        rate(RepRating.NOT_YET);
    }

    private void rate(RepRating rating) {
        recorder.log(transport.tempo(), rating, List.of());
        refresh();
    }

    /** While nothing plays, pads work the Stand: the snare means clean, the kick not yet. */
    private void struck(PlayedStroke stroke) {
        if (transport.playingProperty().get() || stroke.heard().isPresent()) {
            return;
        }
        shown().ifPresent(open -> struck(open, stroke.strike().voice()));
    }

    private void struck(MusicStand open, Voice voice) {
        if (voice.equals(Kit.SNARE)) {
            clean();
        } else if (voice.equals(Kit.KICK)) {
            notYet();
        } else if (voice.equals(Kit.CRASH) || voice.equals(Kit.RIDE)) {
            play();
        } else if (voice.equals(Kit.HIGH_TOM)) {
            open.step(1);
        } else if (voice.equals(Kit.FLOOR_TOM)) {
            open.step(-1);
        }
    }

    void follow(Playhead playhead) {
        stand.ifPresent(shown -> shown.follow(playhead));
    }

    void close() {
        stand.ifPresent(MusicStand::close);
    }
}
