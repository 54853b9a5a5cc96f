package nimblestride.sound.hits;

import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.files.FileException;
import nimblestride.files.UnreadableFileException;
import nimblestride.sound.recording.AudioKind;
import nimblestride.sound.recording.DecodedAudio;
import nimblestride.sound.recording.StreamResampler;

/**
 * What is heard in a recording.
 *
 * @param seconds how long it is
 * @param hits in order
 */
public record HeardRecording(double seconds, List<HeardHit> hits) {
    /** The longest recording, in seconds: three hours. */
    public static final int MAX_SECONDS = 3 * 60 * 60;

    private static final int BLOCK = 4_096;
    private static final double USUAL_SENSITIVITY = 0.5;

    public HeardRecording {
        hits = List.copyOf(hits);
    }

    /**
     * Listens to a whole file, piece by piece.
     *
     * @throws FileException if it can't be read, or lasts more than three hours
     */
    public static HeardRecording of(Path file) {
        try (DecodedAudio audio = DecodedAudio.open(file, EnumSet.allOf(AudioKind.class))) {
            checkLength(file, audio.seconds());
            HitFinder finder = new HitFinder();
            StreamResampler resampler = new StreamResampler(audio.sampleRate(), HitFinder.RATE, BLOCK);
            float[] in = new float[BLOCK];
            float[] out = new float[resampler.most(BLOCK)];
            long heard = 0;
            for (int count = audio.read(in); count > 0; count = audio.read(in)) {
                heard += count;
                checkLength(file, (double) heard / audio.sampleRate());
                if (audio.sampleRate() == HitFinder.RATE) {
                    finder.hear(in, count);
                } else {
                    finder.hear(out, resampler.resample(in, count, out));
                }
            }
            return new HeardRecording((double) heard / audio.sampleRate(), finder.hits(USUAL_SENSITIVITY));
        }
    }

    private static void checkLength(Path file, double seconds) {
        if (seconds > MAX_SECONDS) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT,
                    "%s lasts more than %d hours; cut out the part you want to hear",
                    file,
                    MAX_SECONDS / 60 / 60));
        }
    }
}
