package nimblestride.formats.json;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.exercise.recording.BeatMap.Beat;
import nimblestride.core.exercise.recording.HitMarks;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.time.value.NoteValue;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads and writes the recording of an exercise; the sound itself stays in its file. */
final class RecordingJson {
    private static final double MAX_SECONDS = 1e6;

    private RecordingJson() {}

    static LinkedRecording read(JsonNodeReader place) {
        place.object("content", "name", "seconds", "sensitivity", "added", "removed", "beats");
        String content = place.member("content").text();
        String name = place.member("name").text();
        double seconds = place.member("seconds").number(0, MAX_SECONDS);
        double sensitivity = place.has("sensitivity")
                ? place.member("sensitivity").number(0, 1)
                : LinkedRecording.DEFAULT_SENSITIVITY;
        List<Double> added = times(place, "added");
        List<Double> removed = times(place, "removed");
        List<Beat> beats = new ArrayList<>();
        for (JsonNodeReader one : place.member("beats").items(BeatMap.MAX_BEATS)) {
            one.object("at", "seconds", "set");
            NoteValue moment = one.member("at").noteValue();
            double when = one.member("seconds").number(-MAX_SECONDS, MAX_SECONDS);
            beats.add(new Beat(moment, when, one.has("set") && one.member("set").truth()));
        }
        return place.make(() -> new LinkedRecording(
                content, name, seconds, sensitivity, new HitMarks(added, removed), new BeatMap(beats)));
    }

    private static List<Double> times(JsonNodeReader place, String member) {
        List<Double> times = new ArrayList<>();
        if (place.has(member)) {
            for (JsonNodeReader one : place.member(member).items(HitMarks.MAX_MARKS)) {
                times.add(one.number(0, MAX_SECONDS));
            }
        }
        return times;
    }

    static ObjectNode write(LinkedRecording recording) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        node.put("content", recording.content());
        node.put("name", recording.name());
        node.put("seconds", recording.seconds());
        if (recording.sensitivity() != LinkedRecording.DEFAULT_SENSITIVITY) {
            node.put("sensitivity", recording.sensitivity());
        }
        write(recording.marks().added(), "added", node);
        write(recording.marks().removed(), "removed", node);
        ArrayNode beats = node.putArray("beats");
        for (Beat beat : recording.beats().beats()) {
            ObjectNode one =
                    beats.addObject().put("at", beat.moment().toString()).put("seconds", beat.seconds());
            if (beat.set()) {
                one.put("set", true);
            }
        }
        return node;
    }

    private static void write(List<Double> times, String member, ObjectNode node) {
        if (!times.isEmpty()) {
            times.forEach(node.putArray(member)::add);
        }
    }
}
