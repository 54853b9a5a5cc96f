package nimblestride.core.time.reading;

import java.util.List;
import nimblestride.core.time.partition.PartitionCost;

/**
 * How hard a grouping is to feel (common practice, put into numbers): twos and threes are one movement each, fours
 * nearly so, and longer groups are counted within; each change of size is a jolt; repeats come first and the odd one
 * last.
 */
final class GroupingEffort {
    private static final long[] OF_GROUP = {0, 6, 2, 2, 3, 6, 7, 9};
    private static final long OF_EACH_UNIT_MORE = 3;

    static final PartitionCost COST = new PartitionCost(GroupingEffort::ofGroup, 6, 4);

    private GroupingEffort() {}

    static long ofGroup(int units) {
        int most = OF_GROUP.length - 1;
        return units <= most ? OF_GROUP[units] : OF_GROUP[most] + OF_EACH_UNIT_MORE * (units - most);
    }

    static long of(List<Integer> groups) {
        long effort = 0;
        for (int i = 0; i < groups.size(); i++) {
            effort += ofGroup(groups.get(i));
            if (i > 0 && !groups.get(i).equals(groups.get(i - 1))) {
                boolean loner = i == 1 || !groups.get(i - 1).equals(groups.get(i - 2));
                effort += COST.ofChange() + (loner ? COST.ofEarlyLoner() : 0);
            }
        }
        return effort;
    }
}
