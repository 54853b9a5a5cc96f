package nimblestride.desktop.ui.look;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.animation.PauseTransition;
import javafx.scene.text.Font;
import javafx.scene.text.FontPosture;
import javafx.scene.text.FontWeight;
import javafx.util.Duration;
import nimblestride.desktop.async.Background;
import nimblestride.formats.font.Fonts;
import org.kordamp.ikonli.IkonResolverProvider;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.JavaFXFontLoader;

/** The fonts that ship with the program: Lato for text, Bravura for music, and one of icons. */
public final class Typefaces {
    /** The name of the text font. */
    public static final String TEXT = "Lato";
    /** The name of the music font. */
    public static final String MUSIC = "Bravura";

    /** SMuFL: {@code timeSig0} is U+E080, and {@code timeSigPlus} U+E08C. */
    private static final int TIME_SIGNATURE_ZERO = 0xE080;

    private static final int TIME_SIGNATURE_PLUS = 0xE08C;
    private static final Map<Cut, Font> FONTS = new ConcurrentHashMap<>();

    /** Loads the faces when it is first touched; whoever touches it meanwhile waits. */
    private static final class Loaded {
        static {
            for (String file : new String[] {"Lato-Regular.ttf", "Lato-Bold.ttf", "Lato-Italic.ttf", "Bravura.otf"}) {
                try (InputStream in = Fonts.class.getResourceAsStream(file)) {
                    if (in == null || Font.loadFont(in, 12) == null) {
                        throw new IllegalStateException("the face " + file + " is not in the program");
                    }
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
            IkonResolverProvider.getInstance(JavaFXFontLoader.getInstance()).resolve(Feather.PLAY.getDescription());
        }

        static void touch() {
            // The static initializer loads them.
        }
    }

    private Typefaces() {}

    /** Loads the fonts, or waits until another thread has: needed once before a stylesheet names them. */
    public static void await() {
        Loaded.touch();
    }

    /**
     * Starts to measure the fonts, which takes longer than to load them and is needed only for written music; not at
     * once, because the window is still being drawn then.
     */
    public static void measure() {
        PauseTransition drawn = new PauseTransition(Duration.seconds(1));
        drawn.setOnFinished(event -> Background.run("measuring the faces", Fonts::get));
        drawn.play();
    }

    /** Returns the text font at a size. */
    public static Font text(double size) {
        return font(TEXT, FontWeight.NORMAL, FontPosture.REGULAR, size);
    }

    /** Returns the bold text font at a size. */
    public static Font bold(double size) {
        return font(TEXT, FontWeight.BOLD, FontPosture.REGULAR, size);
    }

    /** Returns the italic text font at a size. */
    public static Font italic(double size) {
        return font(TEXT, FontWeight.NORMAL, FontPosture.ITALIC, size);
    }

    /** Returns the music font at a size. */
    public static Font music(double size) {
        return font(MUSIC, FontWeight.NORMAL, FontPosture.REGULAR, size);
    }

    private record Cut(String family, FontWeight weight, FontPosture posture, double size) {}

    /**
     * Returns a font from a cache, because looking one up takes longer than drawing a word. Rounds sizes to a 64th of
     * a point, to limit the cache while the user zooms.
     */
    private static Font font(String family, FontWeight weight, FontPosture posture, double size) {
        await();
        return FONTS.computeIfAbsent(
                new Cut(family, weight, posture, Math.round(size * 64) / 64.0),
                cut -> Font.font(cut.family, cut.weight, cut.posture, cut.size));
    }

    /** Returns a number in the digits of a time signature. */
    public static String signatureDigits(String digits) {
        StringBuilder glyphs = new StringBuilder();
        for (int i = 0; i < digits.length(); i++) {
            char digit = digits.charAt(i);
            glyphs.appendCodePoint(digit == '+' ? TIME_SIGNATURE_PLUS : TIME_SIGNATURE_ZERO + digit - '0');
        }
        return glyphs.toString();
    }
}
