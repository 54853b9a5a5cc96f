package nimblestride.formats.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

class LogCsvTest {
    private static LogEntry entry(String what, String words) {
        return new LogEntry(
                UUID.randomUUID(),
                Optional.empty(),
                what,
                LocalDateTime.of(2026, 11, 25, 18, 30, 5),
                1_230,
                Optional.of(TempoText.read("1/8=210")),
                Optional.of(RepRating.NOT_YET),
                words,
                List.of("4& of bar 2"),
                Optional.empty());
    }

    private static String csv(LogEntry entry) throws IOException {
        StringBuilder out = new StringBuilder();
        LogCsv.write(out, told -> told.accept(entry), one -> "me");
        return out.toString();
    }

    /** As RFC 4180 has it: CRLF after each line, quotes doubled; read back by a parser that is not ours. */
    @Test
    void anEntryIsALineUnderItsHeadings() throws IOException {
        String csv = csv(entry("Weir Steps", "left \"late\", again\nand again"));
        assertThat(csv).startsWith("day,time,who,what,minutes,tempo,quarters a minute,how it went,hard,words\r\n");
        CSVRecord record =
                CSVFormat.RFC4180.parse(new StringReader(csv)).getRecords().get(1);
        assertThat(record)
                .containsExactly(
                        "2026-11-25",
                        "18:30:05",
                        "me",
                        "Weir Steps",
                        "20.5",
                        "1/8=210",
                        "105",
                        "not yet",
                        "4& of bar 2",
                        "left \"late\", again\nand again");
    }

    /** Whatever is in the words: no cell begins like a formula, and nothing is lost but for the apostrophe. */
    @Property
    void noSpreadsheetRunsACell(@ForAll @StringLength(max = 30) String words) throws IOException {
        for (String start : List.of("", "=", "+", "-", "@", "\t=", " =", "\r")) {
            String said = start + words;
            CSVRecord record = CSVFormat.RFC4180
                    .parse(new StringReader(csv(entry("x" + words.length(), said))))
                    .getRecords()
                    .get(1);
            String cell = record.get(9);
            assertThat(cell.isBlank() ? "" : cell.strip().substring(0, 1)).isNotIn("=", "+", "-", "@");
            assertThat(cell).isIn(said, "'" + said);
        }
    }

    /** The notes of the table against the plan's worked example: five over 9/8, at 0, 9/40, 9/20, 27/40 and 9/10. */
    @Test
    void everyNoteOfAnExerciseIsALine() throws IOException {
        String csv = HitsCsv.write(Examples.exercise("9/8", "snare 5 over bar"));
        List<CSVRecord> records = CSVFormat.RFC4180.parse(new StringReader(csv)).getRecords();
        assertThat(records.stream().skip(1).map(record -> record.get(3)))
                .containsExactly("0", "9/40", "9/20", "27/40", "9/10");
        assertThat(records.get(1))
                .containsExactly("1", "1", "1", "0", "0", "snare", "snare", "left hand", "normal", "");
        String sections = HitsCsv.write(Examples.then(
                Examples.exercise("4/4", "kick every 1/4"), "dotted quarter = half", 2, "3/4", "kick every 1/4"));
        // Four quarters at 96, then six at 128: the last begins 2.5 + 5 x 0.46875 s in.
        List<CSVRecord> all =
                CSVFormat.RFC4180.parse(new StringReader(sections)).getRecords();
        assertThat(all).hasSize(11);
        assertThat(all.get(10).get(4)).isEqualTo("4.844");
    }
}
