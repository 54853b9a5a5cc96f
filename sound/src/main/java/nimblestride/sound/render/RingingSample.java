package nimblestride.sound.render;

/** Plays one sample from its onset. It rings out, or is released and fades quickly. */
final class RingingSample {
    private static final double SECONDS_TO_CHOKE = 0.006;
    /** A string or a key that is let go. */
    private static final double SECONDS_TO_RELEASE = 0.05;

    private final Cue cue;
    private final int fade;
    private long letGo;
    private long played;

    RingingSample(Cue cue, int sampleRate) {
        this.cue = cue;
        this.letGo = cue.end();
        this.fade =
                Math.max(1, (int) ((cue.end() == Cue.RINGS_OUT ? SECONDS_TO_CHOKE : SECONDS_TO_RELEASE) * sampleRate));
    }

    /** Returns whether it is a click, which stands in no room. */
    boolean isClick() {
        return cue.click();
    }

    /** Stops for another sound if that one chokes it, as a closed hi-hat chokes an open one. */
    void hear(Cue other) {
        if (other.frame() > cue.frame() && other.key().cutsOff(cue.key())) {
            letGoAt(other.frame());
        }
    }

    /** Releases the sample at a frame, unless it is released before. */
    void letGoAt(long frame) {
        letGo = Math.min(letGo, frame);
    }

    /**
     * Adds what is left of the sample to a block. Returns false when the sample is over.
     *
     * @param blockStart the sample at which the block begins
     */
    boolean mixInto(float[] block, int frames, long blockStart) {
        int from = (int) Math.max(0, cue.frame() - blockStart);
        int whole = (int) Math.max(from, Math.min(frames, letGo - blockStart));
        cue.sound().mixInto(block, from, whole, played, cue.level());
        played += whole - from;
        for (int i = whole; i < frames; i++) {
            long since = blockStart + i - letGo;
            if (since >= fade) {
                return false;
            }
            block[i] += cue.level() * (fade - since) / fade * cue.sound().after(played++);
        }
        return !cue.sound().isOver(played);
    }
}
