package org.dwimble.server.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.dwimble.core.obf.Refused;

/** Pictures of pixels, looked into before they are kept. */
class RasterTest {
    @Example
    void notesInAPngAreStrippedBeforeAnythingUnpacksThem() throws Exception {
        byte[] plain = Photos.png(30, 20);
        byte[] bomb = HostilePictures.withNote(HostilePictures.withNote(plain, "zTXt", "a\0\0", 200), "iCCP", "p\0\0", 200);
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
        byte[] huge = HostilePictures.sayingItIs(100_000, png);
        assertThatThrownBy(() -> Intake.of(huge)).isInstanceOf(NotTaken.class).hasMessage("media-many-pixels");
        assertThatThrownBy(() -> Photo.take(huge, "h.png")).isInstanceOf(Refused.class).hasMessageContaining("media-many-pixels");
        assertThatThrownBy(() -> Intake.of(new byte[0])).isInstanceOf(NotTaken.class).hasMessage("media-empty");
        assertThat(Intake.of(png).bytes()).isNotEmpty();
        assertThat(Intake.of(jpeg).bytes()).isEqualTo(jpeg);
    }

    @Property(tries = 150, seed = "4711")
    void aPictureWithAByteChangedIsTakenOrNotAndNothingElseHappens(@ForAll @IntRange(min = 0, max = 100_000) int place, @ForAll byte to,
        @ForAll boolean jpeg) throws Exception {
        byte[] file = jpeg ? Photos.jpeg(40, 30) : Photos.png(40, 30);
        file[place % file.length] = to;
        try {
            assertThat(Intake.of(file).type()).isNotEmpty();
        } catch (NotTaken not) {
            assertThat(not.why().key()).startsWith("media-");
        }
    }
}
