package nimblestride.sound.soundfont;

import java.nio.file.Path;
import java.util.List;
import nimblestride.sound.recording.Recording;

/** A stroke of a soundfont: the samples that sound together, each at its pitch and level. */
record SoundfontStroke(Path file, List<Part> parts) implements Recording.Source {
    /** All samples are brought to this rate before they are mixed. */
    private static final int RATE = 44_100;

    /**
     * A sample that sounds.
     *
     * @param start first sample point, counted from the first of the file
     * @param end the sample point after the last
     * @param rate sample points per second
     * @param semitones how much higher it sounds
     * @param gain from 0 to 1
     */
    record Part(long start, long end, long rate, double semitones, double gain) {}

    @Override
    public Recording read() {
        if (parts.size() == 1) {
            return read(parts.get(0));
        }
        float[] mixed = new float[0];
        for (Part part : parts) {
            float[] one = read(part).at(RATE);
            float[] longer = one.length > mixed.length ? one : mixed;
            float[] shorter = one.length > mixed.length ? mixed : one;
            float gain = (float) part.gain;
            for (int i = 0; i < longer.length; i++) {
                float more = i < shorter.length ? shorter[i] : 0;
                longer[i] = one.length > mixed.length ? gain * longer[i] + more : longer[i] + gain * more;
            }
            mixed = longer;
        }
        return new Recording(mixed, RATE);
    }

    private Recording read(Part part) {
        return new Recording(Soundfont.samples(file, part.start, part.end), part.rate).higher(part.semitones);
    }
}
