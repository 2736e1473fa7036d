package org.dwimble.server.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Picture;
import org.dwimble.server.library.Library;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MediaTest {

    @ParameterizedTest
    @CsvSource({
        "89504e470d0a1a0a0000000d49484452, image/png", "ffd8ffe000, image/jpeg", "474946383961, image/gif", "524946460000000057454250, image/webp",
        "524946460000000057415645, audio/wav", "49443304, audio/mpeg", "fffb9064, audio/mpeg", "4f676753, audio/ogg", "1a45dfa3, audio/webm",
        "00000020667479704d344120, audio/mp4"})
    void bytesAreKnownByHowTheyBegin(String hex, String type) {
        assertThat(ContentType.of(HexFormat.of().parseHex(hex))).isEqualTo(type);
    }

    @ParameterizedTest
    @CsvSource({"255044462d312e37", "504b0304", "4d5a9000", "ff", "0000002066747970686569630000"})
    void anythingElseIsNotTaken(String hex) {
        assertThat(ContentType.isKept(ContentType.of(HexFormat.of().parseHex(hex)))).isFalse();
        assertThatThrownBy(() -> Intake.of(HexFormat.of().parseHex(hex))).isInstanceOf(NotTaken.class).hasMessage("media-unknown");
    }

    @Test
    void everyPictureOfTheLibraryIsOneThatWouldBeTaken() throws NotTaken {
        List<Picture> all = Library.readSearch().library();
        assertThat(all).hasSizeGreaterThan(1_900);
        for (Picture picture : all) {
            for (Appearance appearance : List.of(Appearance.USUAL, Appearance.all().get(0), Appearance.all().get(Appearance.all().size() - 1))) {
                byte[] drawing = Library.drawing(picture.id(), appearance).orElseThrow();
                assertThat(Drawing.rewritten(drawing).leftOut()).as(picture.id() + " " + appearance).isEmpty();
            }
        }
        assertThat(Library.drawing("base/../../application", Appearance.USUAL)).isEmpty();
        assertThat(Library.drawing("base/no-such-picture", Appearance.USUAL)).isEmpty();
    }

    @Test
    void whatIsPutAsideComesBackAlsoWhenItNoLongerFitsIntoMemory() {
        try (Spool spool = new Spool()) {
            List<Spool.Entry> entries = new ArrayList<>();
            for (int i = 0; i < 9; i++) {
                byte[] bytes = new byte[5 << 20];
                Arrays.fill(bytes, (byte) i);
                entries.add(spool.put("h" + i, "image/png", bytes));
            }
            assertThat(entries.get(8).bytes()).as("the last went to the file").isNull();
            for (int i = 0; i < 9; i++) {
                assertThat(spool.get(entries.get(i))).hasSize(5 << 20).endsWith((byte) i).startsWith((byte) i);
            }
        }
    }
}
