package nimblestride.core.transcription.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.junit.jupiter.api.Test;

/** What is brought in, before it becomes an exercise. */
class TranscriptionTest {
    private static final List<TempoMark> TEMPO = List.of(new TempoMark(0, Tempo.ofQuarters(96), Optional.empty()));
    private static final List<Bar> BARS = List.of(Bar.of(Meter.of(4, 4)));

    private static ImportedPart part(String name, boolean percussion, int strokes) {
        ImportedSound sound = new ImportedSound("snare", Optional.of(Kit.SNARE));
        return new ImportedPart(
                name,
                percussion,
                Collections.nCopies(strokes, new ImportedHit(NoteValue.ZERO, sound, Stroke.NORMAL)),
                Optional.empty());
    }

    private static Transcription of(ImportedPart... parts) {
        return new Transcription("Ferry", BARS, MeterSource.WRITTEN, TEMPO, List.of(parts), List.of());
    }

    @Test
    void theLikeliestPartIsTheFirstOfPercussionOrElseTheOneWithTheMostStrokes() {
        assertThat(of(part("flute", false, 90), part("kit", true, 3), part("bells", true, 20))
                        .likeliestPart())
                .isEqualTo(1);
        assertThat(of(part("flute", false, 9), part("bass", false, 12), part("harp", false, 12))
                        .likeliestPart())
                .as("of two with as many the first")
                .isEqualTo(1);
        assertThat(of(part("flute", false, 1)).likeliestPart()).isZero();
    }

    @Test
    void whatIsNoTranscriptionSaysWhy() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Transcription(
                        "Ferry", List.of(), MeterSource.NONE, TEMPO, List.of(part("kit", true, 1)), List.of()))
                .withMessageContaining("an import holds 1 to 4,000 bars, not 0");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Transcription(
                        "Ferry",
                        Collections.nCopies(Transcription.MAX_BARS + 1, BARS.get(0)),
                        MeterSource.NONE,
                        TEMPO,
                        List.of(part("kit", true, 1)),
                        List.of()))
                .withMessageContaining("not 4,001");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new Transcription(
                        "Ferry", BARS, MeterSource.NONE, List.of(), List.of(part("kit", true, 1)), List.of()))
                .withMessageContaining("the first tempo");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> of(part("kit", true, 0)))
                .withMessageContaining("no part has any hits");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> of(part("kit", true, Transcription.MAX_STROKES), part("more of it", true, 1)))
                .withMessageContaining("up to 50,000 hits");
    }
}
