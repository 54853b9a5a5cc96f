package nimblestride.core.kit.voice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The voices of the kit, each with its key in the General MIDI 1 percussion map (MIDI Manufacturers Association), the
 * limb that plays it when the right hand leads, its place on the staff and its notehead (after the Percussive Arts
 * Society's guide to standardized drumset notation; places above the middle line), and the other names drummers use
 * for it.
 */
public final class Kit {
    private static final Map<String, Voice> BY_NAME = new LinkedHashMap<>();
    private static final List<Voice> CAME_LATER = new ArrayList<>();

    public static final Voice KICK =
            add("kick", 36, Limb.KICK_FOOT, -3, NoteheadShape.NORMAL, "bass drum", "kick drum", "bass", "bd");
    public static final Voice SNARE = add("snare", 38, Limb.LEFT_HAND, 1, NoteheadShape.NORMAL, "snare drum", "sd");
    public static final Voice CROSS_STICK =
            add("cross-stick", 37, Limb.LEFT_HAND, 1, NoteheadShape.CROSS, "cross stick", "side stick", "rim click");
    public static final Voice HI_HAT =
            add("hi-hat", 42, Limb.RIGHT_HAND, 5, NoteheadShape.CROSS, "closed hi-hat", "hihat", "hi hat", "hat", "hh");
    public static final Voice OPEN_HI_HAT =
            add("open hi-hat", 46, Limb.RIGHT_HAND, 5, NoteheadShape.CIRCLED_CROSS, "open hihat", "open hat");
    public static final Voice FOOT_HI_HAT =
            add("foot hi-hat", 44, Limb.HAT_FOOT, -5, NoteheadShape.CROSS, "pedal hi-hat", "foot hat");
    public static final Voice RIDE = add("ride", 51, Limb.RIGHT_HAND, 4, NoteheadShape.CROSS, "ride cymbal");
    public static final Voice RIDE_BELL = add("ride bell", 53, Limb.RIGHT_HAND, 4, NoteheadShape.DIAMOND, "bell");
    public static final Voice CRASH = add("crash", 49, Limb.RIGHT_HAND, 6, NoteheadShape.CROSS, "crash cymbal");
    public static final Voice CHINA = add("china", 52, Limb.RIGHT_HAND, 7, NoteheadShape.CIRCLED_CROSS, "china cymbal");
    public static final Voice SPLASH = add("splash", 55, Limb.RIGHT_HAND, 7, NoteheadShape.CROSS, "splash cymbal");
    public static final Voice HIGH_TOM =
            add("high tom", 50, Limb.RIGHT_HAND, 3, NoteheadShape.NORMAL, "tom 1", "rack tom");
    public static final Voice MIDDLE_TOM =
            add("middle tom", 47, Limb.RIGHT_HAND, 2, NoteheadShape.NORMAL, "mid tom", "tom 2", "tom");
    public static final Voice LOW_TOM = add("low tom", 45, Limb.RIGHT_HAND, 0, NoteheadShape.NORMAL, "tom 3");
    public static final Voice FLOOR_TOM = add("floor tom", 43, Limb.RIGHT_HAND, -1, NoteheadShape.NORMAL, "tom 4");
    public static final Voice COWBELL = add("cowbell", 56, Limb.RIGHT_HAND, 5, NoteheadShape.TRIANGLE, "cow bell");
    public static final Voice WOODBLOCK =
            add("woodblock", 76, Limb.RIGHT_HAND, 3, NoteheadShape.TRIANGLE, "wood block", "block");
    public static final Voice CLAVES = add("claves", 75, Limb.RIGHT_HAND, 2, NoteheadShape.TRIANGLE, "clave");
    public static final Voice TAMBOURINE = add("tambourine", 54, Limb.RIGHT_HAND, 4, NoteheadShape.TRIANGLE);
    public static final Voice SHAKER = add("shaker", 70, Limb.RIGHT_HAND, 2, NoteheadShape.CROSS, "maracas");

    // These came later. Where General MIDI has no key for a sound, it has that of the drum it is played on.
    public static final Voice SNARE_EDGE = addLater("snare edge", 38, Limb.LEFT_HAND, 1, NoteheadShape.DIAMOND);
    public static final Voice HALF_OPEN_HI_HAT =
            addLater("half-open hi-hat", 46, Limb.RIGHT_HAND, 5, NoteheadShape.DIAMOND, "half-open hat");
    public static final Voice RIDE_EDGE =
            addLater("ride edge", 59, Limb.RIGHT_HAND, 4, NoteheadShape.CIRCLED_CROSS, "crashed ride");
    public static final Voice SECOND_CRASH =
            addLater("second crash", 57, Limb.RIGHT_HAND, 8, NoteheadShape.CROSS, "crash 2");
    public static final Voice TOM_EDGE = addLater("tom edge", 47, Limb.RIGHT_HAND, 2, NoteheadShape.DIAMOND);
    public static final Voice FLOOR_TOM_EDGE =
            addLater("floor tom edge", 43, Limb.RIGHT_HAND, -1, NoteheadShape.DIAMOND);

    private Kit() {}

    private static Voice add(
            String name, int midiKey, Limb limb, int staffPlace, NoteheadShape head, String... alsoCalled) {
        Voice voice = new Voice(name, midiKey, limb, staffPlace, head);
        BY_NAME.put(name, voice);
        Arrays.asList(alsoCalled).forEach(other -> BY_NAME.put(other, voice));
        return voice;
    }

    private static Voice addLater(
            String name, int midiKey, Limb limb, int staffPlace, NoteheadShape head, String... alsoCalled) {
        Voice voice = add(name, midiKey, limb, staffPlace, head, alsoCalled);
        CAME_LATER.add(voice);
        return voice;
    }

    /** Returns every voice once, in the order of the kit. */
    public static List<Voice> voices() {
        return BY_NAME.values().stream().distinct().toList();
    }

    /** Returns the voices by every name they have. */
    static Map<String, Voice> byName() {
        return Collections.unmodifiableMap(BY_NAME);
    }

    /** Returns the voice itself if it is one of the kit, or the first of the kit with its key; empty for a riff. */
    public static Optional<Voice> like(Voice voice) {
        if (voice.isRiff()) {
            return Optional.empty();
        }
        return voice.equals(BY_NAME.get(voice.name())) ? Optional.of(voice) : withKey(voice.midiKey());
    }

    /** Returns the first voice with a key of the General MIDI 1 percussion map; empty if there is none. */
    public static Optional<Voice> withKey(int midiKey) {
        return BY_NAME.values().stream()
                .filter(known -> known.midiKey() == midiKey)
                .findFirst();
    }

    /** Returns whether a voice came to the kit in a later version than most. */
    public static boolean cameLater(Voice voice) {
        return CAME_LATER.contains(voice);
    }

    /**
     * Returns whether a voice of the player's own may take a name: one that the kit does not have, or has only since
     * a later version, so that files from before still open.
     */
    static boolean isFree(String name) {
        return named(name).map(CAME_LATER::contains).orElse(true);
    }

    /** Returns the voice with a name, its own or another, in capitals or not; empty if there is none. */
    public static Optional<Voice> named(String name) {
        return Optional.ofNullable(
                BY_NAME.get(name.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ")));
    }
}
