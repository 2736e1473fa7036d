package org.dwimble.server.media;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.Set;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.dwimble.server.limit.Limits;

/** Reading pictures made of pixels so that no file, whatever it says of itself, takes more memory than a picture needs. */
public final class Raster {
    /** Pieces of a PNG (ISO/IEC 15948, 11) that say how its pixels are; all others are notes, which may unpack to anything. */
    private static final Set<String> OF_PIXELS = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND", "gAMA", "cHRM", "sRGB", "sBIT", "bKGD", "pHYs");
    private static final int SIGNATURE = 8;
    private static final int AROUND = 12;
    /** Large pictures are taken apart one after the other, so that many at once need no more memory than two. */
    private static final Semaphore AT_ONCE = new Semaphore(2);

    static {
        ImageIO.setUseCache(false);
    }

    private Raster() {
    }

    /** A PNG without notes; any other file as it is. @throws IOException if its pieces do not add up */
    static byte[] withoutNotes(byte[] file) throws IOException {
        if (!ContentType.PNG.equals(ContentType.of(file))) {
            return file;
        }
        ByteBuffer in = ByteBuffer.wrap(file);
        ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
        out.write(file, 0, SIGNATURE);
        boolean ended = false;
        for (int at = SIGNATURE; !ended;) {
            if (at + AROUND > file.length) {
                throw new IOException("cut short");
            }
            int length = in.getInt(at);
            if (length < 0 || length > file.length - at - AROUND) {
                throw new IOException("a piece longer than the file");
            }
            String type = new String(file, at + 4, 4, StandardCharsets.US_ASCII);
            if (OF_PIXELS.contains(type)) {
                out.write(file, at, length + AROUND);
            }
            ended = type.equals("IEND");
            at += length + AROUND;
        }
        return out.size() == file.length ? file : out.toByteArray();
    }

    /**
     * The first picture of a file, at most so large; of a larger one only every second, third ... pixel is looked at.
     *
     * @param longest side, in pixels
     * @throws IOException if it cannot be read
     * @throws NotTaken    if it has too many pixels
     */
    static BufferedImage read(byte[] file, int longest) throws IOException, NotTaken {
        AT_ONCE.acquireUninterruptibly();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(withoutNotes(file)))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new IOException("no reader");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long width = reader.getWidth(0);
                long height = reader.getHeight(0);
                if (width * height > Limits.PIXELS) {
                    throw new NotTaken("media-many-pixels", "has", width * height / 1_000_000, "most", Limits.PIXELS / 1_000_000);
                }
                int step = (int) Math.max(1, Math.max(width, height) / (2L * longest));
                ImageReadParam param = reader.getDefaultReadParam();
                param.setSourceSubsampling(step, step, 0, 0);
                return scaled(reader.read(0, param), longest);
            } finally {
                reader.dispose();
            }
        } catch (IllegalArgumentException | IndexOutOfBoundsException | NegativeArraySizeException | IllegalStateException | NullPointerException e) {
            throw new IOException("damaged", e);
        } finally {
            AT_ONCE.release();
        }
    }

    /** As {@link #read}, for what is kept already. @throws IOException if it cannot be read or has too many pixels */
    public static BufferedImage kept(byte[] file, int longest) throws IOException {
        try {
            return read(file, longest);
        } catch (NotTaken tooLarge) {
            throw new IOException(tooLarge);
        }
    }

    /** Halving, so that nothing is skipped. */
    private static BufferedImage scaled(BufferedImage image, int longest) {
        BufferedImage at = image;
        while (Math.max(at.getWidth(), at.getHeight()) > 2 * longest) {
            at = to(at, Math.max(1, at.getWidth() / 2), Math.max(1, at.getHeight() / 2));
        }
        double scale = Math.min(1, longest / (double) Math.max(at.getWidth(), at.getHeight()));
        return to(at, (int) Math.max(1, Math.round(at.getWidth() * scale)), (int) Math.max(1, Math.round(at.getHeight() * scale)));
    }

    private static BufferedImage to(BufferedImage image, int width, int height) {
        BufferedImage out = new BufferedImage(width, height, image.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        Graphics2D g = out.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(image, 0, 0, width, height, null);
        g.dispose();
        return out;
    }
}
