package nimblestride.sound.soundfont;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;

/**
 * Writes a soundfont 2 as the specification lays it out (SoundFont Technical Specification 2.04, sections 4 to 8, quoted
 * from memory): one percussion preset, one instrument, two samples of a snare, soft and loud, and one of a kick.
 */
public final class TinySoundfont {
    private static final int RATE = 22_050;
    private static final int LENGTH = 4_410;

    private final ByteArrayOutputStream zones = new ByteArrayOutputStream();

    private TinySoundfont() {}

    /** Writes it. */
    public static void write(Path file) throws IOException {
        Files.write(file, new TinySoundfont().bytes());
    }

    private static byte[] filled(int size, Consumer<ByteBuffer> filling) {
        byte[] bytes = new byte[size];
        filling.accept(ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN));
        return bytes;
    }

    private static byte[] chunk(String name, byte[]... parts) throws IOException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            body.write(part);
        }
        byte[] all = body.toByteArray();
        return filled(8 + all.length + all.length % 2, chunk -> chunk.put(name.getBytes(StandardCharsets.US_ASCII))
                .putInt(all.length)
                .put(all));
    }

    private static byte[] list(String name, byte[]... chunks) throws IOException {
        byte[][] all = new byte[chunks.length + 1][];
        all[0] = name.getBytes(StandardCharsets.US_ASCII);
        System.arraycopy(chunks, 0, all, 1, chunks.length);
        return chunk("LIST", all);
    }

    private static byte[] name(String name) {
        return filled(20, row -> row.put(name.getBytes(StandardCharsets.US_ASCII)));
    }

    /** Adds a generator to the zone that is being written. */
    private TinySoundfont generator(int number, int amount) throws IOException {
        zones.write(shorts(number, amount));
        return this;
    }

    private static int range(int low, int high) {
        return low | high << 8;
    }

    private static byte[] shorts(int... numbers) {
        return filled(2 * numbers.length, all -> {
            for (int number : numbers) {
                all.putShort((short) number);
            }
        });
    }

    private static byte[] sample(String name, int number, int rootKey) throws IOException {
        ByteArrayOutputStream row = new ByteArrayOutputStream();
        row.write(name(name));
        row.write(filled(26, rest -> rest.putInt(number * LENGTH)
                .putInt((number + 1) * LENGTH)
                .putInt(0)
                .putInt(0)
                .putInt(RATE)
                .put((byte) rootKey)
                .put((byte) 0)
                .putShort((short) 0)
                .putShort((short) 1)));
        return row.toByteArray();
    }

    /** Three fading tones: of 200, 400, and 60 Hz. */
    private static byte[] points() {
        return filled(2 * 3 * LENGTH, points -> {
            for (double frequency : new double[] {200, 400, 60}) {
                for (int i = 0; i < LENGTH; i++) {
                    double tone = Math.sin(2 * Math.PI * frequency * i / RATE) * Math.exp(-5.0 * i / LENGTH);
                    points.putShort((short) (20_000 * tone));
                }
            }
        });
    }

    private byte[] bytes() throws IOException {
        generator(43, range(38, 38)).generator(44, range(0, 80)).generator(53, 0);
        generator(43, range(38, 38)).generator(44, range(81, 127)).generator(53, 1);
        generator(43, range(36, 36)).generator(58, 36).generator(53, 2);
        byte[] instrumentGenerators = zones.toByteArray();
        byte[] preset =
                chunk("phdr", name("Kit"), shorts(0, 128, 0), new byte[12], name("EOP"), shorts(0, 0, 1), new byte[12]);
        return chunk(
                "RIFF",
                "sfbk".getBytes(StandardCharsets.US_ASCII),
                list("INFO", chunk("ifil", shorts(2, 4))),
                list("sdta", chunk("smpl", points())),
                list(
                        "pdta",
                        preset,
                        chunk("pbag", shorts(0, 0), shorts(1, 0)),
                        chunk("pmod", new byte[10]),
                        chunk("pgen", shorts(41, 0), shorts(0, 0)),
                        chunk("inst", name("Kit"), shorts(0), name("EOI"), shorts(3)),
                        chunk("ibag", shorts(0, 0), shorts(3, 0), shorts(6, 0), shorts(9, 0)),
                        chunk("imod", new byte[10]),
                        chunk("igen", instrumentGenerators, shorts(0, 0)),
                        chunk(
                                "shdr",
                                sample("soft snare", 0, 38),
                                sample("loud snare", 1, 38),
                                sample("kick", 2, 60),
                                sample("EOS", 0, 0))));
    }
}
