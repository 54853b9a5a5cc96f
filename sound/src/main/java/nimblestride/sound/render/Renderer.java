package nimblestride.sound.render;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.PriorityQueue;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.room.Room;

/**
 * Renders a playback request into samples, block after block. Every onset is placed by its exact time from the last
 * anchor, so that no error adds up, and blocks of any size give the same samples. Not safe for use by several threads
 * at once.
 */
public final class Renderer {
    /** More sounds than this at once are noise: the oldest is released. */
    private static final int MAX_RINGING = 160;

    /** Leaves room for several loud hits at once. */
    private static final float HEADROOM = 0.6f;

    private final int sampleRate;
    private final Listener listener;
    private final LookAheadLimiter limiter;
    private final Room room;
    private final RecordingPlayback recording;
    private final PriorityQueue<Cue> coming = new PriorityQueue<>(Cue.IN_ORDER);
    private final long earliest;
    private final List<RingingSample> ringing = new ArrayList<>();
    /** What stands in no room: the click. Grows to the largest block. */
    private float[] dry = new float[0];
    /** How far the mix is; what is heard comes out of the limiter a little later. */
    private long frame;

    private long cues;
    private boolean ended;

    /** The sections that sound or are laid out ahead, in order. */
    private final Deque<SectionScheduler> stretches = new ArrayDeque<>();

    /** Receives what is rendered, as it is rendered. */
    public interface Listener {
        /** Ignores everything. */
        Listener NONE = new Listener() {};

        /** Receives a new anchor between musical time and samples, valid from its own frame on. */
        default void anchored(TimeAnchor anchor) {}

        /**
         * Receives a sound that has begun.
         *
         * @param level from 0 to 1, or above 1 if the mix boosts it
         * @param frame the sample at which it begins
         * @param end the sample at which it is released; {@link Long#MAX_VALUE} if it rings out
         */
        default void begun(MidiKey key, float level, long frame, long end) {}
    }

    /** Creates a renderer at the request's start point. */
    public Renderer(PlaybackRequest request, SampleSet sounds, int sampleRate) {
        this(request, sounds, sampleRate, Listener.NONE);
    }

    /** Creates a renderer at the request's start point, with a listener. */
    public Renderer(PlaybackRequest request, SampleSet sounds, int sampleRate, Listener listener) {
        this.sampleRate = sampleRate;
        this.earliest = (long) Math.ceil(Ornament.MAX_LEAD * sampleRate);
        this.listener = listener;
        this.limiter = new LookAheadLimiter(sampleRate);
        this.room = new Room(sampleRate);
        this.recording = new RecordingPlayback(sampleRate);
        SectionScheduler first = SectionScheduler.first(request, sounds, sampleRate);
        first.countIn().forEach((at, click) -> coming.add(cue(at, Cue.RINGS_OUT, click)));
        add(first);
    }

    private Cue cue(long begins, long ends, SoundOnset onset) {
        return new Cue(begins, ends, cues++, onset.key(), onset.sound(), onset.level(), onset.click());
    }

    private void add(SectionScheduler scheduler) {
        stretches.add(scheduler);
        recording.anchored(scheduler.anchor(), scheduler.request(), frame);
        listener.anchored(scheduler.anchor());
    }

    /**
     * Changes to another request at the next unit that is not rendered yet; sounding samples ring out.
     *
     * @return the new anchor, valid from its own frame on
     */
    public TimeAnchor change(PlaybackRequest request) {
        SectionScheduler playing = stretches.element();
        SectionScheduler next = playing.goingOverTo(request, frame);
        TimeAnchor anchor = next.anchor();
        fillUntil(anchor.frame());
        coming.removeIf(cue -> cue.frame() >= anchor.frame());
        while (stretches.size() > 1) {
            stretches.removeLast();
        }
        add(next);
        return anchor;
    }

    private void fillUntil(long end) {
        while (true) {
            SectionScheduler last = stretches.getLast();
            if (last.isLaidOut()) {
                SectionScheduler following = last.following();
                if (following.anchor().frame() >= end) {
                    return;
                }
                add(following);
            } else if (last.isBegun() && last.nextFrame() >= end) {
                return;
            } else {
                layOut(last);
            }
        }
    }

    private SectionScheduler second() {
        Iterator<SectionScheduler> each = stretches.iterator();
        each.next();
        return each.next();
    }

    private void layOut(SectionScheduler scheduler) {
        TimeAnchor anchor = scheduler.anchor();
        for (SoundOnset onset : scheduler.layOut()) {
            long begins = anchor.frameOf(onset.at()) - Math.round(onset.early() * sampleRate);
            long ends = onset.length()
                    .map(length -> anchor.frameOf(onset.at().plus(length)))
                    .orElse(Cue.RINGS_OUT);
            coming.add(cue(Math.max(frame, begins), ends, onset));
        }
    }

    /** Starts no more sounds; lets samples ring out, and releases held tones. */
    public void end() {
        coming.clear();
        ringing.forEach(sound -> sound.letGoAt(frame));
        recording.end(frame);
        ended = true;
    }

    /** Returns the latest anchor, which may hold only from a later frame on. */
    public TimeAnchor anchor() {
        return stretches.element().anchor();
    }

    /** Returns how many samples have been rendered. */
    public long frame() {
        return Math.max(0, frame - limiter.ahead());
    }

    /** Fills a block with the next samples, mono, from -1 to 1. */
    public void render(float[] block, int frames) {
        if (frame == 0) {
            // The mix is ahead from the start, so that no sample is heard late.
            float[] first = new float[limiter.ahead()];
            mix(first, first.length);
            limiter.limit(first, first.length);
        }
        mix(block, frames);
        limiter.limit(block, frames);
    }

    private void mix(float[] block, int frames) {
        Arrays.fill(block, 0, frames, 0);
        long end = frame + frames;
        if (!ended) {
            fillUntil(end + earliest);
        }
        while (!coming.isEmpty() && coming.element().frame() < end) {
            begin(coming.remove());
        }
        if (dry.length < frames) {
            dry = new float[frames];
        }
        Arrays.fill(dry, 0, frames, 0);
        for (int i = ringing.size() - 1; i >= 0; i--) {
            RingingSample sound = ringing.get(i);
            if (!sound.mixInto(sound.isClick() ? dry : block, frames, frame)) {
                ringing.remove(i);
            }
        }
        room.answer(block, frames, (float) stretches.getLast().request().mix().room());
        recording.join(block, frames, frame);
        for (int i = 0; i < frames; i++) {
            block[i] = HEADROOM * (block[i] + dry[i]);
        }
        frame = end;
        while (stretches.size() > 1 && second().anchor().frame() <= frame) {
            stretches.removeFirst();
        }
    }

    private void begin(Cue cue) {
        for (int i = 0; i < ringing.size(); i++) {
            ringing.get(i).hear(cue);
        }
        if (ringing.size() >= MAX_RINGING) {
            ringing.get(ringing.size() - MAX_RINGING).letGoAt(cue.frame());
        }
        ringing.add(new RingingSample(cue, sampleRate));
        listener.begun(cue.key(), cue.level(), cue.frame(), cue.end());
    }
}
