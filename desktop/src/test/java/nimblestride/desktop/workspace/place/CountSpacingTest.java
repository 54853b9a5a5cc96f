package nimblestride.desktop.workspace.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.language.text.Examples;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.value.NoteValue;
import nimblestride.formats.font.Fonts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Count lines measured with the face they are written in. */
class CountSpacingTest {
    private static final double LETTERS = 15;

    private static CountLineText words(Exercise exercise) {
        return new CountLineText(exercise.phrase(), Counting.of(CountingSystem.BEATS), Subdivision.AS_WRITTEN);
    }

    private static List<CountLines.Line> lines(Exercise exercise) {
        Map<Limb, List<LimbNote>> byLimb = Analysis.of(exercise)
                .hands(exercise.phrase().bars().size())
                .notes()
                .stream()
                .collect(Collectors.groupingBy(LimbNote::limb, TreeMap::new, Collectors.toList()));
        return byLimb.entrySet().stream()
                .map(line -> new CountLines.Line(line.getKey(), line.getValue()))
                .toList();
    }

    private static double half(String word) {
        return Fonts.get().width(word, Weight.BOLD, LETTERS) / 2;
    }

    /** In a row no two words touch, and none touches the bar line before it. */
    @ParameterizedTest
    @CsvSource({
        "4/4, snare every 1/4",
        "'15/8, 1/16', snare sticking >lR L (R) llR R: Lz of 1/16",
        "7/8(2+2+3), snare sticking ^lrlR rlrL (lR) of 1/24",
        "'5/8, 3/20', snare 3 over bar"
    })
    void noWordTouchesTheNextOrABarLine(String bars, String layer) {
        Exercise exercise = Examples.exercise(bars, layer, "ride bell every 1/8");
        CountLineText words = words(exercise);
        List<CountLines.Line> lines = lines(exercise);
        CountSpacing spacing = CountSpacing.of(words, lines);
        for (CountLines.Line line : lines) {
            TreeMap<NoteValue, String> row = new TreeMap<>();
            line.notes().forEach(note -> row.put(note.at(), words.of(note)));
            assertApart(row, spacing, exercise);
        }
        assertApart(new TreeMap<>(words.sticking(lines)), spacing, exercise);
    }

    private static void assertApart(NavigableMap<NoteValue, String> row, CountSpacing spacing, Exercise exercise) {
        row.forEach((at, word) -> {
            double left = spacing.x(at.toDouble()) - half(word);
            Map.Entry<NoteValue, String> before = row.lowerEntry(at);
            if (before != null) {
                assertThat(left)
                        .as("%s and %s", before, word)
                        .isGreaterThan(spacing.x(before.getKey().toDouble()) + half(before.getValue()));
            }
            NoteValue barLine = exercise.phrase().startOf(exercise.phrase().barAt(at));
            assertThat(left).isGreaterThan(spacing.x(barLine.toDouble()) - spacing.lead());
        });
    }

    @Test
    void aPointAndItsMomentAnswerEachOther() {
        CountSpacing spacing = CountSpacing.of(
                words(Examples.exercise("7/8", "snare every 1/8")), lines(Examples.exercise("7/8", "snare every 1/8")));
        for (double moment : new double[] {0, 0.125, 0.875}) {
            assertThat(spacing.moment(spacing.x(moment))).isCloseTo(moment, within(1e-12));
        }
        assertThat(spacing.seen(CountSpacing.NAMES + spacing.lead() + spacing.scale()))
                .isCloseTo(1, within(1e-12));
        assertThat(spacing.seen(10)).isZero();
    }

    /** What is struck between the counts is named by its place, with the signs of its stroke. */
    @Test
    void wordsSayWhereAndHow() {
        Exercise exercise = Examples.exercise("4/4", "snare sticking >lR (L) R: Lz of 1/8");
        CountLineText words = words(exercise);
        assertThat(lines(exercise))
                .hasSize(2)
                .allSatisfy(line -> assertThat(line.limb().isHand()).isTrue());
        assertThat(lines(exercise).get(0).notes().stream().limit(2).map(words::of))
                .containsExactly(">f·1", "2");
        assertThat(words.sticking(lines(exercise)).values().stream().limit(5))
                .as("a doubled stroke is two")
                .containsExactly(">f·R", "(L)", "R", "R", "Lz");
    }
}
