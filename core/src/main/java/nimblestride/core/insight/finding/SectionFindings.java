package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.insight.finding.Finding.Kind;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/** What is known about the order of sections: how they follow, and where a feel comes back at another tempo. */
final class SectionFindings {
    private static final int LISTED = 8;

    private final Exercise exercise;
    private final List<Tempo> tempos;
    private final List<Finding> findings = new ArrayList<>();

    private SectionFindings(Exercise exercise) {
        this.exercise = exercise;
        this.tempos = exercise.chain().tempos();
    }

    static List<Finding> of(Exercise exercise) {
        SectionFindings sections = new SectionFindings(exercise);
        if (exercise.hasSections()) {
            sections.tellDrift();
            sections.tellOrder();
        }
        return sections.findings;
    }

    /** The chain has drifted where a feel comes back faster or slower than it was. */
    private void tellDrift() {
        Map<Integer, Integer> first = new HashMap<>();
        for (int i = 0; i < tempos.size(); i++) {
            int content = exercise.sections().get(i).content();
            Integer known = first.putIfAbsent(content, i);
            if (known == null || tempos.get(known).equals(tempos.get(i))) {
                continue;
            }
            BigFraction had = tempos.get(known).perMinute();
            BigFraction has = tempos.get(i).perMinute();
            Pivot home = Pivot.toward(
                    tempos.get(i - 1), tempos.get(known), exercise.chain().pivots());
            findings.add(new Finding(
                    Kind.CHECK,
                    "drifted",
                    name(i) + " comes back at " + Tempo.decimal(has) + " in section " + (i + 1) + ", and it was at "
                            + Tempo.decimal(had) + ": the chain has drifted.",
                    "From section " + (known + 1) + " to " + (i + 1) + " the tempo is multiplied by " + has.divide(had)
                            + ", and home is 1.",
                    Optional.empty(),
                    closing(i, home)));
            return;
        }
    }

    private Optional<Fix> closing(int section, Pivot home) {
        try {
            return Optional.of(new Fix(
                    home.isNone() ? "Keep the tempo there" : "Enter it by " + said(home),
                    SectionEdits.withPivot(exercise, section, home)));
        } catch (StrideException e) {
            // A tempo after it could then not be played.
            return Optional.empty();
        }
    }

    private static String said(Pivot pivot) {
        return NoteName.say(pivot.oldValue()) + " = " + NoteName.say(pivot.newValue());
    }

    private String name(int section) {
        return exercise.contents()
                .get(exercise.sections().get(section).content())
                .name();
    }

    private void tellOrder() {
        Playthrough whole = Playthrough.of(exercise);
        List<Section> sections = exercise.sections();
        String order = IntStream.range(0, Math.min(LISTED, sections.size()))
                .mapToObj(i -> name(i) + " at " + Tempo.decimal(tempos.get(i).perMinute()))
                .collect(Collectors.joining(", then "));
        String more = sections.size() > LISTED ? ", and " + (sections.size() - LISTED) + " more" : "";
        String home = exercise.chain().isHome()
                ? "The last is at the tempo of the first."
                : "Round again, the tempo goes back by " + said(exercise.chain().wayBack()) + ".";
        long bars =
                whole.passages().stream().mapToLong(Playthrough.Passage::bars).sum();
        findings.add(new Finding(
                Kind.LENGTH,
                "sections",
                order + more + ". " + home,
                Counted.count(bars, "bar") + " in " + sections.size() + " sections last "
                        + Tempo.decimal(whole.seconds()) + " s.",
                Optional.empty(),
                Optional.empty()));
    }
}
