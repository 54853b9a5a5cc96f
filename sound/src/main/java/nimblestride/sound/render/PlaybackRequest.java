package nimblestride.sound.render;

import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.time.value.NoteValue;

/**
 * What is to be played: the sections of an exercise, one after the other and from the beginning again, or its only feel for
 * as long as it is let.
 *
 * @param percent how fast, in hundredths of its own tempo, from {@value #MIN_PERCENT} to {@value #MAX_PERCENT}
 * @param loop which bars are played again and again, counted within the phrase; only where there is one feel
 * @param start where it begins; with a loop, at the loop's beginning unless it lies within
 * @param band what plays along, if anything does
 */
public record PlaybackRequest(
        Exercise exercise,
        ClickSettings click,
        int percent,
        CountIn countIn,
        Mix mix,
        Optional<Loop> loop,
        StartPoint start,
        Optional<BackingBand> band) {
    public static final int MIN_PERCENT = 10;
    public static final int MAX_PERCENT = 400;

    public PlaybackRequest {
        if (percent < MIN_PERCENT || percent > MAX_PERCENT) {
            throw new InvalidValueException(
                    "it is played at " + MIN_PERCENT + " to " + MAX_PERCENT + " % of its tempo, not at " + percent);
        }
        int bars = exercise.phrase().bars().size();
        if (loop.isPresent() && (exercise.hasSections() || loop.get().to() > bars)) {
            throw new InvalidValueException("a loop plays bars of one feel, here from 1 to " + bars);
        }
        if (start.section() >= exercise.sections().size()) {
            throw new InvalidValueException("it begins in one of its "
                    + exercise.sections().size() + " sections, not in the one numbered " + (start.section() + 1));
        }
        NoteValue section = exercise.withSelected(
                        exercise.sections().get(start.section()).content())
                .phrase()
                .length()
                .times(exercise.sections().get(start.section()).rounds());
        if (exercise.hasSections() && start.moment().compareTo(section) >= 0) {
            throw new InvalidValueException(
                    "it begins before the end of the section, " + section + ", not at " + start.moment());
        }
    }

    /** From the beginning, at its own tempo, at once, as loud as it is played. */
    public PlaybackRequest(Exercise exercise, ClickSettings click) {
        this(exercise, click, 100, CountIn.NONE, Mix.EVEN, Optional.empty(), StartPoint.BEGINNING, Optional.empty());
    }

    public PlaybackRequest at(int newPercent) {
        return new PlaybackRequest(exercise, click, newPercent, countIn, mix, loop, start, band);
    }

    public PlaybackRequest countedIn(CountIn newCountIn) {
        return new PlaybackRequest(exercise, click, percent, newCountIn, mix, loop, start, band);
    }

    public PlaybackRequest mixed(Mix newMix) {
        return new PlaybackRequest(exercise, click, percent, countIn, newMix, loop, start, band);
    }

    /** These bars again and again. */
    public PlaybackRequest looping(Loop bars) {
        return new PlaybackRequest(exercise, click, percent, countIn, mix, Optional.of(bars), start, band);
    }

    public PlaybackRequest from(StartPoint newStart) {
        return new PlaybackRequest(exercise, click, percent, countIn, mix, loop, newStart, band);
    }

    public PlaybackRequest with(Optional<BackingBand> newBand) {
        return new PlaybackRequest(exercise, click, percent, countIn, mix, loop, start, newBand);
    }

    /** The same of another exercise. */
    public PlaybackRequest of(Exercise another) {
        return new PlaybackRequest(another, click, percent, countIn, mix, loop, start, band);
    }
}
