package nimblestride.core.insight.glossary;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.Capitalized;

/**
 * A term of the trade and what it means.
 *
 * @param name as it is looked up, in small letters
 * @param otherForms that stand in sentences too: {@code lands} for {@code landing}
 * @param meaning one or two sentences
 */
public record Term(String name, List<String> otherForms, String meaning) {
    public Term {
        otherForms = List.copyOf(otherForms);
    }

    /** Returns the name and the meaning. */
    public String definition() {
        return Capitalized.of(name) + ": " + meaning;
    }

    /** Returns a pattern that finds it as a word of its own, in any of its forms. */
    Pattern pattern() {
        List<String> forms = new ArrayList<>(otherForms);
        forms.add(name);
        return Pattern.compile(
                forms.stream()
                        .map(Pattern::quote)
                        .collect(Collectors.joining("|", "(?<![\\p{L}-])(?:", ")(?![\\p{L}-])")),
                Pattern.CASE_INSENSITIVE);
    }
}
