package nimblestride.desktop.workspace.place;

import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import javafx.scene.control.ComboBox;
import nimblestride.core.kit.voice.PitchNames;
import nimblestride.core.kit.voice.Voice;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.TitleConverter;

/** Chooses the pitch of a riff. */
final class PitchChoice extends ComboBox<Integer> {
    /** @param chosen hears every pitch the user chooses, where 60 is middle C */
    PitchChoice(Voice riff, int index, IntConsumer chosen) {
        setId("pitch-" + index);
        getItems()
                .setAll(IntStream.rangeClosed(Voice.MIN_PITCH, Voice.MAX_PITCH)
                        .boxed()
                        .toList());
        setConverter(new TitleConverter<>(PitchNames::of));
        setValue(riff.midiKey());
        setVisibleRowCount(12);
        setMinWidth(84);
        setAccessibleText("The pitch of the " + riff.name());
        ControlTip.on(this, "The pitch on which it sounds; C4 is middle C");
        valueProperty().addListener((property, old, pitch) -> chosen.accept(pitch));
    }
}
