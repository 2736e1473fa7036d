package org.dwimble.core.showing;

import java.util.List;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.look.Colour;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A book: each word of the list is a page of it, its text below its pictures.
 *
 * @param face    what its text is set in
 * @param size    of its text, in thousandths of the height of the screen, {@value #LEAST_SIZE} to {@value #MOST_SIZE}
 * @param paper   behind its pages; null for white
 * @param remarks said while reading together, in the same cells on every page; at most {@value #MOST_REMARKS}
 */
public record Book(Face face, int size, @Nullable Colour paper, List<Remark> remarks) {
    public static final int LEAST_SIZE = 20;
    public static final int MOST_SIZE = 120;
    public static final int MOST_REMARKS = 8;
    public static final Book USUAL = new Book(Face.BOARDS, 50, null,
        List.of(new Remark("more", "core/more"), new Remark("turn the page", "base/page-with-curl"),
            new Remark("look", "core/look"), new Remark("funny", "base/face-with-tears-of-joy"), new Remark("oh no", "base/anguished-face")));

    /** The typefaces there are: that of the boards, for who learns to read and write, or a plain one with letters that cannot be taken for each other. */
    public enum Face {
        BOARDS, PLAIN
    }

    /** @param picture of the library; null for the words alone */
    public record Remark(String text, @Nullable String picture) {
        private static final int LONGEST = 60;

        public Remark {
            text = Text.tidy(text);
            Text.atMost(LONGEST, "label", text);
            if (text.isEmpty()) {
                throw new Unacceptable("book-remark-empty");
            }
            if (picture != null && !MediaId.isLibrary(MediaId.picture(picture))) {
                throw new Unacceptable("book-remark-picture");
            }
        }
    }

    public Book {
        Unacceptable.ifMissing(face, remarks);
        Unacceptable.ifMissing(remarks);
        remarks = List.copyOf(remarks);
        if (size < LEAST_SIZE || size > MOST_SIZE) {
            throw new Unacceptable("book-size", "least", LEAST_SIZE, "most", MOST_SIZE, "has", size);
        }
        if (remarks.size() > MOST_REMARKS) {
            throw new Unacceptable("book-remarks", "most", MOST_REMARKS, "has", remarks.size());
        }
    }
}
