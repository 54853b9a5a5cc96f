package nimblestride.desktop.workspace.listen;

import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.MicrophoneHits;
import nimblestride.desktop.playback.OpenRecording;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.page.LazyPage;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Listen workspace: hear a recording slowly, and find out what it is in. */
public final class ListenWorkspace extends PagedPane implements Workspace {
    private final LazyPage<RecordingPage> recorded;
    private final LazyPage<MeterPage> meter;

    /**
     * Creates the pages.
     *
     * @param importing makes an exercise of a recording
     * @param microphone hears what somebody plays
     */
    public ListenWorkspace(
            ExerciseDocument document,
            OpenRecording recording,
            Transport transport,
            RecordingImport importing,
            MicrophoneHits microphone,
            WindowServices services) {
        RecordingEdits edits = new RecordingEdits(document, recording, transport, services.status());
        recorded = add(PageId.RECORDING, () -> new RecordingPage(recording, edits, transport, importing, services));
        meter = add(PageId.ITS_METER, () -> new MeterPage(recording, edits));
        add(PageId.MICROPHONE, () -> new MicrophonePage(microphone, services.navigation()));
        open(PageId.RECORDING);
    }

    /** Shows what is heard now. */
    public void follow(Playhead playhead) {
        recorded.ifMade(page -> page.follow(playhead));
        meter.ifMade(page -> page.follow(playhead));
    }
}
