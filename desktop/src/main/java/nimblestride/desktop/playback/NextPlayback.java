package nimblestride.desktop.playback;

import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.edit.PlacementEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.sound.render.CountIn;
import nimblestride.sound.render.PlaybackRequest;
import org.apache.commons.numbers.fraction.BigFraction;

/** What would play now: the open exercise, as it is set to sound and as far as it is built up. */
final class NextPlayback {
    private final ExerciseDocument document;
    private final PlaybackSettings settings;
    private final ShownExercise shown;
    private final SelectedStage stages;
    private final OpenRecording recording;

    NextPlayback(
            ExerciseDocument document,
            PlaybackSettings settings,
            ShownExercise shown,
            SelectedStage stages,
            OpenRecording recording) {
        this.document = document;
        this.settings = settings;
        this.shown = shown;
        this.stages = stages;
        this.recording = recording;
    }

    /** Returns whether all sections of an exercise would play, one after the other. */
    boolean playsSections(Exercise exercise) {
        return settings.stageProperty().get().isEmpty()
                && settings.allSectionsProperty().get()
                && exercise.hasSections();
    }

    /** Returns the tempo at which the selected section plays, or would play. */
    Tempo tempo() {
        Tempo tempo = atTempo(document.exerciseProperty().get()).tempo();
        BigFraction slowed =
                tempo.perMinute().multiply(settings.percentProperty().get()).divide(100);
        BigFraction slowest = BigFraction.of(Tempo.MIN);
        BigFraction fastest = BigFraction.of(Tempo.MAX);
        BigFraction within = slowed.compareTo(slowest) < 0 ? slowest : slowed.compareTo(fastest) > 0 ? fastest : slowed;
        return new Tempo(tempo.beat(), within);
    }

    /** Returns the request that would play now, from its start. */
    PlaybackRequest take() {
        Exercise exercise = atTempo(document.exerciseProperty().get());
        CountIn countIn = new CountIn(
                settings.countInProperty().get(),
                shown.countingSystemProperty().get(),
                shown.subdivisionProperty().get());
        boolean sections = playsSections(exercise);
        PlaybackRequest alone = new PlaybackRequest(
                        sections ? exercise : selected(exercise),
                        settings.stageProperty()
                                .get()
                                .map(stage -> SelectedStage.clicked(settings.clicked(), stage))
                                .orElseGet(settings::clicked))
                .at(settings.percentProperty().get())
                .countedIn(countIn)
                .mixed(settings.mixProperty().get());
        PlaybackRequest withBand =
                settings.bandProperty().get().map(alone::with).orElse(alone);
        PlaybackRequest request = recording
                .track(exercise, settings.recordingProperty().get())
                .map(withBand::along)
                .orElse(withBand);
        boolean whole = sections || request.exercise().hasSections();
        return settings.loopProperty()
                .get()
                .filter(bars ->
                        !whole && (request.recording().isPresent() || bars.to() <= PlacementEdits.bars(exercise)))
                .map(request::looping)
                .orElse(request);
    }

    /** Returns the exercise at its practice tempo, where that is not its own and every section can follow. */
    private Exercise atTempo(Exercise exercise) {
        return settings.tempoProperty()
                .get()
                .filter(exercise::allowsTempo)
                .map(exercise::withTempo)
                .orElse(exercise);
    }

    /** Returns the selected section as it is practiced: a stage of it, or as many layers as are built up. */
    private Exercise selected(Exercise exercise) {
        Optional<Stage> stage = settings.stageProperty().get();
        if (stage.isPresent()) {
            return stages.of(exercise, stage.get());
        }
        List<Layer> heard = exercise.layers()
                .subList(
                        0,
                        Math.min(shown.stageProperty().get(), exercise.layers().size()));
        return exercise.selectedOnly().withLayers(heard);
    }
}
