package nimblestride.desktop.view.stand;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.staff.DrawingPicture;
import nimblestride.formats.font.Fonts;

/** Engraves single bars of an exercise, as large as there is room. */
final class StandStaff {
    /** The most bars of a cycle that are written; of a longer one, the phrase is. */
    private static final long MAX_BARS = 256;

    /** The narrowest a bar is engraved, in staff spaces. */
    private static final double LEAST_WIDTH = 44;

    private static final double GAP = 2;

    private Optional<Written> written = Optional.empty();

    private record Written(Exercise exercise, long bars, Score score) {}

    /**
     * Returns a picture of a bar.
     *
     * @param bar from 0, counted on through the rounds
     * @param width in pixels
     */
    Node bar(StandContent content, long bar, double width, Palette palette) {
        try {
            Score score = score(content);
            int index = (int) (bar % score.bars().size());
            Score one =
                    new Score(score.title(), score.style(), score.bars().subList(index, index + 1), score.leftOut());
            Engraver engraver = new Engraver(Fonts.get().music(), Fonts.get());
            return new DrawingPicture(engraver.column(one, LEAST_WIDTH, GAP), width / LEAST_WIDTH, palette);
        } catch (StrideException e) {
            return new Label("I can't write this bar: " + e.getMessage() + ".");
        }
    }

    private Score score(StandContent content) {
        int phrase = content.exercise().phrase().bars().size();
        long bars =
                Math.min(content.cycleBars() <= MAX_BARS ? content.cycleBars() : phrase, Math.max(MAX_BARS, phrase));
        Written now = written.filter(one -> one.exercise.equals(content.exercise()) && one.bars == bars)
                .orElseGet(() -> new Written(
                        content.exercise(),
                        bars,
                        ScoreWriter.write(
                                content.exercise(),
                                BarPlan.of(content.exercise().phrase(), bars),
                                ScoreStyle.DEFAULT)));
        written = Optional.of(now);
        return now.score;
    }
}
