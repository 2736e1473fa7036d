package org.dwimble.core.showing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;

class BookTest {
    private static void refused(String key, ThrowingCallable made) {
        assertThatThrownBy(made).isInstanceOf(Unacceptable.class).extracting("told.key").isEqualTo(key);
    }

    @Test
    void aBookHasAnyNumberOfRemarksUpToEight() {
        Book.Remark remark = new Book.Remark(" oh  no ", null);
        assertThat(remark.text()).isEqualTo("oh no");
        assertThat(new Book(Book.Face.PLAIN, 40, null, List.of()).remarks()).isEmpty();
        assertThat(new Book(Book.Face.PLAIN, 40, null, Collections.nCopies(8, remark)).remarks()).hasSize(8);
        refused("book-remarks", () -> new Book(Book.Face.PLAIN, 40, null, Collections.nCopies(9, remark)));
    }

    @Test
    void itsTextCanBeReadAcrossATableAndNeverFillsTheScreen() {
        refused("book-size", () -> new Book(Book.Face.PLAIN, 19, null, List.of()));
        refused("book-size", () -> new Book(Book.Face.PLAIN, 121, null, List.of()));
    }

    @Test
    void aRemarkHasWordsAndAPictureAnybodyMaySee() {
        refused("book-remark-empty", () -> new Book.Remark(" ", "core/more"));
        refused("book-remark-picture", () -> new Book.Remark("us", "own/" + "ab".repeat(32)));
        refused("too-long", () -> new Book.Remark("x".repeat(61), null));
    }
}
