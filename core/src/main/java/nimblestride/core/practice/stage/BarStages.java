package nimblestride.core.practice.stage;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * The stages that learn a part bar by bar: one bar, then pairs of bars, the hard ones first and slower (common practice;
 * the percentages and the numbers of stages are a choice of this program). Bars that play the same are practiced once.
 */
final class BarStages {
    private static final int HARD = 50;
    private static final int ONE = 60;
    private static final int PAIR = 70;
    /** The most stages of one bar, and of pairs. */
    private static final int MOST = 8;

    private static final int MOST_BARS = 64;

    private final Phrase phrase;
    private final List<Integer> hardBars;
    private final List<Content> contents = new ArrayList<>();

    /** What a bar plays. */
    private record Content(Bar bar, Set<Note> notes) {}

    private record Note(NoteValue at, Voice voice, Stroke stroke) {}

    /** @param hardBars numbers from 0, hardest first */
    BarStages(Exercise exercise, List<Integer> hardBars) {
        this.phrase = exercise.phrase();
        this.hardBars = hardBars;
        if (phrase.bars().size() <= MOST_BARS) {
            readContents(Analysis.of(exercise).hands(phrase.bars().size()));
        }
    }

    private void readContents(LimbAssignment hands) {
        phrase.bars().forEach(bar -> contents.add(new Content(bar, new HashSet<>())));
        hands.notes().forEach(note -> {
            int bar = ExactMath.toInt(phrase.barAt(note.at()));
            if (bar < contents.size()) {
                contents.get(bar)
                        .notes
                        .add(new Note(note.at().minus(phrase.startOf(bar)), note.voice(), note.stroke()));
            }
        });
    }

    /** Returns the stages; none where all bars play the same, or are too many to learn one by one. */
    List<Stage> stages() {
        Set<Integer> bars = different(1);
        if (bars.size() < 2) {
            return List.of();
        }
        List<Stage> stages = new ArrayList<>(of(bars, 1, ONE));
        if (phrase.bars().size() > 2) {
            stages.addAll(of(different(2), 2, PAIR));
        }
        return stages;
    }

    /** Returns where bars in a row first play something, hard ones first. */
    private Set<Integer> different(int inARow) {
        Set<List<Content>> seen = new HashSet<>();
        Set<Integer> order = new LinkedHashSet<>();
        for (int first = 0; first + inARow <= contents.size(); first++) {
            if (seen.add(contents.subList(first, first + inARow))) {
                order.add(first);
            }
        }
        Set<Integer> hardFirst = new LinkedHashSet<>();
        for (int hard : hardBars) {
            order.stream().filter(first -> isIn(hard, first, inARow)).forEach(hardFirst::add);
        }
        hardFirst.addAll(order);
        return hardFirst;
    }

    /** Returns whether a hard bar is among bars in a row, or plays the same as one of them. */
    private boolean isIn(int hard, int first, int inARow) {
        return hard < contents.size() && contents.subList(first, first + inARow).contains(contents.get(hard));
    }

    private List<Stage> of(Set<Integer> firsts, int inARow, int percent) {
        return firsts.stream()
                .limit(MOST)
                .map(first -> {
                    boolean isHard = hardBars.stream().anyMatch(hard -> isIn(hard, first, inARow));
                    return Stage.of(new StageTask.SomeBars(first + 1, first + inARow))
                            .at(isHard ? percent - (ONE - HARD) : percent);
                })
                .collect(Collectors.toList());
    }
}
