package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.value.NoteValue;

/** The words of a typed text, read one after the other. */
final class Tokens {
    private static final Pattern WORD = Pattern.compile("\\S+");

    private final String text;
    private final List<Word> words = new ArrayList<>();
    private int next;

    /** A word in small letters, and where it stands in the text. */
    record Word(String text, int from, int to) {
        boolean is(String word) {
            return text.equals(word);
        }
    }

    Tokens(String text) {
        this.text = text;
        Matcher matcher = WORD.matcher(text);
        while (matcher.find()) {
            words.add(new Word(matcher.group().toLowerCase(Locale.ROOT), matcher.start(), matcher.end()));
        }
    }

    String text() {
        return text;
    }

    boolean atEnd() {
        return next == words.size();
    }

    Word peek() {
        return words.get(next);
    }

    /**
     * Returns whether a word ahead is a certain one.
     *
     * @param ahead 0 for the next word
     */
    boolean startsWith(int ahead, String word) {
        return next + ahead < words.size() && words.get(next + ahead).is(word);
    }

    Word take() {
        return words.get(next++);
    }

    /** Returns the word read last. */
    Word last() {
        return words.get(next - 1);
    }

    /** Skips to the next of some words, or to the end, and returns where the words before it start and end. */
    Word upTo(Set<String> ends) {
        int first = next;
        while (!atEnd() && !ends.contains(peek().text())) {
            next++;
        }
        int from = first < words.size() ? words.get(first).from() : text.length();
        return new Word(
                text.substring(from, next > first ? last().to() : from), from, next > first ? last().to() : from);
    }

    /** Reads all words up to the next of some words as a value. */
    NoteValue value(Set<String> ends) {
        Word words = upTo(ends);
        return ValueText.read(text, words.from(), words.to());
    }

    int number(Word word) {
        try {
            return Integer.parseInt(word.text());
        } catch (NumberFormatException e) {
            throw at(word, "expected a whole number. For example: snare 4 over 2 bars");
        }
    }

    /** Makes a value, and turns its refusal into an error about the text since {@code from}. */
    <T> T make(int from, Supplier<T> value) {
        try {
            return value.get();
        } catch (TextException e) {
            throw e;
        } catch (StrideException e) {
            throw new TextException(text, from, last().to(), e.getMessage());
        }
    }

    TextException at(Word word, String expected) {
        return new TextException(text, word.from(), word.to(), expected);
    }

    TextException atNext(String expected) {
        return atEnd() ? new TextException(text, text.length(), text.length(), expected) : at(peek(), expected);
    }
}
