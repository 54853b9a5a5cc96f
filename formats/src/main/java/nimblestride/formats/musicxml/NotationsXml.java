package nimblestride.formats.musicxml;

import java.math.BigInteger;
import java.util.List;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.notation.score.NoteShape;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.TupletSpan;
import nimblestride.core.notation.score.WrittenHead;
import nimblestride.core.notation.score.WrittenNote;
import org.audiveris.proxymusic.Articulations;
import org.audiveris.proxymusic.EmptyPlacement;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Ornaments;
import org.audiveris.proxymusic.ShowTuplet;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.StrongAccent;
import org.audiveris.proxymusic.Tied;
import org.audiveris.proxymusic.TiedType;
import org.audiveris.proxymusic.Tremolo;
import org.audiveris.proxymusic.TremoloType;
import org.audiveris.proxymusic.Tuplet;
import org.audiveris.proxymusic.TupletDot;
import org.audiveris.proxymusic.TupletNumber;
import org.audiveris.proxymusic.TupletPortion;
import org.audiveris.proxymusic.TupletType;
import org.audiveris.proxymusic.YesNo;

/** What is signed on a note: ties, tuplets, accents, rolls. */
final class NotationsXml {
    private static final ObjectFactory FACTORY = new ObjectFactory();

    private NotationsXml() {}

    /** Returns the notations of a rest: the ends of tuplets. */
    static Notations ofRest(PartRhythm part, int index) {
        Notations notations = new Notations();
        tuplets(part, index, notations.getTiedOrSlurOrTuplet());
        return notations;
    }

    /**
     * Returns the notations of a note of a chord.
     *
     * @param first whether this note carries what belongs to the whole chord
     */
    static Notations of(PartRhythm part, int index, boolean tiesOn, boolean first, WrittenHead head) {
        Notations notations = new Notations();
        List<Object> signs = notations.getTiedOrSlurOrTuplet();
        WrittenNote written = part.written().get(index);
        if (written.tied()) {
            signs.add(tied(TiedType.STOP));
        }
        if (tiesOn) {
            signs.add(tied(TiedType.START));
        }
        if (first) {
            tuplets(part, index, signs);
            if (written.isStruck()) {
                accents(written, signs);
            }
        }
        if (written.isStruck()) {
            rolls(head.stroke().ornament(), signs);
        }
        return notations;
    }

    private static Tied tied(TiedType type) {
        Tied tied = new Tied();
        tied.setType(type);
        return tied;
    }

    private static void tuplets(PartRhythm part, int index, List<Object> signs) {
        for (TupletSpan span : part.tupletsOf(index)) {
            if (span.from() == index) {
                Tuplet tuplet = tuplet(span, StartStop.START);
                tuplet.setBracket(YesNo.YES);
                tuplet.setShowNumber(span.tuplet().isUsual() ? ShowTuplet.ACTUAL : ShowTuplet.BOTH);
                tuplet.setTupletActual(
                        portion(span.tuplet().actual(), span.tuplet().unit()));
                tuplet.setTupletNormal(
                        portion(span.tuplet().normal(), span.tuplet().unit()));
                signs.add(tuplet);
            }
            if (span.to() == index + 1) {
                signs.add(tuplet(span, StartStop.STOP));
            }
        }
    }

    private static Tuplet tuplet(TupletSpan span, StartStop type) {
        Tuplet tuplet = new Tuplet();
        tuplet.setType(type);
        tuplet.setNumber(span.depth() + 1);
        return tuplet;
    }

    private static TupletPortion portion(int notes, NoteShape shape) {
        TupletPortion portion = new TupletPortion();
        TupletNumber number = new TupletNumber();
        number.setValue(BigInteger.valueOf(notes));
        portion.setTupletNumber(number);
        TupletType type = new TupletType();
        type.setValue(NoteXml.typeName(shape));
        portion.setTupletType(type);
        for (int dot = 0; dot < shape.dots(); dot++) {
            portion.getTupletDot().add(new TupletDot());
        }
        return portion;
    }

    private static void accents(WrittenNote written, List<Object> signs) {
        boolean strong = written.heads().stream().anyMatch(head -> head.stroke().level() == Dynamic.STRONG);
        boolean accent = written.heads().stream().anyMatch(head -> head.stroke().level() == Dynamic.ACCENT);
        if (strong || accent) {
            Articulations articulations = new Articulations();
            articulations
                    .getAccentOrStrongAccentOrStaccato()
                    .add(
                            strong
                                    ? FACTORY.createArticulationsStrongAccent(new StrongAccent())
                                    : FACTORY.createArticulationsAccent(new EmptyPlacement()));
            signs.add(articulations);
        }
    }

    /** A pressed roll is an unmeasured tremolo. */
    private static void rolls(Ornament ornament, List<Object> signs) {
        if (ornament == Ornament.BUZZ) {
            Tremolo tremolo = new Tremolo();
            tremolo.setValue(0);
            tremolo.setType(TremoloType.UNMEASURED);
            Ornaments ornaments = new Ornaments();
            ornaments.getTrillMarkOrTurnOrDelayedTurn().add(FACTORY.createOrnamentsTremolo(tremolo));
            signs.add(ornaments);
        }
    }
}
