package org.dwimble.server.sheet;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.ViewBox;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.StreamSupport;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.KindColours;
import org.dwimble.core.look.Colour;
import org.dwimble.core.measure.Length;
import org.dwimble.core.measure.Rect;
import org.dwimble.core.obf.Media;
import org.dwimble.core.sheet.Effort;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.server.job.Progress;
import org.dwimble.server.media.Raster;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Paints pages as PDF. Drawings stay vectors, each kept once however often it is used; text stays text; a
 * point is 1/72 inch, so a millimetre on the page is one on paper.
 */
public final class PdfPainter {
    /** Drawings are painted into a square of this many units and scaled from there. */
    private static final int UNITS = 512;
    private static final Media NOTHING = new Media() {
        @Override
        public Kept keep(byte[] bytes, @Nullable String symbol) {
            throw new UnsupportedOperationException("only for reading");
        }

        @Override
        public Optional<Item> find(String id) {
            return Optional.empty();
        }
    };
    private static final Logger LOG = LoggerFactory.getLogger(PdfPainter.class);
    private static final float HAIRLINE = 0.5f;
    private static final int ROUND = 1;
    private static final int DPI = 300;
    private static final int MOST_PIXELS_A_SIDE = 5_000;
    private static final float JPEG_QUALITY = 0.9f;
    /** Stands, unseen, where outlines are; readers of PDF pass over a space, and put the text it stands for in the place of anything else. */
    private static final String STAND_IN = ".";
    private static final Pattern COMMAND = Pattern.compile("([MLQCZ])([-0-9 ]*)");
    private static final Color INK = new Color(0x1f2a44);
    private static final Color FAINT = new Color(0x6b665c);
    private static final Color OUTLINE = new Color(0xa89f8c);
    private static final Color CUT = new Color(0x8c8576);

    private final PDDocument document = new PDDocument();
    private Media media = NOTHING;
    /** Of the media in hand, each picture once. */
    private Map<String, Optional<Drawn>> drawn = new HashMap<>();
    private final Map<Media, Map<String, Optional<Drawn>>> drawnOf = new HashMap<>();
    @SuppressWarnings("NullAway.Init")
    private PDType0Font font;

    /** A picture as the PDF has it: vectors or pixels, with its proportions. */
    private sealed interface Drawn {
        record Vectors(PDFormXObject form, double width, double height) implements Drawn {
        }

        record Pixels(PDImageXObject image) implements Drawn {
        }
    }

    private final Tagging tags;
    /** How wide or high each picture is drawn at most, so that photos have no more pixels than paper shows. */
    private final Map<String, Length> largest = new HashMap<>();

    private PdfPainter(Iterable<Page> pages, String title) throws IOException {
        this.tags = new Tagging(document, title);
        StreamSupport.stream(pages.spliterator(), false).flatMap(p -> Mark.all(p.marks())).filter(Mark.Picture.class::isInstance).map(Mark.Picture.class::cast)
            .forEach(p -> largest.merge(p.picture(), p.rect().width().compareTo(p.rect().height()) > 0 ? p.rect().width() : p.rect().height(),
                (one, other) -> one.compareTo(other) > 0 ? one : other));
    }

    /** Pages with the pictures as one student sees them. @param pages may be laid as they are looked at; they are gone through in order, twice */
    public record Part(List<Page> pages, Media media) {
    }

    /** @param title shown by whatever opens the file */
    public static byte[] paint(List<Page> pages, String title, Media media) throws IOException {
        return paint(List.of(new Part(pages, media)), title);
    }

    /** Several parts in one document. */
    public static byte[] paint(List<Part> parts, String title) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        paint(parts, title, out, Progress.UNTOLD);
        return out.toByteArray();
    }

    /** As above, onto a stream that is not closed. @param progress is told of every page */
    public static void paint(List<Part> parts, String title, OutputStream out, Progress progress) throws IOException {
        int all = parts.stream().mapToInt(p -> p.pages.size()).sum();
        int done = 0;
        PdfPainter painter = new PdfPainter(() -> parts.stream().flatMap(p -> p.pages.stream()).iterator(), title);
        try (PDDocument document = painter.document) {
            for (Part part : parts) {
                painter.media = part.media;
                painter.drawn = painter.drawnOf.computeIfAbsent(part.media, m -> new HashMap<>());
                for (Page page : part.pages) {
                    Effort.goOn();
                    painter.paint(page);
                    progress.told(++done, all);
                }
            }
            painter.tags.finish();
            document.save(out);
        }
    }

    private void paint(Page page) throws IOException {
        PDPage paper = new PDPage(new PDRectangle(points(page.width()), points(page.height())));
        document.addPage(paper);
        if (font == null) {
            font = PDType0Font.load(document, BoardFont.letters(), true);
        }
        float height = points(page.height());
        tags.begin(paper);
        try (PDPageContentStream out = new PDPageContentStream(document, paper)) {
            for (Mark mark : page.marks()) {
                if (mark instanceof Mark.Within within) {
                    out.saveGraphicsState();
                    Rect window = within.window();
                    out.addRect(points(window.x()), height - points(window.bottom()), points(window.width()), points(window.height()));
                    out.clip();
                    for (Mark inside : within.marks()) {
                        tagged(inside, out, height);
                    }
                    out.restoreGraphicsState();
                } else {
                    tagged(mark, out, height);
                }
            }
        }
        tags.end();
    }

    private void tagged(Mark mark, PDPageContentStream out, float height) throws IOException {
        tag(mark, out);
        paint(mark, out, height);
        out.endMarkedContent();
    }

    private void tag(Mark mark, PDPageContentStream out) throws IOException {
        if (mark instanceof Mark.Writing || mark instanceof Mark.Outlined) {
            tags.content(out, COSName.P, null);
        } else if (mark instanceof Mark.Picture picture && picture.told() != null) {
            tags.content(out, COSName.getPDFName("Figure"), picture.told());
        } else {
            Tagging.decoration(out);
        }
    }

    /** As it is seen on white paper. */
    private static Color paint(Colour colour) {
        Colour seen = colour.onWhite();
        return new Color(seen.red(), seen.green(), seen.blue());
    }

    private void paint(Mark mark, PDPageContentStream out, float pageHeight) throws IOException {
        if (mark instanceof Mark.Card card) {
            out.setNonStrokingColor(card.fill() == null ? Color.WHITE : paint(card.fill()));
            out.setStrokingColor(card.border() == null ? OUTLINE : paint(card.border()));
            out.setLineWidth(card.edge().micrometres() == 0 ? HAIRLINE : points(card.edge()));
            out.setLineDashPattern(new float[0], 0);
            rounded(out, card.rect(), points(card.radius()), pageHeight);
            out.fillAndStroke();
        } else if (mark instanceof Mark.Line line) {
            out.setStrokingColor(line.dashed() ? CUT : INK);
            out.setLineWidth(HAIRLINE);
            out.setLineDashPattern(line.dashed() ? new float[] {3, 3} : new float[0], 0);
            out.moveTo(points(line.x1()), pageHeight - points(line.y1()));
            out.lineTo(points(line.x2()), pageHeight - points(line.y2()));
            out.stroke();
        } else if (mark instanceof Mark.Writing words) {
            words(words, out, pageHeight);
        } else if (mark instanceof Mark.Shape shape) {
            out.setNonStrokingColor(paint(KindColours.of(Kind.of(shape.kind()))));
            along(shape.points(), out, pageHeight);
            out.closePath();
            out.fill();
        } else if (mark instanceof Mark.Outlined outlined) {
            outlined(outlined, out, pageHeight);
        } else if (mark instanceof Mark.Stroke stroke) {
            stroke(stroke, out, pageHeight);
        } else if (mark instanceof Mark.Picture picture) {
            picture(picture, out, pageHeight);
        }
    }

    private static void along(List<Mark.Point> points, PDPageContentStream out, float pageHeight) throws IOException {
        for (int i = 0; i < points.size(); i++) {
            float x = points(points.get(i).x());
            float y = pageHeight - points(points.get(i).y());
            if (i == 0) {
                out.moveTo(x, y);
            } else {
                out.lineTo(x, y);
            }
        }
    }

    /**
     * The outlines, and over them the text that nobody sees, to be found, read and copied (ISO 32000-1, 14.9.4). The text is given in place,
     * as some readers look nowhere else.
     */
    @SuppressWarnings("deprecation")
    private void outlined(Mark.Outlined line, PDPageContentStream out, float pageHeight) throws IOException {
        out.appendRawCommands("/Span <</ActualText <" + HexFormat.of().formatHex(("\ufeff" + line.text()).getBytes(StandardCharsets.UTF_16BE)) + ">>> BDC\n");
        out.setNonStrokingColor(line.onDark() ? Color.WHITE : line.faint() ? FAINT : INK);
        outline(line.path(), out, pageHeight);
        out.fill();
        float size = points(line.at().height());
        out.beginText();
        out.setRenderingMode(RenderingMode.NEITHER);
        out.setFont(font, size);
        out.setHorizontalScaling(100 * points(line.at().width()) / (font.getStringWidth(STAND_IN) / 1000 * size));
        out.newLineAtOffset(points(line.at().x()), pageHeight - points(line.at().bottom()));
        out.showText(STAND_IN);
        out.setHorizontalScaling(100);
        out.setRenderingMode(RenderingMode.FILL);
        out.endText();
        out.endMarkedContent();
    }

    /** Draws the commands of an SVG path; a quadratic curve as the cubic one it is. */
    private static void outline(String path, PDPageContentStream out, float pageHeight) throws IOException {
        float x = 0;
        float y = 0;
        for (Matcher command = COMMAND.matcher(path); command.find();) {
            float[] at = new float[6];
            String[] numbers = command.group(2).isEmpty() ? new String[0] : command.group(2).split(" ");
            for (int i = 0; i < numbers.length; i++) {
                float points = points(new Length(Long.parseLong(numbers[i])));
                at[i] = i % 2 == 0 ? points : pageHeight - points;
            }
            switch (command.group(1).charAt(0)) {
                case 'M' -> out.moveTo(at[0], at[1]);
                case 'L' -> out.lineTo(at[0], at[1]);
                case 'Q' -> out.curveTo(x + 2 * (at[0] - x) / 3, y + 2 * (at[1] - y) / 3, at[2] + 2 * (at[0] - at[2]) / 3, at[3] + 2 * (at[1] - at[3]) / 3,
                    at[2], at[3]);
                case 'C' -> out.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
                default -> out.closePath();
            }
            if (numbers.length > 0) {
                x = at[numbers.length - 2];
                y = at[numbers.length - 1];
            }
        }
    }

    private static void stroke(Mark.Stroke stroke, PDPageContentStream out, float pageHeight) throws IOException {
        out.setStrokingColor(paint(stroke.colour()));
        out.setLineWidth(points(stroke.width()));
        out.setLineDashPattern(new float[0], 0);
        out.setLineCapStyle(ROUND);
        out.setLineJoinStyle(ROUND);
        along(stroke.points(), out, pageHeight);
        if (stroke.closed()) {
            out.closePath();
        }
        out.stroke();
        out.setLineCapStyle(0);
    }

    private void words(Mark.Writing words, PDPageContentStream out, float pageHeight) throws IOException {
        if (words.text().isEmpty()) {
            return;
        }
        float size = points(words.size());
        float width = font.getStringWidth(words.text()) / 1000 * size;
        out.setNonStrokingColor(words.onDark() ? Color.WHITE : words.faint() ? FAINT : INK);
        out.beginText();
        out.setFont(font, size);
        out.newLineAtOffset(points(words.x()) - (words.centred() ? width / 2 : 0), pageHeight - points(words.y()));
        out.showText(words.text());
        out.endText();
    }

    private void picture(Mark.Picture picture, PDPageContentStream out, float pageHeight) throws IOException {
        Optional<Drawn> known = drawn.get(picture.picture());
        if (known == null) {
            known = drawn(picture.picture());
            drawn.put(picture.picture(), known);
        }
        if (known.isEmpty()) {
            return;
        }
        Rect rect = picture.rect();
        float roomWidth = points(rect.width());
        float roomHeight = points(rect.height());
        if (known.get() instanceof Drawn.Vectors vectors) {
            double scale = Math.min(roomWidth / vectors.width, roomHeight / vectors.height);
            float x = points(rect.x()) + (float) (roomWidth - vectors.width * scale) / 2;
            float y = pageHeight - points(rect.bottom()) + (float) (roomHeight - vectors.height * scale) / 2;
            out.saveGraphicsState();
            out.transform(new Matrix((float) scale, 0, 0, (float) scale, x, y));
            out.drawForm(vectors.form);
            out.restoreGraphicsState();
        } else if (known.get() instanceof Drawn.Pixels pixels) {
            float scale = Math.min(roomWidth / pixels.image.getWidth(), roomHeight / pixels.image.getHeight());
            float width = pixels.image.getWidth() * scale;
            float height = pixels.image.getHeight() * scale;
            out.drawImage(pixels.image, points(rect.x()) + (roomWidth - width) / 2,
                pageHeight - points(rect.bottom()) + (roomHeight - height) / 2, width, height);
        }
    }

    /** Empty for one that cannot be drawn, however it fails: a sheet is never lost for one picture. */
    private Optional<Drawn> drawn(String id) {
        try {
            return draw(id);
        } catch (IOException | RuntimeException | StackOverflowError e) {
            LOG.warn("A picture on paper is left out: {}", String.valueOf(e.getMessage()));
            return Optional.empty();
        }
    }

    private Optional<Drawn> draw(String id) throws IOException {
        Media.Item item = media.find(id).orElse(null);
        if (item == null) {
            return Optional.empty();
        }
        if (item.contentType().equals("image/svg+xml")) {
            return vectors(item.bytes());
        }
        return Optional.of(new Drawn.Pixels(pixels(reduced(Raster.kept(item.bytes(), MOST_PIXELS_A_SIDE), Objects.requireNonNull(largest.get(id))))));
    }

    /** Photos as JPEG; what lets paper through as it is. */
    private PDImageXObject pixels(BufferedImage image) throws IOException {
        return image.getColorModel().hasAlpha() ? LosslessFactory.createFromImage(document, image) : JPEGFactory.createFromImage(document, image, JPEG_QUALITY);
    }

    /** At no more than {@link #DPI} where it is drawn largest. */
    private static BufferedImage reduced(BufferedImage image, Length side) {
        double most = side.mm() / 25.4 * DPI;
        double scale = most / Math.max(image.getWidth(), image.getHeight());
        if (scale >= 1) {
            return image;
        }
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage smaller = new BufferedImage(width, height, image.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = smaller.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.drawImage(image.getScaledInstance(width, height, Image.SCALE_AREA_AVERAGING), 0, 0, null);
        graphics.dispose();
        return smaller;
    }

    private Optional<Drawn> vectors(byte[] svg) throws IOException {
        SVGDocument drawing = new SVGLoader().load(new ByteArrayInputStream(svg), null, LoaderContext.builder()
            .externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL).documentLimits(new DocumentLimits(30, 3, 2000)).build());
        if (drawing == null || !(drawing.size().getWidth() > 0) || !(drawing.size().getHeight() > 0)) {
            return Optional.empty();
        }
        double larger = Math.max(drawing.size().getWidth(), drawing.size().getHeight());
        float width = (float) (UNITS * drawing.size().getWidth() / larger);
        float height = (float) (UNITS * drawing.size().getHeight() / larger);
        PdfBoxGraphics2D graphics = new PdfBoxGraphics2D(document, width, height);
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawing.render(null, graphics, new ViewBox(0, 0, width, height));
        graphics.dispose();
        return Optional.of(new Drawn.Vectors(graphics.getXFormObject(), width, height));
    }

    /** A rectangle with corners of quarter circles, by the usual cubic approximation (0.5523 of the radius). */
    private static void rounded(PDPageContentStream out, Rect rect, float radius, float pageHeight) throws IOException {
        float left = points(rect.x());
        float right = points(rect.right());
        float top = pageHeight - points(rect.y());
        float bottom = pageHeight - points(rect.bottom());
        float bend = radius * 0.4477f;
        out.moveTo(left + radius, bottom);
        out.lineTo(right - radius, bottom);
        out.curveTo(right - bend, bottom, right, bottom + bend, right, bottom + radius);
        out.lineTo(right, top - radius);
        out.curveTo(right, top - bend, right - bend, top, right - radius, top);
        out.lineTo(left + radius, top);
        out.curveTo(left + bend, top, left, top - bend, left, top - radius);
        out.lineTo(left, bottom + radius);
        out.curveTo(left, bottom + bend, left + bend, bottom, left + radius, bottom);
        out.closePath();
    }

    private static float points(Length length) {
        return (float) length.points();
    }
}
