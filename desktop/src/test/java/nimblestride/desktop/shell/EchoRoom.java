package nimblestride.desktop.shell;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;
import javax.sound.sampled.LineUnavailableException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.sound.microphone.AudioInput;
import nimblestride.sound.microphone.AudioInputs;
import nimblestride.sound.play.AudioOutput;
import nimblestride.sound.play.SilentOutput;
import nimblestride.sound.recorded.RecordedKit;

/** A room with a speaker, a microphone that hears it faintly, and a snare. */
final class EchoRoom {
    private static final String NAME = "microphone in the room";
    private static final int RATE = AudioOutput.USUAL_RATE;
    private static final int KEPT = 10 * RATE;
    private static final float ECHO = 0.3f;
    private static final long WAIT = 500_000;

    private final float[] snare =
            RecordedKit.shipped(RATE).voice(Kit.SNARE, Dynamic.ACCENT, 0).samples();
    private volatile Speaker speaker = new Speaker();
    private volatile boolean isHit;

    /** Somebody hits the snare. */
    void hit() {
        isHit = true;
    }

    AudioOutput openSpeaker() {
        speaker = new Speaker();
        return speaker;
    }

    /** Returns the microphones: the one in the room. */
    AudioInputs microphones() {
        return new AudioInputs() {
            @Override
            public Optional<AudioInput> open() {
                return Optional.of(new Microphone());
            }

            @Override
            public List<String> names() {
                return List.of(NAME);
            }
        };
    }

    /** Keeps what it plays, so that it can be heard in the room. */
    private static final class Speaker implements AudioOutput {
        private final SilentOutput silent = new SilentOutput(RATE);
        private final float[] played = new float[KEPT];
        private int next;

        @Override
        public int sampleRate() {
            return silent.sampleRate();
        }

        @Override
        public int buffer() {
            return silent.buffer();
        }

        @Override
        public String name() {
            return "speaker";
        }

        @Override
        public boolean isHeard() {
            return true;
        }

        @Override
        public void write(byte[] samples, int length) {
            synchronized (played) {
                for (int i = 0; i < length; i += Short.BYTES) {
                    played[next] = (short) ((samples[i + 1] << Byte.SIZE) | (samples[i] & 0xff)) / 32_768f;
                    next = (next + 1) % KEPT;
                }
            }
            silent.write(samples, length);
        }

        float sample(long frame) {
            synchronized (played) {
                return played[(int) (frame % KEPT)];
            }
        }

        @Override
        public long heard() {
            return silent.heard();
        }

        @Override
        public void close() {
            silent.close();
        }
    }

    private final class Microphone implements AudioInput {
        private Speaker near = speaker;
        private long read = near.heard();
        private int ringing = snare.length;
        private volatile boolean closed;

        @Override
        public String name() {
            return NAME;
        }

        @Override
        public int sampleRate() {
            return RATE;
        }

        @Override
        public void read(float[] block) throws LineUnavailableException {
            while (near != speaker || near.heard() < read + block.length) {
                if (closed) {
                    throw new LineUnavailableException("closed");
                }
                if (near != speaker) {
                    near = speaker;
                    read = near.heard();
                }
                LockSupport.parkNanos(WAIT);
            }
            for (int i = 0; i < block.length; i++) {
                block[i] = ECHO * near.sample(read + i);
            }
            if (isHit) {
                isHit = false;
                ringing = 0;
            }
            for (int i = 0; i < block.length && ringing < snare.length; i++, ringing++) {
                block[i] += snare[ringing] / 2;
            }
            read += block.length;
        }

        @Override
        public int waiting() {
            return (int) Math.max(0, near.heard() - read);
        }

        @Override
        public void close() {
            closed = true;
        }
    }
}
