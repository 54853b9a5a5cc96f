package nimblestride.benchmarks;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.time.value.Tempo;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.formats.json.LogJson;
import nimblestride.formats.midi.ExerciseMidi;
import nimblestride.formats.musicxml.ScoreLayout;
import nimblestride.formats.musicxml.ScoreXml;
import nimblestride.formats.source.FileImporter;
import nimblestride.sound.hits.HeardRecording;

/**
 * Files of every format that is read, changed in a few places and cut off anywhere, a hundred thousand of each: none may take more
 * than a second, and none may end in anything but what it holds or an error in words. Recordings are decoded and their hits found,
 * as when one is imported. Arguments: how many of each, and the names of the formats, where not all are wanted.
 */
public final class MutationsMeasure {
    private static final int DEFAULT = 100_000;
    private static final double A_SECOND = 1e9;
    /** The recordings of the tests, as seen from the project's folder. */
    private static final Path RECORDINGS = Path.of("sound/src/test/resources/nimblestride/sound/recording");

    private MutationsMeasure() {}

    private interface Reader {
        void read(byte[] file) throws IOException;
    }

    private record Format(byte[] good, Reader reader) {}

    public static void main(String[] arguments) throws Exception {
        int count = arguments.length == 0 ? DEFAULT : Integer.parseInt(arguments[0]);
        List<String> wanted = List.of(arguments).subList(Math.min(1, arguments.length), arguments.length);
        formats().forEach((name, format) -> {
            if (wanted.isEmpty() || wanted.contains(name)) {
                measure(name, format, count);
            }
        });
    }

    private static Exercise sample() {
        return new Exercise(
                "Weir",
                BarsText.read("10/8, 10/8, 9/16"),
                List.of(LayerText.read("kick every 5/16"), LayerText.read("snare at 1:0 >2:1/8 (3:1/4)")),
                Tempo.ofQuarters(96));
    }

    private static Map<String, Format> formats() throws IOException {
        Map<String, Format> formats = new LinkedHashMap<>();
        var score = ScoreWriter.write(sample(), ScoreStyle.DEFAULT.repeating(false));
        Reader elsewhere = file -> FileImporter.exercise(FileImporter.read(file, "x"));
        formats.put("midi", new Format(ExerciseMidi.write(sample()), elsewhere));
        formats.put("musicxml", new Format(ScoreXml.write(score), elsewhere));
        formats.put("mxl", new Format(ScoreXml.writeCompressed(score, ScoreLayout.PLAIN), elsewhere));
        formats.put(
                "exercise",
                new Format(
                        ExerciseJson.write(sample()).getBytes(StandardCharsets.UTF_8),
                        file -> ExerciseJson.read(new String(file, StandardCharsets.UTF_8))));
        formats.put("log", new Format(log(), file -> LogJson.read(new ByteArrayInputStream(file), entry -> {})));
        Path mutated = Files.createTempFile("mutated", ".recording");
        Reader recording = file -> {
            Files.write(mutated, file);
            HeardRecording.of(mutated);
        };
        formats.put("wav", new Format(silence(AudioFileFormat.Type.WAVE, false), recording));
        formats.put("aiff", new Format(silence(AudioFileFormat.Type.AIFF, true), recording));
        for (String file : List.of("clicks.flac", "clicks.ogg", "clicks.mp3", "varying.mp3")) {
            formats.put(file, new Format(Files.readAllBytes(RECORDINGS.resolve(file)), recording));
        }
        return formats;
    }

    private static byte[] log() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        LogJson.write(out, "Somebody", visitor -> {
            for (int i = 0; i < 8; i++) {
                visitor.accept(entry(i));
            }
        });
        return out.toByteArray();
    }

    private static LogEntry entry(int minutes) {
        return new LogEntry(
                new UUID(1, minutes),
                Optional.empty(),
                "Weir",
                LocalDateTime.of(2026, 3, 1, 18, 0).plusMinutes(minutes),
                300,
                Optional.of(Tempo.ofQuarters(96)),
                Optional.empty(),
                "not bad",
                List.of(),
                Optional.empty());
    }

    private static byte[] silence(AudioFileFormat.Type type, boolean bigEndian) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        AudioFormat format = new AudioFormat(48_000, 16, 1, true, bigEndian);
        try (AudioInputStream sound = new AudioInputStream(new ByteArrayInputStream(new byte[2_000]), format, 1_000)) {
            AudioSystem.write(sound, type, out);
        }
        return out.toByteArray();
    }

    private static void measure(String name, Format format, int count) {
        Random random = new Random(7);
        long worst = 0;
        byte[] slowest = {};
        int read = 0;
        int refused = 0;
        Map<String, Integer> escaped = new LinkedHashMap<>();
        try {
            // What is loaded once is no matter of a file.
            format.reader.read(format.good);
        } catch (IOException | StrideException e) {
            throw new IllegalStateException("the whole file of " + name + " cannot be read", e);
        }
        for (int i = 0; i < count; i++) {
            byte[] file = mutated(format.good, random);
            long before = System.nanoTime();
            try {
                format.reader.read(file);
                read++;
            } catch (StrideException e) {
                refused += e.getMessage() == null || e.getMessage().isBlank() ? 0 : 1;
            } catch (IOException | RuntimeException | StackOverflowError | OutOfMemoryError e) {
                escaped.merge(
                        e.toString() + " at "
                                + List.of(e.getStackTrace()).stream().limit(4).toList(),
                        1,
                        Integer::sum);
            }
            long took = System.nanoTime() - before;
            if (took > worst) {
                worst = took;
                slowest = file;
            }
        }
        System.out.printf(
                "%s: %,d mutated, %,d read, %,d refused in words, %,d escaped; the slowest took %.3f s%n",
                name,
                count,
                read,
                refused,
                escaped.values().stream().mapToInt(Integer::intValue).sum(),
                worst / A_SECOND);
        keep(name, slowest);
        escaped.forEach((what, times) -> System.out.println("  " + times + " x " + what));
    }

    /** The file that took longest can be looked at afterwards. */
    private static void keep(String name, byte[] slowest) {
        try {
            Files.write(Path.of(System.getProperty("java.io.tmpdir"), "slowest." + name), slowest);
        } catch (IOException e) {
            System.out.println("  the slowest could not be kept: " + e.getMessage());
        }
    }

    /** A few bytes changed, a piece doubled or left out, or the end cut off. */
    private static byte[] mutated(byte[] good, Random random) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int kind = random.nextInt(6);
        int from = random.nextInt(good.length);
        int to = Math.min(good.length, from + 1 + random.nextInt(64));
        out.write(good, 0, from);
        if (kind == 0) {
            out.write(good, from, to - from);
            out.write(good, from, good.length - from);
        } else if (kind == 1) {
            out.write(good, to, good.length - to);
        } else if (kind > 2) {
            out.write(good, from, good.length - from);
        }
        byte[] file = out.toByteArray();
        for (int change = 0; change <= random.nextInt(4) && file.length > 0 && kind != 2; change++) {
            file[random.nextInt(file.length)] =
                    (byte) (random.nextBoolean() ? random.nextInt(256) : '0' + random.nextInt(10));
        }
        return file;
    }
}
