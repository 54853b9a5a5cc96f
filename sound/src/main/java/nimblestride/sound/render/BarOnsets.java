package nimblestride.sound.render;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.layer.Course;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.NoteValue;
import nimblestride.sound.kit.SoundSet;

/** What begins in each bar of a feel: the click's and the layers' sounds, in order. */
final class BarOnsets {
    /** More than this in one bar is noise, and is left out. */
    private static final int MOST_IN_A_BAR = 20_000;

    private final Click click;
    private final Mix mix;
    private final Phrase phrase;
    private final SoundSet sounds;
    private final List<Heard> layers = new ArrayList<>();

    private final NotesOfAStroke notes;

    BarOnsets(Exercise exercise, Click click, Mix mix, SoundSet sounds) {
        this.mix = mix;
        this.click = click;
        this.phrase = exercise.phrase();
        this.sounds = sounds;
        this.notes = new NotesOfAStroke(sounds);
        List<String> names = exercise.layerNames();
        for (int i = 0; i < names.size(); i++) {
            double level = mix.of(names.get(i));
            try {
                if (level > 0) {
                    layers.add(new Heard(Course.of(exercise.layers().get(i), phrase), (float) level));
                }
            } catch (IllegalArgumentException | ArithmeticException e) {
                // A layer that cannot be laid out is told among the findings; the others play.
            }
        }
    }

    /** A layer that is heard, and how loud. */
    private record Heard(Course course, float level) {}

    /** Each level of the click has a sound of its own. */
    static int strength(Click.Level level) {
        return switch (level) {
            case PHRASE -> 0;
            case BAR -> 1;
            case GROUP -> 2;
            case OFF_BEAT -> 3;
            case UNIT -> 4;
        };
    }

    /** The sounds that begin in a bar, rounds of the phrase counted on, from a moment on. */
    List<Onset> in(long bar, long played, NoteValue from) {
        NoteValue start = phrase.startOf(bar);
        NoteValue end = phrase.startOf(bar + 1);
        List<Onset> onsets = new ArrayList<>();
        for (Click.Tick tick : click.in(phrase, bar, played)) {
            onsets.add(new Onset(start.plus(tick.at()), sounds.click(strength(tick.level())), (float) mix.click()));
        }
        for (Heard layer : layers) {
            layer.course.between(start, end, MOST_IN_A_BAR).forEach(hit -> notes.add(hit, layer.level, onsets));
        }
        return onsets.stream()
                .filter(onset -> onset.at().compareTo(from) >= 0)
                .sorted(Comparator.comparing(Onset::at))
                .toList();
    }
}
