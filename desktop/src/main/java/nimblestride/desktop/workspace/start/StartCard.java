package nimblestride.desktop.workspace.start;

import java.util.regex.Pattern;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.desktop.service.PageId;

/** Lists the jobs people come for, in the order they work in, each with an exercise to try it on. */
public enum StartCard {
    METER(
            "Find a meter",
            "Tap the accents with the T key.",
            PageId.WHAT_METER,
            "7/8(3+2+2)",
            "1/8=200",
            "snare every 1/8"),
    GROUP(
            "Group an odd bar",
            "Click a reading, then press Play.",
            PageId.READINGS,
            "11/8",
            "1/8=220",
            "ride every 1/8"),
    COUNT("Count it aloud", "Press Space and say the count.", PageId.COUNT, "13/8", "1/8=200", "hi-hat every 1/8"),
    PLACE(
            "Write a groove",
            "Click the counts, or type: snare ghost a of 2.",
            PageId.COUNTS,
            "7/8",
            "1/8=200",
            "kick at 1:0 1:1/2 | snare at >1:1/4 >1:3/4"),
    CROSS(
            "Cross the bar line",
            "Drag a hit on the Weave to start elsewhere.",
            PageId.WEAVE,
            "10/8 x2, 9/16",
            "1/8=210",
            "kick every 5/16"),
    MODULATE(
            "Change the tempo",
            "Type a pivot: dotted quarter = half.",
            PageId.PIVOT,
            "4/4",
            "84",
            "hi-hat every 1/8 | snare every 1/2 from 1/4"),
    NOTATE(
            "Write it down",
            "Compare notations, then press Use on the sheet.",
            PageId.NOTATION,
            "5/8, 5/8, 11/16",
            "1/8=190",
            "snare every 1/8"),
    PRACTICE(
            "Practice",
            "Press Suggest stages, then play the first.",
            PageId.STAGES,
            "7/16",
            "1/8=120",
            "snare sticking R L R R L R L of 1/16"),
    TEACH("Teach", "Add a student, then press Assign.", PageId.LESSON, "9/8(2+2+2+3)", "1/8=200", "cowbell every 1/8");

    private final String title;
    private final String hint;
    private final PageId page;
    private final String bars;
    private final String tempo;
    /** As typed, with a bar between layers. */
    private final String layers;

    StartCard(String title, String hint, PageId page, String bars, String tempo, String layers) {
        this.title = title;
        this.hint = hint;
        this.page = page;
        this.bars = bars;
        this.tempo = tempo;
        this.layers = layers;
    }

    /** Returns the job. */
    public String title() {
        return title;
    }

    /** Returns what to try. */
    public String hint() {
        return hint;
    }

    /** Returns the page it opens. */
    public PageId page() {
        return page;
    }

    /** Returns the exercise it opens. */
    public Exercise exercise() {
        return new Exercise(
                title,
                BarsText.read(bars),
                Pattern.compile(" \\| ")
                        .splitAsStream(layers)
                        .map(LayerText::read)
                        .toList(),
                TempoText.read(tempo));
    }
}
