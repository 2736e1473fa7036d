package org.dwimble.server.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.dwimble.core.obf.Refused;
import org.dwimble.server.told.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PhotoTest {

    private static BufferedImage taken(byte[] file) throws Refused {
        return Photos.decoded(Photo.take(file, "a.jpg").bytes());
    }

    @ParameterizedTest
    @CsvSource({"1, 0, 0.5", "2, 1, 0.5", "3, 1, 0.5", "4, 0, 0.5", "5, 0.5, 0", "6, 0.5, 0", "7, 0.5, 1", "8, 0.5, 1"})
    void aPhotoTakenSidewaysStandsUpright(int orientation, double redX, double redY) throws Exception {
        BufferedImage upright = taken(Photos.withExif(Photos.jpeg(80, 40), orientation));
        assertThat(upright.getWidth() > upright.getHeight()).isEqualTo(orientation < 5);
        assertThat(Photos.red(upright, redX, redY)).as("red where it was in the scene").isTrue();
        assertThat(Photos.blue(upright, 1 - redX, 1 - redY)).isTrue();
    }

    @Test
    void whereItWasTakenIsNotKept() throws Exception {
        byte[] camera = Photos.withExif(Photos.jpeg(80, 40), 1);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(camera)).getDirectoriesOfType(GpsDirectory.class))
            .as("the file has a place").isNotEmpty();
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(Photo.take(camera, "a").bytes()))
            .getDirectoriesOfType(GpsDirectory.class)).isEmpty();
    }

    @Test
    void aPhotoOf60MegapixelsIsTakenInSmaller() throws Exception {
        BufferedImage gray = new BufferedImage(10_000, 6_000, BufferedImage.TYPE_BYTE_GRAY);
        BufferedImage kept = taken(Photos.encoded(gray, "jpg"));
        assertThat(kept.getWidth()).isEqualTo(Photo.LONGEST);
        assertThat(kept.getHeight()).isBetween(613, 616);
    }

    @Test
    void aSmallPictureKeepsItsSizeAndWhatShinesThrough() throws Exception {
        Photo.Taken png = Photo.take(Photos.png(30, 20), "a.png");
        assertThat(png.type()).isEqualTo("image/png");
        assertThat(Photos.decoded(png.bytes()).getWidth()).isEqualTo(30);
        assertThat(Photo.take(Photos.jpeg(30, 20), "a.jpg").type()).isEqualTo("image/jpeg");
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "%PDF-1.7 x | “goat.png” is a PDF, whatever its name says. It was not taken in; save the page as a picture (PNG or JPEG) and try again.",
        "....ftypheic....... | “goat.png” is in a format of newer phones (HEIC) that browsers cannot show. It was not taken in; save it as JPEG on "
            + "the phone, or set the phone’s camera to the most compatible format, and try again.",
        "<svg xmlns='x'><script>1</script></svg> | “goat.png” was not taken in: nothing is drawn in it. Choose a photo or a drawing: JPEG, PNG, WebP,"
            + " GIF or SVG.",
        "hello | “goat.png” was not taken in: it is not a picture or sound that Dwimble knows. Choose a photo or a drawing: JPEG, PNG, WebP, GIF or SVG.",
        "ID3x | “goat.png” is a sound, not a picture. It was not taken in."})
    void whatIsNoPictureIsSaidInASentence(String file, String sentence) {
        assertThatThrownBy(() -> Photo.take(bytes(file), "goat.png"))
            .isInstanceOfSatisfying(Refused.class, refused -> assertThat(new Wording("en-GB").of(refused.told())).isEqualTo(sentence));
    }

    @Test
    void emptyAndDamagedFilesAreSaidInASentence() {
        assertThatThrownBy(() -> Photo.take(new byte[0], "goat.png")).hasMessage("photo-empty {file=goat.png}");
        byte[] half = Photos.png(200, 200);
        assertThatThrownBy(() -> Photo.take(Arrays.copyOf(half, 60), "goat.png")).isInstanceOf(Refused.class).hasMessageContaining("photo-damaged");
        assertThatThrownBy(() -> Photo.take(bytes("GIF89a"), "goat.png")).isInstanceOf(Refused.class).hasMessageContaining("photo-damaged");
    }

    @Test
    void aDrawingIsWrittenAnewWithoutItsProgramWhichIsSaid() throws Exception {
        byte[] svg = bytes("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 4 4'><script>1</script><rect width='4' height='4'/></svg>");
        Photo.Taken taken = Photo.take(svg, "a.svg");
        assertThat(new String(taken.bytes())).contains("<rect width=\"4\" height=\"4\"").doesNotContain("script");
        assertThat(taken.leftOut()).extracting(new Wording("en-GB")::of).containsExactly("A program in it was taken out.");
        assertThatThrownBy(() -> Photo.retouch(taken, new Photo.Retouch(1, 0, 0, 0, 0, false), "a.jpg")).hasMessage("drawing-not-photo");
    }

    @Test
    void aThingOnPlainPaperLosesThePaperAndOnAnyOtherGroundNothingIsChanged() throws Exception {
        BufferedImage cut = Photos.decoded(Photo.cutout(Photos.onPaper(300, 240), "a.png").bytes());
        assertThat(cut.getWidth()).isBetween(100, 112);
        assertThat(cut.getHeight()).isBetween(80, 92);
        assertThat(cut.getRGB(0, 0) >>> 24).isZero();
        assertThat(Photos.red(cut, 0.5, 0.5)).isTrue();
        assertThatThrownBy(() -> Photo.cutout(Photos.png(200, 200), "two halves.png")).hasMessage("photo-no-plain-ground {file=two halves.png}");
        assertThatThrownBy(() -> Photo.cutout(bytes("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 4 4'><rect width='4' height='4'/></svg>"), "a.svg"))
            .hasMessage("drawing-has-no-ground {file=a.svg}");
        assertThatThrownBy(() -> Photo.cutout(bytes("%PDF-1.7 x"), "a.png")).hasMessage("photo-is-pdf {file=a.png}");
    }

    @Test
    void aPictureThatIsKeptLosesItsGroundBeforeItIsTurned() throws Exception {
        Photo.Taken kept = Photo.take(Photos.onPaper(300, 240), "a.png");
        BufferedImage cut = Photos.decoded(Photo.retouch(kept, new Photo.Retouch(1, 0, 0, 0, 0, true), "shell").bytes());
        assertThat(cut.getHeight()).isBetween(100, 112);
        assertThat(cut.getWidth()).isBetween(80, 92);
        assertThatThrownBy(() -> Photo.retouch(Photo.take(Photos.png(200, 200), "b.png"), new Photo.Retouch(0, 0, 0, 0, 0, true), "two halves"))
            .hasMessage("photo-no-plain-ground {file=two halves}");
    }

    @Test
    void aPictureIsTurnedThenCutThenBrightened() throws Exception {
        Photo.Taken photo = Photo.take(Photos.jpeg(400, 200), "a.jpg");
        BufferedImage turned = Photos.decoded(Photo.retouch(photo, new Photo.Retouch(1, 0, 0, 0, 0, false), "a.jpg").bytes());
        assertThat(turned.getHeight()).isEqualTo(400);
        assertThat(Photos.red(turned, 0.5, 0)).isTrue();
        BufferedImage right = Photos.decoded(Photo.retouch(photo, new Photo.Retouch(0, 0.5, 0, 1, 0, false), "a.jpg").bytes());
        assertThat(right.getWidth()).isEqualTo(200).isEqualTo(right.getHeight());
        assertThat(Photos.blue(right, 1, 1)).isTrue();
        assertThat(Photos.red(right, 0, 0.2)).isFalse();
        BufferedImage far = Photos.decoded(Photo.retouch(photo, new Photo.Retouch(4, 9, 9, 0.5, 0, false), "a.jpg").bytes());
        assertThat(far.getWidth()).as("a square that sticks out is pushed in").isEqualTo(100);
        BufferedImage dark = Photos.decoded(Photo.retouch(photo, new Photo.Retouch(0, 0, 0, 0, -50, false), "a.jpg").bytes());
        assertThat(new java.awt.Color(dark.getRGB(20, 100)).getRed()).isBetween(110, 145);
    }
}
