package nimblestride.core.language.sentence;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.wording.FindingWords;
import nimblestride.core.language.text.BarsText;

/** Says in one line of a list what a section is: {@code Chorus: 7/8, 4 times, 80 BPM (quarters), quarter = dotted quarter}. */
public final class SectionSentence {
    private static final int MAX_BARS_LENGTH = 60;

    private SectionSentence() {}

    /**
     * Says what a section plays, how often, how fast, and which modulation leads into it.
     *
     * @param index of the section in the order of playing, from 0
     */
    public static String of(Exercise exercise, int index) {
        Section section = exercise.sections().get(index);
        SectionContent content = exercise.contents().get(section.content());
        String bars = BarsText.write(content.phrase());
        String some = bars.length() <= MAX_BARS_LENGTH ? bars : bars.substring(0, MAX_BARS_LENGTH) + "…";
        String times = section.rounds() == 1 ? "" : ", " + Counted.count(section.rounds(), "time");
        String tempo = exercise.chain().tempos().get(index).spoken();
        String pivot = section.pivot().isNone() ? "" : ", " + FindingWords.pivot(section.pivot());
        return content.name() + ": " + some + times + ", " + tempo + pivot;
    }
}
