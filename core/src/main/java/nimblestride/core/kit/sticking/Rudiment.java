package nimblestride.core.kit.sticking;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A rudiment by name, as one sticking that repeats: with both leads where it changes hands, with one where it does
 * not. Names and stickings follow the Percussive Arts Society's International Drum Rudiments; rolls are written as
 * plain strokes, as long as their names say.
 *
 * @param sticking as a user types it: small letters are grace notes, {@code >} is an accent
 */
public record Rudiment(String name, String sticking) {
    private static final List<Rudiment> ALL = List.of(
            new Rudiment("single stroke roll", "R L R L R L R L"),
            new Rudiment("single stroke four", ">R L R L . . >L R L R . ."),
            new Rudiment("single stroke seven", ">R L R L R L R . >L R L R L R L ."),
            new Rudiment("multiple bounce roll", "Rz Lz Rz Lz"),
            new Rudiment("triple stroke roll", "R R R L L L"),
            new Rudiment("double stroke roll", "R R L L R R L L"),
            new Rudiment("five stroke roll", "R R L L >R . L L R R >L ."),
            new Rudiment("six stroke roll", ">R L L R R >L"),
            new Rudiment("seven stroke roll", "R R L L R R >L ."),
            new Rudiment("nine stroke roll", "R R L L R R L L >R . . . L L R R L L R R >L . . ."),
            new Rudiment("ten stroke roll", "R R L L R R L L >R >L . ."),
            new Rudiment("single paradiddle", ">R L R R >L R L L"),
            new Rudiment("double paradiddle", ">R L R L R R >L R L R L L"),
            new Rudiment("triple paradiddle", ">R L R L R L R R >L R L R L R L L"),
            new Rudiment("single paradiddle-diddle", ">R L R R L L"),
            new Rudiment("flam", "lR . rL ."),
            new Rudiment("flam accent", ">lR L R >rL R L"),
            new Rudiment("flam tap", ">lR R >rL L"),
            new Rudiment("flamacue", "lR >L R L lR . rL >R L R rL ."),
            new Rudiment("flam paradiddle", ">lR L R R >rL R L L"),
            new Rudiment("flammed mill", ">lR R L R >rL L R L"),
            new Rudiment("flam paradiddle-diddle", ">lR L R R L L >rL R L L R R"),
            new Rudiment("pataflafla", ">lR L R >rL >lR L R >rL"),
            new Rudiment("swiss army triplet", ">lR R L >lR R L"),
            new Rudiment("inverted flam tap", ">lR L >rL R"),
            new Rudiment("flam drag", ">lR L: R >rL R: L"),
            new Rudiment("drag", "llR . rrL ."),
            new Rudiment("single drag tap", "llR >L rrL >R"),
            new Rudiment("double drag tap", "llR llR >L rrL rrL >R"),
            new Rudiment("lesson 25", "llR L >R . llR L >R ."),
            new Rudiment("single dragadiddle", ">R: L R R >L: R L L"),
            new Rudiment("drag paradiddle 1", ">R llR L R R >L rrL R L L"),
            new Rudiment("drag paradiddle 2", ">R llR llR L R R >L rrL rrL R L L"),
            new Rudiment("single ratamacue", "llR L R >L rrL R L >R"),
            new Rudiment("double ratamacue", "llR . llR L R >L rrL . rrL R L >R"),
            new Rudiment("triple ratamacue", "llR . llR . llR L R >L rrL . rrL . rrL R L >R"));

    /** Returns every rudiment. */
    public static List<Rudiment> all() {
        return ALL;
    }

    /**
     * Returns the rudiment with a name, in capitals or not; "paradiddle" is the single one. Empty if there is none.
     */
    public static Optional<Rudiment> named(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        return ALL.stream()
                .filter(rudiment -> rudiment.name.equals(plain) || rudiment.name.equals("single " + plain))
                .findFirst();
    }
}
