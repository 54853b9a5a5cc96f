package nimblestride.formats.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.function.Consumer;
import java.util.function.Function;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Writes the log as comma-separated values (RFC 4180): a line of headings, then a line for each entry. Text that a
 * spreadsheet might take for a formula gets an apostrophe before it, so that none ever runs.
 */
public final class LogCsv {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(
                    "day",
                    "time",
                    "who",
                    "what",
                    "minutes",
                    "tempo",
                    "quarters a minute",
                    "how it went",
                    "hard",
                    "words")
            .get();
    private static final String FORMULA = "=+-@\t\r\n";

    private LogCsv() {}

    /** Visits all entries. */
    public interface Teller {
        void forEach(Consumer<LogEntry> entries);
    }

    /**
     * Writes a log.
     *
     * @param who returns the name of whose an entry is
     */
    public static void write(Appendable out, Teller log, Function<LogEntry, String> who) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, FORMAT);
        try {
            log.forEach(entry -> {
                try {
                    printer.printRecord(
                            entry.when().toLocalDate(),
                            entry.when().toLocalTime().withNano(0),
                            safe(who.apply(entry)),
                            safe(entry.what()),
                            Tempo.decimal(BigFraction.of(entry.seconds(), 60)),
                            entry.tempo().map(TempoText::write).orElse(""),
                            entry.tempo()
                                    .map(tempo -> Tempo.decimal(tempo.quartersPerMinute()))
                                    .orElse(""),
                            entry.rating().map(RepRating::title).orElse(""),
                            safe(String.join("; ", entry.hard())),
                            safe(entry.words()));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
        printer.flush();
    }

    /** Returns text that is never a formula, even after spaces. */
    static String safe(String text) {
        String start = text.stripLeading();
        boolean formula = !text.isEmpty()
                && (FORMULA.indexOf(text.charAt(0)) >= 0
                        || (!start.isEmpty() && FORMULA.indexOf(start.charAt(0)) >= 0));
        return formula ? "'" + text : text;
    }
}
