package nimblestride.formats.musicxml;

import static nimblestride.core.language.text.Examples.again;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.exercise.analysis.Sounding;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.notation.score.SectionsWriter;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;
import nimblestride.formats.source.FileImporter;
import org.junit.jupiter.api.Test;

/** What the program has written comes back as it was. */
class MusicXmlRoundTripTest {
    /** Every stroke until an end, which voice and how hard; what is said with it in words alone is not compared. */
    private static Set<String> sounding(Exercise exercise, NoteValue end) {
        return Sounding.of(
                exercise,
                end,
                (layer, hit) -> hit.voices() + " " + hit.stroke().level() + " "
                        + hit.stroke().ornament());
    }

    private static Set<String> sounding(Transcription brought) {
        return brought.parts().get(0).strokes().stream()
                .map(struck -> struck.at() + " [" + struck.sound().usual().orElseThrow() + "] "
                        + struck.stroke().level() + " " + struck.stroke().ornament())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Provide
    static Arbitrary<Exercise> exercises() {
        Arbitrary<String> layers = Arbitraries.of(
                "kick every 5/16",
                "floor tom 3 over 1/2",
                "hi-hat every 1/8",
                "snare cell X.g of 1/16",
                "cowbell 5 over 2/1",
                "high tom at >1:0 (1:1/8) 2:0",
                "open hi-hat every 3/16 from 1/16");
        Arbitrary<String> bars =
                Arbitraries.of("7/8(2+2+3), 7/8", "5/8, 9/16", "4/4 x2", "11/8(3+3+3+2) x2, 9/16", "3+2+3/8, 4/4+1/16");
        return Combinators.combine(bars, layers.set().ofMinSize(1).ofMaxSize(3))
                .as((typed, played) -> exercise(typed, played.toArray(String[]::new)));
    }

    /** What the program has written comes back the same: bars, strokes, tempo. */
    @Property(tries = 100)
    void whatIsWrittenComesBack(@ForAll("exercises") Exercise exercise) throws UnreadableFileException {
        Score score = ScoreWriter.write(exercise, ScoreStyle.DEFAULT.repeating(false));
        if (!score.leftOut().isEmpty()) {
            return;
        }
        Transcription brought = MusicXmlImport.read(ScoreXml.write(score), "Again");
        assertThat(brought.title()).isEqualTo(exercise.name());
        assertThat(brought.bars().stream().map(Bar::meter))
                .startsWith(exercise.phrase().bars().stream().map(Bar::meter).toArray(Meter[]::new));
        assertThat(brought.tempos().get(0).tempo()).isEqualTo(exercise.tempo());
        assertThat(brought.leftOut()).isEmpty();
        NoteValue end = brought.bars().stream().map(Bar::length).reduce(NoteValue.ZERO, NoteValue::plus);
        assertThat(sounding(brought)).isEqualTo(sounding(exercise, end));
        assertThat(sounding(FileImporter.exercise(brought), end)).isEqualTo(sounding(exercise, end));
    }

    @Test
    void levelsOrnamentsStickingsAndGroupingsComeBack() throws UnreadableFileException {
        Exercise written = exercise("7/8(2+2+3)", "snare sticking R L R R L R L of 1/8", "kick every 7/8");
        for (String layer : List.of("high tom at >1:0 (1:1/8) 1:1/4z lR1:3/8 1:1/2", "hi-hat cell XgxXXgx of 1/8")) {
            written = written.plusLayer(LayerText.read(layer));
        }
        Score score = ScoreWriter.write(written, ScoreStyle.DEFAULT);
        Transcription brought = MusicXmlImport.read(ScoreXml.writeCompressed(score, ScoreLayout.PLAIN), "Again");
        NoteValue end = brought.bars().stream().map(Bar::length).reduce(NoteValue.ZERO, NoteValue::plus);
        assertThat(sounding(brought)).isEqualTo(sounding(written, end));
        assertThat(brought.bars()).allMatch(written.phrase().bar(0)::equals);
    }

    @Test
    void repeatsAreWrittenFoldedAndComeBackPlayedOut() throws UnreadableFileException {
        Exercise written = exercise("[7/8, 5/8] x3, 4/4", "kick at 1:0 2:0 3:0 4:0 5:0 6:0 7:0 7:1/2");
        Transcription brought =
                MusicXmlImport.read(ScoreXml.write(ScoreWriter.write(written, ScoreStyle.DEFAULT)), "Again");
        assertThat(brought.bars()).isEqualTo(written.phrase().bars());
        assertThat(sounding(brought))
                .isEqualTo(sounding(written, written.phrase().length()));
    }

    @Test
    void modulationsComeBackExactly() throws UnreadableFileException {
        Exercise first = exercise("4/4", "snare every 1/4").withTempo(TempoText.read("100"));
        Exercise written = again(
                then(first, "4 quintuplet sixteenths = quarter", 2, "6/8", "snare every 3/8"),
                "dotted eighth = quarter",
                1,
                0);
        Score score = SectionsWriter.write(written, ScoreStyle.DEFAULT.repeating(false));
        Exercise back = FileImporter.exercise(MusicXmlImport.read(ScoreXml.write(score), "Again"));
        assertThat(back.chain().tempos()).isEqualTo(written.chain().tempos());
        assertThat(back.chain().pivots()).isEqualTo(written.chain().pivots());
        assertThat(sounding(back, NoteValue.ZERO)).isEqualTo(sounding(written, NoteValue.ZERO));
    }
}
