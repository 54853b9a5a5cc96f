package nimblestride.formats.musicxml;

import jakarta.xml.bind.JAXBElement;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.voice.Limb;
import org.audiveris.proxymusic.Articulations;
import org.audiveris.proxymusic.Fingering;
import org.audiveris.proxymusic.Lyric;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Ornaments;
import org.audiveris.proxymusic.Technical;
import org.audiveris.proxymusic.TextElementData;
import org.audiveris.proxymusic.Tremolo;
import org.audiveris.proxymusic.TremoloType;
import org.audiveris.proxymusic.YesNo;

/** How a note is struck: its accents, its ghost in parentheses, its roll, its sticking. */
final class StrokeReader {
    private StrokeReader() {}

    /** Returns a note's notations of one kind. */
    private static <T> Stream<T> signed(Note note, Class<T> kind) {
        return note.getNotations().stream()
                .map(Notations::getTiedOrSlurOrTuplet)
                .flatMap(List::stream)
                .filter(kind::isInstance)
                .map(kind::cast);
    }

    private static boolean isArticulated(Note note, String name) {
        return signed(note, Articulations.class)
                .flatMap(signs -> signs.getAccentOrStrongAccentOrStaccato().stream())
                .anyMatch(sign -> sign.getName().getLocalPart().equals(name));
    }

    /** Returns the accent on a note, which holds for all notes of its chord; empty for none. */
    static Optional<Dynamic> accent(Note note) {
        return isArticulated(note, "strong-accent")
                ? Optional.of(Dynamic.STRONG)
                : isArticulated(note, "accent") ? Optional.of(Dynamic.ACCENT) : Optional.empty();
    }

    static boolean isGhost(Note note) {
        return note.getNotehead() != null && note.getNotehead().getParentheses() == YesNo.YES;
    }

    /**
     * Returns a double for one slash through the stem, and a buzz for more, or for an unmeasured tremolo (common
     * practice on drums).
     */
    static Ornament roll(Note note) {
        Optional<Tremolo> tremolo = signed(note, Ornaments.class)
                .flatMap(signs -> signs.getTrillMarkOrTurnOrDelayedTurn().stream())
                .map(JAXBElement::getValue)
                .filter(Tremolo.class::isInstance)
                .map(Tremolo.class::cast)
                .findFirst();
        return tremolo.map(one -> one.getType() != TremoloType.UNMEASURED && one.getValue() == 1
                        ? Ornament.DOUBLED
                        : Ornament.BUZZ)
                .orElse(Ornament.NONE);
    }

    /** Returns the hand written as R or L with the note, as a lyric or as a fingering. */
    static Optional<Limb> sticking(Note note) {
        Stream<String> lyrics = note.getLyric().stream()
                .map(Lyric::getElisionAndSyllabicAndText)
                .flatMap(List::stream)
                .filter(TextElementData.class::isInstance)
                .map(text -> ((TextElementData) text).getValue());
        Stream<String> fingerings = signed(note, Technical.class)
                .flatMap(signs -> signs.getUpBowOrDownBowOrHarmonic().stream())
                .map(JAXBElement::getValue)
                .filter(Fingering.class::isInstance)
                .map(fingering -> ((Fingering) fingering).getValue());
        return Stream.concat(lyrics, fingerings)
                .flatMap(text -> hand(text).stream())
                .findFirst();
    }

    static Optional<Limb> hand(String text) {
        return switch (text == null ? "" : text.strip().toUpperCase(Locale.ROOT)) {
            case "R" -> Optional.of(Limb.RIGHT_HAND);
            case "L" -> Optional.of(Limb.LEFT_HAND);
            default -> Optional.empty();
        };
    }
}
