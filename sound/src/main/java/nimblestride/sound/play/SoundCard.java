package nimblestride.sound.play;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** An open sound card of the machine. */
final class SoundCard implements AudioOutput {
    static final int BYTES_PER_SAMPLE = 2;

    private final String name;
    private final SourceDataLine line;
    private volatile boolean closed;

    private SoundCard(String name, SourceDataLine line) {
        this.name = name;
        this.line = line;
    }

    /** Returns the format at a sample rate. */
    static AudioFormat format(int sampleRate) {
        return new AudioFormat(sampleRate, Byte.SIZE * BYTES_PER_SAMPLE, 1, true, false);
    }

    /** Opens a line of a card. */
    static SoundCard open(String name, SourceDataLine line, int sampleRate) throws LineUnavailableException {
        boolean playing = false;
        try {
            line.open(format(sampleRate), BYTES_PER_SAMPLE * (int) (BUFFERED_SECONDS * sampleRate));
            line.start();
            playing = true;
            return new SoundCard(name, line);
        } finally {
            if (!playing) {
                line.close();
            }
        }
    }

    @Override
    public int sampleRate() {
        return (int) line.getFormat().getSampleRate();
    }

    @Override
    public int buffer() {
        return line.getBufferSize() / BYTES_PER_SAMPLE;
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public boolean isHeard() {
        return true;
    }

    @Override
    public void write(byte[] samples, int length) throws LineUnavailableException {
        if (line.write(samples, 0, length) < length && !closed) {
            throw new LineUnavailableException(name + " was unplugged");
        }
    }

    @Override
    public long heard() {
        return line.getLongFramePosition();
    }

    @Override
    public void close() {
        closed = true;
        line.stop();
        line.flush();
        line.close();
    }
}
