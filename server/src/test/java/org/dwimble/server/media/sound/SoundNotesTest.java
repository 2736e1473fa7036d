package org.dwimble.server.media.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.dwimble.server.recording.Voices;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SoundNotesTest {
    private static final String NOTE = "Marta, 12 Quay Street, 53.1N 4.3W";
    private static final byte[] SOUND = bytes("the sound itself, which is nobody's business to change");

    /** A file of each kind as it should come out, and with a note wherever such a file may carry one. */
    private enum File {
        WAVE("audio/wav", () -> wave(false), () -> wave(true)),
        MP3("audio/mpeg", () -> mp3(), () -> join(id3(NOTE, 0), id3(NOTE, 0x10), mp3(), ape(), lyrics(), id3v1())),
        MP4("audio/mp4", () -> mp4(""), () -> mp4(NOTE)),
        VORBIS("audio/ogg", () -> ogg(blank(NOTE), "\u0003vorbis"), () -> ogg(NOTE, "\u0003vorbis")),
        OPUS("audio/ogg", () -> ogg(blank(NOTE), "OpusTags"), () -> ogg(NOTE, "OpusTags")),
        FLAC("audio/ogg", () -> flac(blank(NOTE), (byte) 1, new byte[NOTE.length()]), () -> flac(NOTE, (byte) 6, bytes(NOTE))),
        WEBM("audio/webm", () -> webm(""), () -> webm(NOTE));

        private final String type;
        private final Supplier<byte[]> clean;
        private final Supplier<byte[]> noted;

        File(String type, Supplier<byte[]> clean, Supplier<byte[]> noted) {
            this.type = type;
            this.clean = clean;
            this.noted = noted;
        }
    }

    @ParameterizedTest
    @EnumSource
    void whatAFileCarriesBesideItsSoundIsTakenOut(File file) throws IOException {
        byte[] noted = file.noted.get();
        assertThat(text(noted)).contains(NOTE);
        byte[] kept = SoundNotes.without(file.type, noted);
        assertThat(text(kept)).doesNotContain("Marta").doesNotContain("Quay");
        if (file == File.MP4 || file == File.WEBM) {
            // Places in it are counted from its beginning.
            assertThat(kept).hasSameSizeAs(noted);
            assertThat(text(kept).indexOf(text(SOUND))).isEqualTo(text(noted).indexOf(text(SOUND))).isPositive();
        } else {
            assertThat(kept).isEqualTo(file.clean.get());
        }
        assertThat(SoundNotes.without(file.type, kept)).as("nothing more is to be taken out").isEqualTo(kept);
    }

    @ParameterizedTest
    @EnumSource
    void whatIsDamagedIsTakenOrRefused(File file) {
        byte[] noted = file.noted.get();
        Random random = new Random(24);
        for (int i = 0; i < 3_000; i++) {
            byte[] damaged = Arrays.copyOf(noted, random.nextInt(4) == 0 ? random.nextInt(noted.length) : noted.length);
            for (int n = random.nextInt(4); n >= 0 && damaged.length > 0; n--) {
                damaged[random.nextInt(damaged.length)] = (byte) random.nextInt();
            }
            assertThatCode(() -> {
                try {
                    SoundNotes.without(file.type, damaged);
                } catch (IOException refused) {
                    assertThat(refused).hasMessageMatching(".+");
                }
            }).as("try " + i).doesNotThrowAnyException();
        }
    }

    @Test
    void aRecordingThatDoesNotKnowItsLengthIsRidOfItsNotes() throws IOException {
        byte[] cluster = join(new byte[] {0x1f, 0x43, (byte) 0xb6, 0x75, (byte) 0xff}, element("a3", SOUND));
        byte[] parts = join(element("1549a966", element("7ba9", bytes(NOTE))), cluster, cluster, element("1254c367", bytes(NOTE)));
        byte[] live = join(element("1a45dfa3", bytes("webm")), new byte[] {0x18, 0x53, (byte) 0x80, 0x67, 1, -1, -1, -1, -1, -1, -1, -1}, parts);
        byte[] kept = SoundNotes.without("audio/webm", live);
        assertThat(text(kept)).doesNotContain(NOTE).contains(text(SOUND));
        assertThat(kept).hasSameSizeAs(live);
    }

    @Test
    void aFileThatIsNothingButNotesIsNoSound() {
        assertThatThrownBy(() -> SoundNotes.without("audio/mpeg", join(id3(NOTE, 0), bytes("and no frame")))).isInstanceOf(IOException.class);
        assertThatThrownBy(() -> SoundNotes.without("audio/wav", bytes("RIFF....WAVE"))).isInstanceOf(IOException.class);
        assertThatThrownBy(() -> SoundNotes.without("audio/ogg", join(page(1, 0, bytes("head")), page(1, 1, join(bytes("OpusTags"), number(1 << 30))))))
            .isInstanceOf(IOException.class);
    }

    private static byte[] wave(boolean noted) {
        byte[] whole = Voices.wav(0.01, 300);
        if (!noted) {
            return whole;
        }
        byte[] list = join(bytes("LIST"), number(NOTE.length()), bytes(NOTE), new byte[NOTE.length() % 2]);
        byte[] with = join(Arrays.copyOf(whole, 12), list, Arrays.copyOfRange(whole, 12, whole.length), bytes("id3 "), number(NOTE.length()), bytes(NOTE));
        ByteBuffer.wrap(with).order(ByteOrder.LITTLE_ENDIAN).putInt(4, with.length - 8);
        return with;
    }

    private static byte[] mp3() {
        return join(new byte[] {-1, -5, (byte) 0x90, 0x64}, SOUND);
    }

    private static byte[] id3(String note, int flags) {
        byte[] foot = flags == 0 ? new byte[0] : new byte[10];
        return join(bytes("ID3"), new byte[] {4, 0, (byte) flags, 0, 0, 0, (byte) note.length()}, bytes(note), foot);
    }

    private static byte[] id3v1() {
        return Arrays.copyOf(bytes("TAG" + NOTE), 128);
    }

    private static byte[] ape() {
        byte[] foot = join(bytes("APETAGEX"), number(2000), number(NOTE.length() + 32), number(1), number(1 << 31), new byte[8]);
        return join(foot, bytes(NOTE), foot);
    }

    private static byte[] lyrics() {
        String whole = "LYRICSBEGIN" + NOTE;
        return bytes(whole + String.format("%06d", whole.length()) + "LYRICS200");
    }

    private static byte[] mp4(String note) {
        byte[] dated = note.isEmpty() ? new byte[8] : bytes("MartaQua");
        byte[] track = box("trak", box("tkhd", new byte[4], dated), box("mdia", box("hdlr", new byte[24], bytes(note))));
        return join(box("ftyp", bytes("M4A ")), box("moov", box("mvhd", new byte[4], dated), track, box("udta", bytes(note))), box("uuid", bytes(note)),
            box("mdat", SOUND));
    }

    private static byte[] box(String name, byte[]... inside) {
        byte[] all = join(inside);
        return join(ByteBuffer.allocate(4).putInt(all.length + 8).array(), bytes(name), all);
    }

    private static byte[] ogg(String note, String sign) {
        byte[] comments = join(bytes(sign), number(3), bytes("rec"), number(2), number(note.length()), bytes(note), number(note.length()), bytes(note),
            new byte[] {1});
        return join(page(7, 0, bytes("head")), page(7, 1, comments), page(7, 2, SOUND));
    }

    private static byte[] flac(String note, byte kind, byte[] picture) {
        byte[] comments = join(new byte[] {4, 0, 0, 60}, number(3), bytes("rec"), number(1), number(note.length()), bytes(note));
        return join(page(9, 0, bytes("\u007fFLAC and more")), page(9, 1, comments), page(9, 2, join(new byte[] {(byte) (kind | 0x80), 0, 0, 9}, picture)),
            page(9, 3, SOUND));
    }

    /** One packet on a page, with the sum that RFC 3533 wants, made bit by bit here. */
    private static byte[] page(int serial, int number, byte[] packet) {
        byte[] segments = new byte[packet.length / 255 + 1];
        Arrays.fill(segments, (byte) 255);
        segments[segments.length - 1] = (byte) (packet.length % 255);
        byte[] page = join(bytes("OggS"), new byte[10], number(serial), number(number), new byte[4], new byte[] {(byte) segments.length}, segments, packet);
        int sum = 0;
        for (byte b : page) {
            sum ^= b << 24;
            for (int bit = 0; bit < 8; bit++) {
                sum = sum << 1 ^ (sum < 0 ? 0x04c11db7 : 0);
            }
        }
        ByteBuffer.wrap(page).order(ByteOrder.LITTLE_ENDIAN).putInt(22, sum);
        return page;
    }

    private static byte[] webm(String note) {
        byte[] track = element("1654ae6b", element("ae", element("536e", bytes(note)), element("86", bytes("A_OPUS"))));
        byte[] info = element("1549a966", element("7ba9", bytes(note)), element("4d80", bytes(note)), element("4461", bytes(note)));
        return join(element("1a45dfa3", bytes("webm")), element("18538067", info, track, element("1f43b675", element("a3", SOUND)),
            element("1254c367", bytes(note.repeat(20)))));
    }

    private static byte[] element(String id, byte[]... inside) {
        byte[] all = join(inside);
        byte[] length = ByteBuffer.allocate(4).putInt(all.length | 0x10000000).array();
        return join(java.util.HexFormat.of().parseHex(id), length, all);
    }

    private static String blank(String note) {
        return " ".repeat(note.length());
    }

    private static byte[] number(int value) {
        return ByteBuffer.allocate(4).order(ByteOrder.LITTLE_ENDIAN).putInt(value).array();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.ISO_8859_1);
    }

    private static String text(byte[] bytes) {
        return new String(bytes, StandardCharsets.ISO_8859_1);
    }

    private static byte[] join(byte[]... parts) {
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        Stream.of(parts).forEach(whole::writeBytes);
        return whole.toByteArray();
    }
}
