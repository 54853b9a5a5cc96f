package nimblestride.formats.export;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.core.notation.score.Score;
import nimblestride.formats.csv.HitsCsv;
import nimblestride.formats.font.Fonts;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.formats.midi.ExerciseMidi;
import nimblestride.formats.musicxml.ScoreLayout;
import nimblestride.formats.musicxml.ScoreXml;
import nimblestride.formats.picture.PdfFile;
import nimblestride.formats.picture.PngFile;
import nimblestride.formats.picture.SvgFile;

/** The formats an exercise can be exported to. */
public enum ExportFormat {
    JSON("json", "Nimble Stride exercise") {
        @Override
        public byte[] write(Exercise exercise, Sheet sheet) {
            return ExerciseJson.write(exercise).getBytes(StandardCharsets.UTF_8);
        }
    },
    MUSICXML("musicxml", "MusicXML score") {
        @Override
        public byte[] write(Exercise exercise, Sheet sheet) {
            Score score = sheet.score(exercise);
            return ScoreXml.write(score, layout(score, sheet, ScoreLayout.Count.LYRICS));
        }
    },
    /** For programs that show lyrics badly, and for counts that fall on no note. */
    MUSICXML_TEXT("text.musicxml", "MusicXML score, count as text") {
        @Override
        public byte[] write(Exercise exercise, Sheet sheet) {
            Score score = sheet.score(exercise);
            return ScoreXml.write(score, layout(score, sheet, ScoreLayout.Count.TEXT));
        }
    },
    MXL("mxl", "Compressed MusicXML score") {
        @Override
        public byte[] write(Exercise exercise, Sheet sheet) {
            Score score = sheet.score(exercise);
            return ScoreXml.writeCompressed(score, layout(score, sheet, ScoreLayout.Count.LYRICS));
        }
    },
    MIDI("mid", "Standard MIDI File") {
        @Override
        public byte[] write(Exercise exercise, Sheet sheet) {
            return ExerciseMidi.write(exercise);
        }
    },
    /** The sheet, page by page. */
    PDF("pdf", "PDF sheet") {
        @Override
        public byte[] write(Exercise exercise, Sheet sheet) {
            List<Drawing> pages = new SheetLayout(sheet, Fonts.get().music(), Fonts.get()).of(exercise);
            return PdfFile.write(exercise.name(), pages, PaperSize.pointsToTheSpace());
        }
    },
    /** The staff alone. */
    SVG("svg", "SVG picture of the staff") {
        @Override
        public byte[] write(Exercise exercise, Sheet sheet) {
            return SvgFile.write(exercise.name(), staff(exercise, sheet), SVG_SPACE)
                    .getBytes(StandardCharsets.UTF_8);
        }
    },
    /** The staff alone. */
    PNG("png", "PNG picture of the staff") {
        @Override
        public byte[] write(Exercise exercise, Sheet sheet) {
            return PngFile.write(staff(exercise, sheet), PNG_SPACE);
        }
    },
    /** Every note, one a line. */
    CSV("csv", "Table of every note") {
        @Override
        public byte[] write(Exercise exercise, Sheet sheet) {
            return HitsCsv.write(exercise).getBytes(StandardCharsets.UTF_8);
        }
    };

    private static final double SVG_SPACE = 8;
    private static final double PNG_SPACE = 20;
    private static final double BETWEEN_LINES = 2.2;

    private final String ending;
    private final String title;

    ExportFormat(String ending, String title) {
        this.ending = ending;
        this.title = title;
    }

    /** Returns the ending of its files, after the dot. */
    public String ending() {
        return ending;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }

    /** Returns its name on the command line. */
    public String typed() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Returns the format with a name; empty for none. */
    public static Optional<ExportFormat> named(String typed) {
        return Arrays.stream(values())
                .filter(form -> form.typed().equals(typed.strip().toLowerCase(Locale.ROOT)))
                .findFirst();
    }

    /** Returns all names. */
    public static String names() {
        return Arrays.stream(values()).map(ExportFormat::typed).collect(Collectors.joining(", "));
    }

    /**
     * Returns the content of the file.
     *
     * @throws InvalidValueException if this format can't hold the exercise
     */
    public abstract byte[] write(Exercise exercise, Sheet sheet);

    /** The lines are those of the sheet. */
    static ScoreLayout layout(Score score, Sheet sheet, ScoreLayout.Count count) {
        Engraver engraver = new Engraver(Fonts.get().music(), Fonts.get());
        return new ScoreLayout(engraver.newLines(score, SheetLayout.roomAcross(sheet)), count);
    }

    static Drawing staff(Exercise exercise, Sheet sheet) {
        Engraver engraver = new Engraver(Fonts.get().music(), Fonts.get());
        return engraver.column(sheet.score(exercise), sheet.paper().width(), BETWEEN_LINES);
    }
}
