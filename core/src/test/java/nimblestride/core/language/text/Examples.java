package nimblestride.core.language.text;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Exercises typed the way a user types them, for tests of every package. */
public final class Examples {
    private Examples() {}

    public static Phrase bars(String text) {
        return BarsText.read(text);
    }

    /** Reads the lengths of a cell, such as {@code 3+3+2}. */
    public static List<Integer> cell(String text) {
        return Arrays.stream(text.split("\\+", -1)).map(Integer::valueOf).toList();
    }

    public static Layer layer(String text) {
        return LayerText.read(text);
    }

    public static NoteValue value(String text) {
        return NoteValue.parse(text);
    }

    public static Exercise exercise(String bars, String... layers) {
        return new Exercise(
                "Example", bars(bars), Stream.of(layers).map(LayerText::read).toList(), TempoText.read("96"));
    }

    /** With a new section after its last one. */
    public static Exercise then(Exercise exercise, String pivot, int rounds, String bars, String... layers) {
        SectionContent content = new SectionContent(
                SectionEdits.nextName(exercise),
                bars(bars),
                Stream.of(layers).map(LayerText::read).toList());
        return SectionEdits.add(exercise, exercise.sections().size(), content, rounds, PivotText.read(pivot));
    }

    /** With a section once more after its last one. */
    public static Exercise again(Exercise exercise, String pivot, int rounds, int content) {
        return SectionEdits.repeat(exercise, exercise.sections().size(), content, rounds, PivotText.read(pivot));
    }
}
