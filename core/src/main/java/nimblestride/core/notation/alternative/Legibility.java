package nimblestride.core.notation.alternative;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.notation.score.WrittenNote;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/** Measures how easy a score is to read, and says what speaks for and against it. */
final class Legibility {
    private static final int BARS_TO_A_PAGE = 32;
    private static final int MANY_GROUPS = 4;
    private static final int SIXTEENTH = 16;
    private static final int THIRTY_SECOND = 32;

    private final Score score;
    private final BarPlan plan;
    private final List<String> good = new ArrayList<>();
    private final List<String> bad = new ArrayList<>();
    private double effort;

    Legibility(Score score, BarPlan plan) {
        this.score = score;
        this.plan = plan;
        signatures();
        gears();
        lengths();
        notes();
    }

    List<String> speaksFor() {
        return good;
    }

    List<String> speaksAgainst() {
        return bad;
    }

    double effort() {
        return effort;
    }

    private double perBar(long count) {
        return (double) count / plan.bars().size();
    }

    private void signatures() {
        List<Meter> meters = plan.bars().stream().map(one -> one.bar().meter()).toList();
        long changes = 0;
        for (int i = 1; i < meters.size(); i++) {
            changes += meters.get(i).equals(meters.get(i - 1)) ? 0 : 1;
        }
        if (!plan.signatures().isEmpty()) {
            good.add("One signature at the start covers the alternation.");
            bad.add("You must remember which meter each bar has.");
            effort += 0.6;
        } else if (changes == 0) {
            good.add("One time signature throughout.");
        } else {
            bad.add(changes + (changes == 1 ? " change" : " changes") + " of signature in " + bars(meters.size()) + ", "
                    + Math.round(perBar(changes) * BARS_TO_A_PAGE) + " per page of " + BARS_TO_A_PAGE + ".");
            effort += 2.2 * perBar(changes);
        }
        List<String> odd = meters.stream()
                .filter(meter -> !RewrittenBars.isPlain(meter))
                .map(Meter::toString)
                .distinct()
                .toList();
        if (!odd.isEmpty()) {
            bad.add("The signature " + odd.get(0) + " has an unusual bottom number: few players have seen one.");
            good.add("The tempo stays, so you can count quarters throughout.");
            effort += 3;
        }
        boolean sums = meters.stream().anyMatch(meter -> meter.terms().size() > 1);
        if (sums) {
            bad.add("Players must work out a sum as a signature.");
            effort += 1;
        }
    }

    private void gears() {
        long changes = 0;
        for (int i = 1; i < plan.bars().size(); i++) {
            changes +=
                    plan.bars().get(i).stretch().equals(plan.bars().get(i - 1).stretch()) ? 0 : 1;
        }
        if (changes > 0) {
            good.add("Each bar reads as plain notes over a plain signature.");
            bad.add(changes + (changes == 1 ? " modulation" : " modulations") + " in "
                    + bars(plan.bars().size()) + ", plus one at each repeat.");
            effort += 3.5 * perBar(changes + 1) + 1;
        }
        WrittenBar first = score.bars().get(0);
        boolean whole = first.tempo().perMinute().getDenominator().bitLength() == 1;
        if (!whole) {
            bad.add("The tempo isn't a whole number: "
                    + Tempo.decimal(first.tempo().perMinute()) + ".");
            effort += 0.7;
        }
    }

    /** Notes that some of what is written at a new tempo is plain at the old one. */
    void hidesPlainBars(double share) {
        if (share > 0) {
            bad.add(Math.round(share * 100) + " % of it is plain quarters, and this notation hides them.");
            effort += 4 * share;
        } else {
            good.add("All of it uses the small unit, and one tempo mark covers it.");
        }
    }

    private void lengths() {
        int groups = plan.bars().stream()
                .mapToInt(one -> one.bar().grouping().sizes().size())
                .max()
                .orElse(0);
        int units = plan.bars().stream()
                .mapToInt(one -> one.bar().meter().units())
                .max()
                .orElse(0);
        if (groups > MANY_GROUPS) {
            bad.add("A bar of " + groups + " groups (" + units + " units): easy to get lost in.");
            good.add("You see the whole cycle between two bar lines.");
            effort += 0.5 * (groups - MANY_GROUPS);
        } else if (groups <= 3 && plan.bars().size() > 1) {
            good.add("No bar has more than " + groups + (groups == 1 ? " group." : " groups."));
        }
    }

    private void notes() {
        int shortest = 1;
        long tuplets = 0;
        long slow = 0;
        long all = 0;
        for (WrittenBar bar : score.bars()) {
            for (PartRhythm part : bar.parts()) {
                tuplets += part.tuplets().size();
                for (WrittenNote written : part.written()) {
                    if (!written.isRest()) {
                        shortest = Math.max(shortest, written.shape().divisor());
                        slow += written.shape().divisor() <= 2 ? 1 : 0;
                        all++;
                    }
                }
            }
        }
        if (shortest > SIXTEENTH) {
            bad.add("Notes as short as "
                    + NoteName.of(NoteValue.of(1, shortest)).orElse("1/" + shortest) + "s.");
            effort += shortest > THIRTY_SECOND ? 2 : 1;
        } else if (all > 0) {
            good.add(shortest == SIXTEENTH ? "Nothing shorter than a sixteenth." : "No more than one beam.");
        }
        if (slow * 2 > all) {
            bad.add("Mostly half and whole notes, with no beams to show the groups.");
            effort += 1.5;
        }
        if (tuplets > 0) {
            bad.add(tuplets + (tuplets == 1 ? " tuplet" : " tuplets") + " in "
                    + bars(score.bars().size()) + ".");
            effort += Math.min(3, 0.8 * tuplets / score.bars().size());
        }
    }

    private static String bars(int count) {
        return count == 1 ? "1 bar" : count + " bars";
    }
}
