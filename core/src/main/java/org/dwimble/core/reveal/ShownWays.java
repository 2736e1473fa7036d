package org.dwimble.core.reveal;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Ways;

/** How far boards are from home for the student: by buttons that are shown and lead there now. In time in proportion to those that open one. */
public final class ShownWays {
    private ShownWays() {
    }

    /** Taps to each board, 0 to home; a board the student cannot get to is not there. */
    public static Map<String, Integer> of(Vocabulary vocabulary, Revealed revealed) {
        Set<String> nowhereYet = revealed.leadsNowhereYet();
        Map<String, Integer> taps = new HashMap<>(Map.of(vocabulary.home(), 0));
        Deque<String> waiting = new ArrayDeque<>(taps.keySet());
        while (!waiting.isEmpty()) {
            String on = waiting.remove();
            int next = taps.getOrDefault(on, 0) + 1;
            for (Button button : Ways.of(vocabulary.at(on)).openers()) {
                String opened = ((Leads.Opens) button.leads()).board();
                boolean leads = revealed.shows(button) && !nowhereYet.contains(button.id()) && vocabulary.boards().containsKey(opened);
                if (leads && taps.putIfAbsent(opened, next) == null) {
                    waiting.add(opened);
                }
            }
        }
        return taps;
    }
}
