package org.dwimble.server.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.dwimble.core.obf.Refused;

/** Pictures of pixels, looked into before they are kept. */
class RasterTest {
    private static byte[] piece(String type, byte[] data) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DataOutputStream to = new DataOutputStream(out);
        byte[] named = type.getBytes();
        CRC32 sum = new CRC32();
        sum.update(named);
        sum.update(data);
        to.writeInt(data.length);
        to.write(named);
        to.write(data);
        to.writeInt((int) sum.getValue());
        return out.toByteArray();
    }

    /** With a piece put in after the header. */
    private static byte[] with(byte[] png, byte[] piece) {
        byte[] out = new byte[png.length + piece.length];
        int after = 8 + 25;
        System.arraycopy(png, 0, out, 0, after);
        System.arraycopy(piece, 0, out, after, piece.length);
        System.arraycopy(png, after, out, after + piece.length, png.length - after);
        return out;
    }

    private static byte[] bomb(String type, String head, int megabytes) throws IOException {
        ByteArrayOutputStream data = new ByteArrayOutputStream();
        data.write(head.getBytes(java.nio.charset.StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream deflated = new DeflaterOutputStream(data)) {
            for (int i = 0; i < megabytes; i++) {
                deflated.write(new byte[1 << 20]);
            }
        }
        return piece(type, data.toByteArray());
    }

    @Example
    void notesInAPngAreStrippedBeforeAnythingUnpacksThem() throws Exception {
        byte[] plain = Photos.png(30, 20);
        byte[] bomb = with(with(plain, bomb("zTXt", "a\0\0", 200)), bomb("iCCP", "p\0\0", 200));
        assertThat(Raster.withoutNotes(bomb)).isEqualTo(Raster.withoutNotes(plain));
        assertThat(Intake.of(bomb).bytes()).hasSizeLessThan(plain.length + 1);
        assertThat(Photo.take(bomb, "b.png").type()).startsWith("image/");
    }

    @Example
    void aPictureThatIsDamagedOrFarTooLargeIsNotTaken() throws Exception {
        byte[] png = Photos.png(300, 200);
        assertThatThrownBy(() -> Intake.of(Arrays.copyOf(png, png.length / 2))).isInstanceOf(NotTaken.class).hasMessage("media-damaged");
        byte[] jpeg = Photos.jpeg(300, 200);
        assertThatThrownBy(() -> Intake.of(Arrays.copyOf(jpeg, 30))).isInstanceOf(NotTaken.class).hasMessage("media-damaged");
        byte[] head = new byte[13];
        java.nio.ByteBuffer.wrap(head).putInt(100_000).putInt(100_000).put((byte) 8).put((byte) 2);
        byte[] huge = png.clone();
        System.arraycopy(piece("IHDR", head), 0, huge, 8, 25);
        assertThatThrownBy(() -> Intake.of(huge)).isInstanceOf(NotTaken.class).hasMessage("media-many-pixels");
        assertThatThrownBy(() -> Photo.take(huge, "h.png")).isInstanceOf(Refused.class).hasMessageContaining("media-many-pixels");
        assertThatThrownBy(() -> Intake.of(new byte[0])).isInstanceOf(NotTaken.class).hasMessage("media-empty");
        assertThat(Intake.of(png).bytes()).isNotEmpty();
        assertThat(Intake.of(jpeg).bytes()).isEqualTo(jpeg);
    }

    @Property(tries = 150, seed = "4711")
    void aPictureWithAByteChangedIsTakenOrNotAndNothingElseHappens(@ForAll @IntRange(min = 0, max = 100_000) int place, @ForAll byte to, @ForAll boolean jpeg) throws Exception {
        byte[] file = jpeg ? Photos.jpeg(40, 30) : Photos.png(40, 30);
        file[place % file.length] = to;
        try {
            assertThat(Intake.of(file).type()).isNotEmpty();
        } catch (NotTaken not) {
            assertThat(not.why().key()).startsWith("media-");
        }
    }
}
