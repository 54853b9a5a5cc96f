package nimblestride.core.foundation.words;

import java.util.Optional;

/** The version of the program, as its build has written it down. */
public final class ProgramVersion {
    private ProgramVersion() {}

    /** Returns the program's name and version; without a version where it runs from its compiled source. */
    public static String text() {
        return Optional.ofNullable(ProgramVersion.class.getPackage().getImplementationVersion())
                .map(version -> "Nimble Stride " + version)
                .orElse("Nimble Stride");
    }
}
