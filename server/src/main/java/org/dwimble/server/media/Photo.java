package org.dwimble.server.media;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.RescaleOp;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.picture.Cutout;
import org.dwimble.core.picture.Pixels;
import org.dwimble.core.told.Told;
import org.dwimble.server.limit.Limits;

/**
 * Takes a photo or drawing from outside: finds out what it really is, draws it anew at a size boards need, the
 * right way up, and with nothing of what a camera wrote into it, such as the place where it was taken.
 */
public final class Photo {
    /** Longest side of what is kept, in pixels: 4 cm on paper at 600 dots an inch. */
    static final int LONGEST = 1_024;
    private static final float QUALITY = 0.88f;

    /** @param leftOut what was in a drawing and is not kept, each a reason */
    public record Taken(String type, byte[] bytes, List<Told> leftOut) {
        public Taken(String type, byte[] bytes) {
            this(type, bytes, List.of());
        }
    }

    private Photo() {
    }

    /**
     * @param name as the person knows the file, for the sentence if it is refused
     * @throws Refused if it is no picture, with what to do
     */
    public static Taken take(byte[] file, String name) throws Refused {
        if (file.length > Limits.PICTURE_BYTES) {
            throw new Refused("photo-too-large", "file", name);
        }
        if (file.length == 0) {
            throw new Refused("photo-empty", "file", name);
        }
        String type = ContentType.of(file);
        if (ContentType.PDF.equals(type)) {
            throw new Refused("photo-is-pdf", "file", name);
        }
        if (ContentType.HEIC.equals(type)) {
            throw new Refused("photo-is-heic", "file", name);
        }
        try {
            if (type != null && type.equals(ContentType.SVG)) {
                Drawing.Written drawing = Drawing.rewritten(file);
                return new Taken(type, drawing.bytes(), drawing.leftOut());
            }
            if (type == null || !ContentType.isKept(type) && !ContentType.BMP.equals(type)) {
                throw new Refused("photo-refused", "file", name, "why", Told.of("media-unknown"));
            }
            if (!type.startsWith("image/")) {
                throw new Refused("photo-is-sound", "file", name);
            }
            return written(upright(Raster.read(file, LONGEST), orientation(Raster.withoutNotes(file))));
        } catch (NotTaken not) {
            throw new Refused("photo-refused", "file", name, "why", not.why());
        } catch (IOException e) {
            throw new Refused("photo-damaged", "file", name);
        }
    }

    /** The orientation a camera wrote, 1 to 8 as in Exif 2.3; 1 if it wrote none. */
    private static int orientation(byte[] file) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file)).getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer orientation = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return orientation == null || orientation < 1 || orientation > 8 ? 1 : orientation;
        } catch (ImageProcessingException | IOException e) {
            return 1;
        }
    }

    /** Orientations 2, 4, 5 and 7 are mirrored; 3 stands on its head; 5 to 8 lie on their side. */
    private static BufferedImage upright(BufferedImage image, int orientation) {
        BufferedImage turned = switch (orientation) {
            case 3, 4 -> turned(image, 2);
            case 5, 6 -> turned(image, 1);
            case 7, 8 -> turned(image, 3);
            default -> image;
        };
        return orientation == 2 || orientation == 4 || orientation == 5 || orientation == 7 ? mirrored(turned) : turned;
    }

    private static BufferedImage mirrored(BufferedImage image) {
        BufferedImage out = new BufferedImage(image.getWidth(), image.getHeight(), image.getType());
        Graphics2D g = out.createGraphics();
        g.drawImage(image, image.getWidth(), 0, -image.getWidth(), image.getHeight(), null);
        g.dispose();
        return out;
    }

    /** @param quarters clockwise */
    private static BufferedImage turned(BufferedImage image, int quarters) {
        boolean side = quarters % 2 != 0;
        BufferedImage out = new BufferedImage(side ? image.getHeight() : image.getWidth(), side ? image.getWidth() : image.getHeight(), image.getType());
        Graphics2D g = out.createGraphics();
        AffineTransform t = new AffineTransform();
        t.translate(out.getWidth() / 2.0, out.getHeight() / 2.0);
        t.quadrantRotate(quarters);
        t.translate(-image.getWidth() / 2.0, -image.getHeight() / 2.0);
        g.drawImage(image, t, null);
        g.dispose();
        return out;
    }

    /**
     * How a picture is changed by hand, in this order: without its ground, turned, cut to a square, brightened.
     *
     * @param quarters clockwise, 0 to 3
     * @param x        left of the square, as a share of the turned width, 0 to 1; {@code y} of its height
     * @param side     of the square, as a share of the shorter side, above 0 and at most 1; 0 to leave the shape as it is
     * @param brighten -50 to 50 hundredths
     * @param withoutGround as {@link #cutout} takes it away
     */
    public record Retouch(int quarters, double x, double y, double side, int brighten, boolean withoutGround) {
    }

    /**
     * @param name of the picture, for the sentence that refuses
     * @throws Refused if it is a drawing, which has no pixels to change, or is to lose a ground that is not plain
     */
    public static Taken retouch(Taken picture, Retouch how, String name) throws Refused {
        if (picture.type().equals(ContentType.SVG)) {
            throw new Refused("drawing-not-photo");
        }
        Taken from = how.withoutGround() ? cutout(picture.bytes(), name) : picture;
        try {
            BufferedImage image = turned(Raster.read(from.bytes(), LONGEST), Math.floorMod(how.quarters(), 4));
            if (how.side() > 0) {
                int side = Math.max(1, (int) Math.round(Math.min(1, how.side()) * Math.min(image.getWidth(), image.getHeight())));
                int x = (int) Math.max(0, Math.min(image.getWidth() - side, Math.round(how.x() * image.getWidth())));
                int y = (int) Math.max(0, Math.min(image.getHeight() - side, Math.round(how.y() * image.getHeight())));
                BufferedImage square = new BufferedImage(side, side, image.getType());
                Graphics2D g = square.createGraphics();
                g.drawImage(image, -x, -y, null);
                g.dispose();
                image = square;
            }
            return written(brightened(image, Math.max(-50, Math.min(50, how.brighten()))));
        } catch (IOException | NotTaken e) {
            throw new Refused("photo-unchangeable");
        }
    }

    /**
     * Without the ground it was taken on, set straight and cut to its edges. Nothing is kept of either.
     *
     * @throws Refused if it is no photo, or its ground is not plain
     */
    public static Taken cutout(byte[] file, String name) throws Refused {
        Taken taken = take(file, name);
        if (taken.type().equals(ContentType.SVG)) {
            throw new Refused("drawing-has-no-ground", "file", name);
        }
        try {
            BufferedImage image = Raster.read(taken.bytes(), LONGEST);
            int[] argb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
            Pixels cut = Cutout.of(new Pixels(image.getWidth(), image.getHeight(), argb)).orElseThrow(() -> new Refused("photo-no-plain-ground", "file", name));
            BufferedImage out = new BufferedImage(cut.width(), cut.height(), BufferedImage.TYPE_INT_ARGB);
            out.setRGB(0, 0, cut.width(), cut.height(), cut.argb(), 0, cut.width());
            return written(out);
        } catch (IOException | NotTaken e) {
            throw new Refused("photo-unchangeable");
        }
    }

    private static BufferedImage brightened(BufferedImage image, int hundredths) {
        if (hundredths == 0) {
            return image;
        }
        float factor = 1 + hundredths / 100f;
        float[] factors = image.getColorModel().hasAlpha() ? new float[] {factor, factor, factor, 1} : new float[] {factor};
        return new RescaleOp(factors, new float[factors.length], null).filter(image, null);
    }

    /** JPEG for photos, PNG where something shines through. */
    private static Taken written(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        if (image.getColorModel().hasAlpha()) {
            ImageIO.write(image, "png", out);
            return new Taken(ContentType.PNG, out.toByteArray());
        }
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (MemoryCacheImageOutputStream stream = new MemoryCacheImageOutputStream(out)) {
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, null), param);
        } finally {
            writer.dispose();
        }
        return new Taken(ContentType.JPEG, out.toByteArray());
    }
}
