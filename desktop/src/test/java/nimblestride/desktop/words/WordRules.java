package nimblestride.desktop.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What the program's words must keep to: no banned words, American spelling, and sentences short enough to read at arm's
 * length.
 */
public final class WordRules {
    /** The most words in a sentence; numbers and signs do not count. */
    private static final int MAX_WORDS = 26;

    /** What must not be said, and what to say instead. */
    private static final Map<Pattern, String> BANNED = banned();

    /** SCOWL's small list of American English, from Debian's package wamerican-small; its license is beside it. */
    private static final Set<String> ENGLISH = read("american-english.txt");

    /** What drummers and this program say besides. */
    private static final Set<String> VOCABULARY = read("vocabulary.txt");

    private static final Pattern WORD =
            Pattern.compile("(?<![\\p{L}\\d./_-])[A-Za-z]['A-Za-z]+(?![\\p{L}\\d_/]|\\.[a-z])");
    /** A text with more commas than this is a list, read item by item. */
    private static final int MAX_COMMAS = 8;

    private static final Pattern LIST_END = Pattern.compile("[,.]\\s");
    private static final Pattern SENTENCE_END = Pattern.compile("(?<=[.!?:;·])\\s+|\\n|, (?=\\d)");

    private WordRules() {}

    private static Map<Pattern, String> banned() {
        Map<Pattern, String> banned = new LinkedHashMap<>();
        ban(banned, "told|tells?", "show, say");
        ban(banned, "otherwise|so\\.$", "the thing itself");
        ban(banned, "anew|begins? again", "restart, start over");
        ban(banned, "in hand", "open, shown");
        ban(banned, "of (its|their|your|one's) own (length|pulse|name|figure)", "its own …");
        ban(banned, "leave it|take it|give up|given up", "Cancel, Use, Remove");
        ban(banned, "left lying|find back|on the desk|the desk|bench(es)?", "not practiced lately, open, workspace");
        ban(banned, "as it takes|the whole way|by chance|as many .* as it", "until it fits, the whole cycle, random");
        ban(banned, "alone", "solo");
        ban(banned, "heard", "on, plays");
        ban(banned, "scattered|stand-in|stands? in", "spread, simulated");
        ban(banned, "onsets?", "hits");
        ban(banned, "pass(es)?(?! the bread)", "reps, runs");
        ban(banned, "gears?", "tempo");
        ban(banned, "(the|this|a|new|old|one|both|which|no) feels?|feels", "section");
        ban(banned, "schools?", "counting system");
        ban(banned, "(notes?|beats|quarters|eighths|sixteenths|strokes|bars) (a|per) minute", "BPM");
        ban(
                banned,
                "(strokes|notes|hits|ms|minutes|ticks|bits) an? (second|beat|bar|week|day|quarter|sample)",
                "per …");
        ban(banned, "asked for|struck|strikes?", "plays, hits");
        ban(banned, "double-dotted|of a whole note", "the bar's own unit");
        ban(banned, "cannot|can not", "can't");
        ban(banned, "boxed in", "nothing");
        ban(banned, "brought in|bring in|hand(ed)? out", "imported, share");
        ban(banned, "from memory", "the source");
        ban(banned, "off-beats?|back-beats?|turn-arounds?|count-ins?(?=ed)", "offbeat, backbeat, turnaround");
        ban(
                banned,
                "practis\\w+|colou?r(?<=colour)\\w*|favou?r(?<=favour)\\w*|cent(re)s?|metres?|whilst|towards",
                "American spelling");
        ban(banned, "quavers?|crotchets?|minims?|semibreves?", "eighth, quarter, half, whole");
        return banned;
    }

    private static void ban(Map<Pattern, String> banned, String words, String instead) {
        banned.put(Pattern.compile("(?<![\\p{L}-])(?:" + words + ")(?![\\p{L}-])", Pattern.CASE_INSENSITIVE), instead);
    }

    private static Set<String> read(String name) {
        try (InputStream in = WordRules.class.getResourceAsStream(name)) {
            return new HashSet<>(new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList());
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    /** Returns what is wrong with a text a user can see; nothing where all is well. */
    public static List<String> problems(String text) {
        List<String> problems = new ArrayList<>();
        BANNED.forEach((words, instead) -> {
            Matcher found = words.matcher(text);
            if (found.find()) {
                problems.add("\"" + found.group() + "\": say " + instead);
            }
        });
        Matcher word = WORD.matcher(text);
        while (word.find()) {
            if (!isKnown(word.group())) {
                problems.add("unknown word \"" + word.group() + "\"");
            }
        }
        Pattern end = text.chars().filter(sign -> sign == ',').count() > MAX_COMMAS ? LIST_END : SENTENCE_END;
        for (String sentence : end.split(text, -1)) {
            long words = WORD.matcher(sentence).results().count();
            // A count is read aloud word by word, however long.
            if (words > MAX_WORDS && !sentence.startsWith("Count: ")) {
                problems.add(words + " words in one sentence");
            }
        }
        return problems;
    }

    /** Returns whether a word is in the dictionary or the vocabulary; capitals are read as names of keys and formats. */
    private static boolean isKnown(String word) {
        if (word.equals(word.toUpperCase(Locale.ROOT))) {
            return word.length() <= 5;
        }
        String lower = word.toLowerCase(Locale.ROOT);
        String plain = lower.replaceAll("'s?$|n't$|'(re|ll|ve|d|m)$", "");
        return ENGLISH.contains(lower)
                || ENGLISH.contains(plain)
                || VOCABULARY.contains(lower)
                || VOCABULARY.contains(plain);
    }
}
