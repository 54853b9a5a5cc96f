package nimblestride.core.layer.pattern;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.language.text.OrchestrationText;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PatternTest {
    private static final Optional<Stroke> HIT = Optional.of(Stroke.NORMAL);
    private static final Optional<Stroke> REST = Optional.empty();

    private static void refuses(ThrowingCallable making, String message) {
        assertThatExceptionOfType(InvalidValueException.class)
                .isThrownBy(making)
                .withMessageContaining(message);
    }

    private static Pattern pattern(String text) {
        return layer("snare " + text).pattern();
    }

    @ParameterizedTest
    @CsvSource({
        "every 3/16,3/16,1,true,false",
        "5 over bar,bar,5,true,false",
        "7 over 2 bars,2 bars,7,true,false",
        "4 over phrase,phrase,4,true,false",
        "cell x.Xg of 1/8,1/2,4,false,false",
        "cell [x.]x3 g of 1/16,7/16,7,false,false",
        "sticking R L L of 1/12,1/4,3,true,false",
        "at 1:0 2:1/8,phrase,2,true,true",
        "at 1:0 2:1/8 across 3 bars,3 bars,2,true,false"
    })
    void aPatternHasASpanAndParts(String text, String span, int parts, boolean full, boolean onPhrase) {
        Pattern pattern = pattern(text);
        assertThat(pattern.span()).hasToString(span);
        assertThat(pattern.parts()).isEqualTo(parts);
        assertThat(pattern.strokes()).hasSize(parts);
        assertThat(pattern.strokes().stream().allMatch(Optional::isPresent)).isEqualTo(full);
        assertThat(IntStream.range(0, parts).mapToObj(pattern::strokeAt).toList())
                .isEqualTo(pattern.strokes());
        assertThat(pattern.isOnPhrase()).isEqualTo(onPhrase);
    }

    @Test
    void smallerCellsArePlayedOutAndSpread() {
        Pattern.Cell cell = (Pattern.Cell) pattern("cell [x.]x2 X of 1/8");
        assertThat(cell.steps()).containsExactly(HIT, REST, HIT, REST, Optional.of(Stroke.ACCENT));
        assertThat(cell.length()).isEqualTo(value("5/8"));
        assertThat(Pattern.Cell.ofCells(List.of(3, 1, 2), NoteValue.EIGHTH).steps())
                .containsExactly(HIT, REST, REST, HIT, HIT, REST);
        CellPart inner = cell.made().get(0);
        assertThat(inner.depth()).isOne();
        assertThat(inner.length()).isEqualTo(4);
        assertThat(CellPart.steps(inner.spread(3)))
                .containsExactly(HIT, REST, REST, REST, REST, REST, HIT, REST, REST, REST, REST, REST);
        CellPart deep = new CellPart.Step(HIT);
        for (int i = 0; i < CellPart.MAX_DEPTH; i++) {
            deep = new CellPart.Inner(List.of(deep), 1);
        }
        assertThat(deep.depth()).isEqualTo(CellPart.MAX_DEPTH);
        assertThat(new Pattern.Cell(List.of(deep), NoteValue.EIGHTH).parts()).isOne();
        CellPart tooDeep = new CellPart.Inner(List.of(deep), 1);
        refuses(() -> new Pattern.Cell(List.of(tooDeep), NoteValue.EIGHTH), "at most 8 brackets inside each other");
    }

    @Test
    void limitsAreKeptAndNamed() {
        refuses(() -> new Pattern.Every(NoteValue.ZERO), "longer than zero, such as every 3/16");
        refuses(() -> new Pattern.Over(0, new Span.WholePhrase()), "1 to 1,024 notes over a span, not 0");
        refuses(() -> new Pattern.Over(1_025, new Span.WholePhrase()), "not 1,025");
        assertThat(new Pattern.Over(1_024, new Span.WholePhrase()).parts()).isEqualTo(1_024);
        refuses(() -> new Span.Bars(0), "1 bar or more, not 0");
        refuses(() -> new Span.Length(NoteValue.ZERO), "a length longer than zero");
        List<Optional<Stroke>> most = Collections.nCopies(1_024, HIT);
        assertThat(Pattern.Cell.of(most, NoteValue.EIGHTH).parts()).isEqualTo(1_024);
        refuses(
                () -> Pattern.Cell.of(Collections.nCopies(1_025, HIT), NoteValue.EIGHTH),
                "up to 1,024 steps, not 1,025");
        refuses(() -> Pattern.Cell.of(List.of(REST), NoteValue.EIGHTH), "at least one hit");
        refuses(() -> Pattern.Cell.of(List.of(HIT), NoteValue.ZERO), "a cell's step must be longer than zero");
        refuses(() -> new Pattern.Stuck(Sticking.alternating(2, LeadHand.RIGHT), NoteValue.ZERO), "a sticking's step");
        refuses(() -> new CellPart.Inner(List.of(), 2), "at least one step");
        CellPart step = new CellPart.Step(HIT);
        refuses(() -> new CellPart.Inner(List.of(step), 0), "1 to 1,024 times");
        refuses(() -> new CellPart.Inner(List.of(step), 1_025), "1 to 1,024 times");
        assertThat(new CellPart.Inner(List.of(step), 1_024).length()).isEqualTo(1_024);
        refuses(() -> new Reset.AtBars(List.of()), "1 to 1,000 bars");
        refuses(() -> new Reset.AtBars(IntStream.range(0, 1_001).boxed().toList()), "1 to 1,000 bars");
        refuses(() -> new Reset.AtBars(List.of(3, -1)), "counted from 1");
        assertThat(new Reset.AtBars(IntStream.range(0, 1_000).boxed().toList()).bars())
                .hasSize(1_000);
        assertThat(new Reset.AtBars(List.of(4, 0, 4)).bars()).containsExactly(0, 4);
    }

    @Test
    void notesArePlacedInOrderAndOnceEach() {
        Phrase phrase = bars("3/4, 2/4");
        Placement late = new Placement(1, value("1/4"), Stroke.NORMAL);
        Placement early = new Placement(0, value("1/2"), Stroke.GHOST);
        Placement off = new Placement(1, value("1/2"), Stroke.NORMAL);
        Placement beyond = new Placement(2, NoteValue.ZERO, Stroke.NORMAL);
        Pattern.Placed placed = new Pattern.Placed(List.of(beyond, off, late, early));
        assertThat(placed.placements()).containsExactly(early, late, off, beyond);
        assertThat(placed.strokeAt(0)).contains(Stroke.GHOST);
        assertThat(placed.lost(phrase)).containsExactly(off, beyond);
        assertThat(placed.placements().stream().filter(one -> one.isOn(phrase))).containsExactly(early, late);
        assertThat(placed.bars(phrase)).isEqualTo(phrase);
        assertThat(placed.betweenDoubled(phrase)).isEqualTo(NoteValue.EIGHTH);
        Pattern.Placed across = new Pattern.Placed(placed.placements(), 3);
        assertThat(across.lost(phrase)).containsExactly(off);
        assertThat(across.bars(phrase)).isEqualTo(phrase.first(3));
        assertThat(across.with(List.of(late))).isEqualTo(new Pattern.Placed(List.of(late), 3));
        assertThat(early.isWith(new Placement(0, value("1/2"), Stroke.ACCENT))).isTrue();
        refuses(() -> new Pattern.Placed(List.of(late, new Placement(1, value("1/4"), Stroke.ACCENT))), "only once");
        refuses(() -> new Pattern.Placed(List.of()), "1 to 100,000 counts");
        refuses(() -> new Pattern.Placed(List.of(late), -1), "up to 100,000 bars, not -1");
        refuses(() -> new Pattern.Placed(List.of(late), Phrase.MAX_BARS + 1), "not 100,001");
        assertThat(new Pattern.Placed(List.of(late), Phrase.MAX_BARS).ownBars()).isEqualTo(Phrase.MAX_BARS);
        refuses(() -> new Placement(-1, NoteValue.ZERO, Stroke.NORMAL), "from 0, not -1");
    }

    @Test
    void aRiffIsRepeatedLengthenedCutAndJoined() {
        Riff riff = Riff.of(pattern("cell x.g of 1/8")).orElseThrow();
        assertThat(riff.steps()).isEqualTo(3);
        assertThat(riff.length()).isEqualTo(value("3/8"));
        assertThat(riff.times(1)).isEqualTo(riff);
        assertThat(riff.times(2).playedOut()).hasSize(6);
        assertThat(riff.on(NoteValue.EIGHTH)).isSameAs(riff);
        assertThat(riff.on(NoteValue.SIXTEENTH).playedOut())
                .containsExactly(HIT, REST, REST, REST, Optional.of(Stroke.GHOST), REST);
        assertThat(riff.first(2).playedOut()).containsExactly(HIT, REST);
        assertThat(riff.then(CellPart.rests(2)).steps()).isEqualTo(5);
        assertThat(riff.each(stroke -> stroke.map(one -> Stroke.ACCENT)).firstStroke())
                .isEqualTo(Stroke.ACCENT);
        assertThat(riff.firstStroke()).isEqualTo(Stroke.NORMAL);
        assertThat(riff.pattern()).isEqualTo(pattern("cell x.g of 1/8"));
        assertThat(riff.first(1).pattern()).isEqualTo(new Pattern.Every(NoteValue.EIGHTH));
        Pattern sticking = pattern("sticking R L L of 1/16");
        Riff stuck = Riff.of(sticking).orElseThrow();
        assertThat(stuck.stuck()).isTrue();
        assertThat(stuck.pattern()).isEqualTo(sticking);
        assertThat(stuck.times(2).pattern()).isEqualTo(pattern("sticking R L L R L L of 1/16"));
        assertThat(Riff.of(pattern("5 over 3/4")).orElseThrow().step()).isEqualTo(value("3/20"));
        assertThat(Riff.of(pattern("5 over bar"))).isEmpty();
        assertThat(riff.times(341).steps()).isEqualTo(1_023);
        refuses(() -> riff.times(342), "at most 1,024 steps, not 1,026");
        refuses(() -> riff.on(value("1/4096")), "at most 1,024 steps, not 1,536");
        Riff grown = riff.times(341).then(CellPart.rests(2));
        refuses(grown::pattern, "not 1,025");
    }

    @Test
    void aLayerKeepsWhatIsNotChanged() {
        Layer layer = layer("snare every 1/4 from 1/8 reset bar")
                .withOrchestration(OrchestrationText.read("accents to ride"));
        assertThat(layer.voices()).containsExactly(Kit.SNARE, Kit.RIDE);
        Layer moved = layer.withVoices(voice -> voice.equals(Kit.RIDE) ? Kit.CRASH : Kit.KICK);
        assertThat(moved.voices()).containsExactly(Kit.KICK, Kit.CRASH);
        assertThat(moved.withVoice(Kit.SNARE).withOrchestration(layer.orchestration()))
                .isEqualTo(layer);
        assertThat(layer.withOffset(NoteValue.ZERO).withOffset(NoteValue.EIGHTH))
                .isEqualTo(layer);
        assertThat(layer.withReset(Reset.NEVER).withReset(Reset.BAR)).isEqualTo(layer);
        assertThat(layer.withPattern(pattern("every 1/8")).withPattern(layer.pattern()))
                .isEqualTo(layer);
        assertThat(layer.withDownbeatEvery(4).withDownbeatEvery(1)).isEqualTo(layer);
        assertThat(layer.withDownbeatEvery(1_024).downbeatEvery()).isEqualTo(1_024);
        refuses(() -> layer.withDownbeatEvery(0), "every 1 to 1,024 bars, not every 0");
        refuses(() -> layer.withDownbeatEvery(1_025), "not every 1,025");
        assertThat(layer.withOrchestration(
                                Collections.nCopies(32, layer.orchestration().get(0)))
                        .orchestration())
                .hasSize(32);
        refuses(
                () -> layer.withOrchestration(
                        Collections.nCopies(33, layer.orchestration().get(0))),
                "up to 32 rules");
    }

    /** Common practice: a pedal is played by its foot, and what is written out is kept. */
    @Test
    void aHitIsPlayedByTheLimbThatIsWrittenOrUsual() {
        Hit free = new Hit(NoteValue.ZERO, Stroke.NORMAL, List.of(Kit.RIDE), true);
        assertThat(free.limb(Kit.RIDE, LeadHand.RIGHT)).contains(Limb.RIGHT_HAND);
        assertThat(free.limb(Kit.RIDE, LeadHand.LEFT)).contains(Limb.LEFT_HAND);
        assertThat(free.limb(Kit.KICK, LeadHand.LEFT)).contains(Limb.KICK_FOOT);
        assertThat(free.limb(NamedVoices.RIFF, LeadHand.RIGHT)).isEmpty();
        Hit left = new Hit(NoteValue.ZERO, Stroke.NORMAL.by(Limb.LEFT_HAND), List.of(Kit.RIDE), true);
        assertThat(left.limb(Kit.RIDE, LeadHand.RIGHT)).contains(Limb.LEFT_HAND);
        Hit foot = new Hit(NoteValue.ZERO, Stroke.NORMAL.by(Limb.KICK_FOOT), List.of(Kit.RIDE), true);
        assertThat(foot.limb(Kit.RIDE, LeadHand.RIGHT)).contains(Limb.RIGHT_HAND);
    }
}
