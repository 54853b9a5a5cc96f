package nimblestride.core.notation.page;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.notation.alternative.NotationOption;
import nimblestride.core.notation.alternative.NotationOptions;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.notation.score.SectionsWriter;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;

/**
 * What stands on a sheet of an exercise.
 *
 * @param sections at least one
 * @param style of the staff; the sections decide which stickings and counts it shows
 * @param counting of the count
 * @param rounds how often the phrase is written, from 1 to {@value #MAX_ROUNDS}
 * @param stages tempos that lead to the goal, from 1 to {@value #MAX_STAGES}
 * @param firstPercent the first of them, in percent of the goal, from 10 to 100
 * @param way name of the notation, as {@code NotationOptions} names it; empty for the bars as they are
 * @param forWhom line under the title, such as a student's name; empty for none
 */
public record Sheet(
        PaperSize paper,
        Set<SheetItem> sections,
        ScoreStyle style,
        Counting counting,
        int rounds,
        int stages,
        int firstPercent,
        String way,
        String forWhom) {
    /** The most rounds. */
    public static final int MAX_ROUNDS = 64;
    /** The most tempos. */
    public static final int MAX_STAGES = 24;

    /** A4 with everything but the sticking. */
    public static final Sheet DEFAULT = new Sheet(
            PaperSize.A4,
            EnumSet.complementOf(EnumSet.of(SheetItem.STICKING)),
            ScoreStyle.DEFAULT,
            Counting.DEFAULT,
            1,
            6,
            60,
            "",
            "");

    /**
     * @throws nimblestride.core.foundation.failure.InvalidValueException if a number is out of range, or nothing is on
     *     the sheet
     */
    public Sheet {
        sections = Set.copyOf(sections);
        if (sections.isEmpty()) {
            throw new InvalidValueException("choose at least one thing to print");
        }
        if (rounds < 1 || rounds > MAX_ROUNDS) {
            throw new InvalidValueException("print the phrase 1 to " + MAX_ROUNDS + " times, not " + rounds);
        }
        if (stages < 1 || stages > MAX_STAGES) {
            throw new InvalidValueException("print 1 to " + MAX_STAGES + " stages, not " + stages);
        }
        if (firstPercent < 10 || firstPercent > 100) {
            throw new InvalidValueException("start the stages at 10 to 100 % of the goal, not " + firstPercent);
        }
    }

    /** Returns the sheet on another paper. */
    public Sheet on(PaperSize newPaper) {
        return new Sheet(newPaper, sections, style, counting, rounds, stages, firstPercent, way, forWhom);
    }

    /** Returns the sheet with a section, or without it; the last one stays. */
    public Sheet with(SheetItem section, boolean shown) {
        Set<SheetItem> changed = EnumSet.copyOf(sections);
        if (shown) {
            changed.add(section);
        } else if (changed.size() > 1) {
            changed.remove(section);
        }
        return new Sheet(paper, changed, style, counting, rounds, stages, firstPercent, way, forWhom);
    }

    /** Returns the sheet with another style of the staff. */
    public Sheet in(ScoreStyle newStyle) {
        return new Sheet(paper, sections, newStyle, counting, rounds, stages, firstPercent, way, forWhom);
    }

    /** Returns the sheet with another counting system. */
    public Sheet counted(Counting newSchool) {
        return new Sheet(paper, sections, style, newSchool, rounds, stages, firstPercent, way, forWhom);
    }

    /** Returns the sheet with another number of rounds. */
    public Sheet inRounds(int newRounds) {
        return new Sheet(paper, sections, style, counting, newRounds, stages, firstPercent, way, forWhom);
    }

    /** Returns the sheet with other tempos to the goal. */
    public Sheet inStages(int newStages, int newFirstPercent) {
        return new Sheet(paper, sections, style, counting, rounds, newStages, newFirstPercent, way, forWhom);
    }

    /** Returns the sheet with another line under the title. */
    public Sheet addressed(String whom) {
        return new Sheet(paper, sections, style, counting, rounds, stages, firstPercent, way, whom);
    }

    /** Returns the sheet in another notation. */
    public Sheet writtenAs(String newWay) {
        return new Sheet(paper, sections, style, counting, rounds, stages, firstPercent, newWay, forWhom);
    }

    /** Returns what of it is usual for other exercises too: without rounds, notation, and for whom it is. */
    public Sheet usual() {
        return new Sheet(paper, sections, style, counting, 1, stages, firstPercent, "", "");
    }

    /** Returns the score of an exercise for this sheet: all its sections, or its phrase for some rounds. */
    public Score score(Exercise exercise) {
        if (exercise.hasSections()) {
            return SectionsWriter.write(exercise, staffStyle());
        }
        if (!way.isEmpty() && rounds == 1) {
            Optional<NotationOption> chosen = NotationOptions.of(exercise, staffStyle()).stream()
                    .filter(one -> one.name().equals(way))
                    .filter(one ->
                            one.plan().sounding().equals(exercise.phrase().length()))
                    .findFirst();
            if (chosen.isPresent()) {
                return ScoreWriter.write(exercise, chosen.get().plan(), staffStyle());
            }
        }
        long bars = (long) rounds * exercise.phrase().bars().size();
        return ScoreWriter.write(exercise, BarPlan.of(exercise.phrase(), bars), staffStyle());
    }

    /** Returns the style of the staff, with what the sections ask for under it. */
    public ScoreStyle staffStyle() {
        ScoreStyle.Stickings stickings =
                sections.contains(SheetItem.STICKING) ? ScoreStyle.Stickings.ALL : ScoreStyle.Stickings.AS_GIVEN;
        ScoreStyle stuck = style.with(stickings);
        return sections.contains(SheetItem.COUNT) ? stuck.counted(counting, Subdivision.AS_WRITTEN) : stuck.uncounted();
    }
}
