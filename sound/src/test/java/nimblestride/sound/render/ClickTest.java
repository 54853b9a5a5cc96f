package nimblestride.sound.render;

import static nimblestride.core.text.Examples.bars;
import static nimblestride.core.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.LongStream;
import nimblestride.core.groove.Voice;
import nimblestride.core.text.TempoText;
import nimblestride.sound.kit.Sound;
import nimblestride.sound.kit.SoundSet;
import nimblestride.sound.render.Click.Level;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClickTest {
    private static final int RATE = 8_000;

    /** Each click is a single sample, the stronger the louder, so that it can be read off which one is heard. */
    private static final SoundSet IMPULSES = new SoundSet() {
        @Override
        public Sound voice(Voice voice) {
            return new Sound();
        }

        @Override
        public Sound click(int strength) {
            return new Sound((5 - strength) / 5f);
        }
    };

    private static String ticks(Click click, String bars, int bar) {
        return click.in(bars(bars), bar, bar).stream()
                .map(tick -> tick.at() + " " + tick.level())
                .toList()
                .toString();
    }

    private static Click on(Level... levels) {
        Click click = Click.NONE;
        for (Level level : levels) {
            click = click.with(level, true);
        }
        return click;
    }

    @Test
    void clicksWhatIsAskedForAndTheStrongestWhereSeveralFallTogether() {
        assertThat(ticks(Click.USUAL, "7/8(2+2+3)", 0)).isEqualTo("[0 BAR, 1/4 GROUP, 1/2 GROUP]");
        assertThat(ticks(on(Level.UNIT, Level.GROUP, Level.BAR, Level.PHRASE), "5/8(3+2), 2/4", 0))
                .isEqualTo("[0 PHRASE, 1/8 UNIT, 1/4 UNIT, 3/8 GROUP, 1/2 UNIT]");
        assertThat(ticks(on(Level.PHRASE), "5/8(3+2), 2/4", 1)).isEqualTo("[]");
        assertThat(ticks(on(Level.PHRASE), "5/8(3+2), 2/4", 2)).isEqualTo("[0 PHRASE]");
        // Off-beats lie halfway between beats: the &s of 4/4, the even eighths of 7/8.
        assertThat(ticks(on(Level.OFF_BEAT), "4/4", 0))
                .isEqualTo("[1/8 OFF_BEAT, 3/8 OFF_BEAT, 5/8 OFF_BEAT, 7/8 OFF_BEAT]");
        assertThat(ticks(on(Level.OFF_BEAT, Level.BAR), "7/8", 0))
                .isEqualTo("[0 BAR, 1/8 OFF_BEAT, 3/8 OFF_BEAT, 5/8 OFF_BEAT]");
        assertThat(Click.USUAL.with(Level.GROUP, false).levels()).isEqualTo(EnumSet.of(Level.BAR));
    }

    @ParameterizedTest
    @CsvSource({"0, 1, 1, 0 1 2 3 4 5 6 7", "1, 4, 1, 0 1 2 4 5 6", "3, 4, 1, 0 4", "0, 1, 3, 0 3 6", "1, 2, 4, 0 4"})
    void keepsSilentWhereItIsToldTo(int silent, int of, int every, String heard) {
        Click click = Click.USUAL.silent(silent, of).onceIn(every);
        assertThat(LongStream.range(0, 8).filter(click::isHeardAfter).mapToObj(Long::toString))
                .containsExactly(List.of(heard.split(" ", -1)).toArray(String[]::new));
    }

    @Test
    void refusesSilenceWithoutEnd() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Click.USUAL.silent(4, 4))
                .withMessageContaining("4 of 4");
        assertThatIllegalArgumentException().isThrownBy(() -> Click.USUAL.onceIn(0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Take(exercise("4/4"), Click.USUAL, 9, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Take(exercise("4/4"), Click.USUAL, 100, 9));
    }

    /** In a loop of two bars, silent in every fourth bar that is played: the loop's second bar, every other time. */
    @Test
    void silencesAreCountedInBarsPlayed() {
        Take take = new Take(
                        exercise("1/4 x4").withTempo(TempoText.read("60")),
                        on(Level.BAR).silent(1, 4))
                .looping(new Loop(1, 3));
        Renderer renderer = new Renderer(take, IMPULSES, RATE);
        float[] block = new float[8 * RATE];
        renderer.render(block, block.length);
        assertThat(LongStream.range(0, 8).filter(second -> block[(int) second * RATE] > 0))
                .containsExactly(0L, 1L, 2L, 4L, 5L, 6L);
    }

    /** Two bars of 3/4 counted in at half speed, then the first bar: each click on its sample. */
    @Test
    void countsInAtTheSpeedItIsPlayedAt() {
        Take take =
                new Take(exercise("3/4", "kick every 1/4").withTempo(TempoText.read("120")), on(Level.PHRASE), 50, 2);
        Renderer renderer = new Renderer(take, IMPULSES, RATE);
        float[] block = new float[8 * RATE];
        renderer.render(block, block.length);
        List<Integer> heard = new ArrayList<>();
        for (int i = 0; i < block.length; i++) {
            if (block[i] > 0) {
                heard.add(i);
            }
        }
        // A quarter at 60 a minute is a second; the phrase begins after six of them.
        assertThat(heard).containsExactly(0, RATE, 2 * RATE, 3 * RATE, 4 * RATE, 5 * RATE, 6 * RATE);
        assertThat(renderer.anchor().momentOf(0)).isEqualTo(-1.5);
        assertThat(block[0]).isLessThan(block[6 * RATE]).isGreaterThan(block[RATE]);
    }
}
