package nimblestride.sound.play;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.locks.LockSupport;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.kit.Sounds;
import nimblestride.sound.kit.StrokeLevel;
import nimblestride.sound.midi.MidiPort;
import nimblestride.sound.render.MidiKey;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.Renderer;
import nimblestride.sound.render.TimeAnchor;

/**
 * Starts and stops a playback request, and says what is audible. One thread renders ahead, a second one feeds the
 * output, and a third one a MIDI instrument; any thread may call any method.
 */
public final class Player implements AutoCloseable {
    private static final int MAX_ANCHORS = 64;
    private static final long NANOS_PER_LOOK = 1_000_000;
    private static final long NANOS_BETWEEN_SEARCHES = 2_000_000_000;
    private static final int MAX_LATENCY = 1_000;
    private static final long MAX_STOP_LENGTH = 500;

    /** The default volume: low enough not to startle anybody with headphones on. */
    public static final float DEFAULT_VOLUME = 0.5f;

    private final AudioOutputs outputs;
    private final Sounds sounds;
    private final LiveHits live = new LiveHits();
    private final OwnSounds own = new OwnSounds();
    private final AtomicReference<PlaybackRequest> wanted = new AtomicReference<>();
    private final Deque<TimeAnchor> anchors = new ArrayDeque<>();
    private volatile Optional<Session> session = Optional.empty();
    private volatile Optional<MidiPort> port = Optional.empty();
    private volatile Optional<String> problem = Optional.empty();
    private volatile float volume = DEFAULT_VOLUME;
    private volatile float room = 1;
    private volatile int latency;
    private volatile int sampleRate = AudioOutput.USUAL_RATE;
    private volatile Optional<Thread> last = Optional.empty();

    /**
     * The threads of one playback.
     *
     * @param plays whether it plays a request, and not only live hits
     */
    private record Session(OutputFeeder speaker, boolean plays) {}

    /** Creates a player that is stopped, at the default volume. */
    public Player(AudioOutputs outputs, Sounds sounds) {
        this.outputs = outputs;
        this.sounds = sounds;
    }

    /** Plays a request from its start point; what was playing stops. */
    public synchronized void start(PlaybackRequest request) {
        end();
        synchronized (anchors) {
            anchors.clear();
        }
        own.clear();
        wanted.set(null);
        problem = Optional.empty();
        room = (float) request.mix().room();
        SampleRingBuffer ahead = new SampleRingBuffer();
        OutputFeeder speaker = new OutputFeeder(ahead, live, outputs, volume);
        int rate = speaker.sampleRate();
        Renderer renderer = new Renderer(request, sounds.at(rate), rate, new Renderer.Listener() {
            @Override
            public void anchored(TimeAnchor anchor) {
                anchor(anchor);
            }

            @Override
            public void begun(MidiKey key, float level, long frame, long end) {
                port.ifPresent(instrument -> instrument.begun(key, level, frame, end));
                own.begun(frame);
            }
        });
        begin(speaker, true, () -> render(renderer, ahead, speaker));
    }

    /** Makes live hits audible while nothing plays. */
    public synchronized void listen() {
        if (session.isEmpty()) {
            end();
            SampleRingBuffer silence = new SampleRingBuffer();
            OutputFeeder speaker = new OutputFeeder(silence, live, outputs, volume);
            begin(speaker, false, () -> renderSilence(silence, speaker));
        }
    }

    /** @param rendering renders until the feeder is replaced */
    private void begin(OutputFeeder speaker, boolean plays, Runnable rendering) {
        speaker.setRoom(room);
        sampleRate = speaker.sampleRate();
        session = Optional.of(new Session(speaker, plays));
        daemon("rendering", rendering).start();
        daemon("searching outputs", () -> search(speaker)).start();
        daemon("playing to MIDI", () -> playToPort(speaker)).start();
        Thread playing = daemon("playing", speaker);
        playing.start();
        last = Optional.of(playing);
    }

    private static Thread daemon(String name, Runnable run) {
        Thread thread = new Thread(run, name);
        thread.setDaemon(true);
        return thread;
    }

    /** Changes to another request at its next unit, without a gap; does nothing where nothing plays. */
    public void change(PlaybackRequest request) {
        wanted.set(request);
        setRoom(request.mix().room());
    }

    /** Stops; the sound fades away in a moment, which it does not wait for. */
    public synchronized void stop() {
        session.ifPresent(playing -> playing.speaker.stop());
        session = Optional.empty();
        port.ifPresent(MidiPort::silence);
    }

    /** Stops, and waits until the output is free. */
    private void end() {
        stop();
        try {
            if (last.isPresent()) {
                last.get().join(MAX_STOP_LENGTH);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        last = Optional.empty();
    }

    /** Returns the rate of the output that plays, or that played last; the usual one before, in samples per second. */
    public int sampleRate() {
        return sampleRate;
    }

    /** Returns whether something plays. */
    public boolean isPlaying() {
        return session.filter(Session::plays).isPresent();
    }

    /** Returns what it plays through, and how that goes; empty while stopped. */
    public Optional<PlayerStatus> status() {
        return session.map(playing -> {
            OutputFeeder speaker = playing.speaker;
            AudioOutput out = speaker.out();
            long milliseconds = speaker.onTheWay() * 1_000 / out.sampleRate();
            return new PlayerStatus(
                    out.name(),
                    out.isHeard(),
                    milliseconds,
                    out.sampleRate(),
                    out.buffer(),
                    speaker.gaps(),
                    speaker.lost());
        });
    }

    /** Returns why it stopped by itself; empty if it did not. */
    public Optional<String> problem() {
        return problem;
    }

    /** Returns what is audible now; empty while stopped. */
    public Optional<AudiblePosition> heard() {
        return heard(0);
    }

    /**
     * Returns how loud a sound of the program is that began about then, from 0 to 1; 0 where none did, and while stopped.
     *
     * @param ago in seconds
     * @param within in seconds
     */
    public double loudness(double ago, double within) {
        return session.filter(Session::plays)
                .map(playing -> {
                    int rate = playing.speaker.sampleRate();
                    long frame = heardFrame(playing.speaker) - Math.round(ago * rate);
                    return (double) volume * own.loudness(frame, Math.round(within * rate));
                })
                .orElse(0.0);
    }

    /** Returns how loud the program was at its loudest in the last seconds, from 0 to 1. */
    public double loudest() {
        return (double) volume * own.loudest();
    }

    /**
     * Returns what was audible a moment ago; empty while stopped.
     *
     * @param ago in seconds
     */
    public Optional<AudiblePosition> heard(double ago) {
        Optional<Session> playing = session.filter(Session::plays);
        if (playing.isEmpty()) {
            return Optional.empty();
        }
        OutputFeeder speaker = playing.get().speaker;
        long frame = heardFrame(speaker) - Math.round(ago * speaker.sampleRate());
        synchronized (anchors) {
            while (anchors.size() > 1 && second().frame() <= frame) {
                anchors.removeFirst();
            }
            TimeAnchor anchor = anchors.peekFirst();
            return Optional.ofNullable(anchor).map(now -> new AudiblePosition(now.section(), now.momentOf(frame)));
        }
    }

    private long heardFrame(OutputFeeder speaker) {
        return speaker.heard() - (long) latency * speaker.sampleRate() / 1_000;
    }

    private TimeAnchor second() {
        var each = anchors.iterator();
        each.next();
        return each.next();
    }

    /** Plays a hit at once, if anything is playing or listened to. */
    public void strike(PadHit strike) {
        session.ifPresent(playing -> live.strike(
                strike.voice().midiKey(),
                sounds.at(playing.speaker.sampleRate()).voice(strike.voice(), strike.level(), System.nanoTime()),
                StrokeLevel.of(strike.level())));
    }

    /** Sets how loud the room answers live hits: 0 for no room, 1 as usual. */
    public void setRoom(double level) {
        room = (float) level;
        session.ifPresent(playing -> playing.speaker.setRoom(room));
    }

    /** Sets the volume, from 0 to 1. A change glides, so that loudness never jumps. */
    public void setVolume(float newVolume) {
        volume = Math.max(0, Math.min(1, newVolume));
        session.ifPresent(playing -> playing.speaker.setVolume(volume));
    }

    /**
     * Sets how much later sound is heard than the output says, as with wireless headphones.
     *
     * @param milliseconds from 0 to 1,000
     */
    public void setLatency(int milliseconds) {
        latency = Math.max(0, Math.min(MAX_LATENCY, milliseconds));
    }

    /** Also plays to a MIDI instrument; closes the one before. */
    public synchronized void playTo(MidiPort instrument) {
        Optional<MidiPort> before = port;
        port = Optional.of(instrument);
        before.ifPresent(MidiPort::close);
    }

    /** Plays to no MIDI instrument any longer; closes the one before. */
    public synchronized void disconnectMidi() {
        Optional<MidiPort> before = port;
        port = Optional.empty();
        before.ifPresent(MidiPort::close);
    }

    private boolean isInUse(OutputFeeder speaker) {
        return session.filter(playing -> playing.speaker.equals(speaker)).isPresent();
    }

    private void render(Renderer renderer, SampleRingBuffer ahead, OutputFeeder speaker) {
        float[] block = new float[OutputFeeder.BLOCK];
        try {
            while (isInUse(speaker)) {
                PlaybackRequest request = wanted.getAndSet(null);
                if (request != null) {
                    renderer.change(request);
                }
                if (ahead.hasRoomFor(OutputFeeder.BLOCK)) {
                    renderer.render(block, OutputFeeder.BLOCK);
                    own.played(block);
                    ahead.put(block, OutputFeeder.BLOCK);
                } else {
                    LockSupport.parkNanos(NANOS_PER_LOOK);
                }
            }
        } catch (StrideException e) {
            failed(speaker, "I can't play this: " + e.getMessage());
        } catch (RuntimeException | Error e) {
            ThreadDefects.report(e);
            failed(speaker, "I can't play this because something in the program broke. See Help > Program log.");
        }
    }

    /** Stops the request that failed, but no newer one. */
    private synchronized void failed(OutputFeeder speaker, String why) {
        if (isInUse(speaker)) {
            problem = Optional.of(why);
            stop();
        }
    }

    private void renderSilence(SampleRingBuffer ahead, OutputFeeder speaker) {
        float[] block = new float[OutputFeeder.BLOCK];
        while (isInUse(speaker)) {
            if (ahead.hasRoomFor(OutputFeeder.BLOCK)) {
                ahead.put(block, OutputFeeder.BLOCK);
            } else {
                LockSupport.parkNanos(NANOS_PER_LOOK);
            }
        }
    }

    /** Looks for a better output now and then. */
    private void search(OutputFeeder speaker) {
        LockSupport.parkNanos(NANOS_BETWEEN_SEARCHES);
        while (isInUse(speaker)) {
            try {
                outputs.betterThan(speaker.out()).ifPresent(speaker::offer);
            } catch (RuntimeException e) {
                // The next search may meet a driver that works.
                ThreadDefects.report(e);
            }
            LockSupport.parkNanos(NANOS_BETWEEN_SEARCHES);
        }
    }

    private void playToPort(OutputFeeder speaker) {
        while (isInUse(speaker)) {
            try {
                port.ifPresent(instrument -> instrument.heard(heardFrame(speaker)));
            } catch (IllegalStateException e) {
                // The instrument has gone away; the sound goes on.
                port = Optional.empty();
            } catch (RuntimeException e) {
                ThreadDefects.report(e);
                port = Optional.empty();
            }
            LockSupport.parkNanos(port.isPresent() ? NANOS_PER_LOOK : 50 * NANOS_PER_LOOK);
        }
    }

    private void anchor(TimeAnchor next) {
        synchronized (anchors) {
            anchors.removeIf(earlier -> earlier.frame() >= next.frame());
            anchors.add(next);
            while (anchors.size() > MAX_ANCHORS) {
                anchors.removeFirst();
            }
        }
    }

    /** Stops, and releases the outputs. */
    @Override
    public synchronized void close() {
        end();
        disconnectMidi();
    }
}
