package nimblestride.store.book;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;
import nimblestride.store.database.BookException;

/** Packs text small: UTF-8, deflated (RFC 1950). */
final class DeflatedText {
    private DeflatedText() {}

    static byte[] of(String text) {
        Deflater best = new Deflater(Deflater.BEST_COMPRESSION);
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed, best)) {
            out.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            best.end();
        }
        return packed.toByteArray();
    }

    /** @throws BookException if the bytes are damaged */
    static String read(byte[] packed) {
        try (InflaterInputStream in = new InflaterInputStream(new ByteArrayInputStream(packed))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new BookException("This earlier state is damaged. The others, and the exercise, are not.", e);
        }
    }
}
