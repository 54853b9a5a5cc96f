package nimblestride.formats.font;

import java.io.InputStream;
import java.util.EnumMap;
import java.util.Map;
import nimblestride.core.notation.engraving.Glyph;
import nimblestride.core.notation.engraving.MusicFontMetrics;
import nimblestride.core.notation.engraving.MusicFontMetrics.Box;
import nimblestride.core.notation.engraving.MusicFontMetrics.Lines;
import nimblestride.core.notation.engraving.MusicFontMetrics.StemAnchors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Reads the metadata file of a music font, as SMuFL 1.4 defines it. */
final class SmuflMetadata {
    private SmuflMetadata() {}

    static MusicFontMetrics read(InputStream file) {
        JsonNode root = new ObjectMapper().readTree(file);
        JsonNode boxes = root.get("glyphBBoxes");
        JsonNode anchors = root.get("glyphsWithAnchors");
        Map<Glyph, Box> boxOf = new EnumMap<>(Glyph.class);
        Map<Glyph, StemAnchors> stemOf = new EnumMap<>(Glyph.class);
        for (Glyph glyph : Glyph.values()) {
            JsonNode box = boxes.get(glyph.smuflName());
            if (box != null) {
                boxOf.put(
                        glyph,
                        new Box(
                                at(box, "bBoxSW", 0),
                                at(box, "bBoxSW", 1),
                                at(box, "bBoxNE", 0),
                                at(box, "bBoxNE", 1)));
            }
            JsonNode own = anchors.get(glyph.smuflName());
            if (own != null && own.has("stemUpSE") && own.has("stemDownNW")) {
                stemOf.put(
                        glyph,
                        new StemAnchors(
                                at(own, "stemUpSE", 0),
                                at(own, "stemUpSE", 1),
                                at(own, "stemDownNW", 0),
                                at(own, "stemDownNW", 1)));
            }
        }
        return new MusicFontMetrics(boxOf, stemOf, lines(root.get("engravingDefaults")));
    }

    private static double at(JsonNode node, String corner, int index) {
        return node.get(corner).get(index).asDouble();
    }

    private static Lines lines(JsonNode defaults) {
        return new Lines(
                defaults.get("staffLineThickness").asDouble(),
                defaults.get("stemThickness").asDouble(),
                defaults.get("beamThickness").asDouble(),
                defaults.get("beamSpacing").asDouble(),
                defaults.get("legerLineThickness").asDouble(),
                defaults.get("legerLineExtension").asDouble(),
                defaults.get("tieMidpointThickness").asDouble(),
                defaults.get("thinBarlineThickness").asDouble(),
                defaults.get("thickBarlineThickness").asDouble(),
                defaults.get("barlineSeparation").asDouble(),
                defaults.get("repeatBarlineDotSeparation").asDouble(),
                defaults.get("tupletBracketThickness").asDouble());
    }
}
