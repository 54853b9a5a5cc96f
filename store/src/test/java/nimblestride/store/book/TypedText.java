package nimblestride.store.book;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.language.text.TextException;

/** Exercises as they are typed, line by line: as good a text as any to keep them as. */
public final class TypedText implements ExerciseCodec {
    @Override
    public String write(Exercise exercise) {
        return exercise.name() + "\n" + TempoText.write(exercise.tempo()) + "\n" + BarsText.write(exercise.phrase())
                + exercise.layers().stream()
                        .map(layer -> "\n" + LayerText.write(layer))
                        .collect(Collectors.joining());
    }

    @Override
    public Exercise read(String text) {
        try {
            List<String> lines = text.lines().toList();
            return new Exercise(
                    lines.get(0),
                    BarsText.read(lines.get(2)),
                    lines.stream().skip(3).map(LayerText::read).toList(),
                    TempoText.read(lines.get(1)));
        } catch (TextException | IndexOutOfBoundsException e) {
            throw new InvalidValueException("no exercise: " + Arrays.asList(text.split("\n", -1)), e);
        }
    }
}
