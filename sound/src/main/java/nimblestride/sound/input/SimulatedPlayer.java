package nimblestride.sound.input;

import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Queue;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;
import java.util.function.Supplier;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.play.AudiblePosition;
import nimblestride.sound.render.PlaybackRequest;

/**
 * Plays a layer in place of a person, as a person would: it hears what is audible, and hits when it thinks it is time.
 * It takes the place of pads where there are none.
 */
public final class SimulatedPlayer implements AutoCloseable {
    private static final long NANOS_PER_LOOK = 1_000_000;
    /** How far ahead it knows what is coming, in whole notes at least. */
    private static final double AHEAD = 1;

    private static final int MAX_HITS = 2_000;
    private static final long FINE = 64;
    private static final NoteValue FOREVER = NoteValue.of(Long.MAX_VALUE, 1);

    private final Supplier<Optional<AudiblePosition>> heard;
    private final Supplier<PlaybackRequest> played;
    /** Blank for the first of each section. */
    private final String layer;

    private final TimingHabits habits;
    private final Consumer<PadHit> struck;
    private final Thread thread;
    private volatile boolean closed;

    private PlaybackRequest known;
    private Exercise content;
    private Optional<LayerTimeline> timeline = Optional.empty();
    private NoteValue end = FOREVER;
    private double wholesPerMillisecond;
    private int section = -1;
    private double last = Double.NEGATIVE_INFINITY;
    private NoteValue knownUpTo = NoteValue.ZERO;
    private final PriorityQueue<Due> due = new PriorityQueue<>(Comparator.comparingDouble(Due::moment));

    /** Hits, and the moment at which they come, in whole notes. */
    private record Due(double moment, List<PadHit> strikes) {}

    /**
     * Starts to listen.
     *
     * @param heard returns what is audible now
     * @param played returns what is playing
     * @param layer name of the layer to play, in each section that has one; blank for the first of each section
     * @param struck gets each hit, on a thread of its own
     */
    public SimulatedPlayer(
            Supplier<Optional<AudiblePosition>> heard,
            Supplier<PlaybackRequest> played,
            String layer,
            TimingHabits habits,
            Consumer<PadHit> struck) {
        this.heard = heard;
        this.played = played;
        this.layer = layer;
        this.habits = habits;
        this.struck = struck;
        this.thread = new Thread(this::listen, "simulated player");
        thread.setDaemon(true);
        thread.start();
    }

    private void listen() {
        while (!closed) {
            try {
                heard.get().ifPresent(now -> hear(now).forEach(struck));
            } catch (RuntimeException e) {
                // It plays no more of this request; it plays again with the next one it hears.
                Thread here = Thread.currentThread();
                here.getUncaughtExceptionHandler().uncaughtException(here, e);
                due.clear();
                timeline = Optional.empty();
            }
            LockSupport.parkNanos(NANOS_PER_LOOK);
        }
    }

    /**
     * Returns the hits up to an audible moment, in order; starts over where that is not a little later than the last.
     */
    Queue<PadHit> hear(AudiblePosition now) {
        PlaybackRequest request = played.get();
        if (!request.equals(known) || now.section() != section || now.moment() < last - AHEAD / 4) {
            known = request;
            section = now.section();
            begin(now);
        }
        last = now.moment();
        double wanted = now.moment() + AHEAD;
        if (timeline.isPresent() && knownUpTo.compareTo(end) < 0 && knownUpTo.toDouble() < wanted) {
            learn(timeline.get(), wanted + AHEAD);
        }
        Queue<PadHit> strikes = new ArrayDeque<>();
        while (!due.isEmpty() && due.element().moment <= now.moment()) {
            strikes.addAll(due.remove().strikes);
        }
        return strikes;
    }

    private void begin(AudiblePosition now) {
        List<Playthrough.Passage> passages = Playthrough.of(known.exercise()).passages();
        Playthrough.Passage passage = passages.get(Math.min(section, passages.size() - 1));
        content = passage.content();
        end = passages.size() > 1 ? passage.length() : FOREVER;
        wholesPerMillisecond = known.percent()
                / (100_000 * passage.tempo().seconds(NoteValue.WHOLE).doubleValue());
        timeline = timeline();
        due.clear();
        knownUpTo = fine(Math.max(0, now.moment()));
    }

    private Optional<LayerTimeline> timeline() {
        int index = layer.isBlank() ? 0 : content.layerNames().indexOf(layer);
        try {
            return index < 0 || index >= content.layers().size()
                    ? Optional.empty()
                    : Optional.of(LayerTimeline.of(content.layers().get(index), content.phrase()));
        } catch (StrideException e) {
            // A finding reports a layer that can't be laid out, and nobody can play it.
            return Optional.empty();
        }
    }

    /** Learns what comes up to a moment. */
    private void learn(LayerTimeline line, double until) {
        NoteValue to = fine(until).compareTo(end) < 0 ? fine(until) : end;
        long number = line.hitsBefore(knownUpTo);
        for (Hit hit : line.between(knownUpTo, to, MAX_HITS)) {
            double late = habits.late(number++, hit.at(), content.phrase()) * wholesPerMillisecond;
            List<PadHit> strikes = hit.voices().stream()
                    .map(voice -> new PadHit(voice, hit.stroke().level()))
                    .toList();
            due.add(new Due(hit.at().toDouble() + late, strikes));
        }
        knownUpTo = to;
    }

    private static NoteValue fine(double moment) {
        return NoteValue.of((long) Math.ceil(moment * FINE), FINE);
    }

    /** Stops listening. */
    @Override
    public void close() {
        closed = true;
        LockSupport.unpark(thread);
    }
}
