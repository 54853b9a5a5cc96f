package nimblestride.desktop.desk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import nimblestride.formats.json.DraftJson;
import nimblestride.formats.json.DraftJson.Draft;

/**
 * Keeps what lies on a desk, so that it is found there again after quitting or after a crash. Each window that is open
 * at the same time holds a draft of its own, by a lock that ends with its process.
 */
public final class DraftKeeper implements AutoCloseable {
    private static final int MOST_WINDOWS = 32;

    private final Path draft;
    private final FileChannel lock;

    private DraftKeeper(Path draft, FileChannel lock) {
        this.draft = draft;
        this.lock = lock;
    }

    /**
     * Takes the first draft in a folder that no other window holds.
     *
     * @throws IOException if none can be kept there
     */
    public static DraftKeeper in(Path folder) throws IOException {
        Files.createDirectories(folder);
        for (int window = 1; window <= MOST_WINDOWS; window++) {
            FileChannel channel = FileChannel.open(
                    folder.resolve("desk-" + window + ".lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (lock(channel)) {
                return new DraftKeeper(folder.resolve("desk-" + window + ".json"), channel);
            }
            channel.close();
        }
        throw new IOException("more than " + MOST_WINDOWS + " windows are open");
    }

    private static boolean lock(FileChannel channel) throws IOException {
        try {
            FileLock held = channel.tryLock();
            return held != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /**
     * The draft kept last. One that cannot be read is put aside, so that it is not written over.
     *
     * @throws IOException if there is one and it cannot be read; its message says where it was put
     */
    public Optional<Draft> last() throws IOException {
        if (!Files.exists(draft)) {
            return Optional.empty();
        }
        try {
            return Optional.of(DraftJson.read(draft));
        } catch (IOException e) {
            Path aside = draft.resolveSibling("unreadable-" + draft.getFileName());
            Files.move(draft, aside, StandardCopyOption.REPLACE_EXISTING);
            throw new IOException(
                    "What lay on the desk last time cannot be read (" + e.getMessage() + "). It was put aside as "
                            + aside,
                    e);
        }
    }

    /** @throws IOException if it cannot be written */
    public void keep(Draft now) throws IOException {
        DraftJson.write(now, draft);
    }

    @Override
    public void close() throws IOException {
        lock.close();
    }
}
