package nimblestride.core.time.reading;

import java.util.List;

/** Puts a list of groups into words: {@code three 3s, then one 2}. */
final class GroupRunWords {
    private static final List<String> NUMBERS = List.of(
            "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final int MAX_RUNS = 6;

    private GroupRunWords() {}

    static String of(List<Integer> groups) {
        StringBuilder words = new StringBuilder();
        int runs = 0;
        for (int from = 0; from < groups.size(); runs++) {
            int to = from;
            while (to < groups.size() && groups.get(to).equals(groups.get(from))) {
                to++;
            }
            if (runs == MAX_RUNS) {
                return words + ", and so on";
            }
            words.append(runs == 0 ? "" : ", then ")
                    .append(number(to - from))
                    .append(' ')
                    .append(groups.get(from))
                    .append(to - from == 1 ? "" : "s");
            from = to;
        }
        return words.toString();
    }

    static String number(int number) {
        return number < NUMBERS.size() ? NUMBERS.get(number) : Integer.toString(number);
    }
}
