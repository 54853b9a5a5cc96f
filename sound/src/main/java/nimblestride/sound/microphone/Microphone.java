package nimblestride.sound.microphone;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.TargetDataLine;

/** An open microphone of the machine. */
final class Microphone implements AudioInput {
    private static final int BYTES_PER_SAMPLE = 2;
    /** How much it keeps until it is read, in seconds. */
    private static final double KEPT = 0.1;

    private final String name;
    private final TargetDataLine line;
    private byte[] bytes = new byte[0];

    private Microphone(String name, TargetDataLine line) {
        this.name = name;
        this.line = line;
    }

    /** Returns the format at a sample rate. */
    static AudioFormat format(int sampleRate) {
        return new AudioFormat(sampleRate, Byte.SIZE * BYTES_PER_SAMPLE, 1, true, false);
    }

    static Microphone open(String name, TargetDataLine line, int sampleRate) throws LineUnavailableException {
        boolean listening = false;
        try {
            line.open(format(sampleRate), BYTES_PER_SAMPLE * (int) (KEPT * sampleRate));
            line.start();
            listening = true;
            return new Microphone(name, line);
        } finally {
            if (!listening) {
                line.close();
            }
        }
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public int sampleRate() {
        return (int) line.getFormat().getSampleRate();
    }

    @Override
    public void read(float[] block) throws LineUnavailableException {
        int wanted = block.length * BYTES_PER_SAMPLE;
        if (bytes.length < wanted) {
            bytes = new byte[wanted];
        }
        if (line.read(bytes, 0, wanted) < wanted) {
            throw new LineUnavailableException(name + " was unplugged");
        }
        for (int i = 0; i < block.length; i++) {
            block[i] = (short) ((bytes[2 * i] & 255) | (bytes[2 * i + 1] << 8)) / (float) -Short.MIN_VALUE;
        }
    }

    @Override
    public int waiting() {
        return line.available() / BYTES_PER_SAMPLE;
    }

    @Override
    public void close() {
        line.stop();
        line.close();
    }
}
