package nimblestride.core.foundation.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;

/** Numbers in words, against the format of the Java library. */
class CountedTest {
    @Property(tries = 500)
    void thousandsAreSetApart(@ForAll @LongRange(min = Long.MIN_VALUE) long number) {
        assertThat(Counted.number(number)).isEqualTo(String.format(Locale.ROOT, "%,d", number));
    }

    @Property(tries = 500)
    void soAreThoseThatAreMetWith(@ForAll @LongRange(min = -10_000, max = 10_000_000) long number) {
        assertThat(Counted.number(number)).isEqualTo(String.format(Locale.ROOT, "%,d", number));
    }

    @Example
    void oneThingIsOneAndAllElseAreMany() {
        assertThat(Counted.count(1, "bar")).isEqualTo("1 bar");
        assertThat(Counted.count(0, "bar")).isEqualTo("0 bars");
        assertThat(Counted.count(1_001, "bar")).isEqualTo("1,001 bars");
    }
}
