package nimblestride.sound.wav;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Locale;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.analysis.Playthrough.Passage;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.time.meter.Phrase;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.Renderer;
import nimblestride.sound.render.StartPoint;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Writes a playback request as a WAV file: the count-in, then rounds of the loop or of everything up to the realignment ({@link
 * Playthrough#untilRealigned}), until the last sound has rung out.
 *
 * @param bits per sample: 16 or 24
 * @param clickApart whether the click gets the second of two channels for itself
 * @param rounds how often it plays, from 1 to {@value #MAX_ROUNDS}
 */
public record WavFile(int bits, boolean clickApart, int rounds) {
    /** The sample rate, in samples per second. */
    public static final int SAMPLE_RATE = 48_000;
    /** The most rounds. */
    public static final int MAX_ROUNDS = 1_000;

    /** 16 bits, everything on one channel, one round. */
    public static final WavFile DEFAULT = new WavFile(16, false, 1);

    private static final int BLOCK = 1_024;
    private static final int RINGING_SECONDS = 2;
    /** The format counts its bytes in 32 bits, and some readers take them as signed. */
    private static final long MAX_BYTES = Integer.MAX_VALUE - 1_024L;

    /** @throws InvalidValueException if a number is out of range */
    public WavFile {
        if (bits != 16 && bits != 24) {
            throw new InvalidValueException("a WAV file has 16 or 24 bits per sample, not " + bits);
        }
        if (rounds < 1 || rounds > MAX_ROUNDS) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "play it 1 to %,d times, not %,d", MAX_ROUNDS, rounds));
        }
    }

    private int channels() {
        return clickApart ? 2 : 1;
    }

    /** Reports how far writing has come; may stop it. */
    public interface Progress {
        /** Writes to the end. */
        Progress TO_THE_END = done -> {};

        /**
         * Reports progress.
         *
         * @param done from 0 to 1
         * @throws java.util.concurrent.CancellationException to stop writing
         */
        void report(double done);
    }

    /**
     * Renders and writes a request from its start.
     *
     * @throws InvalidValueException if it is longer than the format allows
     * @throws java.util.concurrent.CancellationException if the progress stops it
     * @throws IOException if it can't be written
     */
    public void write(PlaybackRequest request, SampleSet sounds, OutputStream out, Progress progress)
            throws IOException {
        PlaybackRequest whole = request.from(StartPoint.BEGINNING);
        long frames = frames(whole, sounds);
        AudioFormat format = new AudioFormat(SAMPLE_RATE, bits, channels(), true, false);
        Rendered rendered = new Rendered(whole, sounds, frames, progress);
        try (AudioInputStream stream = new AudioInputStream(rendered, format, frames)) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, out);
        }
    }

    /** Returns how many bytes one frame takes, over all channels. */
    public int bytesPerFrame() {
        return channels() * bits / 8;
    }

    /**
     * Returns the length in frames, at {@value #SAMPLE_RATE} per second.
     *
     * @throws InvalidValueException if it is longer than the format allows
     */
    public long frames(PlaybackRequest request, SampleSet sounds) {
        Playthrough whole = Playthrough.untilRealigned(request.exercise());
        Passage first = whole.passages().get(0);
        Phrase phrase = first.content().phrase();
        BigFraction played = request.loop()
                .map(loop -> first.tempo().seconds(phrase.startOf(loop.to()).minus(phrase.startOf(loop.from()))))
                .orElseGet(whole::seconds);
        BigFraction seconds = played.multiply(rounds)
                .multiply(BigFraction.of(100, request.percent()))
                .add(BigFraction.of(RINGING_SECONDS));
        BigFraction countIn =
                new Renderer(request, sounds, SAMPLE_RATE).anchor().at();
        BigInteger frames = seconds.multiply(SAMPLE_RATE)
                .add(countIn)
                .bigDecimalValue(0, RoundingMode.CEILING)
                .toBigInteger();
        long most = MAX_BYTES / bytesPerFrame();
        if (frames.compareTo(BigInteger.valueOf(most)) > 0) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "a WAV file holds up to %,d minutes of this; it would be %,d",
                    most / SAMPLE_RATE / 60,
                    frames.divide(BigInteger.valueOf(SAMPLE_RATE * 60L))));
        }
        return ExactMath.toLong(frames);
    }

    /** Renders samples to bytes as they are read. The music ends where it should, and then only rings out. */
    private final class Rendered extends InputStream {
        private final Renderer music;
        private final Renderer click;
        private final long silentFrom;
        private final long all;
        private final Progress progress;
        private final byte[] bytes;
        private final float[] left = new float[BLOCK];
        private final float[] right = new float[BLOCK];
        private long framesLeft;
        private long frame;
        private int at;
        private int filled;

        Rendered(PlaybackRequest request, SampleSet kit, long frames, Progress progress) {
            this.all = frames;
            this.progress = progress;
            this.framesLeft = frames;
            this.silentFrom = frames - (long) RINGING_SECONDS * SAMPLE_RATE;
            this.bytes = new byte[BLOCK * bytesPerFrame()];
            this.music = new Renderer(request, clickApart ? kit.withoutClick() : kit, SAMPLE_RATE);
            this.click = new Renderer(request, kit.clickAlone(), SAMPLE_RATE);
        }

        @Override
        public int read() {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 255;
        }

        @Override
        public int read(byte[] to, int from, int length) {
            if (at == filled && !fill()) {
                return -1;
            }
            int count = Math.min(length, filled - at);
            System.arraycopy(bytes, at, to, from, count);
            at += count;
            return count;
        }

        private boolean fill() {
            if (framesLeft == 0) {
                return false;
            }
            progress.report((double) frame / all);
            int frames = (int) Math.min(BLOCK, framesLeft);
            if (frame < silentFrom) {
                // Stops exactly where the music ends.
                frames = (int) Math.min(frames, silentFrom - frame);
            } else if (frame == silentFrom) {
                music.end();
                click.end();
            }
            music.render(left, frames);
            if (clickApart) {
                click.render(right, frames);
            }
            at = 0;
            filled = 0;
            for (int i = 0; i < frames; i++) {
                put(left[i]);
                if (clickApart) {
                    put(right[i]);
                }
            }
            frame += frames;
            framesLeft -= frames;
            return true;
        }

        private void put(float sample) {
            int full = (1 << (bits - 1)) - 1;
            int value = Math.round(sample * full);
            for (int shift = 0; shift < bits; shift += 8) {
                bytes[filled++] = (byte) (value >> shift);
            }
        }
    }
}
