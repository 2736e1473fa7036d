package org.dwimble.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.core.ShippedLibrary;
import org.junit.jupiter.api.Test;

class WordCategoriesTest {
    private final WordCategories categories = ShippedLibrary.CATEGORIES;

    @Test
    void aWordIsAmongTheCategoriesOfItsPictureEachInTheSingularToo() {
        assertThat(categories.of("Dog")).contains("animals", "animal");
        assertThat(categories.of("no such word")).isEmpty();
    }

    @Test
    void andAKindOfWhatItsMeaningSays() {
        assertThat(categories.kindsOf("trout")).contains("fish");
        assertThat(categories.of("trout")).doesNotContain("fish");
    }

    @Test
    void aWordIsAboutWhatItsPictureIsAboutElseWhatItsMeaningSays() {
        assertThat(categories.topicsOf("cup")).contains("drinks");
        assertThat(categories.topicsOf("saucepan").get(0)).isEqualTo("kitchen");
        assertThat(categories.topicsOf("lifeboat")).containsExactly("vehicles");
        assertThat(categories.topicsOf("lifeboats")).as("a form").containsExactly("vehicles");
        assertThat(categories.topicsOf("our red lifeboat")).as("its last word").containsExactly("vehicles");
        assertThat(categories.topicsOf("learn")).containsExactly("actions");
        assertThat(categories.topicsOf("quiche")).as("a tart, and not the people of that name").containsExactly("food");
        assertThat(categories.topicsOf("zorbly")).isEmpty();
    }
}
