package nimblestride.core.layer.modulation;

import static nimblestride.core.foundation.words.Counted.count;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.foundation.words.SpokenDuration;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.CommonNote;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/** Puts a modulation into sentences, each with its sum. */
public final class ModulationWords {
    /**
     * A sentence.
     *
     * @param about its subject, in a word or two
     * @param sentence what is so
     * @param sum how it works out; empty where there is nothing to work out
     */
    public record Statement(String about, String sentence, String sum) {}

    private final Modulation shift;
    private final List<Statement> statements = new ArrayList<>();

    private ModulationWords(Modulation shift) {
        this.shift = shift;
    }

    /**
     * Returns the sentences about a modulation.
     *
     * @throws InvalidValueException if the tempo after it can't be played
     */
    public static List<Statement> of(Modulation shift) {
        ModulationWords words = new ModulationWords(shift);
        words.tempo();
        words.whatStays();
        words.ear();
        words.meeting();
        words.setUp();
        words.wayBack();
        return List.copyOf(words.statements);
    }

    private void add(String about, String sentence, String sum) {
        statements.add(new Statement(about, sentence, sum));
    }

    private void tempo() {
        Pivot pivot = shift.pivot();
        Tempo after = shift.after();
        String decimal = Tempo.decimal(after.perMinute());
        String exact = exact(after.perMinute());
        add(
                "New tempo",
                after.spoken() + (exact.equals(decimal) ? "." : ", exactly " + exact + "."),
                Tempo.decimal(shift.before().perMinute()) + " × " + pivot.newValue() + " ÷ " + pivot.oldValue() + " = "
                        + Tempo.decimal(shift.before().perMinute()) + " × " + exact(pivot.ratio()) + " = " + exact);
    }

    private static String exact(BigFraction number) {
        return number.getDenominator().bitLength() == 1
                ? number.getNumerator().toString()
                : number.getNumerator() + "/" + number.getDenominator();
    }

    private void whatStays() {
        NoteValue note = shift.subdivision();
        add(
                "Stays the same",
                shift.newUnits(note).equals(note)
                        ? "The " + NoteName.say(note) + " keeps its length and name."
                        : "The " + NoteName.say(note) + " keeps its length and becomes "
                                + NoteName.one(shift.newUnits(note)) + ".",
                milliseconds(note) + " before and after");
    }

    private String milliseconds(NoteValue oldLength) {
        return Tempo.decimal(shift.seconds(oldLength).multiply(1000)) + " ms";
    }

    private void ear() {
        NoteValue beat = shift.newBeat();
        NoteValue old = shift.oldUnits(beat);
        boolean same = old.equals(shift.oldBeat());
        add(
                "New beat",
                same
                        ? "The beat keeps its length. "
                                + (old.equals(beat)
                                        ? "It is still " + NoteName.one(beat) + "."
                                        : "It was " + NoteName.one(old) + " and becomes " + NoteName.one(beat) + ".")
                        : "The beat changes: the new " + NoteName.say(beat) + " lasts as long as the old "
                                + NoteName.say(old) + ".",
                "a beat was " + milliseconds(shift.oldBeat()) + " and is now " + milliseconds(old));
    }

    private void meeting() {
        try {
            Optional<ModulationRealignment> lines = shift.barLineRealignment();
            ModulationRealignment rounds = shift.phraseRealignment();
            if (lines.isEmpty()) {
                add(
                        "Where both line up",
                        "No bar lines meet within " + Counted.number(Modulation.WITHIN_REASON)
                                + " bars; whole phrases line up only after " + count(rounds.oldBars(), "old phrase")
                                + ".",
                        "");
                return;
            }
            ModulationRealignment first = lines.get();
            CommonNote note = CommonNote.of(
                    List.of(first.length(), shift.oldBars().bar(0).meter().unit()));
            String sum = "both last " + note.say(first.length()) + " at the old tempo, "
                    + SpokenDuration.of(shift.seconds(first.length()));
            add(
                    "Where both line up",
                    "The 1 lines up again after " + count(first.oldBars(), "old bar") + " = "
                            + count(first.newBars(), "new bar") + ".",
                    sum);
        } catch (ExactOverflowException e) {
            add("Where both line up", "Too long to count: " + e.getMessage() + ".", "");
        }
    }

    private void setUp() {
        long notes = shift.notesPerBeat();
        long group = shift.group();
        if (group == notes) {
            add("To set it up", "Just keep playing: the beat stays and only its name changes.", "");
            return;
        }
        add(
                "To set it up",
                "Play " + count(notes, "note") + " per beat and accent every "
                        + (group == 1 ? "one" : ordinal(group)) + ", for "
                        + count(shift.beatsUntilTogether(), "beat") + " before the change, from " + setUpPlace() + ".",
                beats(shift.beatsUntilTogether()) + " of " + notes + " = "
                        + shift.beatsUntilTogether() * notes / group + " groups of " + group
                        + ", so an accent lands on the 1 of the change");
    }

    /** Returns where the accents begin: {@code 2 of the last bar}. */
    private String setUpPlace() {
        Phrase bars = shift.oldBars();
        NoteValue lasting = shift.oldBeat().times(shift.beatsUntilTogether());
        long rounds = lasting.wholePartsOf(bars.length()) + 1;
        NoteValue start = bars.length().times(rounds).minus(lasting);
        long bar = bars.barAt(start);
        CountPosition place = new CountPosition(bars.bar(bar).meter(), start.minus(bars.startOf(bar)));
        long before = rounds * bars.bars().size() - bar;
        return place + (before == 1 ? " of the last bar" : " of the bar " + before + " bars before the change");
    }

    private static String beats(long beats) {
        return count(beats, "beat");
    }

    private static String ordinal(long number) {
        boolean teen = number % 100 >= 11 && number % 100 <= 13;
        String ending = teen
                ? "th"
                : switch ((int) (number % 10)) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
        return number + ending;
    }

    private void wayBack() {
        Pivot back = shift.pivot().back();
        Modulation there = shift.wayBack();
        long notes = there.notesPerBeat();
        long group = there.group();
        String how = group == notes
                ? "the same pulse."
                : count(notes, "note") + " per beat in groups of " + group + ", for "
                        + beats(there.beatsUntilTogether()) + " before.";
        add(
                "The way back",
                NoteName.say(back.oldValue()) + " = " + NoteName.say(back.newValue()) + ". Set it up with " + how,
                exact(shift.pivot().ratio()) + " × " + exact(back.ratio()) + " = 1");
    }
}
