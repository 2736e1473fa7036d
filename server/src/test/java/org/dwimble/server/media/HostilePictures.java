package org.dwimble.server.media;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;

/** Pictures made to do harm. */
public final class HostilePictures {
    private static final int AFTER_HEAD = 8 + 25;

    private HostilePictures() {
    }

    /** A PNG with a note, or a colour profile, that unpacks to so much. @param type of the piece, such as zTXt @param head what stands before what is packed */
    public static byte[] withNote(byte[] png, String type, String head, int megabytes) {
        ByteArrayOutputStream data = new ByteArrayOutputStream();
        data.writeBytes(head.getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream deflated = new DeflaterOutputStream(data)) {
            for (int i = 0; i < megabytes; i++) {
                deflated.write(new byte[1 << 20]);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(png, 0, AFTER_HEAD);
        out.writeBytes(piece(type, data.toByteArray()));
        out.write(png, AFTER_HEAD, png.length - AFTER_HEAD);
        return out.toByteArray();
    }

    /** A PNG that says it has so many pixels a side. */
    public static byte[] sayingItIs(int side, byte[] png) {
        byte[] head = new byte[13];
        ByteBuffer.wrap(head).putInt(side).putInt(side).put((byte) 8).put((byte) 2);
        byte[] huge = png.clone();
        System.arraycopy(piece("IHDR", head), 0, huge, 8, 25);
        return huge;
    }

    /** A drawing that shows the one before twice, so many times. */
    public static String tree(int depth) {
        StringBuilder tree = new StringBuilder("<svg xmlns='http://www.w3.org/2000/svg'><g id='a0'><rect/></g>");
        for (int i = 1; i < depth; i++) {
            String before = "<use href='#a" + (i - 1) + "'/>";
            tree.append("<g id='a").append(i).append("'>").append(before).append(before).append("</g>");
        }
        return tree + "</svg>";
    }

    private static byte[] piece(String type, byte[] data) {
        byte[] named = type.getBytes(StandardCharsets.US_ASCII);
        CRC32 sum = new CRC32();
        sum.update(named);
        sum.update(data);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DataOutputStream to = new DataOutputStream(out);
        try {
            to.writeInt(data.length);
            to.write(named);
            to.write(data);
            to.writeInt((int) sum.getValue());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
