package nimblestride.core.insight.finding;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.core.insight.fact.Category;
import nimblestride.core.language.text.OrchestrationText;
import nimblestride.core.language.text.TempoText;
import org.junit.jupiter.api.Test;

class HandFindingsTest {
    private static List<Finding> findings(Exercise exercise) {
        return Findings.of(Analysis.of(exercise));
    }

    private static Finding finding(Exercise exercise, String code) {
        return findings(exercise).stream()
                .filter(finding -> finding.code().equals(code))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + code + " among " + findings(exercise)));
    }

    /** Worked by hand: seven sixteenths hand to hand. */
    @Test
    void saysWhichHandHasThe1() {
        Finding lead = finding(exercise("7/16(3+2+2)", "snare sticking >R L of 1/16"), "hands");
        assertThat(lead.sentence()).isEqualTo("Snare, the 1: right hand in bar 1, left hand in bar 2.");
        assertThat(lead.sum()).isEqualTo("Bar 1 groups start R L L. Accents: right hand 1.");
        assertThat(lead.isBehindMore()).isFalse();
    }

    @Test
    void limitsAreFlaggedWithTheTempoAtWhichTheyAreReached() {
        Exercise fast = exercise("4/4", "snare sticking R R L L of 1/16").withTempo(TempoText.read("150"));
        assertThat(finding(fast, "speed").sentence())
                .isEqualTo("Fastest at this tempo, in strokes per second: right hand 10, left hand 10.");
        Exercise limited = fast.withPlayingStyle(PlayingStyle.DEFAULT.withMaxStrokesPerSecond(8));
        Finding tooFast = finding(limited, "too-fast");
        assertThat(tooFast.sentence())
                .isEqualTo("The right hand needs 10 strokes per second from 1 of bar 1; your limit is 8.");
        assertThat(tooFast.sum()).isEqualTo("You reach it at 120 BPM.");
        Exercise fixed = tooFast.fix().orElseThrow().fixed();
        assertThat(fixed.tempo()).hasToString("120");
        assertThat(findings(fixed)).noneMatch(finding -> finding.code().equals("too-fast"));
    }

    @Test
    void linearIsHeldAgainstWhatIsPlayed() {
        Exercise exercise = exercise("4/4", "snare every 1/4", "kick every 1/2")
                .withPlayingStyle(PlayingStyle.DEFAULT.linear(true));
        Finding finding = finding(exercise, "not-linear");
        assertThat(finding.sentence())
                .isEqualTo("Not linear: limbs play together twice in 1 bar, first on 1 of bar 1.");
        assertThat(findings(finding.fix().orElseThrow().fixed()))
                .noneMatch(other -> other.code().equals("not-linear"));
    }

    @Test
    void twoVoicesForOneLimbAreAllowedAndFlagged() {
        Exercise exercise = exercise("4/4", "snare at R1:0", "floor tom at R1:0");
        assertThat(finding(exercise, "limb-asked-twice").sentence())
                .isEqualTo("The right hand has snare and floor tom at once on 1 of bar 1.");
        assertThat(finding(exercise, "limb-asked-twice").sum()).isEmpty();
        Exercise often = exercise("4/4", "snare at R1:0 R1:1/4", "floor tom at R1:0 R1:1/4");
        assertThat(finding(often, "limb-asked-twice").sum()).isEqualTo("Twice in 1 bar.");
    }

    @Test
    void runsAndOnesAreTold() {
        Exercise exercise = exercise("4/4 x2", "snare sticking R R R L of 1/16", "kick at 1:0");
        assertThat(finding(exercise, "hands").sentence()).isEqualTo("The right hand plays 3 in a row from 1 of bar 1.");
        assertThat(findings(exercise)).noneMatch(finding -> finding.code().equals("ones"));
        Finding ones = finding(exercise("4/4 x4", "kick at 1:1/4 3:0"), "ones");
        assertThat(ones.sentence()).isEqualTo("The 1 is played in 1 of 4 bars.");
        assertThat(ones.sum()).isEqualTo("Kick 1.");
    }

    @Test
    void lostPlacesAndIdleRulesAreMended() {
        Exercise lost = exercise("4/4 x2", "snare at 1:0 2:1/4").withPhrase(bars("4/4"));
        Finding finding = finding(lost, "lost-places");
        assertThat(finding.sentence()).isEqualTo("Snare has 1 note where these bars have no place. It does not play.");
        assertThat(finding.fix().orElseThrow().fixed()).isEqualTo(exercise("4/4", "snare at 1:0"));
        Exercise idle = exercise("4/4", "snare sticking R L of 1/16");
        Exercise ruled = idle.withLayer(
                0, idle.layers().get(0).withOrchestration(OrchestrationText.read("notes to ride; doubles to crash")));
        assertThat(finding(ruled, "idle-rule").sentence()).isEqualTo("Snare: rule 2 (to crash) matches no note.");
        assertThat(finding(ruled, "idle-rule")
                        .fix()
                        .orElseThrow()
                        .fixed()
                        .layers()
                        .get(0)
                        .orchestration())
                .isEqualTo(OrchestrationText.read("notes to ride"));
    }

    @Test
    void ofALongPhraseTheFirstBarsAreToldAndSaidToBe() {
        Exercise longPhrase = exercise("7/16 x2000, 5/16", "snare sticking R . L . of 1/16");
        assertThat(finding(longPhrase, "ones").sentence()).matches("The 1 is played in \\d+ of the first 256 bars\\.");
        assertThat(finding(longPhrase, "hands").sentence()).endsWith(" more of the first 256.");
    }

    @Test
    void nothingIsSaidOfHandsWhereNobodyAsked() {
        assertThat(findings(exercise("7/8", "ride every 1/8", "snare every 3/16")))
                .noneMatch(finding -> finding.category() == Category.HANDS);
    }
}
