package nimblestride.desktop.app;

import java.io.IOException;
import java.util.List;
import javafx.application.Application;

/** Begins what the first window will need, and starts the program. */
public final class Main {
    private Main() {}

    public static void main(String[] arguments) throws IOException {
        StrideApp.start = LaunchOptions.of(List.of(arguments));
        Application.launch(StrideApp.class, arguments);
    }
}
