package nimblestride.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Sounding;
import nimblestride.core.exercise.edit.PlacementEdits;
import nimblestride.core.exercise.edit.WrittenOut;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.PartText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.proposal.Arrangement;
import nimblestride.core.transcription.proposal.ImportChoice;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.formats.font.Fonts;
import nimblestride.formats.midi.ExerciseMidi;
import nimblestride.formats.midi.MidiImport;
import nimblestride.formats.musicxml.MusicXmlImport;
import nimblestride.formats.musicxml.MusicXmlSuiteTest;
import nimblestride.formats.musicxml.ScoreXml;
import nimblestride.formats.source.FileImporter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Parts written beat by beat, engraved, exported, and read back with the same hits. */
class PartRoundTripTest {
    private static final List<String> BARS =
            List.of("4/4 x2", "7/8(2+2+3), 5/8(3+2)", "10/8(3+3+2+2)", "3/4, 2/4", "12/8", "5/4 x3");
    /** Strides of quarters and of dotted quarters, as drummers fill them. */
    private static final List<String> STRIDES = List.of(
            "kick . snare .",
            "hi-hat+kick hi-hat",
            "snare snare snare",
            "snare snare snare snare snare snare",
            ". kick",
            "ride . (snare) ride+kick",
            ">snare . . snare snare . snare .",
            "kick (3:2 snare snare snare)",
            ".",
            "high-tom - low-tom floor-tom");

    private static String part(Phrase phrase, Random random) {
        List<String> bars = new ArrayList<>();
        phrase.bars()
                .forEach(bar -> bars.add(bar.groupStarts().stream()
                        .map(start -> STRIDES.get(random.nextInt(STRIDES.size())))
                        .collect(Collectors.joining(" / "))));
        // Something must play.
        return "kick" + bars.get(0).replaceFirst("^\\S+", "") + after(bars);
    }

    private static String after(List<String> bars) {
        return bars.stream().skip(1).map(bar -> " | " + bar).collect(Collectors.joining());
    }

    private static Set<String> hits(Exercise exercise) {
        return hits(exercise, exercise.phrase().length());
    }

    private static Set<String> hits(Exercise exercise, NoteValue end) {
        return Sounding.of(
                exercise, end, (layer, hit) -> hit.voices() + " " + hit.stroke().level());
    }

    @Test
    void randomPartsAreEngravedAndComeBackFromMusicXmlAndMidi() throws Exception {
        Random random = new Random(30);
        int engraved = 0;
        for (int round = 0; round < 60; round++) {
            Phrase phrase = BarsText.read(BARS.get(round % BARS.size()));
            String text = part(phrase, random);
            List<Layer> layers = PartText.read(text, phrase, NamedVoices.KIT);
            Exercise exercise = new Exercise("Part", phrase, layers, Tempo.ofQuarters(100));
            Score score = ScoreWriter.write(exercise, ScoreStyle.DEFAULT.repeating(false));
            List<Drawing> lines = new Engraver(Fonts.get().music(), Fonts.get()).lines(score, 120);
            engraved += lines.size();
            assertThat(score.leftOut()).as(text).isEmpty();
            Exercise again = FileImporter.exercise(MusicXmlImport.read(ScoreXml.write(score), "Again"));
            assertThat(hits(again, phrase.length())).as(text).isEqualTo(hits(exercise));
            assertReadsAsText(again);
            Exercise played = FileImporter.exercise(MidiImport.read(ExerciseMidi.write(exercise), "Again"));
            assertThat(Sounding.of(played, phrase.length(), (layer, hit) -> hit.voices()
                            .toString()))
                    .as(text)
                    .isEqualTo(Sounding.of(exercise, phrase.length(), (layer, hit) -> hit.voices()
                            .toString()));
        }
        assertThat(engraved).isGreaterThanOrEqualTo(60);
    }

    /** A riff is a part of its score, and a track of pitched notes, and comes back as a riff. */
    @Test
    void aRiffComesBackFromMusicXmlAndMidi() throws Exception {
        Phrase phrase = BarsText.read("7/8(2+2+3), 5/8(3+2)");
        Exercise exercise = new Exercise(
                "Two players",
                phrase,
                List.of(LayerText.read("snare every 1/4"), LayerText.read("\"bass line\" every 3/16 reset phrase")),
                Tempo.ofQuarters(100));
        Exercise riffAlone = exercise.withoutLayer(0);
        Set<String> wanted = Sounding.of(riffAlone, phrase.length(), (layer, hit) -> "");
        Score score = ScoreWriter.write(exercise, ScoreStyle.DEFAULT.repeating(false));
        for (Transcription source : List.of(
                MusicXmlImport.read(ScoreXml.write(score), "Again"),
                MidiImport.read(ExerciseMidi.write(exercise), "Again"))) {
            assertThat(source.parts()).hasSize(2);
            assertThat(source.parts().get(1).name()).startsWith("bass line");
            assertThat(source.likeliestPart()).isZero();
            Exercise again = Arrangement.of(source, ImportChoice.of(1)).exercise(List.of());
            assertThat(again.layers()).allMatch(layer -> layer.voice().isRiff());
            assertThat(Sounding.of(again, phrase.length(), (layer, hit) -> "")).isEqualTo(wanted);
        }
    }

    /** Returns an exercise whose selected section was written as text and read again. */
    private static Exercise asText(Exercise exercise) {
        Exercise out = WrittenOut.of(exercise.selectedOnly());
        List<Layer> placed = PlacementEdits.placements(out);
        String text = PartText.write(placed, out.phrase(), out.voices());
        List<Layer> layers =
                new ArrayList<>(text.isEmpty() ? List.of() : PartText.read(text, out.phrase(), out.voices()));
        // What takes too long to realign stays as it is.
        out.layers().stream().filter(layer -> !placed.contains(layer)).forEach(layers::add);
        return out.withLayers(layers);
    }

    /** Scores of the MusicXML test suite of the LilyPond project, read as parts and back. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "02d-Rests-Multimeasure-TimeSignatures.xml",
                "03b-Rhythm-Backup.xml",
                "03d-Rhythm-DottedDurations-Factors.xml",
                "11a-TimeSignatures.xml",
                "11c-TimeSignatures-CompoundSimple.xml",
                "11d-TimeSignatures-CompoundMultiple.xml",
                "11e-TimeSignatures-CompoundMixed.xml",
                "21c-Chords-ThreeNotesDuration.xml",
                "21e-Chords-PickupMeasures.xml",
                "23a-Tuplets.xml"
            })
    void scoresOfTheSuiteReadAsPartsAndBack(String file) throws IOException {
        Exercise exercise;
        try (InputStream in = MusicXmlSuiteTest.class.getResourceAsStream("suite/" + file)) {
            exercise = FileImporter.exercise(MusicXmlImport.read(in.readAllBytes(), file));
        }
        assertReadsAsText(exercise);
    }

    /** Each section, written as text and read again, has the same hits. */
    private static void assertReadsAsText(Exercise exercise) {
        for (int content = 0; content < exercise.contents().size(); content++) {
            Exercise one = exercise.withSelected(content).selectedOnly();
            assertThat(hits(asText(one))).as(one.name()).isNotEmpty().isEqualTo(hits(one));
        }
    }
}
