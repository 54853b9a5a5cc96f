package nimblestride.terminal;

import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.transcription.recording.RecordingProposal;
import nimblestride.sound.hits.HeardRecording;

/** Writes what is heard in a recording in sentences. */
final class ListenText {
    /** How many bars are listed with their starts. */
    private static final int BARS = 8;

    private ListenText() {}

    static void write(HeardRecording heard, List<RecordingProposal> proposals, PrintWriter out) {
        out.printf(
                Locale.ROOT,
                "Length: %.1f s, %s%n",
                heard.seconds(),
                Counted.count(heard.hits().size(), "hit"));
        if (proposals.isEmpty()) {
            out.println(
                    heard.hits().isEmpty()
                            ? "No hits found. It may be silent, or have no clear attacks."
                            : "No meter found: too few hits, or nothing repeats. Try --bars or --tempo.");
            return;
        }
        out.println();
        for (RecordingProposal proposal : proposals) {
            out.printf(
                    Locale.ROOT,
                    "%-24s at %.1f, %s: %s%n",
                    BarsText.write(proposal.phrase()),
                    proposal.tempo(),
                    proposal.sure(),
                    proposal.why());
        }
        List<Double> ones = proposals.get(0).ones();
        out.println();
        out.println("The first bars start at "
                + ones.stream()
                        .limit(BARS)
                        .map(one -> String.format(Locale.ROOT, "%.2f", one))
                        .collect(Collectors.joining(", "))
                + " s.");
    }
}
