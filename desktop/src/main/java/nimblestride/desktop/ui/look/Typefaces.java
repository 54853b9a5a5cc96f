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

    private static final Cut REGULAR = new Cut(TEXT, FontWeight.NORMAL, FontPosture.REGULAR);
    private static final Cut BOLD = new Cut(TEXT, FontWeight.BOLD, FontPosture.REGULAR);
    private static final Cut ITALIC = new Cut(TEXT, FontWeight.NORMAL, FontPosture.ITALIC);
    private static final Cut OF_MUSIC = new Cut(MUSIC, FontWeight.NORMAL, FontPosture.REGULAR);

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
        return REGULAR.at(size);
    }

    /** Returns the bold text font at a size. */
    public static Font bold(double size) {
        return BOLD.at(size);
    }

    /** Returns the italic text font at a size. */
    public static Font italic(double size) {
        return ITALIC.at(size);
    }

    /** Returns the music font at a size. */
    public static Font music(double size) {
        return OF_MUSIC.at(size);
    }

    /** A cut, with the fonts of each size it was asked for: looking one up takes longer than drawing a word. */
    private static final class Cut {
        /** Sizes are rounded to a part of a point, to limit the cache while the user zooms. */
        private static final double PARTS = 64;

        private final String family;
        private final FontWeight weight;
        private final FontPosture posture;
        private final Map<Long, Font> sizes = new ConcurrentHashMap<>();

        Cut(String family, FontWeight weight, FontPosture posture) {
            this.family = family;
            this.weight = weight;
            this.posture = posture;
        }

        Font at(double size) {
            await();
            long parts = Math.round(size * PARTS);
            Font known = sizes.get(parts);
            return known != null ? known : sizes.computeIfAbsent(parts, this::found);
        }

        private Font found(long parts) {
            return Font.font(family, weight, posture, parts / PARTS);
        }
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
