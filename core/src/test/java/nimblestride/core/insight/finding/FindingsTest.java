package nimblestride.core.insight.finding;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.edit.EditHistory;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.Category;
import nimblestride.core.insight.fact.LayerFact;
import nimblestride.core.insight.wording.Wording;
import nimblestride.core.kit.sticking.LeadHand;
import org.junit.jupiter.api.Test;

class FindingsTest {
    private static List<Finding> findings(Exercise exercise) {
        return Findings.of(Analysis.of(exercise));
    }

    private static Finding only(List<Finding> findings, String code) {
        assertThat(findings).filteredOn(finding -> finding.code().equals(code)).hasSize(1);
        return findings.stream().filter(f -> f.code().equals(code)).findFirst().orElseThrow();
    }

    private static Finding ofLayer(Exercise exercise, int index) {
        return findings(exercise).stream()
                .filter(finding -> finding.fact() instanceof LayerFact.Overview
                        && finding.place().orElseThrow().layer() == index)
                .findFirst()
                .orElseThrow();
    }

    private static List<String> details(Finding finding) {
        return finding.details().facts().stream()
                .map(Wording::of)
                .map(words -> (words.sentence() + " " + words.sum()).strip())
                .toList();
    }

    /** The line of a layer says nothing of hands; its details say which hand plays it. */
    @Test
    void findingsDifferWhereOnlyTheirDetailsDo() {
        Exercise exercise = exercise("7/8", "cowbell every 3/16");
        Exercise leftFirst = exercise.withPlayingStyle(exercise.playingStyle().withLead(LeadHand.LEFT));

        assertThat(ofLayer(exercise, 0))
                .isEqualTo(ofLayer(exercise, 0))
                .hasSameHashCodeAs(ofLayer(exercise, 0))
                .isNotEqualTo(ofLayer(leftFirst, 0));
        assertThat(ofLayer(leftFirst, 0).words()).isEqualTo(ofLayer(exercise, 0).words());
    }

    /** The worked example of the plan: 10/8 + 10/8 + 9/16 against five sixteenths. */
    @Test
    void aLayerSaysItsCycleItsHitsAndTheBarsWhereItIsOnTheOne() {
        Exercise exercise = exercise("10/8(3+3+2+2) x2, 9/16", "kick every 5/16");
        Finding headline = findings(exercise).get(0);
        assertThat(headline.sentence()).isEqualTo("Everything lines up again after 15 bars (38 s).");
        assertThat(headline.sum()).isEqualTo("5 × 49 sixteenths = 245 sixteenths.");
        assertThat(headline.words().fractions()).isEqualTo("5 × 49/16 = 245/16");
        Finding kick = findings(exercise).get(1);
        assertThat(kick.sentence())
                .isEqualTo("Kick, every 5 sixteenths · 15-bar cycle, 49 hits · on the 1 in bars 1, 2 and 3.");
        assertThat(kick.sum()).isEqualTo("49 × 5 sixteenths = 245 sixteenths = 5 phrases (15 bars).");
        assertThat(kick.words().fractions()).isEqualTo("49 × 5/16 = 5 × 49/16 = 245/16");
        assertThat(kick.bars())
                .containsExactly(
                        new Finding.BarLink("1", new Finding.Place(0, value("0"))),
                        new Finding.BarLink("2", new Finding.Place(0, value("5/4"))),
                        new Finding.BarLink("3", new Finding.Place(0, value("5/2"))));
        assertThat(only(findings(exercise), "length").sentence())
                .isEqualTo("One phrase is 3 bars, 49 sixteenths (7.7 s).");
        assertThat(only(findings(exercise), "length").sum()).isEqualTo("2 × 10/8 + 9/16 = 49 sixteenths.");
    }

    /** How to count it and where it falls come before any arithmetic. */
    @Test
    void detailsBeginWithTheCount() {
        assertThat(details(ofLayer(exercise("11/8(3+3+3+2)", "ride every 1/4"), 0)))
                .startsWith(
                        "Count bar 1: 1, 3, 5, 7, 9, 11. Bar 2: 2, 4, 6, 8, 10.",
                        "It falls with the pulse in bar 1, between the pulse in bar 2. The pulse: quarters from each bar's"
                                + " 1. Hits per bar: 6, 5.",
                        "Polymeter: the same subdivision as the bars, but a length of its own. Its 1 drifts against the bars'"
                                + " 1 until both line up.")
                .contains(
                        "Stop after 1 bar: 1 eighth left over, 1 eighth short of the next cycle. 5 × 2 eighths = 10 eighths;"
                                + " the phrase is 11 eighths.",
                        "Play alternating eighths: the right hand starts every cycle: R R. 2 notes per cycle is even.");
        assertThat(details(ofLayer(exercise("11/8(3+3+3+2)", "kick cell x.... of 1/8"), 0)))
                .anyMatch(text -> text.contains("on the groups and between in bars 1, 2, 3 and 5."));
        assertThat(details(ofLayer(exercise("9/8", "snare 5 over bar"), 0)))
                .contains(
                        "5:3 polyrhythm: 5 notes in the time of 3 beats. 5 + 3 - 1 = 7 hits in that time, beats included.");
        assertThat(details(ofLayer(exercise("11/8", "kick every 3/16 reset bar"), 0)))
                .contains("It restarts every bar: the last one stops after 1 sixteenth. 1 sixteenth of 3 sixteenths; 2"
                        + " sixteenths cut off.");
    }

    /** What is true of every bar goes without saying. */
    @Test
    void nothingIsSaidThatIsTrueOfEveryBar() {
        List<Finding> findings = findings(exercise("4/4", "snare every 1/4", "kick every 1/2"));
        assertThat(findings)
                .extracting(Finding::sentence)
                .startsWith("One bar is 4 quarters (2.5 s).", "Snare, quarters · 4 hits per bar.");
        assertThat(findings)
                .extracting(Finding::code)
                .doesNotContain("on-one", "together", "ones", "length")
                .contains("phrase");
        assertThat(ofLayer(exercise("7/8, 5/8", "snare 5 over bar"), 0).sentence())
                .isEqualTo("Snare, 5 over the bar · 10 hits per phrase.");
    }

    @Test
    void aLayerThatStartsLateSaysWhereAndWhenItIsFirstOnTheOne() {
        assertThat(ofLayer(exercise("4/4", "hi-hat every 1/4 from 1/8"), 0).sentence())
                .isEqualTo("Hi-hat, quarters from 1& of bar 1 · 4 hits per bar · never on the 1.");
        assertThat(ofLayer(exercise("4/4", "kick every 3/8 from 9/8"), 0).sentence())
                .isEqualTo(
                        "Kick, dotted quarters from 1& of bar 2 · 3-bar cycle, 8 hits · on the 1 from bar 4, every 3 bars.");
        Finding never = ofLayer(exercise("4/4", "hi-hat every 1/4 from 1/8"), 0);
        assertThat(never.fix().orElseThrow().fixed()).isEqualTo(exercise("4/4", "hi-hat every 1/4"));
        assertThat(never.fix().orElseThrow().label()).isEqualTo("Start it on the 1");
    }

    /** Eight layers and a clash: the checks, the headline, and as many layers as can be read at a glance. */
    @Test
    void noMoreThanSixStandBeforeMore() {
        String[] eight = {
            "kick every 3/16",
            "snare every 5/16",
            "ride every 3/8",
            "hi-hat every 5/8",
            "crash every 7/8",
            "claves every 9/8",
            "cowbell every 7/16",
            "shaker every 1/16"
        };
        List<Finding> findings = findings(exercise("4/4", eight));
        assertThat(findings.stream().filter(finding -> !finding.isBehindMore())).hasSize(6);
        assertThat(findings).isSortedAccordingTo(Comparator.comparing(Finding::isBehindMore));
        assertThat(findings.stream().filter(finding -> finding.code().equals("layer")))
                .hasSize(8);
    }

    @Test
    void whatDoesNotAddUpComesFirstAndCanBeMended() {
        Exercise late = exercise("4/4, 3/4", "snare every 1/8", "kick every 3/8 from 9/8 reset bar");
        List<Finding> findings = findings(late);
        assertThat(findings.get(0).category()).isEqualTo(Category.CHECK);
        Finding silent = only(findings, "silent");
        assertThat(silent.sentence())
                .isEqualTo("Kick never plays: it starts 9 eighths late, and each reset comes before that.");
        Exercise fixed = silent.fix().orElseThrow().fixed();
        assertThat(findings(fixed)).noneMatch(finding -> finding.code().equals("silent"));
        assertThat(fixed.layers().get(0)).isEqualTo(late.layers().get(0));
    }

    @Test
    void twoLayersMeetAndLineUp() {
        List<Finding> findings = findings(exercise("11/8", "kick every 3/16", "snare every 1/4 from 1/8"));
        assertThat(only(findings, "meet").sentence())
                .isEqualTo("Kick and snare meet once in every 6 eighths, first on 4 of bar 1.");
        assertThat(only(findings, "meet").isBehindMore()).isTrue();
        assertThat(only(findings, "together").sentence()).startsWith("Everything lines up again after 6 bars (");
        assertThat(only(findings(exercise("4/4", "kick every 1/4", "snare every 1/4 from 1/8")), "never-meet")
                        .sentence())
                .isEqualTo("Kick and snare never meet.");
    }

    @Test
    void whereAllLayersFallTogetherIsBehindMore() {
        List<Finding> findings = findings(exercise("11/8", "ride every 1/4", "snare cell x..x. of 1/8"));
        assertThat(only(findings, "on-one").sentence()).isEqualTo("The layers share the 1 in 2 bars in every 10.");
        assertThat(only(findings, "on-one").sum()).isEqualTo("At most 8 bars apart.");
        List<Finding> three =
                findings(exercise("4/4", "kick every 3/8", "snare every 1/4", "ride every 1/8 from 1/16"));
        assertThat(only(three, "never-all-at-once").sum()).isEqualTo("10 hits between them in 3 quarters.");
        assertThat(only(three, "never-on-one").sentence())
                .isEqualTo("The layers never share a 1. Count to know where the bar starts.");
        String[] six = {
            "kick every 1/8",
            "snare every 1/4",
            "ride every 3/8",
            "hi-hat every 5/8",
            "crash every 7/8",
            "claves every 9/8"
        };
        assertThat(only(findings(exercise("4/4", six)), "more-pairs").sentence())
                .isEqualTo("5 more pairs: 5 meet, 0 never do.");
    }

    @Test
    void manyLandingsAreNotAllListed() {
        Finding many = ofLayer(exercise("[7/8, 5/16] x1000", "kick every 7/16"), 0);
        assertThat(many.sentence()).contains(" more");
        assertThat(many.bars()).hasSize(8);
    }

    @Test
    void whatCannotBeCountedSaysSoAndTheRestIsStillSaid() {
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
        Matcher counts = Pattern.compile("5 more pairs: (\\d+) meet, (\\d+) never do, (\\d+) too large to count\\.")
                .matcher(told);
        assertThat(told).matches(counts.pattern());
        assertThat(counts.matches()).isTrue();
        assertThat(Integer.parseInt(counts.group(1))
                        + Integer.parseInt(counts.group(2))
                        + Integer.parseInt(counts.group(3)))
                .isEqualTo(5);
    }
}
