package nimblestride.desktop.workspace.share;

import javafx.beans.property.ObjectProperty;
import javafx.scene.control.TextField;
import nimblestride.core.notation.page.Sheet;

/** For whom a sheet or a page is; all such fields show the same. */
final class ForWhomField extends TextField {
    ForWhomField(ObjectProperty<Sheet> sheet, String id) {
        super(sheet.get().forWhom());
        setId(id);
        setPromptText("for whom, or when");
        setAccessibleText("A line under the title, such as a student's name");
        setMinWidth(140);
        textProperty().addListener((property, old, now) -> sheet.set(sheet.get().addressed(now)));
        sheet.addListener((property, old, now) -> {
            if (!now.forWhom().equals(getText())) {
                setText(now.forWhom());
            }
        });
    }
}
