package nimblestride.desktop.workspace.place;

import java.util.List;
import java.util.stream.Collectors;
import javafx.application.Platform;
import nimblestride.core.language.text.PartRemark;
import nimblestride.desktop.ui.field.LinesArea;

/** Underlines places of a text: what is wrong with a firm line, what may not be meant with a dotted one. */
final class PartMarks {
    /** The most places underlined. */
    private static final int MOST = 200;

    private final LinesArea area;
    private List<PartRemark> remarks = List.of();
    private boolean marked;
    private boolean waiting;

    PartMarks(LinesArea area) {
        this.area = area;
    }

    /** Underlines after the change of the text is over; during it, the area takes no styles. */
    void show(List<PartRemark> newRemarks) {
        remarks = List.copyOf(newRemarks);
        if (!waiting && (marked || !remarks.isEmpty())) {
            waiting = true;
            Platform.runLater(this::underline);
        }
    }

    private void underline() {
        waiting = false;
        area.setMarks(remarks.stream()
                .filter(remark -> remark.from() < area.getLength())
                .limit(MOST)
                .map(this::mark)
                .collect(Collectors.toSet()));
        marked = !remarks.isEmpty();
    }

    private LinesArea.Mark mark(PartRemark remark) {
        return new LinesArea.Mark(
                remark.from(),
                Math.min(area.getLength(), Math.max(remark.to(), remark.from() + 1)),
                remark.wrong() ? "part-wrong" : "part-question");
    }
}
