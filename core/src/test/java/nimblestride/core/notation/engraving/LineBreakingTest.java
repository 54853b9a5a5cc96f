package nimblestride.core.notation.engraving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Bars broken into lines, against every way there is to break them. */
class LineBreakingTest {
    private static final double WIDTH = 100;

    /** In eighths, so that bars that fill a line exactly fill it in whatever order they are added up. */
    @Provide
    static Arbitrary<List<Double>> widths() {
        return Arbitraries.integers()
                .between(40, 1_040)
                .map(eighths -> eighths / 8.0)
                .list()
                .ofMinSize(1)
                .ofMaxSize(10);
    }

    /** A bar of nothing but what stands before its notes, which is as wide as it is. */
    private static BarSegment bar(int index, double width) {
        return new BarSegment(null, index, null, width, 0, 0, 0);
    }

    private static List<BarSegment> bars(List<Double> widths) {
        List<BarSegment> bars = new ArrayList<>();
        for (double width : widths) {
            bars.add(bar(bars.size(), width));
        }
        return bars;
    }

    @Property(tries = 400)
    void noOtherWayToBreakThemIsStretchedLess(@ForAll("widths") List<Double> widths) {
        List<BarSegment> bars = bars(widths);
        List<List<BarSegment>> lines = LineBreaking.lines(bars, WIDTH);

        assertThat(lines.stream().flatMap(List::stream).toList()).isEqualTo(bars);
        assertThat(lines).allMatch(line -> line.size() == 1 || natural(line) <= WIDTH);
        double least = Double.POSITIVE_INFINITY;
        for (int breaks = 0; breaks < 1 << (bars.size() - 1); breaks++) {
            List<List<BarSegment>> other = broken(bars, breaks);
            if (other.stream().allMatch(line -> line.size() == 1 || natural(line) <= WIDTH)) {
                least = Math.min(least, stretch(other));
            }
        }
        assertThat(stretch(lines)).isCloseTo(least, within(1e-9));
    }

    /** @param breaks a bit for each place between two bars */
    private static List<List<BarSegment>> broken(List<BarSegment> bars, int breaks) {
        List<List<BarSegment>> lines = new ArrayList<>(List.of(new ArrayList<>()));
        for (BarSegment bar : bars) {
            if (bar.index() > 0 && (breaks >> (bar.index() - 1) & 1) == 1) {
                lines.add(new ArrayList<>());
            }
            lines.get(lines.size() - 1).add(bar);
        }
        return lines;
    }

    private static double natural(List<BarSegment> line) {
        return line.stream().mapToDouble(BarSegment::natural).sum();
    }

    /** The squares of how far each line is stretched, those squeezed counting eightfold; the last one need not be full. */
    private static double stretch(List<List<BarSegment>> lines) {
        double sum = 0;
        for (int i = 0; i < lines.size(); i++) {
            double natural = natural(lines.get(i));
            if (natural > WIDTH) {
                sum += 8 * Math.pow(natural / WIDTH - 1, 2);
            } else if (i < lines.size() - 1) {
                sum += Math.pow(WIDTH / natural - 1, 2);
            }
        }
        return sum;
    }

    @Test
    void aBarTooWideForALineHasOneToItself() {
        List<List<BarSegment>> lines = LineBreaking.lines(bars(List.of(40.0, 180.0, 40.0, 50.0)), WIDTH);
        assertThat(lines).extracting(List::size).containsExactly(1, 1, 2);
    }

    /** Sixty and forty fill a line, unless the next one starts with a signature that is shown at the end of this one. */
    @Test
    void aSignatureOfTheNextLineTakesRoom() {
        List<BarSegment> bars = new ArrayList<>(bars(List.of(60.0, 40.0, 90.0)));
        assertThat(LineBreaking.lines(bars, WIDTH)).extracting(List::size).containsExactly(2, 1);
        bars.set(2, new BarSegment(null, 2, null, 90, 5, 0, 0));
        assertThat(LineBreaking.lines(bars, WIDTH)).extracting(List::size).containsExactly(1, 1, 1);
    }

    @Test
    void whereNothingIsToBeBrokenThereIsNoLine() {
        assertThat(LineBreaking.lines(List.of(), WIDTH)).isEmpty();
    }
}
