package nimblestride.terminal;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.Writer;

/** Writes text without control characters for the terminal: names and messages may come from anybody's file. */
final class TerminalWriter extends FilterWriter {
    private static final char REPLACEMENT = '\uFFFD';

    TerminalWriter(Writer out) {
        super(out);
    }

    @Override
    public void write(int sign) throws IOException {
        out.write(plain((char) sign));
    }

    @Override
    public void write(char[] signs, int from, int length) throws IOException {
        char[] plain = new char[length];
        for (int i = 0; i < length; i++) {
            plain[i] = plain(signs[from + i]);
        }
        out.write(plain, 0, length);
    }

    @Override
    public void write(String text, int from, int length) throws IOException {
        write(text.toCharArray(), from, length);
    }

    private static char plain(char sign) {
        boolean layout = sign == '\n' || sign == '\r' || sign == '\t';
        return Character.isISOControl(sign) && !layout ? REPLACEMENT : sign;
    }
}
