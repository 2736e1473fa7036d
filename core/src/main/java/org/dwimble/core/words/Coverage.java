package org.dwimble.core.words;

import java.util.Collection;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;

/**
 * What share of running speech the words on some boards make up, by a list of word counts. A form counts
 * with its word; buttons of several words count only as a whole and so do not count here; spelling does not.
 */
public final class Coverage {
    private Coverage() {
    }

    /**
     * @param counts how often each form occurs in running speech
     * @return between 0 and 1; 0 for an empty list
     */
    public static double of(Collection<Board> boards, Map<String, Long> counts, Forms forms) {
        Set<String> said = new HashSet<>();
        for (Board board : boards) {
            for (Button button : board.buttons()) {
                if (button.isWord()) {
                    String word = button.label().toLowerCase(Locale.ROOT);
                    said.add(word);
                    said.addAll(forms.wordsOf(word));
                }
            }
        }
        long covered = 0;
        long total = 0;
        for (Map.Entry<String, Long> entry : counts.entrySet()) {
            total += entry.getValue();
            if (forms.wordsOf(entry.getKey()).stream().anyMatch(said::contains)) {
                covered += entry.getValue();
            }
        }
        return total == 0 ? 0 : (double) covered / total;
    }
}
