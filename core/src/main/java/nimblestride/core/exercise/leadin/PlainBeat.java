package nimblestride.core.exercise.leadin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Plain time for some bars: kick and snare take the beats of each bar in turn, long and short, and the hi-hat plays
 * the units, or halves the beat where it is the unit (common practice).
 */
public final class PlainBeat {
    private PlainBeat() {}

    /** Returns the layers of the beat. */
    public static List<Layer> over(Phrase phrase) {
        Optional<NoteValue> even = evenBeat(phrase);
        return even.isPresent() ? evenTime(phrase, even.get()) : unevenTime(phrase);
    }

    private static Optional<NoteValue> evenBeat(Phrase phrase) {
        List<Optional<NoteValue>> beats = phrase.kinds().stream()
                .map(bar -> bar.beats().even())
                .distinct()
                .toList();
        boolean sameUnit = phrase.kinds().stream()
                        .map(bar -> bar.meter().unit())
                        .distinct()
                        .count()
                == 1;
        return beats.size() == 1 && sameUnit ? beats.get(0) : Optional.empty();
    }

    private static List<Layer> evenTime(Phrase phrase, NoteValue beat) {
        return List.of(
                every(Kit.HI_HAT, hat(phrase.bars().get(0)), NoteValue.ZERO),
                every(Kit.KICK, beat.times(2), NoteValue.ZERO),
                every(Kit.SNARE, beat.times(2), beat));
    }

    private static NoteValue hat(Bar bar) {
        NoteValue unit = bar.meter().unit();
        return bar.beats()
                .even()
                .filter(unit::equals)
                .map(beat -> beat.dividedBy(2))
                .orElse(unit);
    }

    private static List<Layer> unevenTime(Phrase phrase) {
        List<Placement> kick = new ArrayList<>();
        List<Placement> snare = new ArrayList<>();
        for (int number = 0; number < phrase.bars().size(); number++) {
            Bar bar = phrase.bars().get(number);
            List<NoteValue> beats = bar.beats().starts();
            for (int beat = 0; beat < beats.size(); beat++) {
                (beat % 2 == 0 ? kick : snare).add(new Placement(number, beats.get(beat), Stroke.NORMAL));
            }
        }
        return Stream.of(hats(phrase), placed(Kit.KICK, kick), placed(Kit.SNARE, snare))
                .flatMap(List::stream)
                .toList();
    }

    /** Returns steady notes where all bars share them, which no phrase is too long for. */
    private static List<Layer> hats(Phrase phrase) {
        List<NoteValue> steps =
                phrase.kinds().stream().map(PlainBeat::hat).distinct().toList();
        if (steps.size() == 1) {
            return List.of(every(Kit.HI_HAT, steps.get(0), NoteValue.ZERO));
        }
        List<Placement> hat = new ArrayList<>();
        for (int number = 0; number < phrase.bars().size(); number++) {
            Bar bar = phrase.bars().get(number);
            NoteValue step = hat(bar);
            for (NoteValue at = NoteValue.ZERO; at.compareTo(bar.length()) < 0; at = at.plus(step)) {
                hat.add(new Placement(number, at, Stroke.NORMAL));
            }
        }
        return placed(Kit.HI_HAT, hat);
    }

    private static Layer every(Voice voice, NoteValue value, NoteValue late) {
        return Layer.of(voice, new Pattern.Every(value)).withOffset(late).withReset(Reset.BAR);
    }

    private static List<Layer> placed(Voice voice, List<Placement> placements) {
        return placements.isEmpty() ? List.of() : List.of(Layer.of(voice, new Pattern.Placed(placements)));
    }
}
