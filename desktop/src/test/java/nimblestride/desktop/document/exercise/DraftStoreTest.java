package nimblestride.desktop.document.exercise;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.files.FileException;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.formats.json.DraftJson.InBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DraftStoreTest {
    @TempDir
    private Path folder;

    private static Draft draft(String bars) {
        return new Draft(exercise(bars, "kick every 5/16"), Optional.of(new InBook(new UUID(1, 2), 3)), false);
    }

    @Test
    void findsWhatWasKeptLast() throws IOException {
        try (DraftStore drafts = DraftStore.open(folder)) {
            assertThat(drafts.last()).isEmpty();
            drafts.keep(draft("7/8"));
            drafts.keep(draft("9/16"));
        }
        try (DraftStore drafts = DraftStore.open(folder)) {
            assertThat(drafts.last()).contains(draft("9/16"));
        }
    }

    @Test
    void eachWindowThatIsOpenHasADraftOfItsOwn() throws IOException {
        try (DraftStore first = DraftStore.open(folder);
                DraftStore second = DraftStore.open(folder)) {
            first.keep(draft("7/8"));
            second.keep(draft("9/16"));
            assertThat(first.last()).contains(draft("7/8"));
            assertThat(second.last()).contains(draft("9/16"));
        }
    }

    @Test
    void aDraftThatCannotBeReadIsMovedAside() throws IOException {
        try (DraftStore drafts = DraftStore.open(folder)) {
            drafts.keep(draft("7/8"));
            Path file = folder.resolve("desk-1.json");
            String whole = Files.readString(file);
            Files.writeString(file, whole.substring(0, whole.length() / 2));
            assertThatExceptionOfType(StrideException.class)
                    .isThrownBy(drafts::last)
                    .withMessageContaining("It was moved to " + folder.resolve("desk-1.json.unreadable-1"));
            assertThat(folder.resolve("desk-1.json.unreadable-1")).hasContent(whole.substring(0, whole.length() / 2));
            assertThat(drafts.last()).isEmpty();
        }
    }

    /** Whichever byte has changed: the draft makes sense, or it is moved aside and the next start has a blank desk. */
    @Test
    void whicheverByteHasChangedTheDeskComesUp() throws IOException {
        Random random = new Random(7);
        try (DraftStore drafts = DraftStore.open(folder)) {
            drafts.keep(draft("7/8(2+2+3), 9/16"));
            Path file = folder.resolve("desk-1.json");
            byte[] good = Files.readAllBytes(file);
            int aside = 0;
            for (int round = 0; round < 500; round++) {
                byte[] bad = good.clone();
                bad[random.nextInt(bad.length)] = (byte) random.nextInt(256);
                Files.write(file, bad);
                try {
                    assertThat(drafts.last()).isPresent();
                } catch (FileException e) {
                    aside++;
                    assertThat(file).doesNotExist();
                }
            }
            assertThat(aside).isBetween(100, 499);
        }
    }

    @Test
    void autosaveWritesTheNewestAndTellsWhatItCannot() throws IOException {
        List<String> problems = new ArrayList<>();
        try (DraftStore drafts = DraftStore.open(folder)) {
            try (Autosave autosave = new Autosave(drafts, problems::add)) {
                for (int i = 1; i <= 50; i++) {
                    autosave.save(draft(i + "/8"));
                }
            }
            assertThat(drafts.last()).contains(draft("50/8"));
            assertThat(problems).isEmpty();
            Files.delete(folder.resolve("desk-1.json"));
            Files.createDirectory(folder.resolve("desk-1.json"));
            try (Autosave autosave = new Autosave(drafts, problems::add)) {
                autosave.save(draft("7/8"));
            }
            assertThat(problems).singleElement().asString().contains("I can't keep your work on disk");
        }
    }
}
