package nimblestride.core.insight.finding;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.leadin.ThereAndBack;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

/** Works out every sum again from its words. */
class SumsTest {
    private static final String VALUE = "([\\d,]+(?:/\\d+)?)(?: whole notes?)?";
    private static final Pattern MANY = Pattern.compile(
            "([\\d,]+) (?:hit|cell|sticking|phrase|bar)s? of " + VALUE + "|([\\d,]+) rounds? of \\d+ over " + VALUE);
    private static final Pattern ALONE = Pattern.compile(VALUE);
    private static final Pattern TIMES = Pattern.compile("(?:([\\d,]+) × )?([\\d+/]+)");
    private static final Pattern LANDS = Pattern.compile(
            "Bar [\\d,]+ starts after " + VALUE + ": (.+?)(?: and the " + VALUE + " it starts late)?\\.");
    private static final Pattern CUT =
            Pattern.compile("Of the last " + VALUE + ", " + VALUE + " is played and " + VALUE + " is cut off\\.");
    private static final Pattern LEFT =
            Pattern.compile("(.+) = (.+), and " + VALUE + " is begun; " + VALUE + " more would close it\\.");

    private static final List<String> BARS =
            List.of("7/8", "5/8", "11/16", "4/4", "9/16", "3+3+2/8", "2/4+1/16", "5/12", "1/1");
    private static final List<String> LAYERS = List.of(
            "kick every 3/16",
            "kick every 5/16 from 1/16",
            "kick every 1/1",
            "ride cell x..x. of 1/16",
            "ride cell Xxx of 1/8 from 3/8",
            "snare 5 over bar",
            "snare 5 over 2 bars",
            "snare 7 over 3 bars from 1/8",
            "snare 3 over phrase",
            "snare 4 over 7/8",
            "cowbell every 3/8 reset bar",
            "cowbell cell x.x of 1/12 reset phrase",
            "cowbell 5 over bar reset phrase",
            "snare sticking R L R R L of 1/16");

    private static NoteValue number(String text) {
        return value(text.replace(",", ""));
    }

    private static NoteValue times(String count, NoteValue length) {
        return length.times(Long.parseLong(count.replace(",", "")));
    }

    /** {@code 22 hits of 3/16}, {@code 49/16}, {@code 3 whole notes}; empty for rounds over bars that differ. */
    private static Optional<NoteValue> term(String text) {
        if (text.matches(".* rounds? of \\d+ over (?:the bar|\\d+ bars)") || text.matches("rounds? .*")) {
            return Optional.empty();
        }
        Matcher many = MANY.matcher(text);
        if (many.matches()) {
            return Optional.of(
                    many.group(1) != null
                            ? times(many.group(1), number(many.group(2)))
                            : times(many.group(3), number(many.group(4))));
        }
        Matcher alone = ALONE.matcher(text);
        assertThat(alone.matches()).as("\"%s\" can be worked out", text).isTrue();
        return Optional.of(number(alone.group(1)));
    }

    /** {@code 2 × 10/8 + 9/16}. */
    private static NoteValue added(String text) {
        NoteValue sum = NoteValue.ZERO;
        for (String one : text.split(" \\+ ", -1)) {
            Matcher times = TIMES.matcher(one);
            assertThat(times.matches()).as("\"%s\" can be worked out", one).isTrue();
            NoteValue meter = exercise(times.group(2)).phrase().length();
            sum = sum.plus(times.group(1) == null ? meter : times(times.group(1), meter));
        }
        return sum;
    }

    private static void allEqual(String sum) {
        List<NoteValue> terms = new ArrayList<>();
        for (String text : sum.split(" = ", -1)) {
            term(text).ifPresent(terms::add);
        }
        assertThat(terms).as(sum).isNotEmpty();
        assertThat(terms.stream().distinct()).as(sum).hasSize(1);
    }

    /** Works a sum out, where there is one. */
    private static boolean check(Exercise exercise, Finding finding) {
        String sum = finding.sum();
        Matcher lands = LANDS.matcher(sum);
        Matcher cut = CUT.matcher(sum);
        Matcher left = LEFT.matcher(sum);
        if (finding.code().equals("returns")) {
            allEqual(sum.substring(0, sum.length() - 1));
        } else if (finding.code().equals("together")) {
            allEqual(sum.replace(", the least common multiple of their returns.", ""));
        } else if (finding.code().equals("length") && !sum.isEmpty()) {
            String[] sides = sum.substring(0, sum.length() - 1).split(" = ", -1);
            assertThat(term(sides[1])).as(sum).contains(exercise.phrase().length());
            if (!sum.contains("…")) {
                assertThat(added(sides[0])).as(sum).isEqualTo(exercise.phrase().length());
            }
        } else if (lands.matches()) {
            NoteValue late = lands.group(3) == null ? NoteValue.ZERO : number(lands.group(3));
            assertThat(term(lands.group(2)).orElseThrow().plus(late)).as(sum).isEqualTo(number(lands.group(1)));
        } else if (cut.matches()) {
            assertThat(number(cut.group(2)).plus(number(cut.group(3)))).as(sum).isEqualTo(number(cut.group(1)));
        } else if (left.matches()) {
            NoteValue played = term(left.group(1)).orElseThrow();
            assertThat(term(left.group(2))).as(sum).contains(played);
            NoteValue begun = number(left.group(3));
            assertThat(played.plus(begun))
                    .as(sum)
                    .isLessThanOrEqualTo(exercise.phrase().length());
        } else {
            return false;
        }
        return true;
    }

    @Property(tries = 1_000)
    void comeOutRight(@ForAll long seed) {
        Random random = new Random(seed);
        String bars = String.join(
                ", ",
                IntStream.range(0, 1 + random.nextInt(4))
                        .mapToObj(i -> BARS.get(random.nextInt(BARS.size())) + (random.nextInt(4) == 0 ? " x2" : ""))
                        .toList());
        String[] layers = IntStream.range(0, 1 + random.nextInt(3))
                .mapToObj(i -> LAYERS.get(random.nextInt(LAYERS.size())))
                .toArray(String[]::new);
        Exercise exercise = exercise(bars, layers);
        Findings.of(Analysis.of(exercise)).forEach(finding -> check(exercise, finding));
    }

    /** That the sums above are met with at all. */
    @Test
    void eachKindOfSumIsWorkedOut() {
        Exercise exercise = exercise(
                "10/8 x2, 9/16", "kick every 5/16", "ride cell x.x of 1/16 from 1/16", "cowbell every 3/8 reset bar");
        assertThat(Findings.of(Analysis.of(exercise)))
                .filteredOn(finding -> check(exercise, finding))
                .extracting(Finding::code)
                .contains("returns", "lands", "length", "together", "reset", "left-over");
    }

    /** What is said is said in sentences, and so is its sum where there is one. */
    @Property(tries = 200)
    void everyFindingIsASentence(@ForAll(supplier = AnyExercise.class) Exercise any) {
        Exercise sections = ThereAndBack.there(any, Pivot.NONE, any.phrase());
        for (Exercise exercise : List.of(any, sections, ThereAndBack.back(sections))) {
            for (Finding finding : Findings.of(Analysis.of(exercise))) {
                assertThat(finding.sentence()).as(finding.code()).matches("(?s)[\\p{Lu}\\d].*\\.");
                if (!finding.sum().isEmpty()) {
                    assertThat(finding.sum()).as(finding.code()).matches("(?s)[\\p{Lu}\\d].*\\.");
                }
            }
        }
    }
}
