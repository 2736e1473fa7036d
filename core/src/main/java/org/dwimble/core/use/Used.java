package org.dwimble.core.use;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.reveal.Revealed;

/**
 * The words of a vocabulary by how often they were said. A word is what its button says, whatever its capitals, so that it is the same word wherever it
 * stands, and on whichever boards of the student’s.
 *
 * @param most  said most, the first most often
 * @param never shown and never said, in the order of boards and cells
 * @param times by the id of each button that says a word, also where it is 0
 */
public record Used(List<SaidWord> most, List<SaidWord> never, Map<String, Integer> times) {
    /** @param board where it stands first */
    public record SaidWord(String label, int times, String board) {
    }

    /** @param said how often, by {@link #wordOf} @param listed at most so many of those said most */
    public static Used of(Vocabulary vocabulary, Revealed revealed, Map<String, HowOften> said, int listed) {
        Map<String, SaidWord> words = new HashMap<>();
        List<SaidWord> never = new ArrayList<>();
        Map<String, Integer> times = new HashMap<>();
        for (Board board : vocabulary.boards().values()) {
            for (Button button : board.buttons()) {
                if (!button.isWord()) {
                    continue;
                }
                String word = wordOf(button.spoken());
                int count = said.getOrDefault(word, HowOften.NEVER).times();
                times.put(button.id(), count);
                if (count == 0 && !revealed.shows(button)) {
                    continue;
                }
                SaidWord found = new SaidWord(button.called(), count, board.id());
                if (words.putIfAbsent(word, found) == null && count == 0) {
                    never.add(found);
                }
            }
        }
        List<SaidWord> most = words.values().stream().filter(w -> w.times > 0)
            .sorted(Comparator.comparingInt(SaidWord::times).reversed().thenComparing(SaidWord::label, Names.order())).limit(listed).toList();
        return new Used(most, List.copyOf(never), Map.copyOf(times));
    }

    /** What a text that was said is counted as. */
    public static String wordOf(String text) {
        return Names.folded(text);
    }
}
