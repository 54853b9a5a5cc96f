package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.Tempo;

/**
 * A bar as it is written.
 *
 * @param number of the bar as which it is first played, from 0
 * @param tempo in force here
 * @param hands what is written with stems up
 * @param feet what is written with stems down; empty where the parts are together
 * @param riffs what other players play, each on a line above the kit's staff
 * @param counts syllables from the start of the bar, where counts are shown
 * @param problem why its notes can't be written; empty where they are
 */
public record WrittenBar(
        long number,
        Bar bar,
        Tempo tempo,
        PartRhythm hands,
        Optional<PartRhythm> feet,
        List<RiffPart> riffs,
        List<SpokenSyllable> counts,
        BarSigns signs,
        String problem) {
    public WrittenBar {
        riffs = List.copyOf(riffs);
        counts = List.copyOf(counts);
    }

    /** Returns the hands, the feet where they are apart, and then the riffs. */
    public List<PartRhythm> parts() {
        List<PartRhythm> parts = new ArrayList<>(List.of(hands));
        feet.ifPresent(parts::add);
        riffs.forEach(riff -> parts.add(riff.rhythm()));
        return parts;
    }

    /** Returns which riff a part is, counted as in {@link #parts}; empty for one of the kit. */
    public Optional<Voice> riffOf(int part) {
        int first = feet.isPresent() ? 2 : 1;
        return part < first
                ? Optional.empty()
                : Optional.of(riffs.get(part - first).voice());
    }

    /** Returns whether the stems of a part point up: those of all but the feet do. */
    public boolean isStemsUp(int part) {
        return part != 1 || feet.isEmpty();
    }

    /** Returns the kit alone. */
    WrittenBar withoutRiffs() {
        return new WrittenBar(number, bar, tempo, hands, feet, List.of(), counts, signs, problem);
    }

    /** Returns a riff alone, as if it were the hands; a rest where it is not played. */
    WrittenBar only(Voice riff) {
        PartRhythm rhythm = riffs.stream()
                .filter(part -> part.voice().equals(riff))
                .map(RiffPart::rhythm)
                .findFirst()
                .orElseGet(() -> BarSpeller.silence(bar));
        return new WrittenBar(number, bar, tempo, rhythm, Optional.empty(), List.of(), List.of(), signs, problem);
    }

    /** Returns what is signed at its start: nothing, a meter, or several that alternate. */
    public List<Meter> signature() {
        return signs.signature();
    }

    /** Returns the modulation over its start. */
    public Optional<Pivot> change() {
        return signs.change();
    }

    /** Returns whether a repeat sign stands at its start. */
    public boolean repeatStarts() {
        return signs.repeatStarts();
    }

    /** Returns how many times to play what ends here; 1 where no repeat sign stands at its end. */
    public int repeatEnds() {
        return signs.repeatEnds();
    }

    /** Returns whether another bar is played just as this one. */
    boolean isPlayedLike(WrittenBar other) {
        return bar.equals(other.bar)
                && tempo.equals(other.tempo)
                && hands.equals(other.hands)
                && feet.equals(other.feet)
                && riffs.equals(other.riffs)
                && problem.equals(other.problem);
    }

    /** Returns the sign for a bar like the one before it, over nothing. */
    WrittenBar likeTheBarBefore() {
        PartRhythm silence = BarSpeller.silence(bar);
        List<RiffPart> silent =
                riffs.stream().map(riff -> new RiffPart(riff.voice(), silence)).toList();
        return new WrittenBar(
                number,
                bar,
                tempo,
                silence,
                feet.map(unused -> silence),
                silent,
                List.of(),
                signs.likeTheBarBefore(),
                problem);
    }

    /** Returns whether something is held into it. */
    boolean isTiedInto() {
        return parts().stream().anyMatch(part -> part.written().get(0).tied());
    }

    WrittenBar asBar(long newNumber) {
        return new WrittenBar(newNumber, bar, tempo, hands, feet, riffs, counts, signs, problem);
    }

    WrittenBar signed(BarSigns newSigns) {
        return new WrittenBar(number, bar, tempo, hands, feet, riffs, counts, newSigns, problem);
    }
}
