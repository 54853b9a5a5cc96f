package nimblestride.core.exercise.leadin;

import java.util.List;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.crossing.Beat;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** The plainest beat for some bars: hi-hat on the units of the beat, kick and snare on the beats in turn. */
public final class PlainBeat {
    private PlainBeat() {}

    /** Returns the layers of the beat. */
    public static List<Layer> over(Phrase phrase) {
        NoteValue beat = Beat.of(phrase.bars().get(0));
        NoteValue hat = phrase.bars().get(0).meter().unit().compareTo(beat) < 0
                ? phrase.bars().get(0).meter().unit()
                : beat.dividedBy(2);
        return List.of(
                every(Kit.HI_HAT, hat, NoteValue.ZERO),
                every(Kit.KICK, beat.times(2), NoteValue.ZERO),
                every(Kit.SNARE, beat.times(2), beat));
    }

    private static Layer every(Voice voice, NoteValue value, NoteValue late) {
        return Layer.of(voice, new Pattern.Every(value)).withOffset(late).withReset(Reset.BAR);
    }
}
