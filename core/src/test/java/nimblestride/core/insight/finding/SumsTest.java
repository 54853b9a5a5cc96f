package nimblestride.core.insight.finding;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.leadin.ThereAndBack;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.Fact;
import nimblestride.core.insight.wording.Wording;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

/** Works out every sum again from its words. */
class SumsTest {
    private static final Pattern TERM = Pattern.compile("(?:([\\d,]+) × )?([\\d,]+) ([a-z- ]+?)s?");
    private static final Pattern FRACTION = Pattern.compile("(?:([\\d,]+) × )?(\\d+(?:/\\d+)?)");
    private static final Pattern METERS = Pattern.compile("(?:([\\d,]+) × )?([\\d+/]+)");
    private static final Pattern BARS_ALONE = Pattern.compile("[\\d,]+ (?:bars?|phrases? \\([\\d,]+ bars?\\))");

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

    private static long number(String text) {
        return Long.parseLong(text.replace(",", ""));
    }

    /** {@code 22 × 3 sixteenths}, {@code 49 sixteenths}, {@code 22 × 3/16}. */
    private static NoteValue term(String text) {
        Matcher fraction = FRACTION.matcher(text);
        if (fraction.matches()) {
            return value(fraction.group(2)).times(fraction.group(1) == null ? 1 : number(fraction.group(1)));
        }
        Matcher term = TERM.matcher(text);
        assertThat(term.matches()).as("\"%s\" can be worked out", text).isTrue();
        NoteValue note = NoteName.read(term.group(3).replace("halve", "half")).orElseThrow();
        return note.times(number(term.group(2))).times(term.group(1) == null ? 1 : number(term.group(1)));
    }

    private static NoteValue meters(String text) {
        NoteValue sum = NoteValue.ZERO;
        for (String one : text.split(" \\+ ", -1)) {
            Matcher times = METERS.matcher(one);
            assertThat(times.matches()).as("\"%s\" can be worked out", one).isTrue();
            NoteValue meter = exercise(times.group(2)).phrase().length();
            sum = sum.plus(times.group(1) == null ? meter : meter.times(number(times.group(1))));
        }
        return sum;
    }

    private static void allEqual(String sum) {
        List<NoteValue> terms = Arrays.stream(sum.split(" = ", -1))
                .filter(text -> !BARS_ALONE.matcher(text).matches())
                .map(SumsTest::term)
                .distinct()
                .toList();
        assertThat(terms).as(sum).hasSize(1);
    }

    /** Works a sum out, in words and in fractions, where there is one. */
    private static boolean check(Exercise exercise, String code, Words words) {
        String sum = words.sum().isEmpty()
                ? ""
                : words.sum().substring(0, words.sum().length() - 1);
        if (sum.isEmpty()) {
            return false;
        }
        switch (code) {
            case "layer", "together" -> {
                allEqual(sum);
                allEqual(words.fractions());
            }
            case "length", "phrase" -> {
                String[] sides = sum.split(" = ", -1);
                assertThat(term(sides[1])).as(sum).isEqualTo(exercise.phrase().length());
                if (!sum.contains("…")) {
                    assertThat(meters(sides[0]))
                            .as(sum)
                            .isEqualTo(exercise.phrase().length());
                }
            }
            case "reset" -> {
                Matcher cut = Pattern.compile("(.+) of (.+); (.+) cut off").matcher(sum);
                if (cut.matches()) {
                    assertThat(term(cut.group(1)).plus(term(cut.group(3))))
                            .as(sum)
                            .isEqualTo(term(cut.group(2)));
                }
            }
            case "left-over" -> {
                Matcher left = Pattern.compile("(.+?)(?:; it starts (.+) late)?; the phrase is (.+)")
                        .matcher(sum);
                assertThat(left.matches()).as(sum).isTrue();
                allEqual(left.group(1));
                assertThat(term(left.group(3)))
                        .as(sum)
                        .isEqualTo(exercise.phrase().length());
                NoteValue late = left.group(2) == null ? NoteValue.ZERO : term(left.group(2));
                Matcher over =
                        Pattern.compile(".*: (.+) left over, (.+) short of .*").matcher(words.sentence());
                assertThat(over.matches()).as(words.sentence()).isTrue();
                NoteValue played = term(left.group(1).split(" = ", -1)[0]);
                assertThat(late.plus(played).plus(term(over.group(1))))
                        .as(sum)
                        .isEqualTo(exercise.phrase().length());
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private static List<String> checked(Exercise exercise) {
        List<String> checked = new ArrayList<>();
        for (Finding finding : Findings.of(Analysis.of(exercise))) {
            Stream.concat(Stream.of(finding.fact()), finding.details().facts().stream())
                    .filter(fact -> check(exercise, fact.kind().code(), Wording.of(fact)))
                    .forEach(fact -> checked.add(fact.kind().code()));
        }
        return checked;
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
        checked(exercise);
    }

    /** That the sums above are met with at all. */
    @Test
    void eachKindOfSumIsWorkedOut() {
        Exercise exercise = exercise(
                "10/8 x2, 9/16", "kick every 5/16", "ride cell x.x of 1/16 from 1/16", "cowbell every 3/8 reset bar");
        assertThat(checked(exercise)).contains("layer", "length", "together", "reset", "left-over");
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
                for (Fact detail : finding.details().facts()) {
                    assertThat(Wording.of(detail).sentence()).as(finding.code()).matches("(?s)[\\p{Lu}\\d].*\\.");
                }
            }
        }
    }
}
