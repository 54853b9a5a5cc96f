package nimblestride.core.exercise.model;

import java.util.Optional;
import java.util.OptionalInt;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.kit.sticking.LeadHand;

/**
 * How an exercise is meant to be played.
 *
 * @param lead which hand leads
 * @param linear whether no two limbs may play at once
 * @param maxStrokesPerSecond the player's limit for one limb, from 1 to {@value #MAX_STROKES_PER_SECOND}; empty for
 *     none
 * @param kit name of the kit it is heard on, up to {@value #MAX_KIT_LENGTH} characters; empty for the Book's
 */
public record PlayingStyle(LeadHand lead, boolean linear, OptionalInt maxStrokesPerSecond, Optional<String> kit) {
    /** The most characters in the name of a kit. */
    public static final int MAX_KIT_LENGTH = 200;

    /** The name of the kit that ships with the program. */
    public static final String SHIPPED_KIT = "recorded kit";

    /** The highest limit, in strokes per second. */
    public static final int MAX_STROKES_PER_SECOND = 40;

    /** The right hand leads, limbs may play at once, and nothing is too fast. */
    public static final PlayingStyle DEFAULT =
            new PlayingStyle(LeadHand.RIGHT, false, OptionalInt.empty(), Optional.empty());

    /** @throws InvalidValueException if the limit is out of range, or the name of the kit is blank or too long */
    public PlayingStyle {
        kit = kit.map(name -> PlainText.name("a kit", name, MAX_KIT_LENGTH));
        if (maxStrokesPerSecond.isPresent()
                && (maxStrokesPerSecond.getAsInt() < 1 || maxStrokesPerSecond.getAsInt() > MAX_STROKES_PER_SECOND)) {
            throw new InvalidValueException("set 1 to " + MAX_STROKES_PER_SECOND + " strokes per second, not "
                    + maxStrokesPerSecond.getAsInt());
        }
    }

    /** Returns the style with another lead hand. */
    public PlayingStyle withLead(LeadHand newLead) {
        return new PlayingStyle(newLead, linear, maxStrokesPerSecond, kit);
    }

    /** Returns the style, linear or not. */
    public PlayingStyle linear(boolean newLinear) {
        return new PlayingStyle(lead, newLinear, maxStrokesPerSecond, kit);
    }

    /**
     * Returns the style with another limit.
     *
     * @throws InvalidValueException if it is out of range
     */
    public PlayingStyle withMaxStrokesPerSecond(int newMost) {
        return new PlayingStyle(lead, linear, OptionalInt.of(newMost), kit);
    }

    /** Returns the style without a limit on strokes per second. */
    public PlayingStyle withoutMaxStrokesPerSecond() {
        return new PlayingStyle(lead, linear, OptionalInt.empty(), kit);
    }

    /** Returns the style on another kit, by its name. */
    public PlayingStyle on(String newKit) {
        return new PlayingStyle(lead, linear, maxStrokesPerSecond, Optional.of(newKit));
    }

    /** Returns the style on the Book's kit. */
    public PlayingStyle onTheKitOfTheBook() {
        return new PlayingStyle(lead, linear, maxStrokesPerSecond, Optional.empty());
    }
}
