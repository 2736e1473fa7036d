package org.dwimble.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnPictureTest {

    @ParameterizedTest
    @CsvSource(nullValues = "-", value = {"two_brown-goats.jpg, two brown goats", "Kite.PNG, Kite", "myRedBoat.jpeg, my Red Boat",
        "C:\\photos\\harbour wall.jpg, harbour wall", "boat (2).png, boat",
        "IMG_20260412_101533.jpg, picture", "DSC00017.JPG, picture", "PXL_20260101.jpg, picture", "Screenshot 2026-01-01 at 10.22.31.png, picture",
        "-, picture", ".jpg, picture", "КОТ.png, кот", "goats, goats", "v1.2 plan.png, v1 2 plan"})
    void aFileNameBecomesAWordUnlessACameraGaveIt(String file, String word) {
        assertThat(OwnPicture.wordOf(file)).isEqualTo(word);
    }

    private static OwnPicture own(List<String> words, OwnPicture.Audience audience, String student, OwnPicture.Origin origin, String licence) {
        return new OwnPicture(words, List.of("Pets", "pets"), audience, student, Shows.NOBODY, origin, "", licence, "");
    }

    @Test
    void wordsAndCategoriesAreTidiedAndKeptOnce() {
        OwnPicture goats = own(List.of(" goats ", "goats", "", "two  goats"), OwnPicture.Audience.SCHOOL, null, OwnPicture.Origin.OWN_PHOTO, "");
        assertThat(goats.words()).containsExactly("goats", "two goats");
        assertThat(goats.categories()).containsExactly("pets");
    }

    @Test
    void itShowsTheStudentOnlyWhoseItIsAndSomebodyElseToAllOthers() {
        OwnPicture ilse = new OwnPicture(List.of("Ilse"), List.of(), OwnPicture.Audience.STUDENT, "ilse", Shows.STUDENT, null, "", "", "");
        assertThat(ilse.shows()).isEqualTo(Shows.STUDENT);
        assertThat(ilse.shows().onBoardsOf("ilse", "ilse")).isEqualTo(Shows.STUDENT);
        assertThat(ilse.shows().onBoardsOf("ilse", "pim")).isEqualTo(Shows.OTHERS);
        assertThat(ilse.shows().onBoardsOf("ilse", null)).isEqualTo(Shows.OTHERS);
        assertThat(new OwnPicture(List.of("Ilse"), List.of(), OwnPicture.Audience.SCHOOL, null, Shows.STUDENT, null, "", "", "").shows())
            .as("for more than the student").isEqualTo(Shows.OTHERS);
        assertThat(new OwnPicture(List.of("Ilse"), List.of(), OwnPicture.Audience.MINE, null, null, null, "", "", "").shows())
            .as("if nothing is said").isEqualTo(Shows.OTHERS);
        assertThat(Shows.NOBODY.maybeSomebody()).isFalse();
        assertThat(Shows.NOT_SAID.maybeSomebody()).isTrue();
    }

    @Test
    void whatCannotBeKeptIsSaidInASentence() {
        assertThatThrownBy(() -> own(List.of(" "), OwnPicture.Audience.MINE, null, OwnPicture.Origin.OWN_PHOTO, "")).isInstanceOf(Unacceptable.class)
            .hasMessageContaining("picture-without-word");
        assertThatThrownBy(() -> own(List.of("a"), OwnPicture.Audience.STUDENT, null, OwnPicture.Origin.OWN_PHOTO, ""))
            .hasMessageContaining("picture-for-whom");
        assertThatThrownBy(() -> own(List.of("a"), OwnPicture.Audience.SCHOOL, "ilse", OwnPicture.Origin.OWN_PHOTO, ""))
            .hasMessageContaining("picture-for-one");
        assertThatThrownBy(() -> own(List.of("a"), OwnPicture.Audience.MINE, null, OwnPicture.Origin.LICENCE, " "))
            .hasMessageContaining("picture-which-licence");
        assertThatThrownBy(() -> own(Collections.nCopies(1, "x".repeat(61)), OwnPicture.Audience.MINE, null, OwnPicture.Origin.OWN_PHOTO, ""))
            .isInstanceOf(Unacceptable.class);
        assertThatThrownBy(() -> own(java.util.stream.IntStream.range(0, 21).mapToObj(i -> "w" + i).toList(), OwnPicture.Audience.MINE, null,
            OwnPicture.Origin.OWN_PHOTO, "")).hasMessageContaining("picture-too-many-words");
    }

    @Test
    void anAppearanceIsItsAddressAndBack() {
        for (Appearance appearance : Appearance.all()) {
            assertThat(Appearance.of(appearance.slug())).hasValue(appearance);
        }
        assertThat(Appearance.of("colour.green.usual")).isEmpty();
        assertThat(Appearance.of("../..")).isEmpty();
        assertThat(new Appearance(Look.COLOUR, Tone.DARK, Hair.USUAL).fill("{skin} {shade} {hair}")).isEqualTo("#573739 #452829 #2d242d");
        assertThat(new Appearance(Look.COLOUR, Tone.DARK, Hair.RED).fill("{hair}")).isEqualTo("#c9502b");
    }
}
