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
 * The log as comma-separated values (RFC 4180), a line for each entry, with a line of headings. Text that a spreadsheet might
 * take for a formula has an apostrophe before it, so that none is ever run.
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

    /** What tells all entries, one after the other. */
    public interface Teller {
        void tell(Consumer<LogEntry> entries);
    }

    /** @param who gives the name of whose an entry is */
    public static void write(Appendable out, Teller log, Function<LogEntry, String> who) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, FORMAT);
        try {
            log.tell(entry -> {
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

    /** Never a formula, also after spaces. */
    static String safe(String text) {
        String start = text.stripLeading();
        boolean formula = !text.isEmpty()
                && (FORMULA.indexOf(text.charAt(0)) >= 0
                        || (!start.isEmpty() && FORMULA.indexOf(start.charAt(0)) >= 0));
        return formula ? "'" + text : text;
    }
}
