package nimblestride.terminal;

import java.math.BigInteger;
import java.util.List;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.Category;
import nimblestride.core.insight.fact.Fact;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.wording.Wording;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.language.text.ResetText;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.alignment.Meeting;
import nimblestride.core.layer.alignment.Realignment;
import nimblestride.core.layer.alignment.Unison;
import nimblestride.core.layer.crossing.BarByBar;
import nimblestride.core.layer.crossing.Crossing;
import nimblestride.core.layer.crossing.Remainder;
import nimblestride.core.layer.modulation.ModulationChain;
import nimblestride.core.layer.modulation.ModulationRealignment;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.partition.FitResult;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes a report as one JSON object. Lengths are strings, fractions in lowest terms; bars are numbered from 1. */
final class ReportJson {
    /** The most hits listed for a layer; where there are more, {@code hitsCut} is true. */
    static final int MAX_HITS = 100_000;

    /** The most hits listed for all layers together, in equal shares. */
    private static final int MAX_ALL_HITS = 200_000;

    /** The most bars that are listed. */
    private static final long MAX_BARS = 1_000;

    private static final int ROUNDS_LISTED = 2;

    private final Report report;
    private final Analysis analysis;
    private final Phrase phrase;

    private ReportJson(Report report) {
        this.report = report;
        this.analysis = report.analysis();
        this.phrase = analysis.exercise().phrase();
    }

    static String write(Report report) {
        return JsonMapper.builder()
                .build()
                .writerWithDefaultPrettyPrinter()
                .writeValueAsString(new ReportJson(report).write());
    }

    private ObjectNode write() {
        Exercise exercise = analysis.exercise();
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("name", exercise.name());
        root.put("tempo", exercise.tempo().toString());
        BarsJson bars = new BarsJson(phrase);
        bars.writePhrase(root.putObject("phrase"));
        bars.writeBeats(root.putArray("beats"));
        bars.writeCounts(root.putArray("counts"));
        ArrayNode layers = root.putArray("layers");
        analysis.layers().forEach(layer -> writeLayer(layer, layers.addObject()));
        ArrayNode meetings = root.putArray("meetings");
        for (Analysis.OfPair pair : analysis.meetings()) {
            pair.meeting().result().ifPresent(meeting -> writeMeeting(pair, meeting, meetings.addObject()));
        }
        analysis.unison()
                .flatMap(Analysis.Exact::result)
                .ifPresent(all -> writeUnison(all, root.putObject("allAtOnce")));
        if (!analysis.crossingLayers().isEmpty()) {
            analysis.onBarLines().result().ifPresent(ones -> writeOnes(ones, root.putObject("onBarLines")));
        }
        report.chain().ifPresent(one -> writeModulation(one, root.putObject("modulation")));
        bars.writeReadings(root.putArray("readings"));
        report.fits().ifPresent(fit -> writeFits(fit, root.putObject("fits")));
        if (!report.part().isEmpty()) {
            PartJson.write(report.part(), root.putArray("part"));
        }
        ArrayNode checks = root.putArray("checks");
        ArrayNode told = root.putArray("findings");
        for (Finding finding : report.findings()) {
            if (finding.category() == Category.CHECK) {
                ObjectNode check = checks.addObject();
                check.put("code", finding.code());
                check.put("message", finding.sentence());
                finding.fix().ifPresent(fix -> check.put("suggestion", fix.label()));
            } else {
                ObjectNode node = told.addObject();
                node.put("code", finding.code());
                node.put("sentence", finding.sentence());
                node.put("sum", finding.sum());
                node.put("more", finding.isBehindMore());
                if (!finding.details().facts().isEmpty()) {
                    writeDetails(finding.details().facts(), node.putArray("details"));
                }
            }
        }
        return root;
    }

    private static void writeDetails(List<Fact> details, ArrayNode list) {
        for (Fact detail : details) {
            Wording.Words words = Wording.of(detail);
            ObjectNode node = list.addObject();
            node.put("code", detail.kind().code());
            node.put("sentence", words.sentence());
            node.put("sum", words.sum());
        }
    }

    private static void writeFits(FitResult fit, ObjectNode node) {
        node.put("count", fit.count().toString());
        ArrayNode best = node.putArray("best");
        for (List<Integer> cells : fit.best()) {
            ArrayNode list = best.addArray();
            cells.forEach(list::add);
        }
        fit.nearest().ifPresent(length -> node.put("nearest", length));
    }

    private void writeLayer(Analysis.OfLayer ofLayer, ObjectNode node) {
        Layer layer = ofLayer.layer();
        node.put("name", ofLayer.name());
        node.put("kind", kind(layer.pattern()));
        node.put("offset", layer.offset().toString());
        node.put("reset", ResetText.write(layer.reset()));
        if (ofLayer.alignment().result().isEmpty()) {
            node.put("problem", ofLayer.alignment().problem());
            return;
        }
        Alignment alignment = ofLayer.alignment().result().get();
        node.put("cycle", alignment.timeline().cycle().toString());
        Realignment back = alignment.returnsAfter();
        ObjectNode returns = node.putObject("returnsAfter");
        returns.put("length", back.length().toString());
        returns.put("bars", back.bars());
        returns.put("phrases", back.phrases());
        returns.put("cycles", back.cycles());
        ArrayNode landings = node.putArray("landings");
        alignment.landings().forEach(bar -> landings.add(bar + 1));
        alignment.firstLanding().ifPresent(bar -> node.put("firstLanding", bar + 1));
        node.put("remainder", alignment.timeline().remainder().toString());
        writeCrossing(layer, alignment, node);
        writeHits(alignment, node);
    }

    /** Writes how a layer sits bar by bar, and what is left over wherever it stops. */
    private void writeCrossing(Layer layer, Alignment alignment, ObjectNode node) {
        Crossing crossing = Crossing.of(layer, phrase);
        node.put("crossing", crossing.kind().title());
        node.put("called", crossing.kind().key());
        crossing.ratio().ifPresent(ratio -> {
            node.put("ratio", ratio.toString());
            node.put("hemiola", ratio.isHemiola());
        });
        if (crossing.cutOff()) {
            node.put("cutOff", true);
        }
        long bars = Math.min(alignment.returnsAfter().bars(), MAX_BARS);
        ArrayNode told = node.putArray("bars");
        List<BarByBar> barByBar;
        try {
            barByBar = BarByBar.of(layer, alignment.timeline(), phrase, bars, MAX_HITS);
        } catch (ArithmeticException e) {
            // The beats of these bars can't be counted in its units.
            return;
        }
        boolean runsOn = layer.reset().equals(Reset.NEVER) && layer.pattern().span() instanceof Span.Length;
        for (int bar = 0; bar < barByBar.size(); bar++) {
            ObjectNode written = told.addObject();
            written.put("bar", bar + 1);
            written.put("hits", barByBar.get(bar).hits());
            written.put("sits", barByBar.get(bar).sits().title());
            if (runsOn) {
                Remainder left = Remainder.of(alignment.timeline(), phrase.startOf(bar + 1L));
                written.put("leftOver", left.length().toString());
            }
        }
    }

    private static String kind(Pattern pattern) {
        if (pattern instanceof Pattern.Every) {
            return "every";
        }
        return pattern instanceof Pattern.Over ? "over" : "cell";
    }

    private void writeHits(Alignment alignment, ObjectNode node) {
        LeadHand lead = analysis.exercise().leadHand();
        ArrayNode hits = node.putArray("hits");
        NoteValue end = phrase.length().times(ROUNDS_LISTED);
        int most = Math.min(MAX_HITS, MAX_ALL_HITS / analysis.layers().size());
        List<Hit> listed = alignment.timeline().between(NoteValue.ZERO, end, most + 1);
        for (Hit hit : listed.subList(0, Math.min(most, listed.size()))) {
            ObjectNode written = hits.addObject();
            CountPosition place = writePlace(hit.at(), written);
            written.put("count", place.toString());
            hit.limb(hit.voices().get(0), lead).ifPresent(limb -> written.put("limb", limb.title()));
        }
        if (listed.size() > most) {
            node.put("hitsCut", true);
        }
    }

    private CountPosition writePlace(NoteValue moment, ObjectNode node) {
        long bar = phrase.barAt(moment);
        NoteValue at = moment.minus(phrase.startOf(bar));
        node.put("bar", bar + 1);
        node.put("at", at.toString());
        return new CountPosition(phrase.bar(bar).meter(), at);
    }

    private void writeMeeting(Analysis.OfPair pair, Meeting meeting, ObjectNode node) {
        ArrayNode names = node.putArray("layers");
        names.add(analysis.layers().get(pair.one()).name());
        names.add(analysis.layers().get(pair.other()).name());
        node.put("every", meeting.every().toString());
        node.put("perCycle", meeting.perCycle());
        node.put("onsets", meeting.onsets());
        ArrayNode first = node.putArray("first");
        meeting.first().forEach(moment -> writePlace(moment, first.addObject()));
    }

    private void writeUnison(Unison unison, ObjectNode node) {
        node.put("every", unison.every().toString());
        node.put("perCycle", unison.perCycle());
        unison.onsets().ifPresent(onsets -> node.put("onsets", onsets));
        ArrayNode first = node.putArray("first");
        unison.first().forEach(moment -> writePlace(moment, first.addObject()));
    }

    private static void writeOnes(Unison.OnBarLines ones, ObjectNode node) {
        node.put("every", ones.every());
        node.put("perCycle", ones.perCycle());
        ones.longestWithout().ifPresent(bars -> node.put("longestWithout", bars));
        ArrayNode first = node.putArray("first");
        ones.first().forEach(bar -> first.add(bar + 1));
    }

    private void writeModulation(ModulationChain chain, ObjectNode node) {
        node.put("beat", chain.start().beat().toString());
        ArrayNode tempos = node.putArray("tempos");
        chain.tempos().forEach(tempo -> tempos.add(text(tempo.perMinute())));
        node.put("ratio", text(chain.ratio()));
        try {
            node.put("wayBack", ReportText.wayBack(chain));
        } catch (ArithmeticException e) {
            node.put("problem", e.getMessage());
        }
        ArrayNode friendly = node.putArray("friendlyTempos");
        chain.friendlyTempos().forEach(friendly::add);
        if (chain.pivots().size() == 1 && !analysis.exercise().hasSections()) {
            writeAgreement(chain.pivots().get(0), node);
        }
    }

    /** Writes when phrases of the old tempo and of the new one start together again. */
    private void writeAgreement(Pivot pivot, ObjectNode node) {
        try {
            ModulationRealignment agreement = ModulationRealignment.of(phrase.length(), phrase.length(), pivot);
            ObjectNode agrees = node.putObject("agreesAfter");
            agrees.put("oldPhrases", agreement.oldBars());
            agrees.put("newPhrases", agreement.newBars());
        } catch (ArithmeticException e) {
            node.remove("agreesAfter");
        }
    }

    private static String text(BigFraction number) {
        boolean whole = number.getDenominator().equals(BigInteger.ONE);
        return whole ? number.getNumerator().toString() : number.getNumerator() + "/" + number.getDenominator();
    }
}
