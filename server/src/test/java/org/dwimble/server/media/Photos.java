package org.dwimble.server.media;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;
import org.dwimble.server.picture.Pictures;

/** Pictures for tests: the left half red, the right half blue, so that it can be told how they stand. */
public final class Photos {
    private static final AtomicInteger NUMBER = new AtomicInteger();

    private Photos() {
    }

    /** Another one each time. */
    public static byte[] jpeg(int width, int height) {
        return encoded(halves(width, height, BufferedImage.TYPE_INT_RGB), "jpg");
    }

    public static byte[] png(int width, int height) {
        return encoded(halves(width, height, BufferedImage.TYPE_INT_ARGB), "png");
    }

    /** A red thing of a third of the width on grey paper, which is darker to the right. */
    public static byte[] onPaper(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                boolean thing = x > width / 3 && x <= width * 2 / 3 && y > height / 3 && y <= height * 2 / 3;
                int paper = 235 - 40 * x / width;
                image.setRGB(x, y, thing ? 0xc02020 : paper << 16 | paper << 8 | paper);
            }
        }
        return encoded(image, "png");
    }

    private static BufferedImage halves(int width, int height, int type) {
        BufferedImage image = new BufferedImage(width, height, type);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height);
        g.setColor(Color.BLUE);
        g.fillRect(width / 2, 0, width - width / 2, height);
        g.setColor(new Color(NUMBER.incrementAndGet() * 37 & 0xff, NUMBER.get() * 11 & 0xff, 128));
        g.fillRect(width / 2, height / 2, Math.max(8, width / 20), Math.max(8, height / 20));
        g.dispose();
        return image;
    }

    public static byte[] encoded(BufferedImage image, String format) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, format, out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static BufferedImage decoded(byte[] bytes) {
        try {
            return ImageIO.read(new ByteArrayInputStream(bytes));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A JPEG as a camera writes it: with an orientation, and a place (a latitude of 52 degrees) in the Exif block. */
    public static byte[] withExif(byte[] jpeg, int orientation) {
        ByteBuffer tiff = ByteBuffer.allocate(8 + 2 + 2 * 12 + 4 + 2 + 2 * 12 + 4 + 24);
        tiff.put((byte) 'M').put((byte) 'M').putShort((short) 42).putInt(8);
        tiff.putShort((short) 2);
        tiff.putShort((short) 0x0112).putShort((short) 3).putInt(1).putShort((short) orientation).putShort((short) 0);
        tiff.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(38);
        tiff.putInt(0);
        tiff.putShort((short) 2);
        tiff.putShort((short) 1).putShort((short) 2).putInt(2).put((byte) 'N').put((byte) 0).putShort((short) 0);
        tiff.putShort((short) 2).putShort((short) 5).putInt(3).putInt(68);
        tiff.putInt(0);
        for (int part : new int[] {52, 22, 33}) {
            tiff.putInt(part).putInt(1);
        }
        ByteBuffer out = ByteBuffer.allocate(jpeg.length + 10 + tiff.position());
        out.put(jpeg, 0, 2).putShort((short) 0xffe1).putShort((short) (8 + tiff.position())).put("Exif\0\0".getBytes())
            .put(tiff.array(), 0, tiff.position()).put(jpeg, 2, jpeg.length - 2);
        return out.array();
    }

    public static boolean red(BufferedImage image, double x, double y) {
        Color at = new Color(image.getRGB((int) (x * (image.getWidth() - 1)), (int) (y * (image.getHeight() - 1))));
        return at.getRed() > 180 && at.getBlue() < 90;
    }

    public static boolean blue(BufferedImage image, double x, double y) {
        Color at = new Color(image.getRGB((int) (x * (image.getWidth() - 1)), (int) (y * (image.getHeight() - 1))));
        return at.getBlue() > 180 && at.getRed() < 90;
    }
}
