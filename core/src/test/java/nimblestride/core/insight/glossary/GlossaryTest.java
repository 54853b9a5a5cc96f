package nimblestride.core.insight.glossary;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class GlossaryTest {
    static Stream<Term> all() {
        return Glossary.all().stream();
    }

    private static List<String> in(String text) {
        return Glossary.in(text).stream().map(Term::name).toList();
    }

    @Test
    void findsTheTermsOfASentenceInTheirOrder() {
        assertThat(in("Kick every 5/16 is a polymeter: the bars' pulse, in a length of its own."))
                .containsExactly("polymeter", "pulse");
        assertThat(in("Snare lands on bars 2 and 4, and a Tail makes it fit.")).containsExactly("landing", "tail");
        assertThat(in("Implied modulation, not metric modulation."))
                .containsExactly("implied modulation", "metric modulation");
    }

    @Test
    void aTermIsAWordOfItsOwn() {
        assertThat(in("excellent, landscape, unitary, pulsed, half-cycle, three-tuplet"))
                .isEmpty();
        assertThat(in("(unit) \"cell\" reset.")).containsExactly("unit", "cell", "reset");
        assertThat(in("")).isEmpty();
    }

    @Test
    void eachTermStandsOnceAndByTheAlphabet() {
        List<String> names = Glossary.all().stream().map(Term::name).toList();
        assertThat(names).isSortedAccordingTo(String.CASE_INSENSITIVE_ORDER).doesNotHaveDuplicates();
        Set<String> forms = new HashSet<>(names);
        for (Term term : Glossary.all()) {
            for (String form : term.otherForms()) {
                assertThat(forms.add(form)).as("%s stands for one term", form).isTrue();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void isFoundByItsNameAndInEachOfItsForms(Term term) {
        assertThat(Glossary.of(" " + term.name().toUpperCase(Locale.ROOT))).contains(term);
        for (String form : term.otherForms()) {
            assertThat(Glossary.in("so the " + form + " is told")).contains(term);
        }
    }

    /** What is explained by itself explains nothing. */
    @ParameterizedTest
    @MethodSource("all")
    void isExplainedInOtherWordsAndInASentence(Term term) {
        assertThat(term.meaning()).endsWith(".").matches("(?s)[A-Z].{15,160}");
        assertThat(term.pattern().matcher(term.meaning()).find())
                .as(term.definition())
                .isFalse();
        assertThat(term.definition())
                .startsWith(term.name().substring(0, 1).toUpperCase(Locale.ROOT))
                .contains(": ");
    }

    @Test
    void whatIsNoTermHasNoMeaning() {
        assertThat(Glossary.of("cymbalom")).isEmpty();
    }
}
