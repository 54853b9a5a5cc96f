package nimblestride.core.insight.wording;

import nimblestride.core.insight.fact.Remedy;

/** The words on the buttons that fix what does not add up. */
public final class RemedyWording {
    private RemedyWording() {}

    /** Returns what the button says. */
    public static String of(Remedy remedy) {
        if (remedy instanceof Remedy.Start start) {
            return start.late().isZero() ? "Start it on 1" : "Start it " + start.late() + " late";
        }
        if (remedy instanceof Remedy.CallIt call) {
            return "Call it " + call.meter();
        }
        if (remedy instanceof Remedy.Enter enter) {
            return enter.pivot().isNone()
                    ? "Keep the tempo there"
                    : "Enter it by " + SectionWording.pivot(enter.pivot());
        }
        if (remedy instanceof Remedy.RemoveNotes remove) {
            return remove.notes() == 1 ? "Take it off" : "Take them off";
        }
        if (remedy instanceof Remedy.RemoveRule) {
            return "Leave it out";
        }
        if (remedy instanceof Remedy.AllowTogether) {
            return "Let limbs strike together";
        }
        return "Slow down to " + ((Remedy.SlowDown) remedy).perMinute();
    }
}
