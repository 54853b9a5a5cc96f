package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** A small disk of a measure's own. Mounting it needs root on Linux. */
final class SmallDisk {
    private SmallDisk() {}

    static void mount(Path folder, String size) throws IOException, InterruptedException {
        run("mount", "-t", "tmpfs", "-o", "size=" + size, "tmpfs", folder.toString());
    }

    /** Mounts it again with other options, such as {@code ro}. */
    static void remount(Path folder, String options) throws IOException, InterruptedException {
        run("mount", "-o", "remount," + options, folder.toString());
    }

    static void unmount(Path folder) throws IOException, InterruptedException {
        run("umount", folder.toString());
        Files.delete(folder);
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).inheritIO().start();
        if (!process.waitFor(10, TimeUnit.SECONDS) || process.exitValue() != 0) {
            throw new IOException("cannot " + String.join(" ", command));
        }
    }
}
