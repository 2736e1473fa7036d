package org.dwimble.core.picture;

import java.util.List;

/**
 * A picture and the words it stands for.
 *
 * @param id         {@code core/}, {@code base/} or {@code wide/} and a name that lasts, or {@code own/} and the SHA-256 of its bytes
 * @param name       the everyday word for it, shown to people
 * @param also       other words it may stand for by itself, likeliest first
 * @param keywords   words that have to do with it
 * @param group      the drawer its set keeps it in, such as {@code animal-bug}
 * @param categories what a person would look for it under, such as animals and pets
 * @param person     true if it shows somebody, so that skin tone changes it
 * @param gloss      which meaning of its name it shows, where that has several, such as "animal" of a bat; else empty
 */
public record Picture(String id, String name, List<String> also, List<String> keywords, String group, List<String> categories, boolean person, String gloss) {
    public Picture {
        also = List.copyOf(also);
        keywords = List.copyOf(keywords);
        categories = List.copyOf(categories);
    }

    /** Of a name that means one thing. */
    public Picture(String id, String name, List<String> also, List<String> keywords, String group, List<String> categories, boolean person) {
        this(id, name, also, keywords, group, categories, person, "");
    }

    /** True for what a school has taken in itself. */
    public boolean own() {
        return id.startsWith("own/");
    }
}
