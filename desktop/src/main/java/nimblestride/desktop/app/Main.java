package nimblestride.desktop.app;

import java.io.IOException;
import java.util.List;
import javafx.application.Application;

/** Starts to read what the first window needs, and launches the program. */
public final class Main {
    private Main() {}

    /**
     * Launches the program.
     *
     * @param arguments see {@link LaunchOptions}
     * @throws IOException if the sample Book can't be copied
     */
    public static void main(String[] arguments) throws IOException {
        StrideApp.start = LaunchOptions.of(List.of(arguments));
        Application.launch(StrideApp.class, arguments);
    }
}
