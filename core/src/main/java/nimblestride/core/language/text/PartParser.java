package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
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
    private static final Pattern BAR_LINE = Pattern.compile("\\|");
    private static final Pattern STRIDE = Pattern.compile("/");
    private static final Pattern TOGETHER = Pattern.compile("\\+");
    private static final Pattern REPEATED = Pattern.compile("(.*?)(?:\\s+x(\\d{1,6}))?", Pattern.DOTALL);
    private static final Pattern TUPLET = Pattern.compile("\\((\\d{1,3}):(\\d{1,3})\\s");
    private static final String NOTE = "[^\\s()+]*(?:\\([^\\s()]*\\))?[^\\s()+]*";
    private static final Pattern NOTES = Pattern.compile(NOTE + "(?:\\+" + NOTE + ")*");
    private static final String EXAMPLE = "kick . snare . / hi-hat hi-hat | %";

    private final String text;
    private final TextCursor whole;
    private final Phrase phrase;
    private final NamedVoices voices;
    private final Map<Voice, List<Placement>> placed = new LinkedHashMap<>();

    PartParser(String text, Phrase phrase, NamedVoices voices) {
        this.text = text;
        this.whole = new TextCursor(text);
        this.phrase = phrase;
        this.voices = voices;
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
        List<TextCursor> bars = whole.split(BAR_LINE);
        int last = bars.size() - 1;
        // A bar line at the end ends the last bar.
        readBars(last > 0 && bars.get(last).isBlank() ? bars.subList(0, last) : bars);
        List<Layer> layers = new ArrayList<>();
        placed.forEach((voice, notes) -> layers.add(whole.make(() -> Layer.of(voice, new Placed(notes)), "")));
        return layers;
    }

    private void readBars(List<TextCursor> bars) {
        int number = 0;
        Optional<TextCursor> before = Optional.empty();
        for (TextCursor written : bars) {
            TextCursor bar = written.stripped();
            MatchResult match = bar.match(REPEATED).orElseThrow();
            int times = match.group(2) == null ? 1 : Integer.parseInt(match.group(2));
            if (times == 0) {
                throw refuse(bar.group(match, 2), "a bar plays at least once, such as x2");
            }
            TextCursor content = bar.group(match, 1).stripped();
            boolean again = content.content().equals("%");
            if (again && before.isEmpty()) {
                throw content.error("the notes of bar 1; % plays the bar before once more");
            }
            TextCursor notes = again ? before.get() : content;
            for (int i = 0; i < times; i++) {
                if (number == phrase.bars().size()) {
                    throw refuse(
                            bar,
                            "the phrase has only " + Counted.count(number, "bar")
                                    + ". Add bars in the Bars line, or write fewer here");
                }
                read(notes, number, content);
                number++;
            }
            before = Optional.of(notes);
        }
    }

    /**
     * Reads a bar.
     *
     * @param blamed what an error points at where the bar has other strides than are written
     */
    private void read(TextCursor notes, int number, TextCursor blamed) {
        Bar bar = phrase.bars().get(number);
        List<NoteValue> starts = bar.groupStarts();
        List<TextCursor> strides = notes.split(STRIDE);
        if (strides.size() != starts.size()) {
            throw refuse(
                    blamed,
                    "bar " + (number + 1) + ", " + bar.meter() + ", has " + Counted.count(starts.size(), "stride")
                            + " (" + bar.grouping() + "), but you wrote " + strides.size()
                            + ". Put / between strides, and . where one rests");
        }
        for (int i = 0; i < strides.size(); i++) {
            NoteValue end = i + 1 < starts.size() ? starts.get(i + 1) : bar.length();
            List<Item> items = items(strides.get(i), "stride " + (i + 1) + " of bar " + (number + 1));
            place(items, number, starts.get(i), end.minus(starts.get(i)));
        }
    }

    private List<Item> items(TextCursor stride, String where) {
        if (stride.isBlank()) {
            throw refuse(stride, where + " is empty. Write . where it rests");
        }
        TextCursor cursor = stride.part(stride.start(), stride.end());
        List<Item> items = new ArrayList<>();
        while (!cursor.atEnd()) {
            items.add(item(cursor, where));
        }
        int shares = Item.shares(items);
        if (shares > PartText.MAX_SHARES) {
            throw refuse(
                    stride.stripped(),
                    where + " has " + Counted.count(shares, "note") + ", and a stride holds up to "
                            + PartText.MAX_SHARES + ". Is a / missing?");
        }
        return items;
    }

    private Item item(TextCursor cursor, String where) {
        cursor.skipSpaces();
        int from = cursor.at();
        Optional<MatchResult> ratio = cursor.take(TUPLET);
        return ratio.isPresent() ? tuplet(cursor, ratio.get(), from, where) : Item.of(notes(cursor));
    }

    private Item tuplet(TextCursor cursor, MatchResult ratio, int from, String where) {
        int notes = Integer.parseInt(ratio.group(1));
        int time = Integer.parseInt(ratio.group(2));
        List<Item> inner = new ArrayList<>();
        while (!cursor.atEnd() && !cursor.startsWith(')')) {
            inner.add(item(cursor, where));
        }
        cursor.expect(')', "a ) at the end of the tuplet, such as (3:2 kick . snare)");
        TextCursor all = cursor.part(from, cursor.at());
        if (notes < 1 || time < 1 || notes > PartText.MAX_SHARES || time > PartText.MAX_SHARES) {
            throw refuse(all, "a tuplet puts 1 to " + PartText.MAX_SHARES + " notes into the time of as many");
        }
        if (Item.shares(inner) != notes) {
            throw refuse(
                    all,
                    "this tuplet in " + where + " is for " + Counted.count(notes, "note") + " and has "
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

    private void place(List<Item> items, int bar, NoteValue start, NoteValue length) {
        NoteValue share = length.dividedBy(Item.shares(items));
        NoteValue at = start;
        for (Item item : items) {
            NoteValue lasts = share.times(item.shares);
            if (item.inner.isEmpty()) {
                for (PartStroke note : item.notes) {
                    placed.computeIfAbsent(note.voice(), voice -> new ArrayList<>())
                            .add(new Placement(bar, at, note.stroke()));
                }
            } else {
                place(item.inner, bar, at, lasts);
            }
            at = at.plus(lasts);
        }
    }

    private TextException refuse(TextCursor part, String reason) {
        return TextException.refused(text, part.start(), part.end(), reason);
    }
}
