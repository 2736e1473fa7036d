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
 */
public record Picture(String id, String name, List<String> also, List<String> keywords, String group, List<String> categories, boolean person) {
    public Picture {
        also = List.copyOf(also);
        keywords = List.copyOf(keywords);
        categories = List.copyOf(categories);
    }

    /** True for what a school has taken in itself. */
    public boolean own() {
        return id.startsWith("own/");
    }
}
