package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.meter.Phrase;

/**
 * A part as somebody plays it step by step: one note after the other, each in the next share of its stride. At every
 * moment it reads as a whole part, in which what was not played yet rests.
 *
 * @param before the part so far, of whole bars; blank for none
 * @param steps what was played since, in order
 */
public record PartRecording(String before, List<Step> steps) {
    /**
     * What was played at once.
     *
     * @param strokes nothing for a rest
     * @param shares how many notes share its stride; counts for the first step of a stride
     */
    public record Step(List<Hit> strokes, int shares) {
        public Step {
            strokes = List.copyOf(strokes);
        }

        private String text(NamedVoices voices) {
            return strokes.isEmpty()
                    ? "."
                    : strokes.stream()
                            .map(hit -> new PartStroke(hit.voice, hit.stroke).text(voices))
                            .collect(Collectors.joining("+"));
        }
    }

    /** One stroke of one voice. */
    public record Hit(Voice voice, Stroke stroke) {}

    public PartRecording {
        steps = List.copyOf(steps);
    }

    /** Begins after a part. */
    public static PartRecording after(String part) {
        return new PartRecording(part.strip(), List.of());
    }

    /** Adds a step. */
    public PartRecording then(Step step) {
        List<Step> more = new ArrayList<>(steps);
        more.add(step);
        return new PartRecording(before, more);
    }

    /** Adds a stroke to the last step, unless its voice is there already. */
    public PartRecording together(Hit hit) {
        Step last = steps.get(steps.size() - 1);
        List<Hit> strokes = new ArrayList<>(last.strokes);
        if (strokes.stream().noneMatch(one -> one.voice.equals(hit.voice))) {
            strokes.add(hit);
        }
        return back().then(new Step(strokes, last.shares));
    }

    /** Takes the last step back. */
    public PartRecording back() {
        return steps.isEmpty() ? this : new PartRecording(before, steps.subList(0, steps.size() - 1));
    }

    /** Returns the part: what was there before, and each step, with rests up to the end of its bar. */
    public String text(Phrase phrase, NamedVoices voices) {
        List<String> bars = new ArrayList<>();
        Optional.of(before).filter(part -> !part.isBlank()).ifPresent(part -> bars.add(withoutLine(part)));
        int number = PartLayout.of(before).count() * (before.isBlank() ? 0 : 1);
        List<String> strides = strides(voices);
        for (int from = 0; from < strides.size(); number++) {
            int wanted = phrase.bar(number).groupStarts().size();
            List<String> bar = new ArrayList<>(strides.subList(from, Math.min(from + wanted, strides.size())));
            from += wanted;
            while (bar.size() < wanted) {
                bar.add(".");
            }
            bars.add(String.join(" / ", bar));
        }
        return String.join(" |\n", bars);
    }

    private static String withoutLine(String part) {
        return part.endsWith("|") ? part.substring(0, part.length() - 1).stripTrailing() : part;
    }

    private List<String> strides(NamedVoices voices) {
        List<String> strides = new ArrayList<>();
        for (int from = 0; from < steps.size(); ) {
            int shares = steps.get(from).shares;
            List<String> notes = new ArrayList<>();
            for (int i = from; i < from + shares; i++) {
                notes.add(i < steps.size() ? steps.get(i).text(voices) : ".");
            }
            strides.add(String.join(" ", notes));
            from += shares;
        }
        return strides;
    }
}
