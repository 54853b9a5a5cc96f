package nimblestride.core.insight.glossary;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Defines each term the program uses in one plain sentence. Common practice among drummers and their teachers, except for
 * the names of what the program draws and keeps: Road, stride, Weave, Book, home, landing, Ladder, Stages, Stand.
 */
public final class Glossary {
    private static final List<Found> ALL = Stream.of(
                    term("accent", "A note played louder than the notes around it.", "accents", "accented"),
                    term(
                            "additive meter",
                            "A bar felt in groups of different lengths, such as 3+3+2.",
                            "additive",
                            "additive meters"),
                    term("backbeat", "The strong accent against the downbeat, usually snare on 2 and 4.", "backbeats"),
                    term(
                            "beat",
                            "What your foot taps; in groups of unequal size, the start of each group, long or short.",
                            "beats"),
                    term("Book", "Where the program keeps your exercises, students, and log."),
                    term("buzz", "A stroke pressed into the drum so it rattles on.", "buzzes"),
                    term("cell", "A short pattern with its own length that repeats, such as x..x. of 1/16.", "cells"),
                    term(
                            "clave",
                            "A two-bar pattern that the rest of the band follows; claves are the sticks that play it."),
                    term("clean", "Played without a mistake, as you judge it."),
                    term("click", "The metronome sound you play to.", "clicks"),
                    term("count-in", "The clicks before the first bar that bring everybody in together.", "count in"),
                    term(
                            "cross-rhythm",
                            "Evenly spaced hits against the beats: 4:3 is four notes in the time of three beats.",
                            "cross-rhythms"),
                    term("cycle", "The time until a layer is back where it started.", "cycles"),
                    term(
                            "displacement",
                            "The same figure, moved to start somewhere else in the bar.",
                            "displaced",
                            "displacements"),
                    term("double", "Two strokes in a row by one hand.", "doubles", "diddle", "diddles"),
                    term("downbeat", "The first count of a bar, the 1.", "downbeats"),
                    term("drag", "Two soft grace notes by one hand before a note by the other.", "drags"),
                    term(
                            "family",
                            "A set of exercises made from one, such as every displacement of a figure.",
                            "families"),
                    term("fill", "What you play to lead from one phrase into the next.", "fills"),
                    term("flam", "One soft grace note just before the main note.", "flams"),
                    term(
                            "ghost note",
                            "A note so soft that you feel it more than you hear it.",
                            "ghost notes",
                            "ghost",
                            "ghosts"),
                    term(
                            "grouping",
                            "How you feel a bar in twos, threes, and more: 11/8 as 3+3+3+2.",
                            "groupings",
                            "grouped"),
                    term("half-time", "The groove at half its speed, with the backbeat on 3, while the tempo stays."),
                    term("hemiola", "The cross-rhythm 3:2, three notes in the time of two beats.", "hemiolas"),
                    term("home", "Where the bars and every layer start together again.", "lines up", "line up"),
                    term(
                            "implied modulation",
                            "The bars and the tempo stay, and the accents suggest another tempo.",
                            "implied"),
                    term("konnakol", "The South Indian art of speaking rhythm, such as ta ka di mi."),
                    term(
                            "Ladder",
                            "A row of tempos from slow to the goal: clean runs step up, misses step back.",
                            "ladder"),
                    term(
                            "landing",
                            "A layer starting its cycle exactly on a bar line.",
                            "lands",
                            "land",
                            "landings",
                            "on the 1"),
                    term("latency", "The delay between the moment a sound should play and the moment you hear it."),
                    term(
                            "layer",
                            "One thing that runs over the bars: a steady note, even notes over a span, or a cell.",
                            "layers"),
                    term("lead hand", "The hand that starts or leads a figure.", "lead-hand"),
                    term("lead-in", "Bars that let people hear a new tempo coming.", "lead-ins"),
                    term("linear", "One limb at a time, never two together."),
                    term(
                            "metric modulation",
                            "A change of tempo where one note keeps its length and takes a new name: dotted quarter = half.",
                            "modulation",
                            "modulations"),
                    term("offbeat", "A note halfway between two beats.", "offbeats"),
                    term(
                            "orchestrate",
                            "Play a sticking on other drums and cymbals.",
                            "orchestrates",
                            "orchestrated",
                            "orchestration"),
                    term("ostinato", "A figure you keep playing while something else happens over it.", "ostinatos"),
                    term("phrase", "The bars as you typed them, played in order and repeated.", "phrases"),
                    term("pickup", "Notes before the first downbeat.", "pickups"),
                    term("pivot", "The note that keeps its length through a change of tempo.", "pivots"),
                    term(
                            "polymeter",
                            "Two lengths over one subdivision, each with its own pattern: five eighths over 4/4.",
                            "polymeters"),
                    term(
                            "polyrhythm",
                            "A cross-rhythm that fits the bar: three over four, four over seven eighths.",
                            "polyrhythms"),
                    term("pulse", "A steady beat that everything else is felt against.", "pulses"),
                    term("reading", "One way to group a bar.", "readings"),
                    term(
                            "regrouping",
                            "Keep the notes and accent them in groups of another size; the accents become the new beat.",
                            "regroupings",
                            "regroup"),
                    term("rep", "Once through what you are practicing.", "reps"),
                    term(
                            "reset",
                            "Where a layer starts over: at each bar, at each phrase, or never.",
                            "resets",
                            "restarts"),
                    term(
                            "riff",
                            "A short figure that repeats. Another player's has a name in quotes, and no limb plays it.",
                            "riffs"),
                    term("Road", "The picture of your bars from left to right, with the layers below."),
                    term(
                            "ruff",
                            "Two or three grace notes by alternating hands before a main note; the name counts all its strokes.",
                            "ruffs"),
                    term(
                            "Stages",
                            "Small steps to learn an exercise, from counting aloud to all of it.",
                            "stage",
                            "stages"),
                    term("Stand", "A full-screen view to read from the kit."),
                    term("sticking", "Which hand plays which note: R L R R L R L L.", "stickings"),
                    term("stride", "One group of a bar, drawn as an arc on the Road.", "strides"),
                    term("subdivision", "The even notes inside a beat, such as sixteenths.", "subdivisions"),
                    term("swing", "The first of two equal notes lasts longer than the second."),
                    term("tail", "A short end that makes a riff fit the bars.", "tails"),
                    term("There and back", "A change of tempo and the way back, as one exercise."),
                    term("time and fill", "Bars of groove, then bars of fill, such as 3+1."),
                    term(
                            "tuplet",
                            "Even notes in the time of another number: five in the time of four.",
                            "tuplets",
                            "triplet",
                            "triplets",
                            "quintuplet",
                            "quintuplets",
                            "sextuplet",
                            "sextuplets",
                            "septuplet",
                            "septuplets"),
                    term("unit", "The note a bar is counted in: the eighth in 11/8.", "units"),
                    term("upbeat", "The offbeat before a beat, often counted &.", "upbeats"),
                    term("Weave", "Bars stacked in rows, so a layer that drifts shows as a slanted thread."))
            .map(term -> new Found(term, term.pattern()))
            .toList();

    private Glossary() {}

    private record Found(Term term, Pattern pattern) {
        OptionalInt placeIn(String text) {
            Matcher matcher = pattern.matcher(text);
            return matcher.find() ? OptionalInt.of(matcher.start()) : OptionalInt.empty();
        }
    }

    private static Term term(String name, String meaning, String... otherForms) {
        return new Term(name, List.of(otherForms), meaning);
    }

    /** Returns all terms, in alphabetical order, whatever their capitals. */
    public static List<Term> all() {
        return ALL.stream().map(Found::term).toList();
    }

    /** Returns the term with a name, in capitals or not; empty where there is none. */
    public static Optional<Term> of(String name) {
        return all().stream()
                .filter(term -> term.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /** Returns the terms in a text, in any of their forms, in the order in which they come. */
    public static List<Term> in(String text) {
        return ALL.stream()
                .filter(found -> found.placeIn(text).isPresent())
                .sorted(Comparator.comparingInt(found -> found.placeIn(text).orElseThrow()))
                .map(Found::term)
                .toList();
    }
}
