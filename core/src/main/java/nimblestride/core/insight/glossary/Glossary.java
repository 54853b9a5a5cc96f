package nimblestride.core.insight.glossary;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The terms of the trade that the program uses, each in one or two sentences. Common practice among drummers and their
 * teachers, except for landing, home, remainder, stride, and Weave, which are this program's own words for what it
 * draws.
 */
public final class Glossary {
    private static final List<Found> ALL = Stream.of(
                    term("accent", "A stroke that stands out, louder than those around it.", "accents", "accented"),
                    term(
                            "beat",
                            "One of the steady counts that a bar is felt in; in odd bars they can differ in length.",
                            "beats"),
                    term(
                            "cell",
                            "A short pattern with a length of its own, such as x..x. of 1/16, that is played over and over.",
                            "cells"),
                    term("clean", "Played without a slip, as you judge it yourself."),
                    term(
                            "count-in",
                            "What is counted before the first bar, so that all begin together.",
                            "counting in",
                            "counted in"),
                    term(
                            "cross-rhythm",
                            "Evenly spaced hits against the beats: 4:3 is four notes in the time of three beats.",
                            "cross-rhythms"),
                    term("cycle", "Once through what a layer repeats.", "cycles"),
                    term(
                            "displacement",
                            "The same figure from another place of the bar: what was on the beat falls between the beats.",
                            "displaced",
                            "displacements"),
                    term("drag", "Two soft grace notes by one hand before a stroke of the other.", "drags"),
                    term("flam", "One soft grace note just before a stroke of the other hand.", "flams"),
                    term(
                            "ghost note",
                            "A stroke so soft that it is felt more than heard.",
                            "ghost notes",
                            "ghost",
                            "ghosts"),
                    term(
                            "grouping",
                            "How a bar is felt in twos, threes and more: 11/8 as 3+3+3+2.",
                            "groupings",
                            "groups",
                            "group"),
                    term("hemiola", "The cross-rhythm 3:2, three notes in the time of two beats.", "hemiolas"),
                    term(
                            "home",
                            "Where the bars and a layer both begin together again; from there everything repeats.",
                            "back on 1",
                            "back together",
                            "return",
                            "returns"),
                    term(
                            "implied modulation",
                            "The bars and the tempo stay, and a layer with its own back-beat sounds as though the tempo had changed.",
                            "implied"),
                    term(
                            "ladder",
                            "Tempos from slow to the goal: a step up after so many clean passes, a step back after what was not clean."),
                    term("landing", "A cycle of a layer begins just where a bar begins.", "lands", "land", "landings"),
                    term(
                            "layer",
                            "One thing that runs over the bars: a steady value, even notes over a span, or a cell.",
                            "layers"),
                    term("lead hand", "The hand that plays the 1 of a bar or of a figure.", "leading hand"),
                    term(
                            "least common multiple",
                            "The shortest length into which two lengths both go a whole number of times."),
                    term("linear", "One limb at a time: no two strike together."),
                    term(
                            "metric modulation",
                            "A change of tempo in which a note of the old tempo becomes another note of the new: dotted quarter ="
                                    + " half.",
                            "change of gear"),
                    term("off the beat", "Between two beats of the bar."),
                    term("onset", "A moment at which something is struck, by one limb or by several.", "onsets"),
                    term("ostinato", "A figure that is kept up while something else is played over it.", "ostinatos"),
                    term("pass", "Once through what is practised.", "passes"),
                    term(
                            "phrase",
                            "The bars as they are typed, one after the other; it goes round and round.",
                            "phrases"),
                    term(
                            "pivot",
                            "The note that lasts equally long before and after a change of tempo, by which one finds the new one."),
                    term(
                            "polymeter",
                            "Two lengths that go round against each other with the same pulse: five eighths over four quarters."),
                    term(
                            "polyrhythm",
                            "A cross-rhythm that fits the bar: three notes against four beats, four over seven eighths.",
                            "polyrhythms"),
                    term("pulse", "The steady, even beat that everything else is felt against.", "pulses"),
                    term("reading", "One of the ways in which a bar can be felt in groups.", "readings"),
                    term(
                            "regrouping",
                            "The notes go on as they are, accented in groups of another size; the accents become the new beat.",
                            "regroupings",
                            "regrouped"),
                    term(
                            "remainder",
                            "What is left of a cycle where the phrase ends, or where the layer begins anew.",
                            "leaves",
                            "cut off"),
                    term("reset", "The layer begins its cycle anew at each bar, or at each phrase, wherever it was."),
                    term("sticking", "Which hand plays which stroke: R L R R L R L L.", "stickings"),
                    term(
                            "stride",
                            "One group of a bar, drawn as an arc from its first unit to the first of the next group.",
                            "strides"),
                    term("tail", "What is added at the end so that a figure comes out even with the bars.", "tails"),
                    term(
                            "tuplet",
                            "Even notes in a time that would usually hold another number of them: five in the time of four.",
                            "tuplets",
                            "triplet",
                            "triplets",
                            "quintuplet",
                            "quintuplets",
                            "septuplet",
                            "septuplets"),
                    term("unit", "The value a bar is counted in: in 11/8 the eighth.", "units"),
                    term(
                            "weave",
                            "Bars stacked as rows, so that a layer which drifts against them is a slanting thread."))
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

    /** Returns all terms, in alphabetical order. */
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
