package nimblestride.desktop.document.exercise;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import nimblestride.files.FileException;
import nimblestride.files.Quarantine;
import nimblestride.formats.json.DraftJson;
import nimblestride.formats.json.DraftJson.Draft;

/**
 * Keeps the open exercise on disk, so that it is there again after quitting or after a crash. Each window that is open
 * at the same time holds a draft of its own, by a lock that ends with its process.
 */
public final class DraftStore implements AutoCloseable {
    private static final int MAX_WINDOWS = 32;

    private final Path draft;
    private final FileChannel lock;

    private DraftStore(Path draft, FileChannel lock) {
        this.draft = draft;
        this.lock = lock;
    }

    /**
     * Takes the first draft in a folder that no other window holds.
     *
     * @throws FileException if none can be kept there
     */
    public static DraftStore open(Path folder) {
        try {
            Files.createDirectories(folder);
            for (int window = 1; window <= MAX_WINDOWS; window++) {
                FileChannel channel = FileChannel.open(
                        folder.resolve("desk-" + window + ".lock"),
                        StandardOpenOption.CREATE,
                        StandardOpenOption.WRITE);
                if (lock(channel)) {
                    return new DraftStore(folder.resolve("desk-" + window + ".json"), channel);
                }
                channel.close();
            }
        } catch (IOException e) {
            throw FileException.writing(folder, e);
        }
        throw new FileException("more than " + MAX_WINDOWS + " windows are open. Close some");
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
     * Returns the draft kept last. One that can't be read is moved aside, whatever is wrong with it, so that it is not written over.
     *
     * @throws FileException if there is one and it can't be read; the message says where it was moved
     */
    public Optional<Draft> last() {
        if (!Files.exists(draft)) {
            return Optional.empty();
        }
        try {
            return Optional.of(DraftJson.read(draft));
        } catch (RuntimeException e) {
            throw new FileException(
                    "Your unsaved work can't be read (" + e.getMessage() + "). It was moved to "
                            + Quarantine.move(draft),
                    e);
        }
    }

    /**
     * Saves a draft.
     *
     * @throws FileException if it can't be written
     */
    public void keep(Draft now) {
        DraftJson.write(now, draft);
    }

    @Override
    public void close() {
        try {
            lock.close();
        } catch (IOException e) {
            throw FileException.writing(draft, e);
        }
    }
}
