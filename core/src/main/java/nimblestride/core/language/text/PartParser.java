package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nimblestride.core.foundation.words.Capitalized;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern.Placed;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Reads a part beat by beat, from left to right. */
final class PartParser {
    private static final Pattern TOGETHER = Pattern.compile("\\+");
    private static final Pattern TUPLET = Pattern.compile("\\((\\d{1,3}):(\\d{1,3})\\s");
    private static final String NOTE = "[^\\s()+]*(?:\\([^\\s()]*\\))?[^\\s()+]*";
    private static final Pattern NOTES = Pattern.compile(NOTE + "(?:\\+" + NOTE + ")*");
    private static final String EXAMPLE = "kick . snare . / hi-hat hi-hat | %";

    private final TextCursor whole;
    private final PartLayout layout;
    /** The bars on which it is played. */
    private final Phrase phrase;
    /** Whether it has more bars than the phrase it is written for. */
    private final boolean longer;

    private final NamedVoices voices;
    private final Map<Voice, List<Placement>> placed = new LinkedHashMap<>();
    private final List<TextException> problems = new ArrayList<>();
    private final List<OddTuplet> tuplets = new ArrayList<>();
    /** What is read from each stride of each kind of bar, since most strides of a part are written more than once. */
    private final Map<Bar, List<KnownStride>> known = new HashMap<>();

    PartParser(String text, PartLayout layout, Phrase phrase, NamedVoices voices) {
        this.whole = new TextCursor(text);
        this.layout = layout;
        this.phrase = layout.bars(phrase);
        this.longer = layout.isLonger(phrase);
        this.voices = voices;
        problems.addAll(layout.problems());
        for (PartLayout.WrittenBar bar : layout.bars()) {
            try {
                read(bar);
            } catch (TextException e) {
                problems.add(e);
            }
        }
        problems.sort(Comparator.comparingInt(TextException::from));
    }

    /** A stride of a kind of bar, and what was read there so far. */
    private record KnownStride(NoteValue start, NoteValue length, Map<String, ReadStride> read) {
        static List<KnownStride> of(Bar bar) {
            List<NoteValue> starts = bar.groupStarts();
            List<KnownStride> strides = new ArrayList<>();
            for (int i = 0; i < starts.size(); i++) {
                NoteValue end = i + 1 < starts.size() ? starts.get(i + 1) : bar.length();
                strides.add(new KnownStride(starts.get(i), end.minus(starts.get(i)), new HashMap<>()));
            }
            return strides;
        }
    }

    /** Which stride of which bar, each from 1; put into words only where there is something to say. */
    private record Where(int stride, int bar) {
        @Override
        public String toString() {
            return "stride " + stride + " of bar " + bar;
        }
    }

    /** What stands in a stride: how many notes share it, whether that is rarely meant, and those that are played. */
    private record ReadStride(int shares, boolean isOdd, List<PlacedNote> notes) {}

    /** A note of a stride, from the start of its bar. */
    private record PlacedNote(PartStroke note, NoteValue at) {}

    /** A stride with a tuplet that is rarely meant. */
    private record OddTuplet(TextCursor stride, int shares, String where) {
        String question() {
            return where + " has " + Counted.count(shares, "note") + ": " + Tuplets.named(shares)
                    + ". Is that what you meant?";
        }
    }

    /** What stands in a share of a stride: notes together, or a tuplet over several shares. */
    private record Item(int shares, List<PartStroke> notes, List<Item> inner) {
        static Item of(List<PartStroke> notes) {
            return new Item(1, notes, List.of());
        }

        static int shares(List<Item> items) {
            return items.stream().mapToInt(Item::shares).sum();
        }
    }

    List<Layer> layers() {
        if (whole.isBlank()) {
            throw whole.error("a part, such as " + EXAMPLE);
        }
        if (!problems.isEmpty()) {
            throw problems.get(0);
        }
        int ownBars = longer ? layout.count() : 0;
        List<Layer> layers = new ArrayList<>();
        placed.forEach((voice, notes) -> layers.add(whole.make(() -> Layer.of(voice, new Placed(notes, ownBars)), "")));
        return layers;
    }

    /** Returns what is wrong, in the order of the text, and then what may not be meant. */
    List<PartRemark> remarks() {
        List<PartRemark> remarks = new ArrayList<>();
        problems.forEach(one -> remarks.add(new PartRemark(one.from(), one.to(), one.description(), true)));
        for (OddTuplet tuplet : tuplets) {
            boolean alone = tuplets.stream()
                            .filter(other -> other.shares == tuplet.shares)
                            .count()
                    == 1;
            if (alone) {
                TextCursor stride = tuplet.stride;
                remarks.add(new PartRemark(stride.start(), stride.end(), tuplet.question(), false));
            }
        }
        return remarks;
    }

    private void read(PartLayout.WrittenBar written) {
        for (int i = 0; i < written.times(); i++) {
            read(written, written.first() + i, i == 0 && !written.isAgain());
        }
    }

    /** @param asking whether to ask about tuplets: once for each bar that is written out */
    private void read(PartLayout.WrittenBar written, int number, boolean asking) {
        Bar bar = phrase.bars().get(number);
        List<KnownStride> strides = known.computeIfAbsent(bar, KnownStride::of);
        List<TextCursor> texts = written.strides();
        if (texts.size() != strides.size()) {
            throw written.content()
                    .refuse("bar " + (number + 1) + ", " + bar.meter() + ", has "
                            + Counted.count(strides.size(), "stride") + " (" + bar.grouping() + "), but you wrote "
                            + texts.size() + ". Put / between strides, and . where one rests");
        }
        for (int i = 0; i < texts.size(); i++) {
            Where where = new Where(i + 1, number + 1);
            ReadStride read = read(texts.get(i), strides.get(i), where);
            for (PlacedNote note : read.notes) {
                placed.computeIfAbsent(note.note.voice(), voice -> new ArrayList<>())
                        .add(new Placement(number, note.at, note.note.stroke()));
            }
            if (asking && read.isOdd) {
                tuplets.add(new OddTuplet(texts.get(i).stripped(), read.shares, Capitalized.of(where.toString())));
            }
        }
    }

    private ReadStride read(TextCursor text, KnownStride stride, Where where) {
        ReadStride before = stride.read.get(text.content());
        if (before != null) {
            return before;
        }
        List<Item> items = items(text, where);
        int shares = Item.shares(items);
        List<PlacedNote> notes = new ArrayList<>();
        place(items, stride.start, stride.length, notes);
        ReadStride read = new ReadStride(shares, Tuplets.isOdd(stride.length.dividedBy(shares)), notes);
        stride.read.put(text.content(), read);
        return read;
    }

    private List<Item> items(TextCursor stride, Where where) {
        if (stride.isBlank()) {
            throw stride.refuse(where + " is empty. Write . where it rests");
        }
        TextCursor cursor = stride.part(stride.start(), stride.end());
        List<Item> items = new ArrayList<>();
        while (!cursor.atEnd()) {
            items.add(item(cursor, where));
        }
        int shares = Item.shares(items);
        if (shares > PartText.MAX_SHARES) {
            throw stride.stripped()
                    .refuse(where + " has " + Counted.count(shares, "note") + ", and a stride holds up to "
                            + PartText.MAX_SHARES + ". Is a / missing?");
        }
        return items;
    }

    private Item item(TextCursor cursor, Where where) {
        cursor.skipSpaces();
        int from = cursor.at();
        Optional<MatchResult> ratio = cursor.take(TUPLET);
        return ratio.isPresent() ? tuplet(cursor, ratio.get(), from, where) : Item.of(notes(cursor));
    }

    private Item tuplet(TextCursor cursor, MatchResult ratio, int from, Where where) {
        int notes = Integer.parseInt(ratio.group(1));
        int time = Integer.parseInt(ratio.group(2));
        List<Item> inner = new ArrayList<>();
        while (!cursor.atEnd() && !cursor.startsWith(')')) {
            inner.add(item(cursor, where));
        }
        cursor.expect(')', "a ) at the end of the tuplet, such as (3:2 kick . snare)");
        TextCursor all = cursor.part(from, cursor.at());
        if (notes < 1 || time < 1 || notes > PartText.MAX_SHARES || time > PartText.MAX_SHARES) {
            throw all.refuse("a tuplet puts 1 to " + PartText.MAX_SHARES + " notes into the time of as many");
        }
        if (Item.shares(inner) != notes) {
            throw all.refuse("this tuplet in " + where + " is for " + Counted.count(notes, "note") + " and has "
                    + Item.shares(inner));
        }
        return new Item(time, List.of(), inner);
    }

    private List<PartStroke> notes(TextCursor cursor) {
        int from = cursor.at();
        int to = cursor.take(NOTES).map(MatchResult::end).orElse(from);
        if (to == from) {
            throw cursor.here("a note, such as snare, or a tuplet, such as (3:2 kick . snare)");
        }
        TextCursor together = cursor.part(from, to);
        String written = together.content();
        return written.equals(".") || written.equals("-")
                ? List.of()
                : together.split(TOGETHER).stream()
                        .map(note -> PartStroke.read(note, voices))
                        .toList();
    }

    private static void place(List<Item> items, NoteValue start, NoteValue length, List<PlacedNote> into) {
        NoteValue share = length.dividedBy(Item.shares(items));
        NoteValue at = start;
        for (Item item : items) {
            NoteValue lasts = share.times(item.shares);
            if (item.inner.isEmpty()) {
                for (PartStroke note : item.notes) {
                    into.add(new PlacedNote(note, at));
                }
            } else {
                place(item.inner, at, lasts, into);
            }
            at = at.plus(lasts);
        }
    }
}
