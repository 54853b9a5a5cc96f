package nimblestride.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.xml.parsers.DocumentBuilderFactory;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetItem;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.formats.font.Fonts;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.w3c.dom.Document;

/** Sheets as files, read back by other hands: PDFBox, an XML parser, ImageIO. */
class PagesTest {
    private static final Exercise EXERCISE =
            Examples.exercise("11/8(3+3+3+2), 7/16", "hi-hat every 1/8", "snare 3 over bar", "kick cell X.g of 1/16");

    private static List<Drawing> pages(Sheet sheet, Exercise exercise) {
        return new SheetLayout(sheet, Fonts.get().music(), Fonts.get()).of(exercise);
    }

    @ParameterizedTest
    @EnumSource
    void aPdfHasItsSizeItsWordsAndItsFaces(PaperSize paper) throws Exception {
        List<Drawing> pages = pages(Sheet.DEFAULT.on(paper).addressed("for the Tuesday group"), EXERCISE);
        byte[] file = PdfFile.write("Example", pages, PaperSize.pointsToTheSpace());
        try (PDDocument document = Loader.loadPDF(file)) {
            PDPage page = document.getPage(0);
            // ISO 216 and ANSI Letter, in points.
            double width = paper == PaperSize.A4 ? 595.28 : 612;
            double height = paper == PaperSize.A4 ? 841.89 : 792;
            assertThat((double) page.getMediaBox().getWidth()).isCloseTo(width, offset(0.1));
            assertThat((double) page.getMediaBox().getHeight()).isCloseTo(height, offset(0.1));
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Example", "for the Tuesday group", "Stages", "Notes", "1 of " + pages.size());
            Set<String> faces = new HashSet<>();
            for (COSName name : page.getResources().getFontNames()) {
                PDFont font = page.getResources().getFont(name);
                assertThat(font.isEmbedded()).as(font.getName()).isTrue();
                faces.add(font.getName().replaceFirst("^[A-Z]{6}\\+", ""));
            }
            assertThat(faces).contains("Lato-Regular", "Lato-Bold").noneMatch(face -> face.startsWith("Bravura"));
            // A clef, a notehead, and more: signs are outlines, each once in the file.
            assertThat(page.getResources().getXObjectNames()).hasSizeGreaterThan(4);
            assertThat(file.length).isLessThan(120_000);
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Example");
        }
    }

    /** Read by programs that are not ours, which must have nothing to object to: poppler's pdffonts, pdftoppm, and pdftotext. */
    @Test
    void outsideReadersHaveNothingToObjectTo(@TempDir Path folder) throws Exception {
        assumeTrue(has("pdffonts") && has("pdftoppm") && has("pdftotext"), "poppler's tools are not on this machine");
        SheetLayout booklets =
                new SheetLayout(Sheet.DEFAULT.on(PaperSize.LETTER), Fonts.get().music(), Fonts.get());
        List<List<Drawing>> all = List.of(
                pages(Sheet.DEFAULT.addressed("for the Tuesday group"), EXERCISE),
                pages(Sheet.DEFAULT, EXERCISE.withName("Über 太鼓 \ud83e\udd41")),
                booklets.booklet("Parade", List.of(EXERCISE, EXERCISE.withName("Second"))));
        for (List<Drawing> pages : all) {
            Path file = Files.write(
                    folder.resolve("sheet.pdf"), PdfFile.write("Example", pages, PaperSize.pointsToTheSpace()));
            assertThat(outside(folder, "pdffonts", file.toString()))
                    .contains("Lato-Regular")
                    .doesNotContain("Error", "Warning");
            assertThat(outside(folder, "pdftotext", file.toString(), "-"))
                    .doesNotContain("Error", "Warning")
                    .isNotBlank();
            assertThat(outside(
                            folder,
                            "pdftoppm",
                            "-r",
                            "40",
                            "-png",
                            "-l",
                            "1",
                            file.toString(),
                            folder.resolve("page") + ""))
                    .isEmpty();
            Path first;
            try (Stream<Path> images = Files.list(folder)) {
                first = images.filter(image -> image.toString().endsWith(".png"))
                        .findFirst()
                        .orElseThrow();
            }
            // Some of the page is ink, and most of it is not.
            assertThat(inkOf(ImageIO.read(first.toFile()))).isBetween(0.0005, 0.2);
            Files.delete(first);
        }
    }

    private static boolean has(String program) {
        return Stream.of(System.getenv("PATH").split(File.pathSeparator))
                .anyMatch(part -> Files.isExecutable(Path.of(part, program)));
    }

    /** All that a program says, on both of its outputs. */
    private static String outside(Path folder, String... command) throws Exception {
        Path said = folder.resolve("said.txt");
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        assertThat(process.waitFor()).as("%s", List.of(command)).isZero();
        return Files.readString(said);
    }

    private static double inkOf(BufferedImage image) {
        long dark = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                dark += (image.getRGB(x, y) & 0xFF) < 128 ? 1 : 0;
            }
        }
        return dark / (double) (image.getWidth() * image.getHeight());
    }

    @Test
    void nothingStandsOutsideThePage() {
        for (PaperSize paper : PaperSize.values()) {
            for (Exercise exercise : List.of(
                    EXERCISE,
                    EXERCISE.withName(
                            "The Long Walk of the Lamplighters ".repeat(5).strip()),
                    EXERCISE.withName("W".repeat(200)),
                    Examples.exercise("4/4 x40", "snare every 3/16"),
                    Examples.exercise("1/4", "snare 64 over bar"),
                    Examples.exercise("64/4", "snare every 1/32"))) {
                for (Drawing page : pages(Sheet.DEFAULT.on(paper), exercise)) {
                    assertThat(page.marks()).allSatisfy(mark -> assertInside(mark, page));
                }
            }
        }
    }

    private static void assertInside(Mark mark, Drawing page) {
        List<Double> xs = new ArrayList<>();
        if (mark instanceof Mark.Sign sign) {
            xs.add(sign.x());
            xs.add(sign.x() + Fonts.get().music().boxes().get(sign.glyph()).east() * sign.size());
        } else if (mark instanceof Mark.Words words) {
            double width = Fonts.get().width(words.text(), words.weight(), words.size());
            double part =
                    switch (words.align()) {
                        case START -> 0;
                        case MIDDLE -> 0.5;
                        case END -> 1;
                    };
            xs.add(words.x() - part * width);
            xs.add(words.x() + (1 - part) * width);
        } else if (mark instanceof Mark.Line line) {
            xs.add(line.x1());
            xs.add(line.x2());
        }
        assertThat(xs).allSatisfy(x -> assertThat(x).isBetween(1.0, page.width() - 1));
    }

    @Test
    void notesOfALineDoNotTouch() {
        for (String bars : List.of("4/4", "11/8(3+3+3+2)", "2/4+3/20")) {
            Exercise exercise = Examples.exercise(bars, "snare 13 over bar", "crash every 1/16", "kick every 3/32");
            Sheet sheet = Sheet.DEFAULT.with(SheetItem.ROAD, false);
            for (Drawing page : pages(sheet, exercise)) {
                List<Mark.Sign> heads = page.marks().stream()
                        .filter(Mark.Sign.class::isInstance)
                        .map(Mark.Sign.class::cast)
                        .filter(sign -> sign.glyph().smuflName().startsWith("notehead"))
                        .toList();
                assertThat(heads).hasSizeGreaterThan(20);
                for (Mark.Sign one : heads) {
                    for (Mark.Sign other : heads) {
                        boolean touch = !one.equals(other)
                                && Math.abs(one.y() - other.y()) < 0.5
                                && Math.abs(one.x() - other.x()) < 1;
                        assertThat(touch).as("%s and %s", one, other).isFalse();
                    }
                }
            }
        }
    }

    @Test
    void aBookletTellsOnWhichPageEachExerciseBegins() throws Exception {
        List<Exercise> exercises = List.of(
                EXERCISE.withName("First Lantern"),
                Examples.exercise("4/4 x64", "snare every 3/16").withName("Long Quay"),
                EXERCISE.withName("Last Lantern"));
        List<Drawing> pages =
                new SheetLayout(Sheet.DEFAULT, Fonts.get().music(), Fonts.get()).booklet("Parade", exercises);
        byte[] file = PdfFile.write("Parade", pages, PaperSize.pointsToTheSpace());
        try (PDDocument document = Loader.loadPDF(file)) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setEndPage(1);
            List<String> contents = stripper.getText(document).lines().toList();
            for (Exercise exercise : exercises) {
                String line = contents.stream()
                        .filter(one -> one.startsWith(exercise.name()))
                        .findFirst()
                        .orElseThrow();
                int page = Integer.parseInt(line.replaceFirst("^.* ", ""));
                PDFTextStripper there = new PDFTextStripper();
                there.setStartPage(page);
                there.setEndPage(page);
                assertThat(there.getText(document)).startsWith(exercise.name());
            }
            assertThat(document.getNumberOfPages()).isEqualTo(pages.size());
        }
    }

    @Test
    void anSvgIsWellFormedAndNeedsNoMusicFace() throws Exception {
        Drawing page = pages(Sheet.DEFAULT, EXERCISE.withName("Lamps & <Lanterns> \u0001"))
                .get(0);
        String svg = SvgFile.write("Lamps & <Lanterns> \u0001", page, 8);
        Document document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        long signs = page.marks().stream().filter(Mark.Sign.class::isInstance).count();
        assertThat(document.getElementsByTagName("use").getLength()).isEqualTo((int) signs);
        assertThat(svg).doesNotContain("Bravura").contains("id=\"unpitchedPercussionClef1\"");
    }

    @Test
    void aPngShowsTheStaffLines() throws Exception {
        Drawing line = new Drawing(10, 4, List.of(new Mark.Line(0, 2, 10, 2, 0.5, Ink.INK)), List.of());
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(PngFile.write(line, 10)));
        assertThat(image.getWidth()).isEqualTo(100);
        assertThat(image.getHeight()).isEqualTo(40);
        assertThat(image.getRGB(50, 20) & 0xff).isLessThan(0x30);
        assertThat(image.getRGB(50, 5) & 0xff).isEqualTo(0xff);
    }

    @Test
    void aHugePictureIsDrawnSmaller() throws Exception {
        Drawing tall = new Drawing(100, 100_000, List.of(), List.of());
        // Only the head is read: the picture takes a second.
        ImageReader picture = ImageIO.getImageReadersByFormatName("png").next();
        picture.setInput(ImageIO.createImageInputStream(new ByteArrayInputStream(PngFile.write(tall, 20))));
        assertThat((double) picture.getWidth(0) * picture.getHeight(0)).isLessThan(PngFile.MAX_PIXELS * 1.05);
    }
}
