package org.dwimble.core.words;

import java.util.List;

/**
 * A picture of the library.
 *
 * @param id    {@code base/} and a name that lasts
 * @param name  the everyday word for it, shown to people
 * @param also  other words it may stand for by itself, likeliest first; lower case
 * @param keywords words that have to do with it; lower case
 * @param group the drawer it is kept in, such as {@code animal-bug}
 */
public record LibraryPicture(String id, String name, List<String> also, List<String> keywords, String group) {
    public LibraryPicture {
        also = List.copyOf(also);
        keywords = List.copyOf(keywords);
    }
}
