package nimblestride.web;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.score.UnwritableException;
import nimblestride.formats.font.Fonts;
import nimblestride.formats.picture.SvgFile;

/**
 * Writes a practice page: one HTML file that plays an exercise, shows its road and its staff, and keeps a log. It fetches
 * nothing; its own content security policy forbids that, and every script and style but its own.
 */
public final class PracticePage {
    /** The largest page, in bytes. */
    public static final int MAX_BYTES = 3_000_000;

    /** In the order in which they are run. */
    private static final List<String> SCRIPTS = List.of("course.js", "player.js", "road.js", "log.js", "page.js");

    private static final Pattern PLACE = Pattern.compile("\\{\\{(\\w+)}}");
    private static final double SPACE = 8;
    private static final double STAFF_WIDTH = 110;
    private static final double BETWEEN_LINES = 2.2;

    private PracticePage() {}

    /**
     * Returns the page.
     *
     * @throws InvalidValueException if an exercise has too many bars, notes, or sounds for a page
     */
    public static byte[] write(Booklet booklet) {
        String script = SCRIPTS.stream().map(PracticePage::part).collect(Collectors.joining("\n"));
        String style = part("page.css");
        String student = booklet.student().strip();
        String forWhom = student.isEmpty() || booklet.title().equals("For " + student) ? "" : "For " + student;
        String policy = "default-src 'none'; script-src '" + hash(script) + "'; style-src '" + hash(style)
                + "'; base-uri 'none'; form-action 'none'";
        Map<String, String> parts = Map.of(
                "policy", policy,
                "title", escaped(booklet.title()),
                "style", style,
                "for", escaped(forWhom),
                "name", escaped(student),
                "staves", booklet.exercises().stream().map(PracticePage::staff).collect(Collectors.joining("\n")),
                "data", PageData.of(booklet).replace("<", "\\u003c"),
                "script", script);
        String page = PLACE.matcher(part("page.html"))
                .replaceAll(found -> Matcher.quoteReplacement(parts.get(found.group(1))));
        byte[] bytes = page.getBytes(StandardCharsets.UTF_8);
        if (bytes.length > MAX_BYTES) {
            throw new InvalidValueException("this page would be larger than 3 MB; share fewer layers or bars");
        }
        return bytes;
    }

    /** Returns the staff as a picture; a sentence where it can't be written. */
    private static String staff(PageContent content) {
        try {
            Engraver engraver = new Engraver(Fonts.get().music(), Fonts.get());
            Drawing staff = engraver.column(
                    Sheet.DEFAULT.counted(content.counting()).score(content.exercise()), STAFF_WIDTH, BETWEEN_LINES);
            String picture = SvgFile.write(content.exercise().name() + " on the staff", staff, SPACE);
            return "<div>" + picture.substring(picture.indexOf("<svg")) + "</div>";
        } catch (UnwritableException e) {
            return "<div>" + escaped("It can't be written on the staff: " + e.getMessage()) + "</div>";
        }
    }

    private static String part(String file) {
        try (InputStream in = PracticePage.class.getResourceAsStream(file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("the part " + file + " of a page can't be read", e);
        }
    }

    /** Returns the source by which a policy allows one script or style (W3C, Content Security Policy Level 3). */
    private static String hash(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return "sha256-" + Base64.getEncoder().encodeToString(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("SHA-256 is missing", e);
        }
    }

    /** Returns text that means only itself in HTML. */
    private static String escaped(String text) {
        return PlainText.of(text)
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                .replace("'", "&#39;");
    }
}
