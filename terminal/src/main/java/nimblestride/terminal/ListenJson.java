package nimblestride.terminal;

import java.util.List;
import java.util.Locale;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.core.transcription.recording.RecordingProposal;
import nimblestride.sound.hits.HeardRecording;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes what is heard in a recording as one JSON object. */
final class ListenJson {
    private static final double THOUSANDTHS = 1_000;

    private ListenJson() {}

    static String write(HeardRecording heard, List<RecordingProposal> proposals) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("seconds", rounded(heard.seconds()));
        ArrayNode hits = root.putArray("hits");
        for (HeardHit hit : heard.hits()) {
            ObjectNode node = hits.addObject();
            node.put("at", rounded(hit.at()));
            node.put("strength", rounded(hit.strength()));
            node.put("band", hit.band().name().toLowerCase(Locale.ROOT));
        }
        proposals.stream().findFirst().ifPresent(first -> root.put("tempo", rounded(first.tempo())));
        ArrayNode proposed = root.putArray("proposals");
        for (RecordingProposal proposal : proposals) {
            ObjectNode node = proposed.addObject();
            node.put("bars", BarsText.write(proposal.phrase()));
            node.put("unit", proposal.unit().toString());
            node.put("tempo", rounded(proposal.tempo()));
            node.put("sure", rounded(proposal.sureness()));
            node.put("why", proposal.why());
        }
        ArrayNode ones = root.putArray("ones");
        proposals.stream()
                .findFirst()
                .map(RecordingProposal::ones)
                .orElse(List.of())
                .forEach(one -> ones.add(rounded(one)));
        return JsonMapper.builder().build().writerWithDefaultPrettyPrinter().writeValueAsString(root);
    }

    private static double rounded(double number) {
        return Math.round(number * THOUSANDTHS) / THOUSANDTHS;
    }
}
