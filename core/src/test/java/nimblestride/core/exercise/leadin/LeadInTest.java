package nimblestride.core.exercise.leadin;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.junit.jupiter.api.Test;

class LeadInTest {
    private static Exercise thereAndBack(String oldBars, String pivot, String newBars) {
        Exercise a = exercise(oldBars, "hi-hat every 1/8").withTempo(Tempo.ofQuarters(84));
        return ThereAndBack.back(ThereAndBack.there(a, PivotText.read(pivot), bars(newBars)));
    }

    @Test
    void thereAndBackIsThreeSectionsAndTheNewFeelIsInHand() {
        Exercise piece = thereAndBack("4/4", "dotted quarter = half", "7/8");
        assertThat(piece.content().name()).isEqualTo("B");
        assertThat(piece.layerNames()).containsExactly("hi-hat", "kick", "snare");
        assertThat(piece.chain().tempos())
                .containsExactly(Tempo.ofQuarters(84), Tempo.ofQuarters(112), Tempo.ofQuarters(84));
        assertThat(ThereAndBack.back(piece).chain().isHome()).isTrue();
    }

    /** Whatever the bars and the pivot, the accents run to the change evenly, and the change itself would be the next. */
    @Property(tries = 150)
    void thePulseLeadsToTheNewOne(
            @ForAll @IntRange(min = 2, max = 15) int units,
            @ForAll @IntRange(min = 1, max = 9) int notes,
            @ForAll @IntRange(min = 1, max = 9) int group,
            @ForAll @IntRange(min = 1, max = 3) int rounds) {
        if (notes == group) {
            return;
        }
        Exercise piece = thereAndBack(units + "/8", notes + " in groups of " + group, "4/4");
        Exercise set = LeadIn.before(LeadIn.before(piece, 2, rounds), 1, rounds);
        assertThat(set.contents())
                .extracting(SectionContent::name)
                .containsExactly("A", "B", "lead-in to A", "lead-in to B");
        assertThat(set.chain().tempos())
                .containsExactly(
                        piece.chain().tempos().get(0),
                        piece.chain().tempos().get(0),
                        piece.chain().tempos().get(1),
                        piece.chain().tempos().get(1),
                        piece.chain().tempos().get(0));
        Modulation shift = LeadIn.shiftInto(set, 2);
        Playthrough.Passage leadIn = Playthrough.of(set).passages().get(1);
        NoteValue end = leadIn.length();
        assertThat(end).isEqualTo(bars(units + "/8").length().times(3L * rounds));
        Map<String, List<Hit>> played = played(leadIn);
        List<NoteValue> accents = played.get("hi-hat").stream()
                .filter(hit -> hit.stroke().level() == Dynamic.ACCENT)
                .map(Hit::at)
                .toList();
        NoteValue pulse = shift.oldUnits(NoteValue.QUARTER);
        for (int i = 0; i < accents.size(); i++) {
            assertThat(end.minus(accents.get(i))).isEqualTo(pulse.times(accents.size() - i));
        }
        assertThat(end.wholePartsOf(pulse)).isEqualTo(accents.size());
        NoteValue third = end.dividedBy(3);
        assertThat(played.getOrDefault("kick", List.of()))
                .allMatch(hit -> hit.at().compareTo(third) >= 0);
        assertThat(played.getOrDefault("snare", List.of()))
                .allMatch(hit -> hit.at().compareTo(third.times(2)) >= 0);
        assertThat(played.getOrDefault("foot hi-hat", List.of()))
                .allMatch(hit -> hit.at().compareTo(third.times(2)) < 0);
    }

    private static Map<String, List<Hit>> played(Playthrough.Passage passage) {
        return passage.content().layers().stream()
                .collect(Collectors.toMap(layer -> layer.voice().name(), layer -> LayerTimeline.of(
                                layer, passage.content().phrase())
                        .between(NoteValue.ZERO, passage.length(), 10_000)));
    }

    @Test
    void refusesWhatLeadsNowhere() {
        Exercise piece = thereAndBack("4/4", "quarter = quarter", "7/8");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> LeadIn.before(piece, 1, 1))
                .withMessageContaining("the tempo stays the same here, so no lead-in is needed");
        Exercise fine = thereAndBack("4/4", "997/1024 = quarter", "7/8");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> LeadIn.before(fine, 1, 2))
                .withMessageContaining("more than 4,096 notes");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> LeadIn.before(piece, 2, 17));
    }

    @Test
    void aChainThatHasDriftedIsToldWithItsMend() {
        Exercise a = exercise("4/4", "hi-hat every 1/8").withTempo(Tempo.ofQuarters(84));
        Exercise there = ThereAndBack.there(a, PivotText.read("5 in groups of 4"), bars("4/4"));
        Exercise drifted = SectionEdits.repeat(there, 2, 0, 1, PivotText.read("4 in groups of 3"));
        Finding finding = Findings.of(Analysis.of(drifted)).get(0);
        assertThat(finding.code()).isEqualTo("drifted");
        assertThat(finding.sentence()).startsWith("A comes back at 140 BPM in section 3; it was at 84.");
        Exercise fixed = finding.fix().orElseThrow().fixed();
        assertThat(fixed.chain().isHome()).isTrue();
        assertThat(Findings.of(Analysis.of(fixed))).extracting(Finding::code).doesNotContain("drifted");
        assertThat(Findings.of(Analysis.of(fixed)))
                .filteredOn(one -> one.code().equals("sections"))
                .extracting(Finding::sentence)
                .containsExactly(
                        "A at 84 BPM, then B at 105 BPM, then A at 84 BPM. The last section is at the first tempo.");
    }
}
