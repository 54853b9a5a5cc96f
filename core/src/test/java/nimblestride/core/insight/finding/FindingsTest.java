package nimblestride.core.insight.finding;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.edit.EditHistory;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.Category;
import org.junit.jupiter.api.Test;

class FindingsTest {
    private static List<Finding> findings(Exercise exercise) {
        return Findings.of(Analysis.of(exercise));
    }

    private static Finding only(List<Finding> findings, String code) {
        assertThat(findings).filteredOn(finding -> finding.code().equals(code)).hasSize(1);
        return findings.stream().filter(f -> f.code().equals(code)).findFirst().orElseThrow();
    }

    @Test
    void theStoryOfTheFiveSixteenthsIsToldWithItsSums() {
        List<Finding> findings = findings(exercise("10/8(3+3+2+2) x2, 9/16", "kick every 5/16"));
        Finding back = only(findings, "returns");
        assertThat(back.sentence())
                .isEqualTo("Kick every 5/16 is back on 1 after 15 bars, 5 phrases: bar 16 is bar 1 again.");
        assertThat(back.sum()).isEqualTo("49 hits of 5/16 = 5 phrases of 49/16 = 245/16.");
        assertThat(back.place()).contains(new Finding.Place(0, value("245/16")));
        Finding lands = only(findings, "lands");
        assertThat(lands.sentence())
                .isEqualTo("Kick lands on bars 1, 2 and 3 of the 15, then not before bar 16, which is bar 1 again.");
        assertThat(lands.sum()).isEqualTo("Bar 3 starts after 5/2: 8 hits of 5/16.");
        assertThat(only(findings, "length").sum()).isEqualTo("2 × 10/8 + 9/16 = 49/16.");
    }

    /** "1 phrase of 3 = 3" says nothing: whole notes are named, and what is one of something is not added up. */
    @Test
    void sumsNameWholeNotesAndDoNotRepeatThemselves() {
        List<Finding> findings =
                findings(exercise("[7/8(2+2+3), 5/8] x2", "ride cell Xxx of 1/8", "snare 5 over 2 bars"));
        assertThat(findings)
                .filteredOn(finding -> finding.code().equals("returns"))
                .extracting(Finding::sum)
                .containsExactly(
                        "8 cells of 3/8 = 1 phrase of 3 whole notes.",
                        "2 rounds of 5 over 3/2 = 1 phrase of 3 whole notes.");
        assertThat(only(findings, "together").sum())
                .isEqualTo("1 phrase of 3 whole notes, the least common multiple of their returns.");
        assertThat(only(findings(exercise("4/4 x4", "kick every 3/2")), "lands").sum())
                .isEqualTo("Bar 10 starts after 9 whole notes: 6 hits of 3/2.");
        // Rounds over bars that differ are rounds, not so many of one length.
        assertThat(only(findings(exercise("7/8(2+2+3), 5/8", "snare 5 over bar")), "returns")
                        .sum())
                .isEqualTo("2 rounds of 5 over the bar = 1 phrase of 3/2.");
        assertThat(only(findings(exercise("7/8, 5/8, 3/8", "snare 5 over 2 bars")), "returns")
                        .sum())
                .isEqualTo("3 rounds of 5 over 2 bars = 2 phrases of 15/8 = 15/4.");
        assertThat(only(findings(exercise("7/8, 5/8", "snare 5 over 3/4 reset bar")), "reset")
                        .sum())
                .isEqualTo("Of the last 3/4, 1/8 is played and 5/8 is cut off.");
        assertThat(only(findings(exercise("4/4", "kick every 3/16")), "returns").sum())
                .isEqualTo("16 hits of 3/16 = 3 bars of 1 whole note = 3 whole notes.");
        assertThat(only(findings(exercise("5/8", "kick every 1/1")), "returns").sum())
                .isEqualTo("5 hits of 1 whole note = 8 bars of 5/8 = 5 whole notes.");
        assertThat(only(findings(exercise("5/4, 3/4", "kick every 1/4")), "length")
                        .sum())
                .isEqualTo("5/4 + 3/4 = 2 whole notes.");
    }

    @Test
    void whatDoesNotAddUpComesFirstAndCanBeMended() {
        Exercise late = exercise("4/4, 3/4", "snare every 1/8", "kick every 3/8 from 9/8 reset bar");
        List<Finding> findings = findings(late);
        assertThat(findings.get(0).category()).isEqualTo(Category.CHECK);
        Finding silent = only(findings, "silent");
        assertThat(silent.sentence()).contains("Kick is never heard", "9/8 late");
        Exercise fixed = silent.fix().orElseThrow().fixed();
        assertThat(findings(fixed)).noneMatch(finding -> finding.code().equals("silent"));
        assertThat(fixed.layers().get(0)).isEqualTo(late.layers().get(0));
    }

    @Test
    void aLayerThatNeverLandsCanBeStartedOnOne() {
        Finding never = only(findings(exercise("4/4", "hi-hat every 1/4 from 1/8")), "never-lands");
        assertThat(never.fix().orElseThrow().fixed()).isEqualTo(exercise("4/4", "hi-hat every 1/4"));
    }

    @Test
    void resetsTellWhatIsLeftOver() {
        Finding reset = only(findings(exercise("11/8", "kick every 3/16 reset bar")), "reset");
        assertThat(reset.sentence()).contains("begins again with each bar", "gets only a sixteenth.");
        assertThat(reset.sum()).isEqualTo("Of the last 3/16, 1/16 is played and 1/8 is cut off.");
    }

    @Test
    void twoLayersMeetAndComeTogether() {
        List<Finding> findings = findings(exercise("11/8", "kick every 3/16", "snare every 1/4 from 1/8"));
        assertThat(only(findings, "meet").sentence())
                .isEqualTo("Kick and snare meet once in every 3/4, first on 4 of bar 1.");
        assertThat(only(findings, "together").sentence()).isEqualTo("Both layers are back together after 6 bars.");
        assertThat(only(findings(exercise("4/4", "kick every 1/4", "snare every 1/4 from 1/8")), "never-meet")
                        .sentence())
                .isEqualTo("Kick and snare never meet.");
    }

    @Test
    void whatALayerDoesOnItsWayIsTold() {
        List<Finding> findings = findings(exercise("11/8", "ride every 1/4", "snare cell x..x. of 1/8"));
        assertThat(findings.stream().filter(f -> f.code().equals("polymeter"))).hasSize(2);
        assertThat(findings)
                .extracting(Finding::sentence)
                .contains(
                        "Ride every quarter is a polymeter: it shares the bars' subdivision, but not their length.",
                        "Ride is with the pulse in bar 1, between in bar 2.",
                        "Stopped after 1 bar, ride leaves 1/8 over.",
                        "Over alternate eighths the hits of ride begin every cycle with the right hand: R R.",
                        "Over alternate eighths the hits of snare change hands from one cycle to the next: R L L R.",
                        "The layers are all on the 1 of 2 bars in every 10.");
        assertThat(only(findings, "on-one").sum()).isEqualTo("The longest run without that is 8 bars.");
        assertThat(only(findings(exercise("9/8", "snare 5 over bar")), "polyrhythm")
                        .sum())
                .contains("5 + 3 - 1 = 7 different hits");
        List<Finding> three =
                findings(exercise("4/4", "kick every 3/8", "snare every 1/4", "ride every 1/8 from 1/16"));
        assertThat(only(three, "never-all-at-once").sum()).isEqualTo("10 different onsets in 3/4.");
        assertThat(only(three, "never-on-one").sentence()).contains("nothing but the count");
        String[] six = {
            "kick every 1/8",
            "snare every 1/4",
            "ride every 3/8",
            "hi-hat every 5/8",
            "crash every 7/8",
            "claves every 9/8"
        };
        assertThat(only(findings(exercise("4/4", six)), "more-pairs").sentence())
                .isEqualTo("Of 5 more pairs, 5 meet and 0 never do.");
    }

    @Test
    void manyLandingsAreNotAllListed() {
        Exercise many = exercise("[7/8, 5/16] x1000", "kick every 7/16");
        assertThat(only(findings(many), "lands").sentence()).contains(" more of the ");
    }

    @Test
    void whatCannotBeCountedSaysSoAndTheRestIsStillTold() {
        List<Finding> findings =
                findings(exercise("9999/1000", "kick every 3000000019/1000000007 from 1/999999937", "snare every 1/4"));
        assertThat(findings.get(0).code()).isEqualTo("too-large");
        assertThat(findings).anyMatch(finding -> finding.sentence().startsWith("Snare"));
    }

    @Test
    void undoGoesBackAndRedoForwardAndAnEditGivesUpWhatWasUndone() {
        Exercise first = exercise("7/8");
        Exercise second = first.plusLayer(layer("kick every 1/4"));
        Exercise third = second.withName("Third");
        EditHistory history = EditHistory.of(first).edit(second).edit(second).edit(third);
        assertThat(history.past()).containsExactly(first, second);
        EditHistory undone = history.undo().undo();
        assertThat(undone.present()).isEqualTo(first);
        assertThat(undone.undo()).isEqualTo(undone);
        assertThat(undone.redo().redo().present()).isEqualTo(third);
        assertThat(undone.edit(third).canRedo()).isFalse();
        assertThat(history.amend(first).past()).containsExactly(first, second);
    }

    @Test
    void layersOfTheSameVoiceAreToldApart() {
        assertThat(exercise("7/8", "kick every 1/4", "snare every 1/4", "kick every 1/8")
                        .layerNames())
                .containsExactly("kick", "snare", "kick 2");
    }

    /** Two of the layers lie on grids that have no common unit which can be counted: whether they meet is not known. */
    @Test
    void ofMorePairsThanAreToldThoseThatCannotBeCountedAreToldApart() {
        String[] layers = {
            "kick every 1/4",
            "snare every 3/16",
            "ride every 1/8",
            "crash every 5/16",
            "china every 1/999999937 from 1/999999929",
            "cowbell every 1/999999893 from 1/999999883"
        };
        String told = only(findings(exercise("4/4", layers)), "more-pairs").sentence();
        Matcher counts = Pattern.compile(
                        "Of 5 more pairs, (\\d+) meet and (\\d+) never do; (\\d+) cannot be counted exactly\\.")
                .matcher(told);
        assertThat(told).matches(counts.pattern());
        assertThat(counts.matches()).isTrue();
        assertThat(Integer.parseInt(counts.group(1))
                        + Integer.parseInt(counts.group(2))
                        + Integer.parseInt(counts.group(3)))
                .isEqualTo(5);
    }
}
