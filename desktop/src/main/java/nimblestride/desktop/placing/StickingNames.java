package nimblestride.desktop.placing;

import java.util.List;
import javafx.util.StringConverter;
import nimblestride.desktop.desk.Desk;

/** The name of a layer, from its number. */
final class StickingNames {
    private StickingNames() {}

    static StringConverter<Integer> of(Desk desk) {
        return new StringConverter<>() {
            @Override
            public String toString(Integer index) {
                List<String> names = desk.exercise().get().layerNames();
                return index == null || index >= names.size() ? "no sticking yet" : names.get(index);
            }

            @Override
            public Integer fromString(String name) {
                throw new IllegalStateException("a sticking is chosen, not typed");
            }
        };
    }
}
