package nimblestride.core.insight.wording;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.fact.HandsFact;
import nimblestride.core.insight.fact.LookedAt;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.kit.voice.Limb;
import org.apache.commons.numbers.fraction.BigFraction;

/** The words for what an exercise asks of the hands and feet. */
final class HandsWording {
    private HandsWording() {}

    static Words of(HandsFact fact) {
        if (fact instanceof HandsFact.Overview overview) {
            return overview(overview);
        }
        if (fact instanceof HandsFact.NotLinear notLinear) {
            return notLinear(notLinear);
        }
        if (fact instanceof HandsFact.AskedTwice twice) {
            return askedTwice(twice);
        }
        if (fact instanceof HandsFact.Speed speed) {
            return speed(speed);
        }
        if (fact instanceof HandsFact.TooFast tooFast) {
            return tooFast(tooFast);
        }
        return ones((HandsFact.Ones) fact);
    }

    /** {@code Snare: right hand on the 1 in bar 1, left hand in bar 2. 3 strokes in a row by the right hand …} */
    private static Words overview(HandsFact.Overview fact) {
        List<String> sentences = new ArrayList<>();
        fact.leads().forEach(lead -> sentences.add(lead(lead)));
        fact.run().map(HandsWording::run).ifPresent(sentences::add);
        String groups = fact.leads().stream()
                .map(lead -> groups(lead.groups()) + accents(lead.accents()))
                .collect(Collectors.joining(" "));
        return new Words(String.join(" ", sentences), groups);
    }

    private static String lead(HandsFact.Lead fact) {
        LookedAt lookedAt = fact.lookedAt();
        String ones = fact.ones().entrySet().stream()
                .map(one -> one.getKey().title() + " in " + FindingWords.bars(one.getValue()))
                .collect(Collectors.joining(", "));
        return fact.layer() + ", the 1: " + ones + (lookedAt.isAll() ? "" : " of the first " + lookedAt.bars()) + ".";
    }

    private static String run(HandsFact.Run fact) {
        return "The " + fact.run().limb().title() + " plays " + fact.run().strokes() + " in a row from "
                + FindingWords.place(fact.phrase(), fact.run().from()) + ".";
    }

    private static String groups(List<Optional<Limb>> groups) {
        String letters = groups.stream()
                .map(limb -> limb.map(one -> String.valueOf(one.letter())).orElse("-"))
                .collect(Collectors.joining(" "));
        return "Bar 1 groups start " + letters + ".";
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
                "Not linear: limbs play together " + times(fact.times()) + " in " + bars(fact.lookedAt())
                        + ", first on " + FindingWords.place(fact.phrase(), fact.first()) + ".",
                "");
    }

    private static Words askedTwice(HandsFact.AskedTwice fact) {
        return new Words(
                "The " + fact.limb().title() + " has " + String.join(" and ", fact.voices()) + " at once on "
                        + FindingWords.place(fact.phrase(), fact.first()) + ".",
                fact.times() == 1 ? "" : times(fact.times()) + " in " + bars(fact.lookedAt()) + ".");
    }

    private static Words speed(HandsFact.Speed fact) {
        String each = fact.perSecond().entrySet().stream()
                .map(limb -> limb.getKey().title() + " " + decimal(limb.getValue()))
                .collect(Collectors.joining(", "));
        String limit = fact.limit()
                .map(most ->
                        " You reach your limit of " + most.perSecond() + " at " + decimal(most.reachedAt()) + " BPM.")
                .orElse("");
        return new Words(
                "Fastest at this tempo, in strokes per second: " + each + ".",
                "The closest two are " + FindingWords.onePlain(fact.shortest()) + " apart." + limit);
    }

    private static Words tooFast(HandsFact.TooFast fact) {
        return new Words(
                "The " + fact.limb().title() + " needs " + decimal(fact.perSecond())
                        + " strokes per second from " + FindingWords.place(fact.phrase(), fact.from())
                        + "; your limit is " + fact.limit().perSecond() + ".",
                "You reach it at " + decimal(fact.limit().reachedAt()) + " BPM.");
    }

    private static Words ones(HandsFact.Ones fact) {
        String each = fact.voices().entrySet().stream()
                .map(voice -> voice.getKey() + " " + voice.getValue())
                .collect(Collectors.joining(", "));
        return new Words(
                "The 1 is played in " + Counted.number(fact.played()) + " of " + bars(fact.lookedAt()) + ".",
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
