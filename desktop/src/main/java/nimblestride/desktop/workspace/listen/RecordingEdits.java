package nimblestride.desktop.workspace.listen;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.recording.HitMarks;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.recording.BeatFollower;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.core.transcription.recording.PartGuess;
import nimblestride.core.transcription.recording.RecordingProposal;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.OpenRecording;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.view.recording.StripActions;
import nimblestride.sound.render.Loop;

/** Edits the recording of the open exercise; each edit can be undone. */
final class RecordingEdits implements StripActions {
    private final ExerciseDocument document;
    private final OpenRecording recording;
    private final Transport transport;
    private final Status status;

    RecordingEdits(ExerciseDocument document, OpenRecording recording, Transport transport, Status status) {
        this.document = document;
        this.recording = recording;
        this.transport = transport;
        this.status = status;
    }

    private void edit(UnaryOperator<LinkedRecording> change) {
        editExercise(exercise -> exercise.recording()
                .map(now -> exercise.withRecording(change.apply(now)))
                .orElse(exercise));
    }

    private void editExercise(UnaryOperator<Exercise> change) {
        try {
            document.edit(change);
        } catch (StrideException e) {
            status.show("I can't do that: " + e.getMessage() + ".");
        }
    }

    private void mark(UnaryOperator<HitMarks> change) {
        edit(now -> now.withMarks(change.apply(now.marks())));
    }

    @Override
    public void add(double seconds) {
        mark(marks -> marks.with(seconds));
    }

    @Override
    public void remove(double seconds) {
        mark(marks -> marks.without(seconds));
    }

    @Override
    public void move(double from, double to) {
        mark(marks -> marks.without(from).with(to));
    }

    @Override
    public void putBar(NoteValue moment, double seconds) {
        Phrase phrase = document.exerciseProperty().get().phrase();
        edit(now -> now.withBeats(
                BeatFollower.withBeat(recording.hits(now), phrase, now.beats(), moment, seconds, now.seconds())));
    }

    @Override
    public void loop(Loop bars) {
        transport.settings().loopProperty().set(Optional.of(bars));
    }

    @Override
    public void playFrom(long bar) {
        transport.playFrom(document.exerciseProperty().get().phrase().startOf(bar));
    }

    /** Finds hits at another sensitivity, from 0 to 1. */
    void findAt(double sensitivity) {
        edit(now -> now.withSensitivity(sensitivity));
    }

    /** Gives the exercise the bars of a proposal, its tempo, and its beats. */
    void use(RecordingProposal proposal) {
        editExercise(exercise -> {
            Exercise barred = exercise.withPhrase(proposal.phrase());
            Exercise timed =
                    barred.allowsTempo(proposal.exerciseTempo()) ? barred.withTempo(proposal.exerciseTempo()) : barred;
            return timed.recording()
                    .map(now -> timed.withRecording(now.withBeats(proposal.beats())))
                    .orElse(timed);
        });
    }

    /**
     * Adds what the kit seems to play in the looped bars, or in all of them. Layers of other voices stay.
     *
     * @return whether anything was heard
     */
    boolean guessPart() {
        Exercise exercise = document.exerciseProperty().get();
        Optional<Loop> loop = transport.settings().loopProperty().get();
        LinkedRecording now = exercise.recording().orElseThrow();
        List<HeardHit> hits = recording.hits(now);
        List<Layer> layers = PartGuess.of(
                hits,
                now.beats(),
                exercise.phrase(),
                loop.map(Loop::from).orElse(0),
                loop.map(Loop::to).orElse(OpenRecording.bars(exercise)));
        if (!layers.isEmpty()) {
            List<Voice> guessed = layers.stream().map(Layer::voice).toList();
            editExercise(before -> before.withLayers(Stream.concat(
                            before.layers().stream().filter(layer -> !guessed.contains(layer.voice())), layers.stream())
                    .toList()));
        }
        return !layers.isEmpty();
    }
}
