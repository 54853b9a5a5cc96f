package nimblestride.terminal;

import java.io.PrintWriter;
import java.util.List;
import java.util.OptionalDouble;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.transcription.recording.KnownAbout;
import nimblestride.core.transcription.recording.RecordingMeters;
import nimblestride.core.transcription.recording.RecordingProposal;
import nimblestride.sound.hits.HeardRecording;
import org.apache.commons.cli.Options;

/** {@code stride listen}: finds the hits, the tempo, and the meter of a recording. */
final class ListenCommand implements TerminalCommand {
    @Override
    public String name() {
        return "listen";
    }

    @Override
    public String purpose() {
        return "Finds the hits of a recording, its tempo, and which meters it may be in.";
    }

    @Override
    public String operands() {
        return "FILE";
    }

    @Override
    public Options options() {
        return new Options()
                .addOption(TerminalCommand.text("bars", "BARS", "the bars it is in, such as \"7/8\""))
                .addOption(TerminalCommand.text("tempo", "TEMPO", "about how fast: BPM in quarters, or \"1/8=210\""))
                .addOption(TerminalCommand.flag("json", "one JSON object instead of sentences"));
    }

    @Override
    public int run(Arguments typed, PrintWriter out, PrintWriter err) {
        if (typed.operands().size() != 1) {
            throw new ArgumentException("it listens to one file, and "
                    + typed.operands().size() + " are named. Name a recording: WAV, AIFF, FLAC, Ogg Vorbis, or MP3");
        }
        KnownAbout known = new KnownAbout(
                typed.read("bars", BarsText::read),
                typed.read("tempo", TempoText::read)
                        .map(tempo ->
                                OptionalDouble.of(tempo.quartersPerMinute().doubleValue()))
                        .orElse(OptionalDouble.empty()),
                List.of());
        HeardRecording heard = HeardRecording.of(Arguments.path(typed.operands().get(0)));
        List<RecordingProposal> proposals = RecordingMeters.of(heard.hits(), heard.seconds(), known);
        if (typed.has("json")) {
            out.println(ListenJson.write(heard, proposals));
        } else {
            ListenText.write(heard, proposals, out);
        }
        return 0;
    }
}
