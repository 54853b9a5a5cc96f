package nimblestride.core.insight.wording;

import java.util.List;
import nimblestride.core.insight.fact.Remedy;
import nimblestride.core.time.value.CommonNote;

/** The words on the buttons that fix what does not add up. */
public final class RemedyWording {
    private RemedyWording() {}

    /** Returns what the button says. */
    public static String of(Remedy remedy) {
        if (remedy instanceof Remedy.Start start) {
            return start.late().isZero()
                    ? "Start it on the 1"
                    : "Start it " + CommonNote.of(List.of(start.late())).say(start.late()) + " late";
        }
        if (remedy instanceof Remedy.CallIt call) {
            return "Call it " + call.meter();
        }
        if (remedy instanceof Remedy.Enter enter) {
            return enter.pivot().isNone() ? "Keep the tempo there" : "Use " + FindingWords.pivot(enter.pivot());
        }
        if (remedy instanceof Remedy.RemoveNotes remove) {
            return remove.notes() == 1 ? "Remove the note" : "Remove the notes";
        }
        if (remedy instanceof Remedy.RemoveRule) {
            return "Remove the rule";
        }
        if (remedy instanceof Remedy.AllowTogether) {
            return "Allow limbs together";
        }
        return "Slow down to " + ((Remedy.SlowDown) remedy).perMinute() + " BPM";
    }
}
