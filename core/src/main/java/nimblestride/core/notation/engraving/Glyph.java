package nimblestride.core.notation.engraving;

import java.util.List;
import java.util.Optional;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.notation.score.NoteShape;

/** The music signs in use, each with its name and code point in the Standard Music Font Layout (SMuFL 1.4). */
public enum Glyph {
    REPEAT_DOT("repeatDot", 0xE044),
    PERCUSSION_CLEF("unpitchedPercussionClef1", 0xE069),
    TIME_0("timeSig0", 0xE080),
    TIME_1("timeSig1", 0xE081),
    TIME_2("timeSig2", 0xE082),
    TIME_3("timeSig3", 0xE083),
    TIME_4("timeSig4", 0xE084),
    TIME_5("timeSig5", 0xE085),
    TIME_6("timeSig6", 0xE086),
    TIME_7("timeSig7", 0xE087),
    TIME_8("timeSig8", 0xE088),
    TIME_9("timeSig9", 0xE089),
    TIME_PLUS("timeSigPlus", 0xE08C),
    TIME_PLUS_SMALL("timeSigPlusSmall", 0xE08D),
    HEAD_WHOLE("noteheadWhole", 0xE0A2),
    HEAD_HALF("noteheadHalf", 0xE0A3),
    HEAD_BLACK("noteheadBlack", 0xE0A4),
    CROSS_WHOLE("noteheadXWhole", 0xE0A7),
    CROSS_HALF("noteheadXHalf", 0xE0A8),
    CROSS_BLACK("noteheadXBlack", 0xE0A9),
    CIRCLED_CROSS_WHOLE("noteheadCircleXWhole", 0xE0B1),
    CIRCLED_CROSS_HALF("noteheadCircleXHalf", 0xE0B2),
    CIRCLED_CROSS("noteheadCircleX", 0xE0B3),
    TRIANGLE_WHOLE("noteheadTriangleUpWhole", 0xE0BB),
    TRIANGLE_HALF("noteheadTriangleUpHalf", 0xE0BC),
    TRIANGLE_BLACK("noteheadTriangleUpBlack", 0xE0BE),
    SLASHED_BLACK("noteheadSlashedBlack1", 0xE0CF),
    SLASHED_HALF("noteheadSlashedHalf1", 0xE0D1),
    SLASHED_WHOLE("noteheadSlashedWhole1", 0xE0D3),
    DIAMOND_WHOLE("noteheadDiamondWhole", 0xE0D8),
    DIAMOND_HALF("noteheadDiamondHalf", 0xE0D9),
    DIAMOND_BLACK("noteheadDiamondBlack", 0xE0DB),
    PARENTHESIS_LEFT("noteheadParenthesisLeft", 0xE0F5),
    PARENTHESIS_RIGHT("noteheadParenthesisRight", 0xE0F6),
    DOT("augmentationDot", 0xE1E7),
    BUZZ_ROLL("buzzRoll", 0xE22A),
    FLAG_8_UP("flag8thUp", 0xE240),
    FLAG_8_DOWN("flag8thDown", 0xE241),
    FLAG_16_UP("flag16thUp", 0xE242),
    FLAG_16_DOWN("flag16thDown", 0xE243),
    FLAG_32_UP("flag32ndUp", 0xE244),
    FLAG_32_DOWN("flag32ndDown", 0xE245),
    FLAG_64_UP("flag64thUp", 0xE246),
    FLAG_64_DOWN("flag64thDown", 0xE247),
    FLAG_128_UP("flag128thUp", 0xE248),
    FLAG_128_DOWN("flag128thDown", 0xE249),
    FLAG_256_UP("flag256thUp", 0xE24A),
    FLAG_256_DOWN("flag256thDown", 0xE24B),
    FLAG_512_UP("flag512thUp", 0xE24C),
    FLAG_512_DOWN("flag512thDown", 0xE24D),
    FLAG_1024_UP("flag1024thUp", 0xE24E),
    FLAG_1024_DOWN("flag1024thDown", 0xE24F),
    ACCENT_ABOVE("articAccentAbove", 0xE4A0),
    ACCENT_BELOW("articAccentBelow", 0xE4A1),
    MARCATO_ABOVE("articMarcatoAbove", 0xE4AC),
    MARCATO_BELOW("articMarcatoBelow", 0xE4AD),
    REST_WHOLE("restWhole", 0xE4E3),
    REST_HALF("restHalf", 0xE4E4),
    REST_QUARTER("restQuarter", 0xE4E5),
    REST_8("rest8th", 0xE4E6),
    REST_16("rest16th", 0xE4E7),
    REST_32("rest32nd", 0xE4E8),
    REST_64("rest64th", 0xE4E9),
    REST_128("rest128th", 0xE4EA),
    REST_256("rest256th", 0xE4EB),
    REST_512("rest512th", 0xE4EC),
    REST_1024("rest1024th", 0xE4ED),
    BAR_AGAIN("repeat1Bar", 0xE500),
    TUPLET_0("tuplet0", 0xE880),
    TUPLET_1("tuplet1", 0xE881),
    TUPLET_2("tuplet2", 0xE882),
    TUPLET_3("tuplet3", 0xE883),
    TUPLET_4("tuplet4", 0xE884),
    TUPLET_5("tuplet5", 0xE885),
    TUPLET_6("tuplet6", 0xE886),
    TUPLET_7("tuplet7", 0xE887),
    TUPLET_8("tuplet8", 0xE888),
    TUPLET_9("tuplet9", 0xE889),
    TUPLET_COLON("tupletColon", 0xE88A),
    MARK_WHOLE("metNoteWhole", 0xECA2),
    MARK_HALF("metNoteHalfUp", 0xECA3),
    MARK_QUARTER("metNoteQuarterUp", 0xECA5),
    MARK_8("metNote8thUp", 0xECA7),
    MARK_16("metNote16thUp", 0xECA9),
    MARK_32("metNote32ndUp", 0xECAB),
    MARK_64("metNote64thUp", 0xECAD),
    MARK_128("metNote128thUp", 0xECAF),
    MARK_256("metNote256thUp", 0xECB1),
    MARK_512("metNote512thUp", 0xECB3),
    MARK_1024("metNote1024thUp", 0xECB5),
    MARK_DOT("metAugmentationDot", 0xECB7);

    private static final List<Glyph> DIGITS =
            List.of(TIME_0, TIME_1, TIME_2, TIME_3, TIME_4, TIME_5, TIME_6, TIME_7, TIME_8, TIME_9);
    private static final List<Glyph> TUPLET_DIGITS =
            List.of(TUPLET_0, TUPLET_1, TUPLET_2, TUPLET_3, TUPLET_4, TUPLET_5, TUPLET_6, TUPLET_7, TUPLET_8, TUPLET_9);
    private static final List<Glyph> RESTS = List.of(
            REST_WHOLE,
            REST_HALF,
            REST_QUARTER,
            REST_8,
            REST_16,
            REST_32,
            REST_64,
            REST_128,
            REST_256,
            REST_512,
            REST_1024);
    private static final List<Glyph> FLAGS_UP =
            List.of(FLAG_8_UP, FLAG_16_UP, FLAG_32_UP, FLAG_64_UP, FLAG_128_UP, FLAG_256_UP, FLAG_512_UP, FLAG_1024_UP);
    private static final List<Glyph> FLAGS_DOWN = List.of(
            FLAG_8_DOWN,
            FLAG_16_DOWN,
            FLAG_32_DOWN,
            FLAG_64_DOWN,
            FLAG_128_DOWN,
            FLAG_256_DOWN,
            FLAG_512_DOWN,
            FLAG_1024_DOWN);
    private static final List<Glyph> MARKS = List.of(
            MARK_WHOLE,
            MARK_HALF,
            MARK_QUARTER,
            MARK_8,
            MARK_16,
            MARK_32,
            MARK_64,
            MARK_128,
            MARK_256,
            MARK_512,
            MARK_1024);

    private final String smuflName;
    private final int codePoint;

    Glyph(String smuflName, int codePoint) {
        this.smuflName = smuflName;
        this.codePoint = codePoint;
    }

    /** Returns its canonical name in SMuFL. */
    public String smuflName() {
        return smuflName;
    }

    /** Returns its code point. */
    public int codePoint() {
        return codePoint;
    }

    /** Returns the sign as text in a SMuFL font. */
    public String text() {
        return Character.toString(codePoint);
    }

    static Glyph timeDigit(char digit) {
        return DIGITS.get(digit - '0');
    }

    static Glyph tupletSign(char sign) {
        return sign == ':' ? TUPLET_COLON : TUPLET_DIGITS.get(sign - '0');
    }

    static Glyph rest(NoteShape shape) {
        return RESTS.get(Integer.numberOfTrailingZeros(shape.divisor()));
    }

    static Glyph flag(NoteShape shape, boolean up) {
        return (up ? FLAGS_UP : FLAGS_DOWN).get(shape.flags() - 1);
    }

    /** Returns the note in a tempo mark. */
    static Glyph mark(NoteShape shape) {
        return MARKS.get(Integer.numberOfTrailingZeros(shape.divisor()));
    }

    /** Returns the sign through the stem; empty for none. Doubled strokes are written out. */
    static Optional<Glyph> throughStem(Ornament ornament) {
        return ornament == Ornament.BUZZ ? Optional.of(BUZZ_ROLL) : Optional.empty();
    }

    static Glyph head(NoteheadShape head, NoteShape shape) {
        int open = Math.min(2, Integer.numberOfTrailingZeros(shape.divisor()));
        return switch (head) {
            case NORMAL -> List.of(HEAD_WHOLE, HEAD_HALF, HEAD_BLACK).get(open);
            case CROSS -> List.of(CROSS_WHOLE, CROSS_HALF, CROSS_BLACK).get(open);
            case CIRCLED_CROSS ->
                List.of(CIRCLED_CROSS_WHOLE, CIRCLED_CROSS_HALF, CIRCLED_CROSS).get(open);
            case DIAMOND -> List.of(DIAMOND_WHOLE, DIAMOND_HALF, DIAMOND_BLACK).get(open);
            case TRIANGLE ->
                List.of(TRIANGLE_WHOLE, TRIANGLE_HALF, TRIANGLE_BLACK).get(open);
            case SLASHED -> List.of(SLASHED_WHOLE, SLASHED_HALF, SLASHED_BLACK).get(open);
        };
    }
}
