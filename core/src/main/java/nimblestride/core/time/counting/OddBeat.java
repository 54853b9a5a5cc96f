package nimblestride.core.time.counting;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;

/**
 * A way to count a bar in quarters although they do not fill it: some beat has a syllable less, or one more (common
 * practice).
 *
 * @param grouping its beats, in units
 * @param syllables one for each unit
 * @param why which syllable is dropped or added
 */
public record OddBeat(Grouping grouping, List<String> syllables, String why) {
    private static final List<String> QUARTERED = List.of("e", "&", "a");
    private static final List<String> HALVED = List.of("&");
    private static final String ADDED = "ta";
    private static final int MAX_UNITS = 64;

    public OddBeat {
        syllables = List.copyOf(syllables);
    }

    /**
     * Returns the ways there are, most common first; none for a bar that quarters fill, or that is counted in them.
     */
    public static List<OddBeat> of(Meter meter) {
        NoteValue unit = meter.unit();
        boolean quarters = unit.equals(NoteValue.of(1, 16));
        if ((!quarters && !unit.equals(NoteValue.of(1, 8))) || meter.units() > MAX_UNITS) {
            return List.of();
        }
        List<String> within = quarters ? QUARTERED : HALVED;
        int beat = within.size() + 1;
        int whole = meter.units() / beat;
        int rest = meter.units() % beat;
        List<OddBeat> ways = new ArrayList<>();
        if (rest == 0 || whole == 0) {
            return ways;
        }
        ways.add(cutShort(whole, beat, rest, whole, within));
        ways.add(cutShort(whole, beat, rest, 0, within));
        ways.add(longer(whole, beat, rest, whole - 1, within));
        return ways;
    }

    /** Returns one beat more than there are whole ones, with one of them short. */
    private static OddBeat cutShort(int whole, int beat, int rest, int which, List<String> within) {
        List<Integer> sizes = new ArrayList<>();
        for (int i = 0; i <= whole; i++) {
            sizes.add(i == which ? rest : beat);
        }
        List<String> dropped = within.subList(rest - 1, within.size());
        String why = String.join(" and ", dropped) + " of " + (which + 1) + (dropped.size() == 1 ? " is" : " are")
                + " dropped";
        return new OddBeat(new Grouping(sizes), say(sizes, within), why);
    }

    private static OddBeat longer(int whole, int beat, int rest, int which, List<String> within) {
        List<Integer> sizes = new ArrayList<>();
        for (int i = 0; i < whole; i++) {
            sizes.add(i == which ? beat + rest : beat);
        }
        return new OddBeat(
                new Grouping(sizes),
                say(sizes, within),
                "beat " + (which + 1) + " is " + rest + (rest == 1 ? " unit" : " units") + " longer");
    }

    private static List<String> say(List<Integer> sizes, List<String> within) {
        List<String> said = new ArrayList<>();
        for (int i = 0; i < sizes.size(); i++) {
            said.add(Integer.toString(i + 1));
            for (int unit = 1; unit < sizes.get(i); unit++) {
                said.add(unit <= within.size() ? within.get(unit - 1) : ADDED);
            }
        }
        return said;
    }

    /** Returns the bar with this grouping. */
    public Bar bar(Meter meter) {
        return new Bar(meter, grouping);
    }

    /** Returns the syllables as text, with a bar between beats. */
    public String written() {
        List<String> beats = new ArrayList<>();
        int from = 0;
        for (int size : grouping.sizes()) {
            beats.add(String.join(" ", syllables.subList(from, from + size)));
            from += size;
        }
        return String.join(" | ", beats);
    }
}
