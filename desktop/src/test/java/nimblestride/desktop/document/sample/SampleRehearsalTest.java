package nimblestride.desktop.document.sample;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.transcription.proposal.Arrangement;
import nimblestride.core.transcription.proposal.ImportChoice;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.formats.source.FileImporter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SampleRehearsalTest {
    /** What pads recorded of a piece of the Book comes back as that piece: its meter, and a phrase of one bar. */
    @Test
    void theRecordingComesBackAsThePiece(@TempDir Path folder) throws Exception {
        Exercise piece = SampleBook.piece("oars-in-elevens");
        Transcription brought = FileImporter.read(SampleRehearsal.write(folder));
        List<MeterProposal> meters = Arrangement.meters(brought, ImportChoice.of(0));
        assertThat(meters).isNotEmpty();
        assertThat(meters.get(0).sure()).as(meters.toString()).isEqualTo("sure");
        assertThat(FileImporter.exercise(brought).phrase().length())
                .as(brought.parts().toString())
                .isEqualTo(piece.phrase().length());
    }
}
