package org.dwimble.core.regrid;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What words are about. */
public interface WordTopics {
    /** Where nothing is known. */
    WordTopics NONE = new WordTopics() {
        @Override
        public List<String> of(String word) {
            return List.of();
        }

        @Override
        public @Nullable String picture(String topic) {
            return null;
        }
    };

    /** Of a word, likeliest first; may be empty. */
    List<String> of(String word);

    /** Of a topic; null for one that has none. */
    @Nullable
    String picture(String topic);
}
