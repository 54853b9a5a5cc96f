package nimblestride.sound.microphone;

import java.util.function.LongConsumer;

/**
 * Hears clicks in a room: where a short moment is much louder than the room has been, a click begins. Clicks are at least
 * a quarter of a second apart. Not safe for several threads.
 */
final class ClickEar {
    /** How long a moment is, in seconds. */
    private static final double MOMENT = 0.002;
    /** How much louder than the room a click is, as a ratio of levels: 12 dB. */
    private static final double LOUDER = 4;
    /** What is softer than this is no click, however quiet the room: 46 dB below full scale. */
    private static final double SOFTEST = 0.005;

    private static final double SECONDS_APART = 0.25;
    /** A click is loudest within so many seconds of its beginning. */
    private static final double SECONDS_LOUD = 0.03;
    /** In so many seconds, the level of the room is learned. */
    private static final double SECONDS_TO_LEARN = 0.3;

    /** For so many seconds it only learns how loud the room is. */
    private static final double SECONDS_BEFORE = 0.1;

    private final int moment;
    private final long before;
    private final long apart;
    private final long ringing;
    private final double learning;
    private double room = SOFTEST;
    private float peak;
    private float loudest;
    private int within;
    private long heard;
    private long last;

    ClickEar(int sampleRate) {
        moment = Math.max(1, (int) (MOMENT * sampleRate));
        apart = (long) (SECONDS_APART * sampleRate);
        ringing = (long) (SECONDS_LOUD * sampleRate);
        before = (long) (SECONDS_BEFORE * sampleRate);
        learning = MOMENT / SECONDS_TO_LEARN;
        last = -apart;
    }

    /** Returns the loudest sample of all clicks, from 0 to 1; 0 before the first one. */
    float loudest() {
        return loudest;
    }

    /**
     * Listens to the next samples.
     *
     * @param click receives the number of the sample at which a click begins, counted from the first one heard
     */
    void hear(float[] block, LongConsumer click) {
        for (float sample : block) {
            float size = Math.abs(sample);
            if (size > LOUDER * room && size > SOFTEST && heard - last >= apart && heard >= before) {
                last = heard;
                click.accept(heard);
            }
            peak = Math.max(peak, size);
            if (heard - last < ringing && heard >= before) {
                loudest = Math.max(loudest, size);
            }
            heard++;
            if (++within == moment) {
                // What a click adds is soon forgotten; what stays is the room.
                room = heard < before ? Math.max(room, peak) : room + learning * (Math.min(peak, 2 * room) - room);
                room = Math.max(room, SOFTEST / LOUDER);
                peak = 0;
                within = 0;
            }
        }
    }
}
