package nimblestride.formats.musicxml;

import java.math.BigInteger;
import org.audiveris.proxymusic.Clef;
import org.audiveris.proxymusic.ClefSign;

/** The clef of a part. */
enum ClefXml {
    PERCUSSION(ClefSign.PERCUSSION, 3),
    BASS(ClefSign.F, 4),
    TREBLE(ClefSign.G, 2);

    private static final int MIDDLE_C = 60;

    private final ClefSign sign;
    private final int line;

    ClefXml(ClefSign sign, int line) {
        this.sign = sign;
        this.line = line;
    }

    /** Returns the bass clef for what is below middle C, and the treble clef for the rest. */
    static ClefXml forPitch(int midiKey) {
        return midiKey < MIDDLE_C ? BASS : TREBLE;
    }

    Clef element() {
        Clef clef = new Clef();
        clef.setSign(sign);
        clef.setLine(BigInteger.valueOf(line));
        return clef;
    }
}
