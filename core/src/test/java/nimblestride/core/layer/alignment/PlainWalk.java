package nimblestride.core.layer.alignment;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** What a patient person does on squared paper: one cycle after the other, compared with one bar line after the other. */
final class PlainWalk {
    private final Layer layer;
    private final Phrase phrase;
    private final NoteValue returnLength;

    PlainWalk(Layer layer, Phrase phrase, NoteValue returnLength) {
        this.layer = layer;
        this.phrase = phrase;
        this.returnLength = returnLength;
    }

    List<Long> landings() {
        List<Long> landings = new ArrayList<>();
        List<NoteValue> starts = new ArrayList<>();
        walk(returnLength, starts, new ArrayList<>());
        for (long bar = 0; phrase.startOf(bar).compareTo(returnLength) < 0; bar++) {
            if (starts.contains(phrase.startOf(bar))) {
                landings.add(bar);
            }
        }
        return landings;
    }

    List<NoteValue> hitsBefore(NoteValue until) {
        List<NoteValue> hits = new ArrayList<>();
        walk(until, new ArrayList<>(), hits);
        hits.removeIf(this::isLeftOut);
        return hits;
    }

    private void walk(NoteValue until, List<NoteValue> starts, List<NoteValue> hits) {
        long bar = 0;
        while (phrase.startOf(bar).compareTo(until) < 0) {
            long next = nextReset(bar);
            NoteValue end = layer.reset().equals(Reset.NEVER) ? until : phrase.startOf(next);
            NoteValue start = phrase.startOf(bar).plus(layer.offset());
            for (long cycle = 0; start.compareTo(end) < 0; cycle++) {
                NoteValue length = cycleLength(bar, cycle);
                add(starts, start, end, until);
                for (int part = 0; part < layer.pattern().parts(); part++) {
                    if (layer.pattern().strokeAt(part).isPresent()) {
                        add(
                                hits,
                                start.plus(length.times(part)
                                        .dividedBy(layer.pattern().parts())),
                                end,
                                until);
                    }
                }
                start = start.plus(length);
            }
            if (layer.reset().equals(Reset.NEVER)) {
                return;
            }
            bar = next;
        }
    }

    private long nextReset(long bar) {
        int bars = phrase.bars().size();
        List<Integer> chosen = layer.reset() instanceof Reset.AtBars at ? at.bars() : List.of();
        long next = bar + 1;
        while (!layer.reset().equals(Reset.BAR) && next % bars != 0 && !chosen.contains((int) (next % bars))) {
            next++;
        }
        return next;
    }

    private boolean isLeftOut(NoteValue at) {
        long bar = phrase.barAt(at);
        return bar % layer.downbeatEvery() != 0 && phrase.startOf(bar).equals(at);
    }

    private static void add(List<NoteValue> list, NoteValue at, NoteValue end, NoteValue until) {
        if (at.compareTo(end) < 0 && at.compareTo(until) < 0) {
            list.add(at);
        }
    }

    private NoteValue cycleLength(long firstBar, long cycle) {
        if (layer.pattern() instanceof Pattern.Every every) {
            return every.value();
        }
        if (layer.pattern() instanceof Pattern.Cell cell) {
            return cell.step().times(cell.parts());
        }
        Span span = ((Pattern.Over) layer.pattern()).span();
        if (span instanceof Span.Bars bars) {
            NoteValue from = phrase.startOf(firstBar + cycle * bars.count());
            return phrase.startOf(firstBar + (cycle + 1) * bars.count()).minus(from);
        }
        return span instanceof Span.Length length ? length.value() : phrase.length();
    }
}
