package nimblestride.desktop.workspace.practice;

import java.time.LocalDate;
import java.util.stream.Collectors;
import nimblestride.core.exercise.plan.LadderPace;
import nimblestride.core.exercise.plan.LadderProgress;
import nimblestride.core.exercise.plan.LadderSchedule;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.foundation.words.SpokenDate;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/** Puts progress on a ladder into words. */
final class LadderText {
    private static final int DAYS_SHOWN = 6;

    private LadderText() {}

    /** {@code Today: 76 BPM (eighths). 2 more clean runs to 84.} */
    static String today(LadderProgress now, NoteValue beat) {
        String asked = "Today: " + new Tempo(beat, now.perMinute()).spoken() + ". ";
        if (now.isAtGoal()) {
            return asked + "You reached the goal.";
        }
        if (now.cleanAtTop().isPresent()) {
            return asked + "Clean on " + SpokenDate.withWeekday(now.cleanAtTop().get())
                    + ". Play it clean again on another day to finish.";
        }
        boolean last = now.rung() + 1 == now.ladder().rungs();
        return asked + now.missing() + (now.missing() == 1 ? " more clean run to " : " more clean runs to ")
                + (last ? "the goal" : Tempo.decimal(now.ladder().rung(now.rung() + 1))) + ".";
    }

    /** Returns what remains, and on which days. */
    static String plan(LadderProgress now, LocalDate today) {
        int steps = now.ladder().rungs() - 1;
        if (now.ladder().pace().isEmpty() || now.isAtGoal()) {
            return (steps - now.rung()) + " of " + Counted.count(steps, "step") + " to go.";
        }
        LadderPace pace = now.ladder().pace().get();
        LadderSchedule plan = LadderSchedule.of(now, today);
        if (plan.isOver()) {
            return "The due date, " + SpokenDate.withWeekday(pace.due())
                    + ", has passed. At one step per practice day, you get there on "
                    + SpokenDate.withWeekday(LadderSchedule.earliest(now, pace, today)) + ".";
        }
        return behind(plan)
                + plan.days().stream()
                        .limit(DAYS_SHOWN)
                        .map(day -> SpokenDate.withWeekday(day.date()) + ": " + Tempo.decimal(day.perMinute()))
                        .collect(Collectors.joining(",  "))
                + (plan.days().size() > DAYS_SHOWN ? ", …" : "");
    }

    private static String behind(LadderSchedule plan) {
        if (plan.daysBehind() <= 0) {
            return plan.daysBehind() < 0 ? "Ahead of plan. " : "On plan. ";
        }
        return Counted.count(plan.daysBehind(), "step") + " behind plan. The rest spreads over "
                + Counted.count(plan.days().size(), "day") + ". ";
    }
}
