package nimblestride.desktop.view.road;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;

import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.reading.Readings;
import org.junit.jupiter.api.Test;

class RoadPictureTest {
    private static RoadPicture picture(double start, double wholes, String bars, String... layers) {
        return RoadPicture.of(
                Analysis.of(exercise(bars, layers)),
                new VisibleRange(start, wholes * 300, 300),
                new CountCache(Counting.of(CountingSystem.BEATS), Subdivision.AS_WRITTEN),
                Exercise.MAX_LAYERS);
    }

    @Test
    void showsPostsStridesCountsLandingsAndHome() {
        RoadPicture whole = picture(0, 245.0 / 16, "10/8(3+3+2+2) x2, 9/16", "kick every 5/16");
        assertThat(whole.posts()).hasSize(16);
        assertThat(whole.posts().stream().filter(RoadPicture.Post::phraseStart)).hasSize(6);
        assertThat(whole.posts().stream().limit(4))
                .extracting(RoadPicture.Post::signature)
                .containsExactly(true, false, true, true);
        assertThat(whole.strides().stream().limit(5))
                .extracting(RoadPicture.Stride::units)
                .containsExactly(3, 3, 2, 2, 3);
        assertThat(whole.ticks().stream().limit(10))
                .extracting(RoadPicture.Tick::count)
                .containsExactly("1", "2", "3", "4", "5", "6", "7", "8", "9", "10");
        assertThat(whole.lanes().get(0).landings()).containsExactly(0.0, 1.25, 2.5, 245.0 / 16);
        assertThat(whole.home()).hasValue(245.0 / 16);
    }

    @Test
    void aFootIsMovedMergedAndSetDown() {
        Phrase phrase = Examples.bars("5/8, 11/8(3+3+3+2)");
        RoadPicture picture = picture(0, 4, "5/8, 11/8(3+3+3+2)");
        VisibleRange stretch = new VisibleRange(0, 1200, 300);
        // The second bar starts after 5/8; its first inner foot stands at 8/8.
        StrideDrag statusBar = StrideDrag.at(300, picture, stretch, phrase).orElseThrow();
        assertThat(statusBar.bar()).isEqualTo(1);
        assertThat(statusBar.movedTo(1.0)).isEqualTo(Grouping.of(3, 3, 3, 2));
        assertThat(statusBar.movedTo(0.88)).isEqualTo(Grouping.of(2, 4, 3, 2));
        assertThat(statusBar.movedTo(9)).isEqualTo(Grouping.of(6, 3, 2));
        assertThat(statusBar.movedTo(0)).isEqualTo(Grouping.of(6, 3, 2));
        assertThat(StrideDrag.at(187.5, picture, stretch, phrase))
                .as("a bar line is no foot")
                .isEmpty();
        RoadPicture.Stride stride = picture.strides().get(2);
        assertThat(StrideDrag.split(stride, 0.76, phrase)).contains(Grouping.of(1, 2, 3, 3, 2));
        assertThat(StrideDrag.split(stride, 0.63, phrase)).isEmpty();
        assertThat(Readings.nameOf(phrase.bar(1))).isEqualTo("three 3s, then one 2");
    }

    @Test
    void marksEachBeatLongAndShort() {
        assertThat(picture(0, 1, "7/8(2+2+3)").beats())
                .startsWith(
                        new RoadPicture.BeatMark(0, false),
                        new RoadPicture.BeatMark(0.25, false),
                        new RoadPicture.BeatMark(0.5, true),
                        new RoadPicture.BeatMark(0.875, false));
        assertThat(picture(0, 1, "4/4(2+2)").beats().subList(0, 4))
                .extracting(RoadPicture.BeatMark::at)
                .containsExactly(0.0, 0.25, 0.5, 0.75);
        assertThat(picture(0, 4, "1/1000000").beats()).isEmpty();
    }

    @Test
    void drawsOnlyWhatIsInViewHoweverFarAlong() {
        RoadPicture far = picture(1e9, 2, "7/8", "kick every 3/16");
        assertThat(far.posts()).hasSizeBetween(2, 4);
        assertThat(far.lanes().get(0).marks()).hasSizeBetween(9, 13);
        assertThat(far.home()).isEmpty();
    }

    @Test
    void barsTooShortToSeeAreNotAllDrawn() {
        assertThat(picture(0, 4, "1/1000000", "kick every 1/4").posts()).hasSizeLessThanOrEqualTo(4_000);
    }

    @Test
    void hitsTooCloseToTellApartBecomeABand() {
        RoadPicture dense = picture(0, 2, "4/4", "shaker every 1/1024", "kick every 1/4");
        assertThat(dense.lanes().get(0).dense()).isTrue();
        assertThat(dense.lanes().get(1).dense()).isFalse();
    }

    @Test
    void aLayerThatCannotBeLaidOutSaysSoInItsLane() {
        RoadPicture picture = picture(0, 2, "9999/1000", "kick every 3000000019/1000000007 from 1/999999937");
        assertThat(picture.lanes().get(0).problem()).contains("exactly");
    }
}
