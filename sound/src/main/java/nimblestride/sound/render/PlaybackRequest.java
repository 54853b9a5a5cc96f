package nimblestride.sound.render;

import java.util.Optional;
import nimblestride.core.exercise.edit.PlacementEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.time.value.NoteValue;

/**
 * What to play: the sections of an exercise in order and over again, or its only content until it is stopped.
 *
 * @param percent of its own tempo, from {@value #MIN_PERCENT} to {@value #MAX_PERCENT}
 * @param loop bars that repeat, counted within the phrase, or from the start of the recording; only without sections
 * @param start where it starts; with a loop, at the start of the loop unless it lies within
 * @param band that plays along; empty for none
 * @param recording that plays along; empty for none, and with sections
 */
public record PlaybackRequest(
        Exercise exercise,
        ClickSettings click,
        int percent,
        CountIn countIn,
        Mix mix,
        Optional<Loop> loop,
        StartPoint start,
        Optional<BackingBand> band,
        Optional<RecordingTrack> recording) {
    /** The slowest tempo, in percent. */
    public static final int MIN_PERCENT = 10;
    /** The fastest tempo, in percent. */
    public static final int MAX_PERCENT = 400;

    /** @throws nimblestride.core.foundation.failure.InvalidValueException if a number is out of range */
    public PlaybackRequest {
        if (percent < MIN_PERCENT || percent > MAX_PERCENT) {
            throw new InvalidValueException(
                    "play at " + MIN_PERCENT + " to " + MAX_PERCENT + " % of its tempo, not at " + percent);
        }
        if (exercise.hasSections()) {
            recording = Optional.empty();
        }
        boolean tooLong = recording.isEmpty() && loop.isPresent() && loop.get().to() > PlacementEdits.bars(exercise);
        if (loop.isPresent() && (exercise.hasSections() || tooLong)) {
            throw new InvalidValueException(
                    "a loop stays in one section, here bars 1 to " + PlacementEdits.bars(exercise));
        }
        if (start.section() >= exercise.sections().size()) {
            throw new InvalidValueException("start in one of its "
                    + exercise.sections().size() + " sections, not in section " + (start.section() + 1));
        }
        NoteValue section = exercise.withSelected(
                        exercise.sections().get(start.section()).content())
                .phrase()
                .length()
                .times(exercise.sections().get(start.section()).rounds());
        if (exercise.hasSections() && start.moment().compareTo(section) >= 0) {
            throw new InvalidValueException(
                    "start before the end of the section, " + section + ", not at " + start.moment());
        }
    }

    /** Requests an exercise from the start, at its own tempo, without a count-in, in an even mix. */
    public PlaybackRequest(Exercise exercise, ClickSettings click) {
        this(
                exercise,
                click,
                100,
                CountIn.NONE,
                Mix.EVEN,
                Optional.empty(),
                StartPoint.BEGINNING,
                Optional.empty(),
                Optional.empty());
    }

    /** Returns the request at another percentage of the tempo. */
    public PlaybackRequest at(int newPercent) {
        return new PlaybackRequest(exercise, click, newPercent, countIn, mix, loop, start, band, recording);
    }

    /** Returns the request with another count-in. */
    public PlaybackRequest countedIn(CountIn newCountIn) {
        return new PlaybackRequest(exercise, click, percent, newCountIn, mix, loop, start, band, recording);
    }

    /** Returns the request with another mix. */
    public PlaybackRequest mixed(Mix newMix) {
        return new PlaybackRequest(exercise, click, percent, countIn, newMix, loop, start, band, recording);
    }

    /** Returns the request with a loop. */
    public PlaybackRequest looping(Loop bars) {
        return new PlaybackRequest(exercise, click, percent, countIn, mix, Optional.of(bars), start, band, recording);
    }

    /** Returns the request from another start point. */
    public PlaybackRequest from(StartPoint newStart) {
        return new PlaybackRequest(exercise, click, percent, countIn, mix, loop, newStart, band, recording);
    }

    /** Returns the request with a band that plays along. */
    public PlaybackRequest with(BackingBand newBand) {
        return new PlaybackRequest(
                exercise, click, percent, countIn, mix, loop, start, Optional.of(newBand), recording);
    }

    /** Returns the request with a recording that plays along. */
    public PlaybackRequest along(RecordingTrack newRecording) {
        return new PlaybackRequest(
                exercise, click, percent, countIn, mix, loop, start, band, Optional.of(newRecording));
    }

    /** Returns the request for another exercise. */
    public PlaybackRequest of(Exercise another) {
        return new PlaybackRequest(another, click, percent, countIn, mix, loop, start, band, recording);
    }
}
