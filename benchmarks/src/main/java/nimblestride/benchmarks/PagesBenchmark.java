package nimblestride.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.time.value.Tempo;
import nimblestride.formats.font.Fonts;
import nimblestride.formats.musicxml.ScoreXml;
import nimblestride.formats.picture.PdfFile;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Written music. To reach: 1,000 bars to MusicXML under 1 s warm; 100 pages of PDF under 3 s. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 4, time = 2)
public class PagesBenchmark {
    private static final int PAGES = 100;

    private final Exercise thousandBars =
            exercise("4/4 x1000", "kick every 5/16", "hi-hat every 1/8", "snare every 1/4");

    private final Exercise onePage = exercise("11/8(3+3+3+2) x4, 7/8", "kick every 3/16", "hi-hat every 1/8");

    private static Exercise exercise(String bars, String... layers) {
        return new Exercise(
                "Measured",
                BarsText.read(bars),
                Stream.of(layers).map(LayerText::read).toList(),
                Tempo.ofQuarters(96));
    }

    @Benchmark
    public byte[] thousandBarsToMusicXml() {
        return ScoreXml.write(ScoreWriter.write(thousandBars, ScoreStyle.DEFAULT.repeating(false)));
    }

    @Benchmark
    public byte[] hundredPagesOfPdf() {
        SheetLayout pages = new SheetLayout(Sheet.DEFAULT, Fonts.get().music(), Fonts.get());
        List<Drawing> all = new ArrayList<>();
        while (all.size() < PAGES) {
            all.addAll(pages.of(onePage));
        }
        return PdfFile.write("Measured", all.subList(0, PAGES), PaperSize.pointsToTheSpace());
    }
}
