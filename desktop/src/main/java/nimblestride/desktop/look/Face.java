package nimblestride.desktop.look;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import nimblestride.formats.face.Faces;

/** The faces that ship with the program: Lato for text, Bravura for music. */
public final class Face {
    public static final String TEXT = "Lato";
    public static final String MUSIC = "Bravura";

    /** SMuFL: {@code timeSig0} is U+E080, and {@code timeSigPlus} U+E08C. */
    private static final int TIME_SIGNATURE_ZERO = 0xE080;

    private static final int TIME_SIGNATURE_PLUS = 0xE08C;

    static {
        for (String file : new String[] {"Lato-Regular.ttf", "Lato-Bold.ttf", "Lato-Italic.ttf", "Bravura.otf"}) {
            try (InputStream in = Faces.class.getResourceAsStream(file)) {
                if (in == null || Font.loadFont(in, 12) == null) {
                    throw new IllegalStateException("the face " + file + " is not in the program");
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    private Face() {}

    /** Loads the faces; needed once before a stylesheet names them. */
    public static void load() {
        // The static initialiser has done that. Their measures take longer, and are needed only for written music.
        Thread measures = new Thread(Faces::get, "measuring the faces");
        measures.setDaemon(true);
        measures.start();
    }

    public static Font text(double size) {
        return Font.font(TEXT, size);
    }

    public static Font bold(double size) {
        return Font.font(TEXT, FontWeight.BOLD, size);
    }

    public static Font music(double size) {
        return Font.font(MUSIC, size);
    }

    /** A number in the digits of a time signature. */
    public static String signatureDigits(String digits) {
        StringBuilder glyphs = new StringBuilder();
        for (int i = 0; i < digits.length(); i++) {
            char digit = digits.charAt(i);
            glyphs.appendCodePoint(digit == '+' ? TIME_SIGNATURE_PLUS : TIME_SIGNATURE_ZERO + digit - '0');
        }
        return glyphs.toString();
    }
}
