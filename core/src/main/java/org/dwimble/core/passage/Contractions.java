package org.dwimble.core.passage;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What English words run together are said by, word by word. */
final class Contractions {
    private static final Map<String, List<String>> WHOLE = Map.of("can't", List.of("can", "not"), "cannot", List.of("can", "not"), "won't",
        List.of("will", "not"), "shan't", List.of("shall", "not"), "let's", List.of("let", "us"), "gonna", List.of("going", "to"), "wanna",
        List.of("want", "to"), "gotta", List.of("got", "to"));
    private static final Map<String, String> ENDINGS = Map.of("n't", "not", "'re", "are", "'m", "am", "'ll", "will", "'ve", "have", "'d", "would");
    /** After these, an s is short for is; after other words it says whose something is. */
    private static final Set<String> IS = Set.of("he", "she", "it", "that", "this", "there", "here", "what", "where", "who", "how", "when", "why");

    private Contractions() {
    }

    /** The words, in small letters; empty for a word that is not run together. */
    static List<String> of(String word) {
        String straight = word.toLowerCase(Locale.ROOT).replace('’', '\'').replace('ʼ', '\'');
        List<String> whole = WHOLE.get(straight);
        if (whole != null) {
            return whole;
        }
        if (straight.endsWith("'s")) {
            String before = straight.substring(0, straight.length() - 2);
            return IS.contains(before) ? List.of(before, "is") : before.isEmpty() ? List.of() : List.of(before);
        }
        return ENDINGS.entrySet().stream().filter(e -> straight.endsWith(e.getKey()) && straight.length() > e.getKey().length()).findFirst()
            .map(e -> List.of(straight.substring(0, straight.length() - e.getKey().length()), e.getValue())).orElse(List.of());
    }
}
