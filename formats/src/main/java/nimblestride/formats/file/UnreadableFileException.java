package nimblestride.formats.file;

import java.io.IOException;

/** A file that holds no exercise this program can read; its message says where and what was expected. */
public final class UnreadableFileException extends IOException {
    private static final long serialVersionUID = 1L;

    public UnreadableFileException(String message) {
        super(message);
    }
}
