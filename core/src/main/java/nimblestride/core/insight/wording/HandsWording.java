package nimblestride.core.insight.wording;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.fact.HandsFact;
import nimblestride.core.insight.fact.LookedAt;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.time.value.NoteName;
import org.apache.commons.numbers.fraction.BigFraction;

/** The words for what an exercise asks of the hands and feet. */
final class HandsWording {
    private HandsWording() {}

    static Words of(HandsFact fact) {
        if (fact instanceof HandsFact.Lead lead) {
            return lead(lead);
        }
        if (fact instanceof HandsFact.NotLinear notLinear) {
            return notLinear(notLinear);
        }
        if (fact instanceof HandsFact.AskedTwice twice) {
            return askedTwice(twice);
        }
        if (fact instanceof HandsFact.Run run) {
            return run(run);
        }
        if (fact instanceof HandsFact.Speed speed) {
            return speed(speed);
        }
        if (fact instanceof HandsFact.TooFast tooFast) {
            return tooFast(tooFast);
        }
        return ones((HandsFact.Ones) fact);
    }

    private static Words lead(HandsFact.Lead fact) {
        LookedAt lookedAt = fact.lookedAt();
        String every = lookedAt.isAll() ? "every bar" : "each of " + bars(lookedAt);
        String ones = fact.ones().entrySet().stream()
                .map(one -> "the " + one.getKey().title() + " has the 1 of "
                        + (one.getValue().size() == lookedAt.bars() ? every : FindingWords.bars(one.getValue())))
                .collect(Collectors.joining(", "));
        return new Words(fact.layer() + ": " + ones + ".", groups(fact.groups()) + accents(fact.accents()));
    }

    private static String groups(List<Optional<Limb>> groups) {
        String letters = groups.stream()
                .map(limb -> limb.map(one -> String.valueOf(one.letter())).orElse("-"))
                .collect(Collectors.joining(" "));
        return "The groups of bar 1 begin " + letters + ".";
    }

    private static String accents(Map<Limb, Long> accents) {
        return accents.isEmpty()
                ? ""
                : accents.entrySet().stream()
                        .map(entry -> entry.getKey().title() + " " + entry.getValue())
                        .collect(Collectors.joining(", ", " Accents: ", "."));
    }

    private static Words notLinear(HandsFact.NotLinear fact) {
        return new Words(
                "Not linear: limbs strike together " + times(fact.times()) + " in " + bars(fact.lookedAt())
                        + ", first on " + FindingWords.place(fact.phrase(), fact.first()) + ".",
                "");
    }

    private static Words askedTwice(HandsFact.AskedTwice fact) {
        return new Words(
                "The " + fact.limb().title() + " is asked for " + String.join(" and ", fact.voices()) + " at once on "
                        + FindingWords.place(fact.phrase(), fact.first()) + ".",
                fact.times() == 1 ? "" : times(fact.times()) + " in " + bars(fact.lookedAt()) + ".");
    }

    private static Words run(HandsFact.Run fact) {
        return new Words(
                "The " + fact.run().limb().title() + " has " + fact.run().strokes() + " strokes in a row from "
                        + FindingWords.place(fact.phrase(), fact.run().from()) + ".",
                "More than two in a row tire a hand first.");
    }

    private static Words speed(HandsFact.Speed fact) {
        String each = fact.perSecond().entrySet().stream()
                .map(limb -> "the " + limb.getKey().title() + " " + decimal(limb.getValue()))
                .collect(Collectors.joining(", "));
        String limit = fact.limit()
                .map(most -> " Your limit of " + most.perSecond() + " is reached at " + decimal(most.reachedAt())
                        + " beats a minute.")
                .orElse("");
        return new Words(
                "Strokes a second at this tempo, at the most: " + each + ".",
                "The shortest time between two is " + NoteName.one(fact.shortest()) + "." + limit);
    }

    private static Words tooFast(HandsFact.TooFast fact) {
        return new Words(
                "The " + fact.limb().title() + " is asked for " + decimal(fact.perSecond())
                        + " strokes a second from " + FindingWords.place(fact.phrase(), fact.from())
                        + "; your limit is " + fact.limit().perSecond() + ".",
                "It is reached at " + decimal(fact.limit().reachedAt()) + " beats a minute.");
    }

    private static Words ones(HandsFact.Ones fact) {
        String flow =
                switch (fact.flow()) {
                    case BOXED_IN -> "boxed in";
                    case IN_BETWEEN -> "in between";
                    case FLOWING -> "flowing";
                };
        String each = fact.voices().entrySet().stream()
                .map(voice -> voice.getKey() + " " + voice.getValue())
                .collect(Collectors.joining(", "));
        return new Words(
                String.format(
                        Locale.ROOT, "The 1 is struck in %,d of %s: %s.", fact.played(), bars(fact.lookedAt()), flow),
                each.isEmpty() ? "" : each + ".");
    }

    private static String bars(LookedAt lookedAt) {
        return lookedAt.isAll() ? Counted.count(lookedAt.bars(), "bar") : "the first " + lookedAt.bars() + " bars";
    }

    private static String times(int count) {
        return count == 1 ? "once" : count == 2 ? "twice" : Counted.count(count, "time");
    }

    /** Returns a number with at most one decimal. */
    private static String decimal(BigFraction number) {
        return new BigDecimal(number.getNumerator())
                .divide(new BigDecimal(number.getDenominator()), MathContext.DECIMAL64)
                .setScale(1, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }
}
