package nimblestride.desktop.workspace.sound;

import nimblestride.desktop.playback.CustomRecordings;
import nimblestride.desktop.playback.KitChoice;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Sound workspace: click, mix, band, pads, and audio. */
public final class SoundWorkspace extends PagedPane implements Workspace {
    /**
     * Creates the pages.
     *
     * @param kits to choose from
     * @param recordings of the user's own
     */
    public SoundWorkspace(
            Transport transport,
            PlaybackDevices devices,
            KitChoice kits,
            CustomRecordings recordings,
            Dialogs dialogs) {
        add(PageId.CLICK, () -> new ClickPage(transport));
        add(PageId.MIX, () -> new MixPage(transport.settings(), kits, recordings, dialogs));
        add(PageId.BAND, () -> new BandPage(transport.settings()));
        add(PageId.PADS, () -> new PadsPage(devices, dialogs));
        add(PageId.AUDIO, () -> new AudioPage(transport, devices));
        open(PageId.CLICK);
    }
}
