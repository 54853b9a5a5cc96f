package nimblestride.terminal;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import java.util.function.Function;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.language.text.TextException;
import nimblestride.core.transcription.recording.KnownAbout;
import nimblestride.core.transcription.recording.RecordingMeters;
import nimblestride.core.transcription.recording.RecordingProposal;
import nimblestride.sound.hits.HeardRecording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code stride listen}: finds the hits, the tempo, and the meter of a recording. */
@Command(
        name = "listen",
        description = "Finds the hits of a recording, its tempo, and which meters it may be in.",
        mixinStandardHelpOptions = true,
        versionProvider = StrideCommand.Version.class)
final class ListenCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "a recording: WAV, AIFF, FLAC, Ogg Vorbis, or MP3")
    private Path file;

    @Option(names = "--bars", paramLabel = "BARS", description = "the bars it is in, such as \"7/8\"")
    private String bars;

    @Option(names = "--tempo", paramLabel = "TEMPO", description = "about how fast: BPM in quarters, or \"1/8=210\"")
    private String tempo;

    @Option(names = "--json", description = "one JSON object instead of sentences")
    private boolean json;

    @Override
    public Integer call() {
        KnownAbout known = new KnownAbout(
                Optional.ofNullable(bars).map(text -> read("--bars", text, BarsText::read)),
                tempo == null
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(read("--tempo", tempo, TempoText::read)
                                .quartersPerMinute()
                                .doubleValue()),
                List.of());
        HeardRecording heard = HeardRecording.of(file);
        List<RecordingProposal> proposals = RecordingMeters.of(heard.hits(), heard.seconds(), known);
        if (json) {
            spec.commandLine().getOut().println(ListenJson.write(heard, proposals));
        } else {
            ListenText.write(heard, proposals, spec.commandLine().getOut());
        }
        return 0;
    }

    private <T> T read(String option, String text, Function<String, T> reader) {
        try {
            return reader.apply(text);
        } catch (TextException e) {
            throw new ParameterException(spec.commandLine(), option + ", " + e.getMessage(), e);
        }
    }
}
