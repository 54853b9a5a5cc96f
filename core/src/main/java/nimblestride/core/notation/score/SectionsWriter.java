package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.analysis.Playthrough.Passage;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Swing;

/**
 * Writes all sections of an exercise one after the other, each with its name over its first bar and, where the tempo
 * changes, the sign of the modulation (common practice).
 */
public final class SectionsWriter {
    private final ScoreStyle style;
    private final List<WrittenBar> bars = new ArrayList<>();
    private final List<String> leftOut = new ArrayList<>();
    private long played;
    private Swing swing = Swing.STRAIGHT;

    private SectionsWriter(ScoreStyle style) {
        this.style = style;
    }

    /**
     * Writes an exercise.
     *
     * @throws InvalidValueException if a layer has more notes than can be written
     */
    public static Score write(Exercise exercise, ScoreStyle style) {
        SectionsWriter writer = new SectionsWriter(style);
        for (Passage passage : Playthrough.of(exercise).passages()) {
            writer.add(
                    passage,
                    exercise.contents().get(passage.section().content()).name());
        }
        return new Score(exercise.name(), style, writer.bars, writer.leftOut);
    }

    private void add(Passage passage, String name) {
        Score alone = ScoreWriter.write(
                passage.content(), BarPlan.of(passage.content().phrase(), passage.bars()), style);
        for (int i = 0; i < alone.bars().size(); i++) {
            WrittenBar bar = alone.bars().get(i);
            BarSigns signs = bar.signs().marked(i == 0 ? name : "");
            bars.add(bar.asBar(played + bar.number()).signed(i == 0 ? opening(bar, signs, passage) : signs));
        }
        swing = passage.content().swing();
        played += passage.bars();
        alone.leftOut().stream().map(reason -> name + ": " + reason).forEach(leftOut::add);
    }

    /** A meter or swing that goes on is not signed again. */
    private BarSigns opening(WrittenBar bar, BarSigns signs, Passage passage) {
        if (bars.isEmpty()) {
            return signs;
        }
        Swing now = passage.content().swing();
        BarSigns swung =
                now.equals(swing) || (now.isStraight() && swing.isStraight()) ? signs.withoutSwing() : signs.swung(now);
        Pivot entered = passage.section().pivot();
        Meter before = bars.get(bars.size() - 1).bar().meter();
        BarSigns changed = entered.isNone() ? swung.withoutChange() : swung.changing(entered);
        return bar.bar().meter().equals(before) && !bar.repeatStarts() ? changed.signed(List.of()) : changed;
    }
}
