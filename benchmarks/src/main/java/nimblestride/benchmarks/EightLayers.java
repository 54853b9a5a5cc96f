package nimblestride.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.CountIn;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.StartPoint;

/** Eight layers over odd bars, cymbals that ring long among them, with a click on every unit: what playing is measured with. */
final class EightLayers {
    private EightLayers() {}

    static Exercise exercise() {
        List<Layer> layers = Stream.of(
                        "kick every 3/16",
                        "snare every 7/16 from 1/8",
                        "hi-hat every 1/16",
                        "open hi-hat every 5/8 from 1/8",
                        "ride 5 over bar",
                        "crash every 11/8",
                        "cowbell 7 over 4/4",
                        "floor tom every 5/16 from 1/16")
                .map(LayerText::read)
                .toList();
        return new Exercise("Eight layers", BarsText.read("11/8, 9/16"), layers, TempoText.read("1/8=240"));
    }

    static PlaybackRequest take() {
        ClickSettings click = ClickSettings.DEFAULT.with(ClickSettings.Level.UNIT, true);
        return new PlaybackRequest(
                exercise(),
                click,
                100,
                CountIn.NONE,
                Mix.IN_A_ROOM,
                Optional.empty(),
                StartPoint.BEGINNING,
                Optional.empty(),
                Optional.empty());
    }
}
