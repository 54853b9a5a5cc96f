package nimblestride.formats.midi;

import java.util.Locale;
import nimblestride.files.UnreadableFileException;

/**
 * Compares the lengths a MIDI file names with its real length (Standard MIDI Files 1.0), before memory is set aside
 * for them.
 */
final class MidiLengths {
    private static final int HEADER = 8;
    private static final int META = 0xFF;
    private static final int SYSTEM_EXCLUSIVE = 0xF0;
    private static final int ESCAPE = 0xF7;
    private static final int STATUS = 0x80;
    private static final int MAX_LENGTH_BYTES = 4;

    private final byte[] file;
    private int at;

    private MidiLengths(byte[] file) {
        this.file = file;
    }

    /**
     * Checks a file.
     *
     * @throws UnreadableFileException if a length reaches beyond the end of the file
     */
    static void check(byte[] file) {
        if (file.length < HEADER || file[0] != 'M' || file[1] != 'T' || file[2] != 'h' || file[3] != 'd') {
            throw new UnreadableFileException("this is not a Standard MIDI File of format 0 or 1");
        }
        MidiLengths lengths = new MidiLengths(file);
        while (lengths.at + HEADER <= file.length) {
            boolean track = file[lengths.at] == 'M'
                    && file[lengths.at + 1] == 'T'
                    && file[lengths.at + 2] == 'r'
                    && file[lengths.at + 3] == 'k';
            long length = lengths.bigEndian(lengths.at + 4);
            lengths.at += HEADER;
            lengths.believe(length);
            int end = lengths.at + (int) length;
            if (track) {
                lengths.track(end);
            }
            lengths.at = end;
        }
    }

    private long bigEndian(int from) {
        long number = 0;
        for (int i = 0; i < 4; i++) {
            number = (number << 8) | (file[from + i] & 255);
        }
        return number;
    }

    private void track(int end) {
        int running = 0;
        while (at < end) {
            length();
            if (at >= file.length) {
                return;
            }
            int status = file[at] & 255;
            if (status >= STATUS) {
                at++;
            } else {
                status = running;
            }
            if (status == META) {
                at++;
                skip();
            } else if (status == SYSTEM_EXCLUSIVE || status == ESCAPE) {
                skip();
            } else {
                running = status;
                int command = status & 0xF0;
                at += command == 0xC0 || command == 0xD0 ? 1 : 2;
            }
        }
    }

    private void skip() {
        long length = length();
        believe(length);
        at += (int) length;
    }

    private void believe(long length) {
        if (length > file.length - at) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT,
                    "this MIDI file is cut off: at byte %,d it promises %,d more and has %,d",
                    at,
                    length,
                    Math.max(0, file.length - at)));
        }
    }

    /** Reads a number in as many bytes as it needs, seven bits each. */
    private long length() {
        long number = 0;
        for (int i = 0; i < MAX_LENGTH_BYTES && at < file.length; i++) {
            int next = file[at++] & 255;
            number = (number << 7) | (next & 127);
            if (next < STATUS) {
                break;
            }
        }
        return number;
    }
}
