package nimblestride.desktop.view.road;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.desktop.ui.look.TextWidths;
import nimblestride.desktop.ui.look.Typefaces;
import nimblestride.desktop.view.road.RoadLabels.Kind;
import nimblestride.desktop.view.road.RoadLabels.Words;
import org.junit.jupiter.api.Test;

/** Checks that labels on the Road lie clear of other words, bar lines, strides, and the gate home at every zoom. */
class RoadLabelsTest {
    private static final double HEIGHT = 320;

    /** A Road in view, with its words. */
    private record Seen(RoadPicture picture, VisibleRange stretch, RoadLayout layout, List<Words> words) {
        static Seen of(Exercise exercise, Counting counting, VisibleRange stretch, double height) {
            RoadPicture picture = RoadPicture.of(
                    Analysis.of(exercise),
                    stretch,
                    new CountCache(counting, Subdivision.AS_WRITTEN),
                    Exercise.MAX_LAYERS);
            RoadLayout layout = RoadLayout.of(picture, stretch, LayerLanes.of(exercise, false), height);
            return new Seen(picture, stretch, layout, RoadLabels.of(picture, stretch, layout, new TextWidths()));
        }

        static Seen of(String bars, double scale) {
            return of(exercise(bars), Counting.of(CountingSystem.BEATS), new VisibleRange(0, 900, scale), HEIGHT);
        }

        List<String> texts(Kind kind) {
            return words.stream()
                    .filter(one -> one.kind() == kind)
                    .map(Words::text)
                    .toList();
        }

        List<Words> of(Kind kind) {
            return words.stream().filter(one -> one.kind() == kind).toList();
        }

        double x(double moment) {
            return RoadLayout.GUTTER + stretch.x(moment);
        }

        /** Whether a stride goes through a place. */
        boolean isCrossed(Bounds place) {
            return picture.strides().stream().anyMatch(stride -> {
                double from = x(stride.from());
                double width = x(stride.to()) - from;
                double left = Math.max(from, place.getMinX());
                double right = Math.min(from + width, place.getMaxX());
                return IntStream.rangeClosed(0, (int) (2 * Math.max(0, right - left)))
                        .mapToDouble(half -> (left + half / 2.0 - from) / width)
                        .map(part -> layout.ground() - 4 * part * (1 - part) * layout.rise(width))
                        .anyMatch(y -> place.getMinY() < y && y < place.getMaxY());
            });
        }
    }

    /** The digits of a signature are half as high as their face is large, and stand about their line. */
    private static Bounds box(Words words) {
        double high = words.kind() == Kind.SIGNATURE ? words.size() * 0.5 : words.size() * 0.8;
        return new BoundingBox(words.left(), words.y() - high / 2, words.width(), high);
    }

    private static boolean overlap(Bounds one, Bounds other) {
        return one.getMinX() < other.getMaxX() - 0.01
                && other.getMinX() < one.getMaxX() - 0.01
                && one.getMinY() < other.getMaxY() - 0.01
                && other.getMinY() < one.getMaxY() - 0.01;
    }

    /** In 2/12, drawn narrow, the 2 came within half a pixel of the gate. */
    @Test
    void aCountBetweenStridesLiesClearOfTheGate() {
        Seen seen = Seen.of(
                exercise("2/12", "snare every 1/4"),
                Counting.of(CountingSystem.AUTOMATIC),
                new VisibleRange(0.09, 100, Math.pow(2, 5.59)),
                HEIGHT);
        double gate = seen.x(seen.picture.home().orElseThrow());
        assertThat(seen.of(Kind.COUNT)).noneMatch(count -> count.left() < gate + 1 && count.right() > gate - 1);
    }

    @Property(tries = 150)
    void wordsLieClear(
            @ForAll(supplier = AnyExercise.class) Exercise exercise,
            @ForAll CountingSystem system,
            @ForAll @DoubleRange(min = 0, max = 12) double start,
            @ForAll @IntRange(min = 100, max = 1_600) int width,
            @ForAll @DoubleRange(min = 2, max = 11) double zoom,
            @ForAll @DoubleRange(min = 0, max = 250) double higher) {
        double height = RoadLayout.heightFor(LayerLanes.of(exercise, false)) + higher;
        Seen seen = Seen.of(exercise, Counting.of(system), new VisibleRange(start, width, Math.pow(2, zoom)), height);
        for (int i = 0; i < seen.words.size(); i++) {
            Words words = seen.words.get(i);
            Bounds box = box(words);
            for (Words other : seen.words.subList(0, i)) {
                assertThat(overlap(box, box(other)))
                        .as("%s and %s", words, other)
                        .isFalse();
            }
            for (RoadPicture.Post post : seen.picture.posts()) {
                double x = seen.x(post.at());
                Bounds line = new BoundingBox(
                        x - 0.5, RoadLayout.POST_TOP, 1, seen.layout.ground() - RoadLayout.POST_TOP + 8);
                assertThat(overlap(box, line))
                        .as("%s and the bar line at %s", words, x)
                        .isFalse();
            }
            if (words.kind() != Kind.COUNT && words.kind() != Kind.GROUP_COUNT) {
                assertThat(box.getMaxY()).as("%s", words).isLessThan(seen.layout.ground());
                assertThat(seen.isCrossed(box)).as("%s", words).isFalse();
            }
            seen.picture.home().ifPresent(home -> {
                double gate = seen.x(home);
                assertThat(overlap(box, new BoundingBox(gate - 2, 18, 4, height)))
                        .as("%s and the gate at %s", words, gate)
                        .isFalse();
                assertThat(overlap(box, new BoundingBox(gate - RoadLabels.FLAG, 2, RoadLabels.FLAG, 18)))
                        .as("%s and the flag at %s", words, gate)
                        .isFalse();
            });
        }
    }

    @Test
    void everyBarHasItsNumberWhereThereIsRoomAndOtherwiseEveryFifthRound() {
        assertThat(Seen.of("7/8, 5/8", 200).texts(Kind.BAR_NUMBER)).containsExactly("1", "2", "3", "4", "5", "6", "7");
        assertThat(Seen.of("1/16", 160).texts(Kind.BAR_NUMBER)).startsWith("1", "3", "5", "7");
        assertThat(Seen.of("1/16", 80).texts(Kind.BAR_NUMBER)).startsWith("1", "6", "11", "16");
    }

    /** A sixteenth between longer bars: who does not see that it is one can't play it. */
    @Test
    void aNarrowBarHasASmallerSignatureAndTheNarrowestNone() {
        List<Words> near = Seen.of("3/8, 1/16, 4/8", 330).of(Kind.SIGNATURE);
        assertThat(near).extracting(Words::size).startsWith(26.0, 26.0, 19.0, 19.0, 26.0, 26.0);
        assertThat(near.get(3).text()).isEqualTo(Typefaces.signatureDigits("16"));
        assertThat(Seen.of("3/8, 1/16, 4/8", 120).of(Kind.SIGNATURE))
                .extracting(Words::text)
                .startsWith(
                        Typefaces.signatureDigits("3"), Typefaces.signatureDigits("8"), Typefaces.signatureDigits("4"));
    }

    /** Bars of a sixteenth, over and over: small print need not repeat that they are all alike. */
    @Test
    void aSignatureThatComesAgainIsWrittenOnlyWhereItHasRoom() {
        assertThat(Seen.of("1/16", 300).of(Kind.SIGNATURE)).hasSize(2);
        assertThat(Seen.of("1/16", 800).of(Kind.SIGNATURE)).hasSizeGreaterThan(20);
    }

    /** The 1& of the second group leaves the a after it too little room. */
    @Test
    void whatIsBetweenTheGroupsOfABarIsCountedAllOrNotAtAll() {
        List<String> near = Seen.of("7/16(2+2+3)", 300).texts(Kind.COUNT);
        assertThat(near).startsWith("e", "a", "e", "&", "e", "a");
        assertThat(Seen.of("7/16(2+2+3)", 260).texts(Kind.COUNT)).isEmpty();
    }

    @Test
    void aSumOfMetersIsWrittenAsOne() {
        Seen seen = Seen.of("3+2/8+1/12", 700);
        assertThat(seen.of(Kind.SIGNATURE).stream().limit(5).map(Words::text))
                .containsExactly(
                        Typefaces.signatureDigits("3+2"),
                        Typefaces.signatureDigits("8"),
                        Typefaces.signatureDigits("+"),
                        Typefaces.signatureDigits("1"),
                        Typefaces.signatureDigits("12"));
    }

    /** Under the top of a high stride, over a low one, where it used to lie on the ground line. */
    @Test
    void howManyUnitsAStrideHasIsToldAtItsTop() {
        Seen seen = Seen.of("4/1, 2/16", 220);
        List<Words> units = seen.of(Kind.UNITS);
        double high = seen.layout.ground() - seen.layout.rise(220);
        assertThat(units.get(0).y()).isEqualTo(high + 13);
        double low = seen.layout.ground() - seen.layout.rise(27.5);
        assertThat(units.get(4).text()).isEqualTo("2");
        assertThat(units.get(4).y()).isEqualTo(low - 9);
    }

    /** First the 1, then the other groups, then what has room between. */
    @Test
    void whereThereIsTooLittleRoomTheCountsOfGroupsStay() {
        assertThat(Seen.of("7/8(2+2+3)", 320).texts(Kind.GROUP_COUNT)).startsWith("1", "3", "5", "1");
        assertThat(Seen.of("7/8(2+2+3)", 320).texts(Kind.COUNT)).isNotEmpty();
        Seen far = Seen.of("7/8(2+2+3)", 60);
        assertThat(far.texts(Kind.COUNT)).isEmpty();
        assertThat(far.of(Kind.GROUP_COUNT).stream()
                        .filter(words -> words.text().equals("1")))
                .hasSameSizeAs(far.picture.posts().stream()
                        .filter(post -> post.at() < far.stretch.end())
                        .toList());
    }
}
