package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/**
 * Reads places of a phrase's bars by name or by rule: {@code 1, 4, a of 2, every third sixteenth, all but the 1 in bar
 * 2}.
 */
final class PlacesText {
    private static final String EXAMPLES = "1, a of 2, 7&, quarters, every third count, all e's and a's,"
            + " even counts, the last five, all but the 1, 3 to 7, or groups";
    private static final Pattern COMMA = Pattern.compile(",");
    private static final Pattern IN_BARS = Pattern.compile(" in bars? (\\d{1,6})(?: (?:to|-) (\\d{1,6}))?$");
    private static final Pattern EVERY = Pattern.compile("every (\\S+) (\\D+?)(?: from (?:the )?(.+))?");
    private static final Pattern ENDS = Pattern.compile("(?:the )?(first|last) (\\S+)(?: (\\D+))?");
    private static final Pattern RANGE = Pattern.compile("(\\S+) (?:to|-) (\\S+)");
    private static final Pattern SYLLABLES = Pattern.compile("(?:all )?(?:the )?(e|&|a|trip|let|ta)(?:'s|s)");
    private static final List<String> NUMBERS = List.of(
            "", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final List<String> ORDINALS = List.of(
            "",
            "first",
            "second",
            "third",
            "fourth",
            "fifth",
            "sixth",
            "seventh",
            "eighth",
            "ninth",
            "tenth",
            "eleventh",
            "twelfth");
    private static final Map<String, Dynamic> LEVELS = Map.of(
            "normal",
            Dynamic.NORMAL,
            "accent",
            Dynamic.ACCENT,
            "accents",
            Dynamic.ACCENT,
            "ghost",
            Dynamic.GHOST,
            "ghosts",
            Dynamic.GHOST,
            "soft",
            Dynamic.SOFT,
            "strong",
            Dynamic.STRONG);
    private static final Map<String, Ornament> ORNAMENTS = Map.of(
            "plain",
            Ornament.NONE,
            "flam",
            Ornament.FLAM,
            "flams",
            Ornament.FLAM,
            "drag",
            Ornament.DRAG,
            "drags",
            Ornament.DRAG,
            "ruff",
            Ornament.RUFF,
            "buzz",
            Ornament.BUZZ,
            "doubled",
            Ornament.DOUBLED);
    private static final Map<String, Limb> LIMBS = Map.of("right", Limb.RIGHT_HAND, "left", Limb.LEFT_HAND);

    private final Phrase phrase;
    private Stroke stroke = Stroke.NORMAL;

    /** Something named, how it is played, and where it stands in the text. */
    private record Named(String words, Stroke stroke, TextCursor where) {}

    PlacesText(Phrase phrase) {
        this.phrase = phrase;
    }

    Collection<Placement> read(TextCursor text) {
        List<Placement> placements = new ArrayList<>();
        List<Named> waiting = new ArrayList<>();
        for (TextCursor item : text.split(COMMA)) {
            TextCursor where = item.part(item.stripped().start(), item.end());
            String words = item.content().strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
            Matcher bars = IN_BARS.matcher(" " + words);
            boolean bounded = bars.find();
            String places = bounded ? (" " + words).substring(0, bars.start()).strip() : words;
            if (!places.isEmpty()) {
                for (String part : places.startsWith("all but") ? new String[] {places} : places.split(" and ", -1)) {
                    waiting.add(named(part, where));
                }
            } else if (!bounded || waiting.isEmpty()) {
                throw where.error(EXAMPLES);
            }
            if (bounded) {
                int first = bar(bars.group(1), where);
                int last = bars.group(2) == null ? first : bar(bars.group(2), where);
                waiting.forEach(one -> placements.addAll(place(one, first, last)));
                waiting.clear();
            }
        }
        waiting.forEach(one -> placements.addAll(place(one, 1, phrase.bars().size())));
        return placements;
    }

    private int bar(String number, TextCursor where) {
        int bar = Integer.parseInt(number);
        if (bar < 1 || bar > phrase.bars().size()) {
            throw where.error("a bar from 1 to " + phrase.bars().size());
        }
        return bar;
    }

    /** Takes the words for how it is played off the front. */
    private Named named(String part, TextCursor where) {
        String words = part.strip();
        while (true) {
            String first = words.split(" ", 2)[0];
            if (LEVELS.containsKey(first)) {
                stroke = new Stroke(LEVELS.get(first), Ornament.NONE, Optional.empty());
            } else if (ORNAMENTS.containsKey(first)) {
                stroke = stroke.with(ORNAMENTS.get(first));
            } else if (LIMBS.containsKey(first)) {
                stroke = stroke.by(LIMBS.get(first));
            } else {
                return new Named(words, stroke, where);
            }
            if (!words.contains(" ")) {
                throw where.error("a place after \"" + first + "\", such as: accent 1, 4");
            }
            words = words.substring(first.length()).strip();
        }
    }

    private List<Placement> place(Named named, int first, int last) {
        List<Placement> placements = new ArrayList<>();
        for (int number = first; number <= last; number++) {
            Bar bar = phrase.bars().get(number - 1);
            for (NoteValue position : positions(named, bar)) {
                placements.add(new Placement(number - 1, position, named.stroke));
            }
        }
        if (placements.isEmpty()) {
            Bar bar = phrase.bars().get(first - 1);
            throw named.where.error("a place these bars have; "
                    + (first == last ? bar.meter() + " has no " : "none of them has ")
                    + named.words);
        }
        return placements;
    }

    /** Returns where something named is in a bar; empty if the bar has no such place. */
    private Set<NoteValue> positions(Named named, Bar bar) {
        String words = named.words;
        NoteValue beat = bar.meter().beat();
        Optional<CountPosition> place =
                CountPosition.read(bar.meter(), words.startsWith("the ") ? words.substring(4) : words);
        if (place.isPresent()) {
            NoteValue position = place.get().position();
            return position.compareTo(bar.length()) < 0 ? Set.of(position) : Set.of();
        }
        if (words.startsWith("all but ")) {
            return allBut(named, bar);
        }
        return switch (words) {
            case "all", "all counts", "counts", "every count" -> steps(bar, NoteValue.ZERO, beat, index -> true);
            case "even counts" -> steps(bar, NoteValue.ZERO, beat, index -> index % 2 == 1);
            case "odd counts" -> steps(bar, NoteValue.ZERO, beat, index -> index % 2 == 0);
            case "units", "all units" -> steps(bar, NoteValue.ZERO, bar.meter().unit(), index -> true);
            case "groups", "all groups" -> new TreeSet<>(bar.groupStarts());
            default -> byRule(named, bar);
        };
    }

    private Set<NoteValue> byRule(Named named, Bar bar) {
        Matcher syllables = SYLLABLES.matcher(named.words);
        if (syllables.matches()) {
            return syllables(bar, syllables.group(1));
        }
        Matcher every = EVERY.matcher(named.words);
        if (every.matches()) {
            return every(named, bar, every);
        }
        Matcher ends = ENDS.matcher(named.words);
        if (ends.matches()) {
            List<NoteValue> all =
                    new ArrayList<>(steps(bar, NoteValue.ZERO, value(named, ends.group(3), bar), index -> true));
            int count = Math.min(all.size(), number(named, ends.group(2), NUMBERS));
            return new TreeSet<>(
                    ends.group(1).equals("first")
                            ? all.subList(0, count)
                            : all.subList(all.size() - count, all.size()));
        }
        Matcher range = RANGE.matcher(named.words);
        if (range.matches()) {
            NoteValue first = exact(named, range.group(1), bar);
            NoteValue last = exact(named, range.group(2), bar);
            NoteValue beat = bar.meter().beat();
            return new TreeSet<>(steps(bar, first, beat, index -> true).stream()
                    .filter(at -> at.compareTo(last) <= 0)
                    .toList());
        }
        return steps(bar, NoteValue.ZERO, value(named, named.words, bar), index -> true);
    }

    private Set<NoteValue> every(Named named, Bar bar, Matcher every) {
        int nth = number(named, every.group(1), ORDINALS);
        NoteValue start = every.group(3) == null ? NoteValue.ZERO : exact(named, every.group(3), bar);
        return steps(bar, start, value(named, every.group(2), bar).times(nth), index -> true);
    }

    private Set<NoteValue> allBut(Named named, Bar bar) {
        Set<NoteValue> left =
                new TreeSet<>(steps(bar, NoteValue.ZERO, bar.meter().beat(), index -> true));
        Set<NoteValue> out = new HashSet<>();
        for (String words : named.words.substring("all but ".length()).split(" and ", -1)) {
            out.add(exact(named, words, bar));
        }
        left.removeAll(out);
        return left;
    }

    private Set<NoteValue> syllables(Bar bar, String syllable) {
        NoteValue beat = bar.meter().beat();
        Set<NoteValue> found = new TreeSet<>();
        CountPosition.read(bar.meter(), "1 " + syllable)
                .ifPresent(place -> found.addAll(steps(bar, place.position(), beat, index -> true)));
        return found;
    }

    private NoteValue exact(Named named, String words, Bar bar) {
        String place = words.startsWith("the ") ? words.substring(4) : words;
        return CountPosition.read(bar.meter(), place)
                .map(CountPosition::position)
                .orElseThrow(() -> named.where.error(EXAMPLES));
    }

    /** Returns the value of one of what is counted. */
    private NoteValue value(Named named, String words, Bar bar) {
        if (words == null || words.matches("counts?")) {
            return bar.meter().beat();
        }
        if (words.matches("units?")) {
            return bar.meter().unit();
        }
        String name = words.matches("triplets?") ? "triplet eighth" : words.replaceFirst("lets?$", "let sixteenth");
        return NoteName.read(words).or(() -> NoteName.read(name)).orElseThrow(() -> named.where.error(EXAMPLES));
    }

    private int number(Named named, String word, List<String> words) {
        int number = word.equals("other") ? 2 : words.indexOf(word);
        if (number < 1 && word.matches("\\d{1,5}(st|nd|rd|th)?")) {
            number = Integer.parseInt(word.replaceAll("\\D", ""));
        }
        if (number < 1) {
            throw named.where.error("a number from one up, such as every third count, the last five");
        }
        return number;
    }

    private static Set<NoteValue> steps(Bar bar, NoteValue from, NoteValue step, Predicate<Integer> wanted) {
        Set<NoteValue> positions = new TreeSet<>();
        NoteValue at = from;
        for (int index = 0; at.compareTo(bar.length()) < 0; index++) {
            if (wanted.test(index)) {
                positions.add(at);
            }
            at = at.plus(step);
        }
        return positions;
    }
}
