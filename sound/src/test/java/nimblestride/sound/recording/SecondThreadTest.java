package nimblestride.sound.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.function.Supplier;
import nimblestride.files.FileException;
import org.junit.jupiter.api.Test;

class SecondThreadTest {
    private static String fail() {
        throw new FileException("the folder is full");
    }

    @Test
    void workGoesOnBesideAndFailsWhereItIsAskedFor() {
        try (SecondThread second = new SecondThread("second")) {
            Supplier<String> name = second.begin(() -> Thread.currentThread().getName());
            Supplier<String> failed = second.begin(SecondThreadTest::fail);
            assertThat(name.get()).isEqualTo("second");
            assertThatExceptionOfType(FileException.class)
                    .isThrownBy(failed::get)
                    .withMessage("the folder is full");
            assertThatExceptionOfType(FileException.class).isThrownBy(() -> second.begin(() -> "next"));
        }
    }
}
