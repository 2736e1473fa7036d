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
}
