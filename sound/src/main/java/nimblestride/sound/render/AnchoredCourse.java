package nimblestride.sound.render;

import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.sound.stretch.StretchCourse;

/** The course of a recording from an anchor on: bars keep their exact time, and the recording follows them. */
final class AnchoredCourse implements StretchCourse {
    private final BeatMap beats;
    private final int sampleRate;
    private final double at;
    private final double moment;
    private final double samplesPerWhole;

    /** @param sampleRate of the output, in which places of the recording are counted, too */
    AnchoredCourse(BeatMap beats, TimeAnchor anchor, int sampleRate) {
        this.sampleRate = sampleRate;
        this.beats = beats;
        this.at = anchor.at().doubleValue();
        this.moment = anchor.moment().toDouble();
        this.samplesPerWhole = anchor.samplesPerWhole().doubleValue();
    }

    @Override
    public double sourceAt(double frame) {
        return beats.secondsAt(moment + (frame - at) / samplesPerWhole) * sampleRate;
    }

    @Override
    public double frameAt(double source) {
        return at + (beats.wholesAt(source / sampleRate) - moment) * samplesPerWhole;
    }
}
