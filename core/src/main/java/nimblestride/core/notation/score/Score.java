package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Music as it is written.
 *
 * @param title stands over it
 * @param style how it looks
 * @param bars at least one
 * @param leftOut names of layers that can't be written, each with the reason
 */
public record Score(String title, ScoreStyle style, List<WrittenBar> bars, List<String> leftOut) {
    public Score {
        bars = List.copyOf(bars);
        leftOut = List.copyOf(leftOut);
    }

    /** Returns the riffs, in the order of their lines. */
    public List<Voice> riffs() {
        return bars.stream()
                .flatMap(bar -> bar.riffs().stream())
                .map(RiffPart::voice)
                .distinct()
                .toList();
    }

    /** Returns the same music, to be drawn, with a sign in place of each bar that is played like the one before it. */
    public Score abridged() {
        return new Score(title, style, BarAgain.abridge(bars), leftOut);
    }

    /** Returns what the kit plays, without riffs. */
    public Score ofKit() {
        return new Score(
                title, style, bars.stream().map(WrittenBar::withoutRiffs).toList(), leftOut);
    }

    /** Returns a riff alone, in place of the kit. */
    public Score ofRiff(Voice riff) {
        return new Score(title, style, bars.stream().map(bar -> bar.only(riff)).toList(), leftOut);
    }

    /**
     * A note as it is read from the page.
     *
     * @param seconds after the start, exactly
     */
    public record Struck(BigFraction seconds, WrittenHead head) {}

    /** Returns which written bars are played, in order, with repeats played out. */
    public List<Integer> playedOrder() {
        List<Integer> order = new ArrayList<>();
        int start = 0;
        for (int i = 0; i < bars.size(); i++) {
            if (bars.get(i).repeatStarts()) {
                start = i;
            }
            order.add(i);
            for (int time = 1; time < bars.get(i).repeatEnds(); time++) {
                for (int again = start; again <= i; again++) {
                    order.add(again);
                    if (order.size() > Phrase.MAX_BARS) {
                        throw new IllegalStateException("the repeats of this score never end");
                    }
                }
            }
        }
        return order;
    }

    /**
     * Plays the page as a reader would: bar after bar, each note as long as its shape and its tuplets say. It knows
     * nothing of the exercise.
     */
    public List<Struck> readBack() {
        List<Struck> struck = new ArrayList<>();
        BigFraction barStart = BigFraction.ZERO;
        for (int index : playedOrder()) {
            WrittenBar bar = bars.get(index);
            for (PartRhythm part : bar.parts()) {
                NoteValue at = NoteValue.ZERO;
                for (int i = 0; i < part.written().size(); i++) {
                    WrittenNote written = part.written().get(i);
                    if (written.isStruck()) {
                        BigFraction seconds = barStart.add(bar.tempo().seconds(at));
                        written.heads().forEach(head -> struck.add(new Struck(seconds, head)));
                    }
                    at = at.plus(lengthRead(bar, part, i));
                }
            }
            barStart = barStart.add(bar.tempo().seconds(bar.bar().length()));
        }
        return struck;
    }

    /** Returns how long a note lasts by its looks. */
    private static NoteValue lengthRead(WrittenBar bar, PartRhythm part, int index) {
        if (part.isBarRest()) {
            return bar.bar().length();
        }
        NoteValue length = part.written().get(index).shape().value();
        for (TupletSpan span : part.tupletsOf(index)) {
            length = span.tuplet().sounding(length);
        }
        return length;
    }
}
