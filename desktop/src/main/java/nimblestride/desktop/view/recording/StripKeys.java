package nimblestride.desktop.view.recording;

import java.util.List;
import javafx.scene.input.KeyEvent;
import nimblestride.core.transcription.recording.HeardHit;

/**
 * Handles the keys on the strip: arrows go from hit to hit, with Shift they move the hit by a thousandth of a second; Delete
 * removes it, Insert adds one beside it; plus and minus show fewer bars, or more.
 */
final class StripKeys {
    private static final double STEP = 0.001;
    private static final double BESIDE = 0.05;

    private final RecordingStrip strip;
    private final StripActions actions;

    StripKeys(RecordingStrip strip, StripActions actions) {
        this.strip = strip;
        this.actions = actions;
    }

    void listen() {
        strip.setOnKeyPressed(event -> {
            if (strip.content().isPresent() && handles(event)) {
                event.consume();
            }
        });
    }

    private boolean handles(KeyEvent event) {
        switch (event.getCode()) {
            case LEFT -> arrow(event, -1);
            case RIGHT -> arrow(event, 1);
            case DELETE, BACK_SPACE -> remove();
            case INSERT -> add();
            case PLUS, ADD, EQUALS -> strip.zoom(true, strip.getWidth() / 2);
            case MINUS, SUBTRACT -> strip.zoom(false, strip.getWidth() / 2);
            default -> {
                return false;
            }
        }
        return true;
    }

    private List<HeardHit> hits() {
        return strip.content().orElseThrow().hits();
    }

    private void arrow(KeyEvent event, int direction) {
        if (event.isShiftDown()) {
            strip.selected().ifPresent(at -> {
                double to = Math.max(0, at + direction * STEP);
                actions.move(at, to);
                strip.select(to);
            });
            return;
        }
        double from = strip.selected()
                .orElse(strip.content()
                        .orElseThrow()
                        .beats()
                        .secondsAt(strip.view().start()));
        List<HeardHit> there = hits().stream()
                .filter(hit -> direction > 0 ? hit.at() > from + STEP / 2 : hit.at() < from - STEP / 2)
                .toList();
        if (!there.isEmpty()) {
            strip.select(there.get(direction > 0 ? 0 : there.size() - 1).at());
        }
    }

    private void remove() {
        strip.selected().ifPresent(at -> {
            strip.selectNone();
            actions.remove(at);
        });
    }

    private void add() {
        double at = strip.selected().orElse(0) + BESIDE;
        actions.add(at);
        strip.select(at);
    }
}
