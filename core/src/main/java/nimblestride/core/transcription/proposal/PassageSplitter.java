package nimblestride.core.transcription.proposal;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.repetition.VoiceLine;
import nimblestride.core.transcription.source.ImportedHit;
import nimblestride.core.transcription.source.ImportedPart;
import nimblestride.core.transcription.source.MeterSource;
import nimblestride.core.transcription.source.TempoMark;
import nimblestride.core.transcription.source.Transcription;

/** Splits a part into passages of one tempo each, with its sounds as voices, and says what that leaves out. */
final class PassageSplitter {
    private static final NoteValue HARDLY_LATER = NoteValue.of(1, 64);

    private final Transcription source;
    private final ImportChoice choice;
    private final List<String> leftOut = new ArrayList<>();
    private final Map<Voice, NavigableMap<NoteValue, Stroke>> strokes = new LinkedHashMap<>();
    private final NoteValue from;

    PassageSplitter(Transcription source, ImportChoice choice) {
        this.source = source;
        this.choice = choice;
        this.from = choice.meter().map(MeterProposal::from).orElse(NoteValue.ZERO);
        gather(source.parts().get(choice.part()));
    }

    private void gather(ImportedPart part) {
        Map<String, Integer> unknown = new LinkedHashMap<>();
        int together = 0;
        for (ImportedHit struck : part.strokes()) {
            Optional<Voice> voice = choice.voiceOf(struck.sound());
            if (voice.isEmpty()) {
                unknown.merge(struck.sound().name(), 1, Integer::sum);
                continue;
            }
            NavigableMap<NoteValue, Stroke> line = strokes.computeIfAbsent(voice.get(), one -> new TreeMap<>());
            NoteValue at = struck.at().minus(from);
            together += line.containsKey(at) ? 1 : 0;
            line.merge(at, struck.stroke(), PassageSplitter::harder);
        }
        if (!unknown.isEmpty()) {
            leftOut.add("No voice chosen for "
                    + unknown.entrySet().stream()
                            .map(sound -> sound.getKey() + " (" + Counted.count(sound.getValue(), "hit") + ")")
                            .collect(Collectors.joining(", "))
                    + ".");
        }
        if (together > 0) {
            leftOut.add(
                    Counted.count(together, "hit") + " fell on another hit of the same voice; the louder one stays.");
        }
    }

    private static Stroke harder(Stroke one, Stroke other) {
        return other.level().strength() > one.level().strength() ? other : one;
    }

    boolean isEmpty() {
        return strokes.isEmpty();
    }

    List<String> leftOut() {
        return leftOut;
    }

    /** Returns everything at the first tempo. */
    Passage whole() {
        List<Bar> bars = bars();
        TempoMark first = source.tempos().get(0);
        return new Passage(bars, lines(NoteValue.ZERO, Phrase.of(bars).length()), first.tempo(), Optional.empty());
    }

    /** Returns one passage for each tempo, as far as an exercise has sections. */
    List<Passage> all() {
        List<TempoMark> marks = source.tempos();
        if (marks.size() == 1) {
            return List.of(whole());
        }
        if (choice.meter().isPresent() || marks.size() > Exercise.MAX_SECTIONS) {
            leftOut.add(changesLeftOut(marks.size() - 1));
            return List.of(whole());
        }
        Phrase phrase = Phrase.of(source.bars());
        List<Passage> passages = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            int end = i + 1 < marks.size()
                    ? marks.get(i + 1).bar()
                    : source.bars().size();
            TempoMark mark = marks.get(i);
            passages.add(new Passage(
                    source.bars().subList(mark.bar(), end),
                    lines(phrase.startOf(mark.bar()), phrase.startOf(end)),
                    mark.tempo(),
                    mark.entered()));
        }
        return passages;
    }

    static String changesLeftOut(int changes) {
        return Counted.count(changes, "change") + " of tempo were dropped; the first tempo applies.";
    }

    /** Returns the bars as they came, or those that are proposed, as many as hold the last hit. */
    private List<Bar> bars() {
        if (choice.meter().isEmpty()) {
            return source.bars();
        }
        List<Bar> cycle = choice.meter().get().bars();
        long rounds = lastStroke().wholePartsOf(Phrase.of(cycle).length()) + 1;
        return Phrase.of(cycle)
                .first(Math.min(Transcription.MAX_BARS, ExactMath.multiply(rounds, cycle.size())))
                .bars();
    }

    /** Where nobody named the bars, what comes after the last hit is no silence that anybody played. */
    private NoteValue heard(NoteValue end) {
        NoteValue last = lastStroke().plus(HARDLY_LATER);
        return source.meters() == MeterSource.NONE && last.compareTo(end) < 0 ? last : end;
    }

    private NoteValue lastStroke() {
        return strokes.values().stream()
                .map(NavigableMap::lastKey)
                .max(NoteValue::compareTo)
                .orElse(NoteValue.ZERO);
    }

    private List<VoiceLine> lines(NoteValue start, NoteValue end) {
        List<VoiceLine> lines = new ArrayList<>();
        NoteValue until = heard(end);
        strokes.forEach((voice, line) -> {
            NavigableMap<NoteValue, Stroke> own = new TreeMap<>();
            line.subMap(start, end).forEach((at, stroke) -> own.put(at.minus(start), stroke));
            if (!own.isEmpty()) {
                lines.add(new VoiceLine(voice, own, until.minus(start)));
            }
        });
        return lines;
    }
}
