package nimblestride.sound.soundfont;

import java.io.EOFException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblestride.files.FileException;
import nimblestride.files.SourceFile;
import nimblestride.files.UnreadableFileException;
import nimblestride.sound.soundfont.RiffFile.Chunk;

/**
 * The tables of a soundfont 2 file: which samples sound for a key and a velocity. The samples stay in the file until they
 * are asked for.
 *
 * @param presets the zones of each preset, with the number of an instrument
 * @param instruments the zones of each instrument, with the number of a sample
 */
record Soundfont(Path file, List<Preset> presets, List<List<Generators>> instruments, List<SampleHeader> samples) {
    private static final String KIND = "a soundfont 2 file";
    private static final int NAME = 20;
    private static final int PRESET = 38;
    private static final int INSTRUMENT = 22;
    private static final int ZONE = 4;
    private static final int GENERATOR = 4;
    private static final int SAMPLE = 46;
    private static final int MAX_TABLE = 32 << 20;
    private static final int MAX_SECONDS = 60;
    private static final int MAX_RATE = 400_000;
    private static final int BYTES_PER_POINT = 2;

    /** A set of sounds. Bank 128 is percussion. */
    record Preset(int bank, int number, List<Generators> zones) {}

    /**
     * Reads the tables of a file.
     *
     * @throws FileException if it can't be read, is no soundfont 2, or lies about its sizes
     */
    static Soundfont read(Path file) {
        try (FileChannel channel = open(file)) {
            RiffFile riff = new RiffFile(file, channel, "sfbk");
            List<ByteBuffer> presets = rows(file, riff, "phdr", PRESET);
            List<ByteBuffer> names = rows(file, riff, "inst", INSTRUMENT);
            List<List<Generators>> ofPresets = zones(file, riff, "pbag", "pgen", starts(presets, NAME + 4));
            List<List<Generators>> ofInstruments = zones(file, riff, "ibag", "igen", starts(names, NAME));
            List<Preset> all = new ArrayList<>();
            for (int i = 0; i < ofPresets.size(); i++) {
                ByteBuffer row = presets.get(i);
                all.add(new Preset(row.getShort(NAME + 2), row.getShort(NAME), ofPresets.get(i)));
            }
            return new Soundfont(file, all, ofInstruments, headers(file, riff));
        } catch (EOFException e) {
            throw new UnreadableFileException(e.getMessage());
        } catch (IOException e) {
            throw FileException.reading(file, e);
        }
    }

    private static FileChannel open(Path file) throws IOException {
        SourceFile.open(file, KIND).close();
        return FileChannel.open(file);
    }

    private static List<ByteBuffer> rows(Path file, RiffFile riff, String name, int size) throws IOException {
        Chunk chunk = riff.chunk(name);
        if (chunk.size() % size != 0 || chunk.size() < size || chunk.size() > MAX_TABLE) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT,
                    "%s has a table \"%s\" of %,d bytes, which is not a number of rows of %d bytes",
                    file,
                    name,
                    chunk.size(),
                    size));
        }
        ByteBuffer all = riff.bytes(chunk.start(), (int) chunk.size());
        List<ByteBuffer> rows = new ArrayList<>();
        for (int at = 0; at < chunk.size(); at += size) {
            rows.add(all.slice(at, size).order(all.order()));
        }
        return rows;
    }

    private static List<Integer> starts(List<ByteBuffer> rows, int at) {
        return rows.stream().map(row -> Short.toUnsignedInt(row.getShort(at))).toList();
    }

    /** Returns the zones of each row but the last, which only says where the one before it ends. */
    private static List<List<Generators>> zones(
            Path file, RiffFile riff, String zoneTable, String generatorTable, List<Integer> firstZones)
            throws IOException {
        List<Integer> firstGenerators = starts(rows(file, riff, zoneTable, ZONE), 0);
        List<ByteBuffer> generators = rows(file, riff, generatorTable, GENERATOR);
        List<List<Generators>> all = new ArrayList<>();
        for (int i = 0; i + 1 < firstZones.size(); i++) {
            List<Generators> zones = new ArrayList<>();
            for (int zone : between(file, firstZones.get(i), firstZones.get(i + 1), firstGenerators.size() - 1)) {
                Map<Integer, Integer> amounts = new HashMap<>();
                int from = firstGenerators.get(zone);
                int to = firstGenerators.get(zone + 1);
                for (int generator : between(file, from, to, generators.size())) {
                    ByteBuffer row = generators.get(generator);
                    amounts.put(Short.toUnsignedInt(row.getShort(0)), Short.toUnsignedInt(row.getShort(2)));
                }
                zones.add(new Generators(amounts));
            }
            all.add(zones);
        }
        return all;
    }

    private static List<Integer> between(Path file, int from, int to, int most) {
        if (from > to || to > most) {
            throw new UnreadableFileException(
                    file + " points to row " + to + " of a table with " + most + " rows; the file is damaged");
        }
        List<Integer> rows = new ArrayList<>();
        for (int row = from; row < to; row++) {
            rows.add(row);
        }
        return rows;
    }

    private static List<SampleHeader> headers(Path file, RiffFile riff) throws IOException {
        long points = riff.chunk("smpl").size() / BYTES_PER_POINT;
        List<SampleHeader> headers = new ArrayList<>();
        List<ByteBuffer> rows = rows(file, riff, "shdr", SAMPLE);
        for (ByteBuffer row : rows.subList(0, rows.size() - 1)) {
            byte[] name = new byte[NAME];
            row.get(0, name);
            long start = Integer.toUnsignedLong(row.getInt(NAME));
            long end = Integer.toUnsignedLong(row.getInt(NAME + 4));
            String plain = new String(name, StandardCharsets.ISO_8859_1).split("\0", 2)[0];
            headers.add(new SampleHeader(
                    plain,
                    start,
                    Math.min(end, points),
                    row.getInt(NAME + 16),
                    row.get(NAME + 20),
                    row.get(NAME + 21)));
        }
        return headers;
    }

    /** Reads samples from -1 to 1. */
    static float[] samples(Path file, long start, long end) {
        try (FileChannel channel = open(file)) {
            RiffFile riff = new RiffFile(file, channel, "sfbk");
            Chunk points = riff.chunk("smpl");
            int count = (int) (end - start);
            if (BYTES_PER_POINT * end > points.size()) {
                throw new UnreadableFileException(file + " has changed since it was opened");
            }
            ByteBuffer bytes = riff.bytes(points.start() + BYTES_PER_POINT * start, BYTES_PER_POINT * count);
            float[] samples = new float[count];
            for (int i = 0; i < count; i++) {
                samples[i] = bytes.getShort() / (float) -Short.MIN_VALUE;
            }
            return samples;
        } catch (EOFException e) {
            throw new UnreadableFileException(e.getMessage());
        } catch (IOException e) {
            throw FileException.reading(file, e);
        }
    }

    /** Returns what is wrong with a sample; empty if nothing is. */
    String defect(long start, long end, long rate) {
        if (rate < 1 || rate > MAX_RATE) {
            return String.format(Locale.ROOT, "has a sample rate of %,d Hz", rate);
        }
        if (start >= end) {
            return String.format(Locale.ROOT, "begins at %,d, at or after its end, %,d", start, end);
        }
        return end - start > MAX_SECONDS * rate ? "lasts more than " + MAX_SECONDS + " s" : "";
    }
}
