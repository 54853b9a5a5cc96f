package nimblestride.core.practice.ear;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;
import nimblestride.core.time.value.NoteValue;

/**
 * Hear a grouping, name it: a bar is played in one of several groupings, and the player says in which.
 *
 * @param meter of the bar
 * @param choices groupings it may have, from two to {@value #MAX_CHOICES}
 * @param hidden the one that is played, one of them
 * @param answer what the player said; empty before that
 * @param asked how many questions have been answered
 * @param right how many of them were right
 */
public record EarDrill(
        Meter meter, List<Grouping> choices, Grouping hidden, Optional<Grouping> answer, int asked, int right) {
    /** The most groupings to choose from. */
    public static final int MAX_CHOICES = 6;

    private static final int MAX_LOOKED_AT = 200;
    private static final int MAX_DOUBLED = 5;

    public EarDrill {
        choices = List.copyOf(choices);
    }

    /**
     * Begins a drill on the easiest groupings of a meter. Up to five quarters are heard in strides
     * of eighths.
     *
     * @throws InvalidValueException if the bar has fewer than two groupings
     */
    public static EarDrill on(Meter meter, RandomGenerator random) {
        boolean quarters = meter.unit().compareTo(NoteValue.QUARTER) >= 0 && meter.units() <= MAX_DOUBLED;
        Meter heard = quarters
                ? Meter.of(2 * meter.units(), Math.toIntExact(2 * meter.unit().denominator()))
                : meter;
        List<Grouping> choices = Readings.of(heard, ReadingFilter.ANY)
                .limit(MAX_LOOKED_AT)
                .map(reading -> new Grouping(reading.grouping().sizes()))
                .filter(grouping -> grouping.sizes().size() > 1)
                .filter(grouping -> grouping.sizes().stream().allMatch(size -> size > 1))
                .distinct()
                .limit(MAX_CHOICES)
                .toList();
        if (choices.size() < 2) {
            throw new InvalidValueException(
                    "a bar of " + meter + " has only one grouping; try a longer bar, such as 7/8");
        }
        return new EarDrill(heard, choices, one(choices, random), Optional.empty(), 0, 0);
    }

    private static Grouping one(List<Grouping> choices, RandomGenerator random) {
        return choices.get(random.nextInt(choices.size()));
    }

    /** Returns the bar that is played. */
    public Bar bar() {
        return new Bar(meter, hidden);
    }

    /** Returns whether the player has said something, and it was right. */
    public boolean isRight() {
        return answer.filter(hidden::equals).isPresent();
    }

    /** Returns the drill after an answer. Only the first answer to a question counts. */
    public EarDrill answered(Grouping said) {
        if (answer.isPresent()) {
            return this;
        }
        return new EarDrill(
                meter, choices, hidden, Optional.of(said), asked + 1, right + (said.equals(hidden) ? 1 : 0));
    }

    /** Returns the next question; another grouping than the last. */
    public EarDrill next(RandomGenerator random) {
        List<Grouping> others =
                choices.stream().filter(choice -> !choice.equals(hidden)).toList();
        return new EarDrill(meter, choices, one(others, random), Optional.empty(), asked, right);
    }

    /** Returns the score for the log: {@code ear: 7 of 9 groupings of 7/8}. */
    public String score() {
        return "ear: " + right + " of " + asked + " groupings of " + meter;
    }
}
