package nimblestride.core.transcription.recording;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.exercise.recording.BeatMap.Beat;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Follows the bars of a recording by its hits, between and beyond the beats that the user set. */
public final class BeatFollower {
    /** Hits nearer to a set beat than this, in seconds, are that beat. */
    private static final double SAME = 0.04;

    private static final int MAX_BARS = 50_000;

    private final List<HeardHit> hits;
    private final Phrase phrase;
    private final NoteValue unit;
    private final TreeMap<NoteValue, Beat> found = new TreeMap<>();

    private BeatFollower(List<HeardHit> hits, Phrase phrase) {
        this.hits = hits;
        this.phrase = phrase;
        this.unit = phrase.bars().stream()
                .map(Bar::length)
                .reduce(phrase.bar(0).meter().unit(), NoteValue::greatestCommonDivisor);
    }

    /**
     * Puts a beat where the user wants it; every bar line follows the hits from there, up to other beats that are set.
     *
     * @param before says about how fast the recording goes
     * @param seconds of the beat, from the start of the recording
     * @param end of the recording, in seconds
     * @throws nimblestride.core.foundation.failure.InvalidValueException if a beat that was set before is in the way
     */
    public static BeatMap withBeat(
            List<HeardHit> hits, Phrase phrase, BeatMap before, NoteValue moment, double seconds, double end) {
        List<Beat> set = before.withBeat(moment, seconds).set();
        return new BeatFollower(hits, phrase).follow(before, set, end);
    }

    private BeatMap follow(BeatMap known, List<Beat> set, double seconds) {
        for (int i = 0; i + 1 < set.size(); i++) {
            between(set.get(i), set.get(i + 1));
        }
        Beat first = set.get(0);
        Beat last = set.get(set.size() - 1);
        before(first, secondsPerUnit(known, set, first));
        after(last, secondsPerUnit(known, set, last), seconds);
        set.forEach(beat -> found.put(beat.moment(), beat));
        return new BeatMap(rising(set));
    }

    private double secondsPerUnit(BeatMap known, List<Beat> set, Beat at) {
        double from = at.moment().toDouble();
        double length = unit.toDouble();
        if (set.size() > 1) {
            boolean first = at.equals(set.get(0));
            Beat one = set.get(first ? 0 : set.size() - 2);
            Beat other = set.get(first ? 1 : set.size() - 1);
            return (other.seconds() - one.seconds())
                    * length
                    / (other.moment().toDouble() - one.moment().toDouble());
        }
        return known.secondsAt(from + length) - known.secondsAt(from);
    }

    private void between(Beat from, Beat to) {
        int units = (int) to.moment().minus(from.moment()).wholePartsOf(unit);
        double even = (to.seconds() - from.seconds()) / Math.max(1, units);
        List<HeardHit> heard = new ArrayList<>();
        heard.add(at(from.seconds()));
        hits.stream()
                .filter(hit -> hit.at() > from.seconds() + SAME && hit.at() < to.seconds() - SAME)
                .forEach(heard::add);
        heard.add(at(to.seconds()));
        UnitTrack track = UnitTrack.of(heard, even);
        boolean agrees = track.unitOf(heard.size() - 1) == units;
        for (long bar = phrase.barAt(from.moment()) + 1; ; bar++) {
            NoteValue start = phrase.startOf(bar);
            if (start.compareTo(to.moment()) >= 0) {
                return;
            }
            int number = (int) start.minus(from.moment()).wholePartsOf(unit);
            put(start, agrees ? track.secondsAt(number) : from.seconds() + number * even);
        }
    }

    private void after(Beat from, double length, double end) {
        List<HeardHit> heard = new ArrayList<>();
        heard.add(at(from.seconds()));
        hits.stream().filter(hit -> hit.at() > from.seconds() + SAME).forEach(heard::add);
        UnitTrack track = UnitTrack.of(heard, length);
        long first = phrase.barAt(from.moment()) + 1;
        for (long bar = first; bar < first + MAX_BARS; bar++) {
            NoteValue start = phrase.startOf(bar);
            double seconds = at(track, (int) start.minus(from.moment()).wholePartsOf(unit), length);
            put(start, seconds);
            if (seconds > end) {
                return;
            }
        }
    }

    /** Follows backward: time runs the other way. */
    private void before(Beat to, double length) {
        List<HeardHit> heard = new ArrayList<>();
        heard.add(at(-to.seconds()));
        for (int i = hits.size() - 1; i >= 0; i--) {
            if (hits.get(i).at() < to.seconds() - SAME) {
                heard.add(at(-hits.get(i).at()));
            }
        }
        UnitTrack track = UnitTrack.of(heard, length);
        long last = phrase.barAt(to.moment());
        for (long bar = last; bar >= Math.max(0, last - MAX_BARS); bar--) {
            NoteValue start = phrase.startOf(bar);
            put(start, -at(track, (int) to.moment().minus(start).wholePartsOf(unit), length));
        }
    }

    /** Returns when a unit is; beyond the hits it goes on as it went on average. */
    private static double at(UnitTrack track, int number, double length) {
        int last = track.count() - 1;
        double usual = last > 0 ? track.unit() : length;
        return number <= last ? track.secondsAt(number) : track.secondsAt(last) + (number - last) * usual;
    }

    private static HeardHit at(double seconds) {
        return new HeardHit(seconds, 1, 1, 1);
    }

    private void put(NoteValue moment, double seconds) {
        found.put(moment, new Beat(moment, seconds, false));
    }

    /** Returns the beats without those that come too early or too late between others. */
    private List<Beat> rising(List<Beat> set) {
        List<Beat> rising = new ArrayList<>();
        for (Beat beat : found.values()) {
            boolean early = !rising.isEmpty() && rising.get(rising.size() - 1).seconds() >= beat.seconds();
            boolean late = set.stream()
                    .anyMatch(
                            later -> later.moment().compareTo(beat.moment()) > 0 && later.seconds() <= beat.seconds());
            if (beat.set() || (!early && !late)) {
                rising.add(beat);
            }
        }
        return rising;
    }
}
