package nimblestride.core.exercise.edit;

import static nimblestride.core.language.text.Examples.again;
import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.analysis.Playthrough.Passage;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.SectionsWriter;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;

class SectionsTest {
    /** A at 84, B at 112, A at 84 again (the ratio is the worked example of the project's plan). */
    private static Exercise thereAndBack() {
        Exercise a = SectionEdits.withRounds(
                exercise("4/4", "hi-hat every 1/8", "kick every 3/8").withTempo(Tempo.ofQuarters(84)), 0, 3);
        Exercise ab = then(a, "dotted quarter = half", 2, "7/8, 5/16", "kick every 1/4", "snare 3 over bar");
        return again(ab, "half = dotted quarter", 1, 0);
    }

    private static List<Tempo> tempos(Exercise exercise) {
        return exercise.chain().tempos();
    }

    @Test
    void everySectionHasItsOwnTempoAndTheFeelInHandIsTheOneThatIsEdited() {
        Exercise piece = thereAndBack();
        assertThat(tempos(piece)).containsExactly(Tempo.ofQuarters(84), Tempo.ofQuarters(112), Tempo.ofQuarters(84));
        assertThat(piece.chain().isHome()).isTrue();
        Exercise b = piece.withSelected(1);
        assertThat(b.phrase()).isEqualTo(bars("7/8, 5/16"));
        assertThat(b.tempo()).isEqualTo(Tempo.ofQuarters(112));
        assertThat(b.selectedOnly().hasSections()).isFalse();
        assertThat(b.selectedOnly().tempo()).isEqualTo(Tempo.ofQuarters(112));

        Exercise edited = b.withPhrase(bars("11/8")).plusLayer(layer("ride every 1/4"));
        assertThat(edited.withSelected(0).phrase()).isEqualTo(piece.phrase());
        assertThat(edited.layerNames()).containsExactly("kick", "snare", "ride");
        assertThat(tempos(b.withTempo(Tempo.ofQuarters(100))))
                .containsExactly(Tempo.ofQuarters(75), Tempo.ofQuarters(100), Tempo.ofQuarters(75));
    }

    @Test
    void refusesWhatCannotBePlayed() {
        Exercise piece = thereAndBack();
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> SectionEdits.withPivot(piece, 0, PivotText.read("1/8 = 1/4")))
                .withMessageContaining("the first section sets the tempo, so no modulation leads into it");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> SectionEdits.withPivot(piece, 1, PivotText.read("1/64 = 1/4")))
                .withMessageContaining("modulation 1, 1/64 = 1/4, would lead to 1344 BPM");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> piece.withTempo(Tempo.ofQuarters(800)))
                .withMessageContaining("1066.667");
        Exercise fine = then(then(piece, "1/4 = 1/4", 1, "1/999983"), "1/4 = 1/4", 1, "1/999979");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> then(fine, "1/4 = 1/4", 1, "1/999961"))
                .withMessageContaining("too finely divided to count exactly");
        assertThat(piece.allowsTempo(Tempo.ofQuarters(800))).isFalse();
        assertThat(piece.allowsTempo(Tempo.ofQuarters(700))).isTrue();
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> SectionEdits.rename(piece, 1, "A"))
                .withMessageContaining("a name of its own");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> SectionEdits.remove(piece.selectedOnly(), 0))
                .withMessageContaining("at least one section");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> SectionEdits.withRounds(piece, 0, 1_001))
                .withMessageContaining("repeats 1 to 1,000 times");
        Exercise full = IntStream.range(3, Exercise.MAX_SECTIONS)
                .boxed()
                .reduce(piece, (one, i) -> again(one, "1/4 = 1/4", 1, 0), (a, b) -> b);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> again(full, "1/4 = 1/4", 1, 0))
                .withMessageContaining("1 to 33 sections");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> SectionEdits.withRounds(piece.withPhrase(bars("1/8 x1000")), 0, 101))
                .withMessageContaining("up to 100,000 bars");
    }

    @Test
    void aFeelIsGivenUpWithItsLastSection() {
        Exercise withoutB = SectionEdits.remove(thereAndBack().withSelected(1), 1);
        assertThat(withoutB.contents()).extracting(SectionContent::name).containsExactly("A");
        assertThat(withoutB.sections()).extracting(Section::pivot).containsOnly(Pivot.NONE);
        Exercise b = SectionEdits.remove(SectionEdits.remove(thereAndBack(), 2), 0);
        assertThat(b.start()).isEqualTo(Tempo.ofQuarters(112));
        assertThat(b.content().name()).isEqualTo("B");
        assertThat(SectionEdits.nextName(thereAndBack())).isEqualTo("C");
        assertThat(SectionEdits.nextName(b)).isEqualTo("A");
    }

    /** Wherever a section is moved, each is played at the tempo it had. */
    @Property(tries = 200)
    void whatIsMovedKeepsItsTempo(
            @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 4, max = 9) Integer> notes,
            @ForAll @IntRange(max = 5) int from,
            @ForAll @IntRange(max = 5) int to) {
        Exercise piece = exercise("4/4");
        for (int i = 0; i < notes.size(); i++) {
            piece = then(piece, notes.get(i) + " in groups of " + (i % 2 == 0 ? 5 : 7), i + 1, (i + 2) + "/8");
        }
        int last = piece.sections().size() - 1;
        Exercise moved = SectionEdits.move(piece, Math.min(from, last), Math.min(to, last));
        List<String> expected = told(piece);
        expected.add(Math.min(to, last), expected.remove(Math.min(from, last)));
        assertThat(told(moved)).isEqualTo(expected);
        assertThat(told(SectionEdits.move(moved, Math.min(to, last), Math.min(from, last))))
                .isEqualTo(told(piece));
    }

    private static List<String> told(Exercise exercise) {
        List<String> told = new ArrayList<>();
        for (int i = 0; i < exercise.sections().size(); i++) {
            Section section = exercise.sections().get(i);
            told.add(exercise.contents().get(section.content()).name()
                    + section.rounds()
                    + tempos(exercise).get(i));
        }
        return told;
    }

    /** Each section's bars last as long as its own tempo says, and begin where those before them end. */
    @Test
    void aPlaythroughAddsUp() {
        Playthrough whole = Playthrough.of(thereAndBack());
        // 3 bars of 4 quarters at 84, 2 of 3 1/2 + 1 1/4 at 112, 1 of 4 at 84.
        BigFraction expected = BigFraction.of(12 * 60, 84)
                .add(BigFraction.of(19, 2).multiply(BigFraction.of(60, 112)))
                .add(BigFraction.of(4 * 60, 84));
        assertThat(whole.seconds()).isEqualTo(expected);
        assertThat(whole.length()).isEqualTo(NoteValue.of(4, 1).plus(NoteValue.of(19, 8)));
        assertThat(whole.passages()).extracting(Passage::bars).containsExactly(3L, 4L, 1L);
    }

    /** A voice struck at a moment. */
    private record Moment(BigFraction seconds, String voice) {}

    /** Read back from the page alone, every stroke of every section falls at the very moment it is played. */
    @Property(tries = 60)
    void thePageSaysWhatIsHeard(
            @ForAll @IntRange(min = 2, max = 7) int notes,
            @ForAll @IntRange(min = 2, max = 7) int group,
            @ForAll @IntRange(min = 1, max = 3) int rounds,
            @ForAll boolean repeats) {
        Exercise a = exercise("7/8(2+2+3), 4/4", "kick every 3/16", "hi-hat every 1/8");
        Exercise piece = then(a, notes + " in groups of " + group, rounds, "5/8", "snare every 1/12", "kick every 1/4");
        Exercise home = again(piece, group + " in groups of " + notes, rounds, 0);
        Score score = SectionsWriter.write(home, ScoreStyle.DEFAULT.repeating(repeats));
        Set<Moment> read = new HashSet<>();
        score.readBack()
                .forEach(one ->
                        read.add(new Moment(one.seconds(), one.head().voice().name())));
        assertThat(read).isEqualTo(heard(home));
        assertThat(score.bars().stream().map(bar -> bar.signs().mark()).filter(mark -> !mark.isEmpty()))
                .containsExactly("A", "B", "A");
        List<Pivot> signed =
                score.bars().stream().flatMap(bar -> bar.change().stream()).toList();
        assertThat(signed).isEqualTo(notes == group ? List.of() : home.chain().pivots());
        assertThat(score.bars()).extracting(WrittenBar::number).isSorted().doesNotHaveDuplicates();
    }

    private static Set<Moment> heard(Exercise exercise) {
        Set<Moment> heard = new HashSet<>();
        for (Passage passage : Playthrough.of(exercise).passages()) {
            for (Layer layer : passage.content().layers()) {
                LayerTimeline.of(layer, passage.content().phrase())
                        .between(NoteValue.ZERO, passage.length(), 10_000)
                        .forEach(hit -> heard.add(new Moment(
                                passage.startsSeconds().add(passage.tempo().seconds(hit.at())),
                                layer.voice().name())));
            }
        }
        return heard;
    }

    @Test
    void otherValuesSoundAsBefore() {
        Exercise piece = thereAndBack();
        Exercise doubled = RewriteEdits.doubleValues(piece);
        assertThat(doubled.withSelected(1).phrase()).isEqualTo(bars("7/4, 5/8"));
        assertThat(heard(doubled)).isEqualTo(heard(piece));
        assertThat(RewriteEdits.halveValues(doubled).chain().tempos()).isEqualTo(tempos(piece));
    }

    @Test
    void takingAnotherFeelInHandIsNoEdit() {
        Exercise piece = thereAndBack();
        EditHistory history =
                EditHistory.of(piece).edit(piece.withName("Renamed")).undo();
        EditHistory turned = history.withSelected(1);
        assertThat(turned.present().selected()).isEqualTo(1);
        assertThat(turned.canRedo()).isTrue();
        assertThat(turned.redo().present().name()).isEqualTo("Renamed");
    }
}
