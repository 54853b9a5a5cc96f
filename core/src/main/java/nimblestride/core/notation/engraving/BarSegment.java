package nimblestride.core.notation.engraving;

import nimblestride.core.notation.score.WrittenBar;

/**
 * A bar, or part of one too long for a line.
 *
 * @param index of the score's bar, from 0
 * @param lead room before its first column: signature, repeat sign, and what the first notes need to their left
 * @param courtesy room at the end of the line before for the signature it starts with; 0 for none
 * @param first its first column
 * @param end the column after its last
 */
record BarSegment(WrittenBar bar, int index, NoteSpacing columns, double lead, double courtesy, int first, int end) {
    boolean opens() {
        return first == 0;
    }

    boolean closes() {
        return end == columns.count();
    }

    double least() {
        double sum = lead;
        for (int i = first; i < end; i++) {
            sum += columns.least(i);
        }
        return sum;
    }

    double natural() {
        double sum = lead;
        for (int i = first; i < end; i++) {
            sum += Math.max(columns.least(i), columns.ideal(i));
        }
        return sum;
    }

    /** Returns its width when every duration gets some times the room it asks for. */
    double stretched(double factor) {
        double sum = lead;
        for (int i = first; i < end; i++) {
            sum += gap(i, factor);
        }
        return sum;
    }

    double gap(int column, double factor) {
        return Math.max(columns.least(column), columns.ideal(column) * factor);
    }
}
