package nimblestride.sound.kit;

import nimblestride.core.kit.band.BandNote.Player;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;

/** The recordings a renderer mixes: of each voice, of each level of the click and of the band, mono, from -1 to 1. */
public interface SampleSet {
    /** The weakest click there is; 0 is the strongest. */
    int WEAKEST_CLICK = 7;

    /**
     * A stroke.
     *
     * @param level how hard: a harder one is brighter; how much louder it is, is the renderer's affair
     * @param turn a number that counts on, so that no two strokes in a row are the same recording
     */
    Sample voice(Voice voice, Dynamic level, long turn);

    /** @param strength of the click, from 0 to {@value #WEAKEST_CLICK}: each sounds different */
    Sample click(int strength);

    /**
     * A tone, held until it is let go.
     *
     * @param midiKey its pitch, 60 for the middle C
     */
    Sample tone(Player player, int midiKey);

    /** The same without a click that is heard. */
    default SampleSet withoutClick() {
        return new Part(this, false);
    }

    /** Its click alone. */
    default SampleSet clickAlone() {
        return new Part(this, true);
    }

    /**
     * A part of a set; the rest of it is silent.
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
        public Sample click(int strength) {
            return click ? all.click(strength) : SILENT;
        }

        @Override
        public Sample tone(Player player, int midiKey) {
            return click ? SILENT : all.tone(player, midiKey);
        }
    }
}
