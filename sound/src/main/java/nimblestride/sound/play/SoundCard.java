package nimblestride.sound.play;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** The machine's sound card. */
public final class SoundCard implements AudioOut {
    private static final int BYTES_A_SAMPLE = 2;
    private static final int BUFFERED_SAMPLES = SAMPLE_RATE / 20;

    private final SourceDataLine line;

    private SoundCard(SourceDataLine line) {
        this.line = line;
    }

    /** Opens the default sound card. */
    public static SoundCard open() throws LineUnavailableException {
        AudioFormat format = new AudioFormat(SAMPLE_RATE, 8 * BYTES_A_SAMPLE, 1, true, false);
        try {
            SourceDataLine line = AudioSystem.getSourceDataLine(format);
            line.open(format, BUFFERED_SAMPLES * BYTES_A_SAMPLE);
            line.start();
            return new SoundCard(line);
        } catch (IllegalArgumentException e) {
            LineUnavailableException none = new LineUnavailableException("there is no sound card");
            none.initCause(e);
            throw none;
        }
    }

    /** The sound card, or a silent clock where there is none. */
    public static AudioOut openOrSilent() {
        try {
            return open();
        } catch (LineUnavailableException e) {
            return new SilentClock();
        }
    }

    @Override
    public String name() {
        return "sound card";
    }

    @Override
    public void write(byte[] samples, int length) {
        line.write(samples, 0, length);
    }

    @Override
    public long heard() {
        return line.getLongFramePosition();
    }

    @Override
    public void close() {
        line.stop();
        line.flush();
        line.close();
    }
}
