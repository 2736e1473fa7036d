package org.dwimble.core;

import java.io.InputStream;
import java.util.function.Function;
import org.dwimble.core.picture.PictureLibrary;
import org.dwimble.core.search.PictureIndex;
import org.dwimble.core.search.PictureSearch;
import org.dwimble.core.search.WordCategories;
import org.dwimble.core.sound.PronouncingDictionary;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Kinds;
import org.dwimble.core.words.Meanings;

/** The library as it ships, read once for all tests. */
public final class ShippedLibrary {
    public static final Function<String, InputStream> FILES = file -> ShippedLibrary.class.getResourceAsStream("/library/" + file);
    public static final PictureLibrary LIBRARY = PictureLibrary.read(FILES);
    public static final Kinds KINDS = Kinds.read(FILES);
    public static final Meanings MEANINGS = Meanings.read(FILES);
    public static final PictureSearch SEARCH = new PictureSearch(new PictureIndex(LIBRARY, Forms.english()), MEANINGS,
        Forms.english());
    public static final WordCategories CATEGORIES = new WordCategories(LIBRARY.pictures(), WordCategories.readTopics(FILES), MEANINGS,
        Forms.english());
    public static final PronouncingDictionary SOUNDS = PronouncingDictionary.read(FILES);

    private ShippedLibrary() {
    }
}
