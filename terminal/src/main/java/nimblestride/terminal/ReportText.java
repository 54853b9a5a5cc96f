package nimblestride.terminal;

import java.io.PrintWriter;
import java.util.List;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.exercise.Finding;
import nimblestride.core.exercise.Reckoning;
import nimblestride.core.text.BarsText;
import nimblestride.core.text.LayerText;
import nimblestride.core.text.TempoText;

/** A report in sentences. */
final class ReportText {
    private ReportText() {}

    static void write(Reckoning reckoning, List<Finding> findings, PrintWriter out) {
        Exercise exercise = reckoning.exercise();
        out.println("Bars:  " + BarsText.write(exercise.phrase()));
        exercise.layers().forEach(layer -> out.println("Layer: " + LayerText.write(layer)));
        out.println("Tempo: " + TempoText.write(exercise.tempo()));
        out.println();
        for (Finding finding : findings) {
            out.println((finding.kind() == Finding.Kind.CHECK ? "! " : "- ") + finding.sentence());
            if (!finding.sum().isEmpty()) {
                out.println("  " + finding.sum());
            }
            finding.mend().ifPresent(mend -> out.println("  " + mend.label() + "?"));
        }
    }
}
