package nimblestride.desktop.workspace.sound;

import javafx.scene.layout.HBox;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.playback.CustomRecordings;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.sound.recording.RecordingFile;

/** Gives a voice the user's own recording, or its default sound. */
final class VoiceRecording extends HBox {
    /** @param changed runs when the voice sounds different */
    VoiceRecording(String voice, CustomRecordings recordings, Dialogs dialogs, Runnable changed) {
        getStyleClass().add("add-line");
        String id = voice.replace(' ', '-');
        boolean own = recordings.voices().contains(voice);
        getChildren()
                .add(new SmallButton(
                        own ? "Choose another recording…" : "Use your own recording…",
                        "recording-" + id,
                        () -> dialogs.fileToOpen(RecordingFile.ENDINGS).ifPresent(file -> {
                            try {
                                recordings.put(voice, file);
                                changed.run();
                            } catch (StrideException e) {
                                dialogs.showError("The " + voice + " keeps its sound", e.getMessage());
                            }
                        })));
        if (own) {
            getChildren().add(new SmallButton("Use the built-in sound", "usual-" + id, () -> {
                try {
                    recordings.remove(voice);
                } catch (StrideException e) {
                    dialogs.showError("I can't remove the recording", e.getMessage());
                }
                changed.run();
            }));
        }
    }
}
