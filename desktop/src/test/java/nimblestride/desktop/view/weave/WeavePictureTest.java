package nimblestride.desktop.view.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.language.text.Examples;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.view.weave.WeavePicture.Mark;
import nimblestride.desktop.view.weave.WeavePicture.Row;
import org.junit.jupiter.api.Test;

class WeavePictureTest {
    private static WeavePicture picture(long first, int count, String bars, String... layers) {
        return WeavePicture.of(Analysis.of(Examples.exercise(bars, layers)), first, count);
    }

    /** 19/16 with a cell of 5/16: each bar the line is a sixteenth further on, and realigned after five bars. */
    @Test
    void aThreadSlantsByWhatTheBarLeavesOverAndComesHome() {
        WeavePicture picture = picture(0, 6, "19/16", "kick cell x..x. of 1/16");
        List<Double> first =
                picture.rows().stream().map(row -> row.marks().get(0).x() * 16).toList();
        assertThat(first).containsExactly(0.0, 1.0, 0.0, 1.0, 2.0, 0.0);
        assertThat(picture.rows()).extracting(Row::home).containsExactly(false, false, false, false, false, true);
        assertThat(picture.rows()).extracting(row -> row.landing().size()).containsExactly(1, 0, 0, 0, 0, 1);
        // The cell that starts at 5 in bar 1 is at 6, 7, 8, 9 in the bars below: one thread, a sixteenth a bar.
        for (int row = 0; row < 4; row++) {
            double from = 5 + row;
            int here = row;
            assertThat(picture.strands())
                    .anyMatch(strand -> strand.row() == here
                            && Math.abs(strand.from() * 16 - from) < 1e-9
                            && Math.abs(strand.to() * 16 - from - 1) < 1e-9);
        }
        assertThat(picture.strands()).allMatch(strand -> Math.abs(strand.to() - strand.from()) * 16 <= 2.5 + 1e-6);
    }

    @Test
    void barsOfTheirOwnLengthsShowSignaturesPhrasesAndMeetings() {
        WeavePicture picture = picture(0, 4, "4/4, 7/8", "ride 4 over bar", "kick every 1/4");
        assertThat(picture.rows()).extracting(Row::signature).containsExactly(true, true, true, true);
        assertThat(picture.rows()).extracting(Row::phraseStart).containsExactly(true, false, true, false);
        assertThat(picture.rows().get(0).marks()).allMatch(Mark::together).hasSize(8);
        assertThat(picture.rows().get(1).marks().stream().filter(Mark::together))
                .hasSize(2);
        assertThat(picture.rows().get(1).length()).isEqualTo(0.875);
    }

    /** The billionth bar is worked out like the first, and what is too dense becomes a band. */
    @Test
    void farRowsAndDenseBarsAreMetCalmly() {
        WeavePicture far = picture(1_000_000_000L, 3, "127/128", "kick every 1021/1024", "ride every 1/1024");
        assertThat(far.rows()).hasSize(3).allMatch(row -> row.dense().equals(List.of(1)));
        assertThat(far.rows().get(0).marks()).hasSizeLessThanOrEqualTo(1);
        assertThat(far.rows().get(0).start()).isEqualTo(NoteValue.of(127, 128).times(1_000_000_000L));
        assertThat(picture(0, 2, "4/4").strands()).isEmpty();
    }

    @Test
    void placesAreToldWithTheirHandAndCompany() {
        Analysis analysis = Analysis.of(Examples.exercise("11/8", "kick every 3/16", "snare every 1/4"));
        assertThat(new WeaveDescription(analysis).describe(new WeaveHit(0, 0, NoteValue.ZERO)))
                .isEqualTo("Bar 1, 1: kick, hit 1, kick foot, landing on the bar line, together with snare.");
        assertThat(new WeaveDescription(analysis).describe(new WeaveHit(1, 1, NoteValue.EIGHTH)))
                .isEqualTo("Bar 2, 2: snare, hit 7, left hand, 1/8 after the bar line, together with kick.");
        assertThat(new WeaveDescription(analysis).describe(new WeaveHit(1, 0, NoteValue.of(1, 32))))
                .isEqualTo("Bar 1, 1e");
    }
}
