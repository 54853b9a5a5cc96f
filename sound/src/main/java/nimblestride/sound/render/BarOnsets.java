package nimblestride.sound.render;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.layer.Course;
import nimblestride.core.layer.Layer;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;
import nimblestride.sound.kit.SoundSet;

/** What begins in each bar of a feel: the click's and the layers' sounds, in order. */
final class BarOnsets {
    /** More than this in one bar is noise, and is left out. */
    private static final int MOST_IN_A_BAR = 20_000;

    private final boolean click;
    private final Phrase phrase;
    private final SoundSet sounds;
    private final List<Course> layers = new ArrayList<>();

    private final NotesOfAStroke notes;

    /** @param click whether the groups and the 1 are clicked */
    BarOnsets(Exercise exercise, boolean click, SoundSet sounds) {
        this.click = click;
        this.phrase = exercise.phrase();
        this.sounds = sounds;
        this.notes = new NotesOfAStroke(sounds);
        for (Layer layer : exercise.layers()) {
            try {
                layers.add(Course.of(layer, phrase));
            } catch (IllegalArgumentException | ArithmeticException e) {
                // A layer that cannot be laid out is told among the findings; the others play.
            }
        }
    }

    /** The sounds that begin in a bar, rounds of the phrase counted on, from a moment on. */
    List<Onset> in(long bar, NoteValue from) {
        NoteValue start = phrase.startOf(bar);
        NoteValue end = phrase.startOf(bar + 1);
        List<Onset> onsets = new ArrayList<>();
        if (click) {
            for (NoteValue group : phrase.bar(bar).groupStarts()) {
                SoundSet.Click sound = group.isZero() ? SoundSet.Click.BAR : SoundSet.Click.GROUP;
                onsets.add(new Onset(start.plus(group), sounds.click(sound), 1));
            }
        }
        for (Course layer : layers) {
            layer.between(start, end, MOST_IN_A_BAR).forEach(hit -> notes.add(hit, onsets));
        }
        return onsets.stream()
                .filter(onset -> onset.at().compareTo(from) >= 0)
                .sorted(Comparator.comparing(Onset::at))
                .toList();
    }
}
