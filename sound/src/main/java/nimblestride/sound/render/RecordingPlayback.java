package nimblestride.sound.render;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.transcription.recording.Band;
import nimblestride.sound.filter.Biquad;
import nimblestride.sound.recording.PlayableRecording;
import nimblestride.sound.stretch.SourceSamples;
import nimblestride.sound.stretch.Stretcher;

/**
 * Plays the recording of an exercise from anchor to anchor. Where one anchor takes over from another, as at the seam of a
 * loop, the one before fades out while the next fades in, just before its first beat.
 */
final class RecordingPlayback {
    private static final double FADE_SECONDS = 0.006;
    /** How quickly the exercise follows the balance, per sample, so that its level never jumps. */
    private static final float GLIDE = 0.002f;

    private static final float NEAR = 1e-4f;

    private final int sampleRate;
    private final int fade;
    private final List<Run> runs = new ArrayList<>();
    private float exercise = 1;
    private final Biquad[] lowCut = new Biquad[2];
    private final Biquad[] highCut = new Biquad[2];

    RecordingPlayback(int sampleRate) {
        this.sampleRate = sampleRate;
        this.fade = (int) Math.round(FADE_SECONDS * sampleRate);
        for (int i = 0; i < 2; i++) {
            lowCut[i] = Biquad.highPass(Band.MIDDLE.fromHertz(), sampleRate);
            highCut[i] = Biquad.lowPass(Band.HIGH.fromHertz(), sampleRate);
        }
    }

    /** What plays from one anchor to the next. */
    private static final class Run {
        private final RecordingMix mix;
        private final Stretcher stretcher;
        private final long anchored;
        private final long from;
        private long until = Long.MAX_VALUE;

        Run(RecordingMix mix, Stretcher stretcher, long anchored, long from) {
            this.mix = mix;
            this.stretcher = stretcher;
            this.anchored = anchored;
            this.from = from;
        }
    }

    /**
     * Goes over to an anchor; later ones are forgotten.
     *
     * @param request with the recording, if there is one
     * @param frame the first that is not rendered yet
     */
    void anchored(TimeAnchor anchor, PlaybackRequest request, long frame) {
        long at = anchor.frame();
        runs.removeIf(run -> run.anchored >= at);
        runs.forEach(run -> run.until = Math.min(run.until, at));
        request.recording().ifPresent(heard -> {
            long from = Math.max(frame, at - fade);
            runs.add(new Run(heard.mix(), stretcher(heard, anchor, from), at, from));
        });
    }

    private Stretcher stretcher(RecordingTrack track, TimeAnchor anchor, long from) {
        PlayableRecording sound = track.sound();
        RecordingMix.Side side = track.mix().side();
        SourceSamples source = index -> side.heard(sound.left(index), sound.right(index));
        double[] attacks =
                track.attacks().stream().mapToDouble(at -> at * sampleRate).toArray();
        double ratio = (double) sound.sampleRate() / sampleRate;
        return new Stretcher(
                ratio == 1 ? source : new SteppedSamples(source, ratio),
                new AnchoredCourse(track.beats(), anchor, sampleRate),
                attacks,
                from,
                sampleRate);
    }

    /** Fades out from a frame on. */
    void end(long frame) {
        runs.removeIf(run -> run.from > frame);
        runs.forEach(run -> run.until = Math.min(run.until, frame + fade));
    }

    /** Takes the exercise in a block down as far as the balance says, and adds the recording. */
    void join(float[] block, int frames, long frame) {
        for (int i = runs.size() - 1; i >= 0; i--) {
            Run run = runs.get(i);
            if (run.until <= frame) {
                runs.remove(i);
            }
        }
        float level = runs.isEmpty() ? 1 : runs.get(runs.size() - 1).mix.exercise();
        if (runs.isEmpty() && exercise == level) {
            return;
        }
        for (int i = 0; i < frames; i++) {
            exercise = Math.abs(level - exercise) < NEAR ? level : exercise + GLIDE * (level - exercise);
            long now = frame + i;
            float sum = 0;
            RecordingMix mix = RecordingMix.EVEN;
            for (int number = 0; number < runs.size(); number++) {
                Run run = runs.get(number);
                if (now >= run.from && now < run.until) {
                    sum += run.stretcher.next() * run.mix.recording() * gain(run, now);
                    mix = run.mix;
                }
            }
            block[i] = exercise * block[i] + filtered(sum, mix);
        }
    }

    private float gain(Run run, long now) {
        long sinceStart = now - run.from;
        long beforeEnd = run.until - now;
        float in = sinceStart >= fade ? 1 : (sinceStart + 0.5f) / fade;
        float out = beforeEnd > fade ? 1 : (beforeEnd - 0.5f) / fade;
        return in * out;
    }

    private float filtered(float sample, RecordingMix mix) {
        double heard = sample;
        for (int i = 0; i < 2; i++) {
            double low = lowCut[i].next(heard);
            heard = mix.lowCut() ? low : heard;
        }
        for (int i = 0; i < 2; i++) {
            double high = highCut[i].next(heard);
            heard = mix.highCut() ? high : heard;
        }
        return (float) heard;
    }
}
