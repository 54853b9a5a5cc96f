package nimblestride.sound.play;

import javax.sound.sampled.LineUnavailableException;
import nimblestride.sound.recording.StreamResampler;

/**
 * An output that takes over while music plays at another rate than its own: it gets the same music at its own rate. What
 * starts afterwards is rendered at the output's rate at once.
 */
final class ResampledOutput implements AudioOutput {
    private final AudioOutput output;
    private final int sampleRate;
    private final StreamResampler resampler;
    private final float[] in;
    private final float[] out;
    private final byte[] bytes;

    /**
     * @param sampleRate of the music, in samples per second
     * @param most samples written at a time
     */
    ResampledOutput(AudioOutput output, int sampleRate, int most) {
        this.output = output;
        this.sampleRate = sampleRate;
        this.resampler = new StreamResampler(sampleRate, output.sampleRate(), most);
        this.in = new float[most];
        this.out = new float[resampler.most(most)];
        this.bytes = new byte[out.length * SoundCard.BYTES_PER_SAMPLE];
    }

    @Override
    public int sampleRate() {
        return sampleRate;
    }

    @Override
    public int buffer() {
        return (int) ((long) output.buffer() * sampleRate / output.sampleRate());
    }

    @Override
    public String name() {
        return output.name();
    }

    @Override
    public boolean isHeard() {
        return output.isHeard();
    }

    @Override
    public void write(byte[] samples, int length) throws LineUnavailableException {
        int count = length / SoundCard.BYTES_PER_SAMPLE;
        for (int i = 0; i < count; i++) {
            in[i] = (short) ((samples[2 * i] & 255) | (samples[2 * i + 1] << 8));
        }
        int made = resampler.resample(in, count, out);
        for (int i = 0; i < made; i++) {
            int sample = Math.round(Math.max(Short.MIN_VALUE, Math.min(Short.MAX_VALUE, out[i])));
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> 8);
        }
        output.write(bytes, made * SoundCard.BYTES_PER_SAMPLE);
    }

    @Override
    public long heard() {
        return output.heard() * sampleRate / output.sampleRate();
    }

    @Override
    public void close() {
        output.close();
    }
}
