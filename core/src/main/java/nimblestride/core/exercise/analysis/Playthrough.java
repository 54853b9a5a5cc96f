package nimblestride.core.exercise.analysis;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An exercise played from start to end, section by section, in exact time. After the last section the first comes
 * again.
 *
 * @param passages one for each section, in order
 */
public record Playthrough(List<Passage> passages) {
    /** The longest cycle that is played out, in bars. */
    public static final int MAX_IN_BARS = 512;

    public Playthrough {
        passages = List.copyOf(passages);
    }

    /**
     * A section as it is played.
     *
     * @param content the section as an exercise of its own, at its tempo
     * @param starts from the start of the first section, in written values
     * @param startsSeconds the same in seconds
     */
    public record Passage(Section section, Exercise content, NoteValue starts, BigFraction startsSeconds) {
        /** Returns its tempo. */
        public Tempo tempo() {
            return content.start();
        }

        /** Returns how many bars it lasts. */
        public long bars() {
            return (long) section.rounds() * content.phrase().bars().size();
        }

        /** Returns how long it lasts, in written values. */
        public NoteValue length() {
            return content.phrase().length().times(section.rounds());
        }

        /** Returns how long it lasts, in seconds, exactly. */
        public BigFraction seconds() {
            return tempo().seconds(length());
        }
    }

    /** Lays out the sections of an exercise. */
    public static Playthrough of(Exercise exercise) {
        List<Tempo> tempos = exercise.chain().tempos();
        List<Passage> passages = new ArrayList<>();
        NoteValue starts = NoteValue.ZERO;
        BigFraction seconds = BigFraction.ZERO;
        for (int i = 0; i < tempos.size(); i++) {
            Section section = exercise.sections().get(i);
            Exercise content = exercise.withSelected(section.content()).selectedOnly(tempos.get(i));
            Passage passage = new Passage(section, content, starts, seconds);
            passages.add(passage);
            starts = starts.plus(passage.length());
            seconds = seconds.add(passage.seconds());
        }
        return new Playthrough(passages);
    }

    /**
     * Returns all there is to play of an exercise: its sections once; or, without sections, its phrase until every
     * layer realigns, if that is within {@value #MAX_IN_BARS} bars, and otherwise its phrase once.
     */
    public static Playthrough untilRealigned(Exercise exercise) {
        return of(
                exercise.hasSections()
                        ? exercise
                        : SectionEdits.withRounds(exercise, 0, roundsUntilRealigned(exercise)));
    }

    private static int roundsUntilRealigned(Exercise exercise) {
        return Analysis.of(exercise)
                .together()
                .result()
                .filter(together -> together.bars() <= MAX_IN_BARS)
                .map(together -> ExactMath.toInt(together.phrases()))
                .orElse(1);
    }

    private Passage last() {
        return passages.get(passages.size() - 1);
    }

    /** Returns how long all sections last, in written values. */
    public NoteValue length() {
        return last().starts().plus(last().length());
    }

    /** Returns how long all sections last, in seconds, exactly. */
    public BigFraction seconds() {
        return last().startsSeconds().add(last().seconds());
    }
}
