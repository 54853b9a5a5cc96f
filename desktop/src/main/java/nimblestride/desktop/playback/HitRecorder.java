package nimblestride.desktop.playback;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongPredicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.practice.timing.ExpectedHit;
import nimblestride.core.practice.timing.ExpectedHits;
import nimblestride.core.practice.timing.HitMatching;
import nimblestride.core.practice.timing.PlayedHit;
import nimblestride.core.practice.timing.Timing;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.PlaybackRequest;

/**
 * Records hits while something plays, and compares them with what should have been played. Belongs to the interface
 * thread.
 */
public final class HitRecorder {
    private static final long FINE = 1_000;
    /** How far before the first hit and after the last to look for places, in whole notes. */
    private static final double AROUND = 1.0 / 16;

    private static final int MAX_STROKES = 20_000;

    private final ExerciseDocument document;
    private final Transport transport;
    private final List<Run> runs = new ArrayList<>();
    private boolean recording;
    private int strokes;

    /** Hits of one section of one request, from one moment to a later one: whatever goes back starts another. */
    private static final class Run {
        private final PlaybackRequest request;
        private final int section;
        private final Phrase selected;
        private final List<Stroke> strokes = new ArrayList<>();

        Run(PlaybackRequest request, int section, Phrase selected) {
            this.selected = selected;
            this.request = request;
            this.section = section;
        }

        private double last() {
            return strokes.isEmpty() ? 0 : strokes.get(strokes.size() - 1).moment;
        }
    }

    private record Stroke(double moment, Voice voice) {}

    public HitRecorder(ExerciseDocument document, Transport transport, PlaybackDevices devices) {
        this.document = document;
        this.transport = transport;
        devices.onStroke(this::struck);
    }

    /** Starts to record, with nothing recorded yet. */
    public void start() {
        runs.clear();
        strokes = 0;
        recording = true;
    }

    /** Stops recording; what was recorded stays. */
    public void stop() {
        recording = false;
    }

    /** Returns whether it records. */
    public boolean isRecording() {
        return recording;
    }

    /** Returns how many hits were recorded. */
    public int strokes() {
        return strokes;
    }

    private void struck(PlayedStroke struck) {
        if (!recording || struck.heard().isEmpty() || strokes >= MAX_STROKES) {
            return;
        }
        double moment = struck.heard().get().moment();
        int section = struck.heard().get().section();
        PlaybackRequest request = transport.lastRequest();
        Run run = runs.isEmpty() ? null : runs.get(runs.size() - 1);
        if (run == null
                || run.section != section
                || !run.request.exercise().equals(request.exercise())
                || run.request.percent() != request.percent()
                || moment < run.last() - 0.25) {
            run = new Run(request, section, document.exerciseProperty().get().phrase());
            runs.add(run);
        }
        run.strokes.add(new Stroke(moment, struck.strike().voice()));
        strokes++;
    }

    /**
     * Returns the timing of what was played, as it is known now.
     *
     * @return a question that any thread may ask
     */
    public Supplier<Optional<Timing>> timing() {
        List<Run> all = List.copyOf(runs);
        return () -> {
            List<HitMatching> matchings = new ArrayList<>();
            for (Run run : all) {
                matched(run).ifPresent(matchings::add);
            }
            return Timing.of(HitMatching.together(matchings));
        };
    }

    private static Optional<HitMatching> matched(Run run) {
        List<Playthrough.Passage> passages =
                Playthrough.of(run.request.exercise()).passages();
        if (run.section >= passages.size() || run.strokes.isEmpty()) {
            return Optional.empty();
        }
        Exercise content = passages.get(run.section).content();
        if (content.layers().isEmpty()) {
            return Optional.empty();
        }
        LongPredicate silent = silent(run, passages.size(), content.phrase());
        ExpectedHits expectation =
                new ExpectedHits(content, run.request.percent(), silent, writtenPhrase(content.phrase(), run.selected));
        NoteValue from = moment(run.strokes.get(0).moment - AROUND);
        NoteValue to = moment(run.last() + AROUND);
        try {
            List<ExpectedHit> expected = expectation.between(Set.copyOf(content.layerNames()), from, to);
            List<PlayedHit> taps = run.strokes.stream()
                    .map(stroke -> new PlayedHit(expectation.milliseconds(stroke.moment), stroke.voice))
                    .collect(Collectors.toList());
            List<PlayedHit> late =
                    taps.size() <= ExpectedHits.MAX ? taps : taps.subList(taps.size() - ExpectedHits.MAX, taps.size());
            return Optional.of(HitMatching.of(expected, late));
        } catch (StrideException e) {
            // A finding reports a layer that can't be laid out, and nobody can play it.
            return Optional.empty();
        }
    }

    /** Returns the phrase that names the places; a stage may write out several rounds of it. */
    private static Phrase writtenPhrase(Phrase played, Phrase selected) {
        int bars = selected.bars().size();
        boolean inRounds = played.bars().size() % bars == 0
                && played.bars().subList(0, bars).equals(selected.bars());
        return inRounds ? selected : played;
    }

    private static NoteValue moment(double wholes) {
        return NoteValue.of(Math.max(0, (long) Math.floor(wholes * FINE)), FINE);
    }

    /** Returns in which bars the click was silent; known only when one section ran without a loop. */
    private static LongPredicate silent(Run run, int sections, Phrase phrase) {
        ClickSettings click = run.request.click();
        if (sections > 1 || run.request.loop().isPresent() || click.levels().isEmpty()) {
            return bar -> false;
        }
        long first = phrase.barAt(run.request.start().moment());
        return bar -> bar >= first && !click.isHeardAfter(bar - first);
    }
}
