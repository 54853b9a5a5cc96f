package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.foundation.failure.StrideException;

/**
 * Reads typed text, or a part of it, from left to right: signs, numbers, words, and parts between separators. Each
 * language of this package reads with it, so that every error points into the whole text.
 */
final class TextCursor {
    private static final Pattern WORD = Pattern.compile("\\S+");

    private final String text;
    private final int start;
    private final int end;
    private int at;

    /** A word in small letters, and where it stands in the whole text. */
    record Word(String text, int from, int to) {
        boolean is(String word) {
            return text.equals(word);
        }
    }

    TextCursor(String text) {
        this(text, 0, text.length());
    }

    private TextCursor(String text, int start, int end) {
        this.text = text;
        this.start = start;
        this.end = end;
        this.at = start;
    }

    /** Returns what stands in this part, all of it. */
    String content() {
        return text.substring(start, end);
    }

    boolean isBlank() {
        for (int i = start; i < end; i++) {
            if (!Character.isWhitespace(text.charAt(i))) {
                return false;
            }
        }
        return true;
    }

    int start() {
        return start;
    }

    int end() {
        return end;
    }

    int at() {
        return at;
    }

    /** Returns whether only spaces follow. */
    boolean atEnd() {
        return part(at, end).isBlank();
    }

    // Parts

    /** Returns the part from one place of the whole text up to another, which is excluded. */
    TextCursor part(int from, int to) {
        return new TextCursor(text, from, to);
    }

    /** Returns the part without spaces around it; its end if it is blank. */
    TextCursor stripped() {
        String content = content();
        int first = end - content.stripLeading().length();
        return part(first, Math.max(first, start + content.stripTrailing().length()));
    }

    /** Returns the parts between separators, at least one. */
    List<TextCursor> split(Pattern separator) {
        List<TextCursor> parts = new ArrayList<>();
        Matcher matcher = separator.matcher(text).region(start, end);
        int from = start;
        while (matcher.find()) {
            parts.add(part(from, matcher.start()));
            from = matcher.end();
        }
        parts.add(part(from, end));
        return parts;
    }

    /** Returns where some text first stands from a place on; empty if it does not stand in this part. */
    Optional<TextCursor> find(String wanted, int from) {
        int found = text.indexOf(wanted, from);
        return found < 0 || found + wanted.length() > end
                ? Optional.empty()
                : Optional.of(part(found, found + wanted.length()));
    }

    /** Returns the groups of a pattern, if it matches all of this part. */
    Optional<MatchResult> match(Pattern pattern) {
        Matcher matcher = pattern.matcher(text).region(start, end);
        return matcher.matches() ? Optional.of(matcher.toMatchResult()) : Optional.empty();
    }

    /** Returns where a pattern first matches within this part, with places of the whole text. */
    Optional<MatchResult> search(Pattern pattern) {
        Matcher matcher = pattern.matcher(text).region(start, end);
        return matcher.find() ? Optional.of(matcher.toMatchResult()) : Optional.empty();
    }

    /** Returns the part that a group matched; the end if it matched none. */
    TextCursor group(MatchResult match, int group) {
        return match.group(group) == null ? part(end, end) : part(match.start(group), match.end(group));
    }

    // Signs and numbers

    void skipSpaces() {
        while (at < end && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }

    boolean startsWith(char sign) {
        skipSpaces();
        return at < end && text.charAt(at) == sign;
    }

    boolean startsWithDigit() {
        skipSpaces();
        return at < end && text.charAt(at) >= '0' && text.charAt(at) <= '9';
    }

    boolean take(char sign) {
        if (startsWith(sign)) {
            at++;
            return true;
        }
        return false;
    }

    void expect(char sign, String hint) {
        if (!take(sign)) {
            throw here(hint);
        }
    }

    /** Takes the next sign, whatever it is; there must be one. */
    char takeSign() {
        return text.charAt(at++);
    }

    /** Takes what a pattern matches right here, if anything. */
    Optional<MatchResult> take(Pattern pattern) {
        Matcher matcher = pattern.matcher(text).region(at, end);
        if (!matcher.lookingAt()) {
            return Optional.empty();
        }
        at = matcher.end();
        return Optional.of(matcher.toMatchResult());
    }

    int number(String hint) {
        if (!startsWithDigit()) {
            throw here(hint);
        }
        int from = at;
        while (at < end && text.charAt(at) >= '0' && text.charAt(at) <= '9') {
            at++;
        }
        try {
            return Integer.parseInt(text.substring(from, at));
        } catch (NumberFormatException e) {
            throw part(from, at).error("a smaller number, up to 2,147,483,647");
        }
    }

    // Words

    /** Returns the next word and leaves it there; there must be one. */
    Word peekWord() {
        return wordFrom(at).orElseThrow();
    }

    private Optional<Word> wordFrom(int from) {
        Matcher matcher = WORD.matcher(text).region(from, end);
        return matcher.find()
                ? Optional.of(new Word(matcher.group().toLowerCase(Locale.ROOT), matcher.start(), matcher.end()))
                : Optional.empty();
    }

    Word takeWord() {
        Word word = peekWord();
        at = word.to();
        return word;
    }

    /** Returns whether the next word is a certain one. */
    boolean nextWordIs(String word) {
        return wordFrom(at).filter(next -> next.is(word)).isPresent();
    }

    /** Returns whether the word after the next is a certain one. */
    boolean secondWordIs(String word) {
        return wordFrom(at)
                .flatMap(next -> wordFrom(next.to()))
                .filter(second -> second.is(word))
                .isPresent();
    }

    /** Takes all words up to the next of some words, or to the end. */
    TextCursor takeUpTo(Set<String> ends) {
        skipSpaces();
        int from = at;
        int to = from;
        while (!atEnd() && !ends.contains(peekWord().text())) {
            to = takeWord().to();
        }
        at = to;
        return part(from, to);
    }

    // Errors

    /**
     * Returns an error about the whole part.
     *
     * @param hint what would work: {@code a bar, such as 7/8}
     */
    TextException error(String hint) {
        return TextException.unreadable(text, start, end, hint);
    }

    /**
     * Returns an error about the whole part, which makes sense but can't be used.
     *
     * @param reason why, and what would work
     */
    TextException refuse(String reason) {
        return TextException.refused(text, start, end, reason);
    }

    /** Returns an error about a word. */
    TextException at(Word word, String hint) {
        return TextException.unreadable(text, word.from(), word.to(), hint);
    }

    /** Returns an error about the next word, or about the end of the whole text. */
    TextException atNext(String hint) {
        return atEnd() ? TextException.unreadable(text, text.length(), text.length(), hint) : at(peekWord(), hint);
    }

    /** Returns an error about the word or sign at the cursor. */
    TextException here(String hint) {
        skipSpaces();
        int to = at;
        while (to < end && !Character.isWhitespace(text.charAt(to)) && ",[]()".indexOf(text.charAt(to)) < 0) {
            to++;
        }
        return TextException.unreadable(text, at, Math.max(to, Math.min(at + 1, end)), hint);
    }

    /** Makes a value, and turns its refusal into an error about the text read since a place. */
    <T> T make(int from, Supplier<T> value, String example) {
        return part(from, at).make(value, ". For example: " + example);
    }

    /** Makes a value as above, where its refusal needs no example. */
    <T> T make(int from, Supplier<T> value) {
        return part(from, at).make(value, "");
    }

    /**
     * Makes a value, and turns its refusal into an error about the whole part.
     *
     * @param help what follows the reason, perhaps empty
     */
    <T> T make(Supplier<T> value, String help) {
        try {
            return value.get();
        } catch (TextException e) {
            throw e;
        } catch (StrideException e) {
            throw refuse(e.getMessage() + help);
        }
    }
}
