package org.dwimble.server.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.Polygon;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Scenes of the estuary, painted by the program: they stand for the photos a school would take. Nobody real is in them. */
final class PaintedPhotos {
    private static final int WIDTH = 800;
    private static final int HEIGHT = 600;

    private interface Scene {
        void paint(Graphics2D g);
    }

    private PaintedPhotos() {
    }

    static byte[] ferry() {
        return painted(0x9fd3ee, 0x2f7fa8, g -> {
            fill(g, 0xb8431c, 180, 390, 620, 390, 560, 470, 230, 470);
            rect(g, 0xfbf8f2, 260, 310, 280, 80);
            rect(g, 0xf2a65a, 430, 230, 50, 80);
            for (int x = 280; x < 520; x += 50) {
                rect(g, 0x1f2a44, x, 330, 28, 28);
            }
        });
    }

    static byte[] lighthouse() {
        return painted(0xf6d6a8, 0x4f93b8, g -> {
            fill(g, 0x7a6a58, 120, 520, 700, 520, 560, 430, 300, 420);
            fill(g, 0xfbf8f2, 350, 440, 450, 440, 432, 170, 368, 170);
            fill(g, 0xb8431c, 357, 370, 443, 370, 438, 300, 362, 300);
            rect(g, 0xf2a65a, 372, 130, 56, 40);
            fill(g, 0x8b1e3f, 360, 130, 440, 130, 400, 95);
        });
    }

    static byte[] gate() {
        return painted(0xcfe6d4, 0x7aa35c, g -> {
            rect(g, 0x8a4b32, 120, 220, 60, 300);
            rect(g, 0x8a4b32, 620, 220, 60, 300);
            g.setStroke(new BasicStroke(14));
            g.setColor(new Color(0x0e7c7b));
            for (int x = 210; x <= 590; x += 54) {
                g.drawLine(x, 270, x, 510);
            }
            g.drawLine(180, 300, 620, 300);
            g.drawLine(180, 470, 620, 470);
        });
    }

    static byte[] dog() {
        return painted(0xeae3d4, 0xcbb58b, g -> {
            g.setColor(new Color(0x7a4a2b));
            g.fillOval(260, 280, 300, 190);
            g.fillOval(480, 190, 160, 150);
            g.fillOval(450, 200, 60, 130);
            for (int x : new int[] {290, 350, 460, 510}) {
                rect(g, 0x7a4a2b, x, 430, 36, 100);
            }
            g.setColor(new Color(0x1f2a44));
            g.fillOval(570, 240, 22, 22);
            g.fillOval(618, 270, 26, 22);
            g.setStroke(new BasicStroke(20, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.setColor(new Color(0x7a4a2b));
            g.drawLine(275, 340, 200, 250);
        });
    }

    /** Somebody who is nobody: a round head before a plain wall. */
    static byte[] portrait(int hair, int skin, int jersey) {
        return painted(0xdfe7ea, 0xc8d3d6, g -> {
            g.setColor(new Color(jersey));
            g.fillOval(220, 460, 360, 300);
            g.setColor(new Color(hair));
            g.fillOval(265, 110, 270, 300);
            g.setColor(new Color(skin));
            g.fillOval(290, 170, 220, 280);
            g.setColor(new Color(0x1f2a44));
            g.fillOval(345, 290, 22, 26);
            g.fillOval(433, 290, 22, 26);
            g.setStroke(new BasicStroke(10, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.drawArc(350, 320, 100, 70, 200, 140);
        });
    }

    private static byte[] painted(int sky, int ground, Scene scene) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setPaint(new GradientPaint(0, 0, new Color(sky), 0, HEIGHT * 0.8f, Color.WHITE));
        g.fillRect(0, 0, WIDTH, HEIGHT);
        rect(g, ground, 0, HEIGHT * 3 / 4, WIDTH, HEIGHT / 4);
        scene.paint(g);
        g.dispose();
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "jpg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void rect(Graphics2D g, int colour, int x, int y, int width, int height) {
        g.setColor(new Color(colour));
        g.fillRect(x, y, width, height);
    }

    private static void fill(Graphics2D g, int colour, int... corners) {
        Polygon shape = new Polygon();
        for (int i = 0; i < corners.length; i += 2) {
            shape.addPoint(corners[i], corners[i + 1]);
        }
        g.setColor(new Color(colour));
        g.fill(shape);
    }
}
