package org.dwimble.server.regrid;

import java.util.List;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.regrid.WordTopics;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.server.library.Library;
import org.jspecify.annotations.Nullable;

/** What words are about, as the picture library knows it. @param guesses of pictures, for topics */
record KnownTopics(Library library, Guesses guesses) implements WordTopics {
    @Override
    public List<String> of(String word) {
        return library.categories().topicsOf(word);
    }

    @Override
    public @Nullable String picture(String topic) {
        return guesses.picture(topic).map(Picture::id).orElse(null);
    }
}
