package nimblestride.formats.musicxml;

import java.nio.charset.StandardCharsets;
import java.util.List;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;

/** Scores put together from measures, and read. */
final class WrittenMeasures {
    /** A score as any program may write it: measures of a part between the usual beginning and end. */
    static String score(String measures) {
        return """
            <?xml version="1.0" encoding="UTF-8"?>
            <!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 3.1 Partwise//EN" \
            "http://www.musicxml.org/dtds/partwise.dtd">
            <score-partwise version="3.1"><movement-title>Ferry Bell</movement-title>
            <part-list><score-part id="P1"><part-name>Drumset</part-name>
            <score-instrument id="P1-I37"><instrument-name>Bass Drum 1</instrument-name></score-instrument>
            <score-instrument id="P1-I39"><instrument-name>Acoustic Snare</instrument-name></score-instrument>
            <midi-instrument id="P1-I37"><midi-channel>10</midi-channel><midi-unpitched>37</midi-unpitched></midi-instrument>
            <midi-instrument id="P1-I39"><midi-channel>10</midi-channel><midi-unpitched>39</midi-unpitched></midi-instrument>
            </score-part></part-list><part id="P1">"""
                + measures + "</part></score-partwise>";
    }

    static String snare(int duration, String more) {
        return "<note><unpitched><display-step>C</display-step><display-octave>5</display-octave></unpitched><duration>"
                + duration + "</duration><instrument id=\"P1-I39\"/><voice>1</voice>" + more + "</note>";
    }

    static String rest(int duration) {
        return "<note><rest/><duration>" + duration + "</duration></note>";
    }

    static final String FOUR_EIGHTHS =
            "<attributes><divisions>2</divisions><time><beats>2</beats><beat-type>4</beat-type></time></attributes>";

    static String measure(String content) {
        return "<measure number=\"1\">" + content + "</measure>";
    }

    static Transcription read(String text) throws UnreadableFileException {
        return MusicXmlImport.read(text.getBytes(StandardCharsets.UTF_8), "Unnamed");
    }

    static List<String> moments(Transcription brought) {
        return brought.parts().get(0).strokes().stream()
                .map(struck -> struck.at().toString())
                .toList();
    }

    private WrittenMeasures() {}
}
