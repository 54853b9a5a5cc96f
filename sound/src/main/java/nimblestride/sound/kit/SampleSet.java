package nimblestride.sound.kit;

import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;

/** The samples a renderer mixes: of each voice, of each level of the click, and of the band; mono, from -1 to 1. */
public interface SampleSet {
    /** The weakest click; 0 is the strongest. */
    int WEAKEST_CLICK = 7;

    /** How many strokes of the same kind take turns, at most. */
    int TURNS = 4;

    /**
     * Returns a stroke.
     *
     * @param level a harder stroke is brighter; how much louder it is, is up to the renderer
     * @param turn a number that grows, so that no two strokes in a row are the same recording
     */
    Sample voice(Voice voice, Dynamic level, long turn);

    /**
     * Returns a click.
     *
     * @param sound what it is played on
     * @param strength from 0 to {@value #WEAKEST_CLICK}: each sounds different
     */
    Sample click(ClickSound sound, int strength);

    /**
     * Returns a tone; one that does not fade is held until it is released.
     *
     * @param midiKey pitch; 60 is middle C
     */
    Sample tone(Player player, int midiKey);

    /** Returns the set with a silent click. */
    default SampleSet withoutClick() {
        return new Part(this, false);
    }

    /** Returns the click only. */
    default SampleSet clickAlone() {
        return new Part(this, true);
    }

    /**
     * A part of a set; the rest is silent.
     *
     * @param click whether it is the click, or everything else
     */
    record Part(SampleSet all, boolean click) implements SampleSet {
        private static final Sample SILENT = new Sample();

        @Override
        public Sample voice(Voice voice, Dynamic level, long turn) {
            return click ? SILENT : all.voice(voice, level, turn);
        }

        @Override
        public Sample click(ClickSound sound, int strength) {
            return click ? all.click(sound, strength) : SILENT;
        }

        @Override
        public Sample tone(Player player, int midiKey) {
            return click ? SILENT : all.tone(player, midiKey);
        }
    }
}
