package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.notation.score.WrittenHead;

/**
 * How the heads of one note stand side by side: heads on one place of the staff or on neighboring ones, a second apart, have no
 * room above each other (common practice in engraving).
 *
 * @param files in which file each head stands, from the lowest head up; 0 is the one at the left
 */
record NoteheadColumns(List<Integer> files) {
    /** @param heads from the lowest up */
    static NoteheadColumns of(List<WrittenHead> heads) {
        List<Integer> files = new ArrayList<>();
        for (int i = 0; i < heads.size(); i++) {
            int file = 0;
            while (isTaken(file, i, files, heads)) {
                file++;
            }
            files.add(file);
        }
        return new NoteheadColumns(List.copyOf(files));
    }

    private static boolean isTaken(int file, int head, List<Integer> files, List<WrittenHead> heads) {
        for (int i = 0; i < head; i++) {
            int apart =
                    heads.get(head).voice().staffPlace() - heads.get(i).voice().staffPlace();
            if (files.get(i) == file && apart <= 1) {
                return true;
            }
        }
        return false;
    }

    int fileOf(int head) {
        return files.get(head);
    }

    /** Returns the number of columns, at least 1. */
    int count() {
        return 1 + files.stream().mapToInt(Integer::intValue).max().orElse(0);
    }
}
