package org.dwimble.core.regrid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.reveal.CoreWords;
import org.dwimble.core.text.Text;
import org.jspecify.annotations.Nullable;

/**
 * Words of a board that can go to a board of their own.
 *
 * @param name    what they are about; null for those of nothing in common
 * @param buttons in reading order
 * @param weight  of all together
 */
public record Topic(@Nullable String name, List<Button> buttons, double weight) {
    /** So many words make a topic. */
    private static final int LEAST = 3;

    static Topic of(@Nullable String name, List<Button> buttons, Weights weights) {
        return new Topic(name, List.copyOf(buttons), buttons.stream().mapToDouble(weights::of).sum());
    }

    /**
     * What could go, that of least weight a word first: words that are not core and open nothing, each with those that share the likeliest topic of its
     * own that is one on this board.
     *
     * @param may      go
     * @param topics   what words are about
     */
    static List<Topic> all(List<Button> may, Weights weights, WordTopics topics) {
        Map<String, Integer> counts = new HashMap<>();
        Map<Button, List<String>> about = new HashMap<>();
        List<Button> goes = may.stream().filter(b -> b.isWord() && !Weights.core(b)).toList();
        goes.forEach(b -> {
            List<String> known = topics.of(b.called()).stream().distinct().filter(t -> Text.tidy(t).length() <= Board.LONGEST_NAME).toList();
            about.put(b, known);
            known.forEach(t -> counts.merge(t, 1, Integer::sum));
        });
        Map<String, List<Button>> groups = new TreeMap<>();
        goes.forEach(b -> about.getOrDefault(b, List.of()).stream().filter(t -> counts.getOrDefault(t, 0) >= LEAST).findFirst()
            .ifPresent(t -> groups.computeIfAbsent(t, g -> new ArrayList<>()).add(b)));
        return groups.entrySet().stream().filter(e -> e.getValue().size() >= LEAST).map(e -> of(e.getKey(), e.getValue(), weights))
            .sorted(Comparator.comparingDouble((Topic t) -> t.weight / t.buttons.size()).thenComparing(t -> -t.buttons.size())
                .thenComparing(t -> Optional.ofNullable(t.name).orElse("")))
            .toList();
    }

    /**
     * What goes so that the rest fits with a way to each board that is new: the topics chosen, or, if none are, the one of least weight that is enough,
     * else one after the other; and, where that is not enough, the words of least weight.
     *
     * @param room for the words that stay and the ways to the boards of those that go
     */
    static List<Topic> going(List<Button> may, int room, List<Topic> all, @Nullable List<String> chosen, Weights weights) {
        List<Topic> going = new ArrayList<>();
        if (chosen != null) {
            all.stream().filter(t -> chosen.contains(t.name)).forEach(going::add);
        } else {
            all.stream().filter(t -> may.size() - t.buttons.size() + 1 <= room).min(Comparator.comparingDouble(Topic::weight)).ifPresentOrElse(going::add,
                () -> all.stream().takeWhile(t -> over(may, going, room) > 0).filter(t -> going.size() + 1 < room).forEach(going::add));
        }
        if (over(may, going, room) > 0) {
            Set<String> gone = new HashSet<>();
            going.forEach(t -> t.buttons.forEach(b -> gone.add(b.id())));
            int count = over(may, going, room) + 1;
            Set<String> rest = new HashSet<>();
            may.stream().filter(b -> !gone.contains(b.id())).sorted(leastFirst(may, weights)).limit(count).forEach(b -> rest.add(b.id()));
            going.add(of(null, may.stream().filter(b -> rest.contains(b.id())).toList(), weights));
        }
        return going;
    }

    /** By weight; of the same, words before ways to boards, core words that serve less before those that serve more, and the last on the board first. */
    private static Comparator<Button> leastFirst(List<Button> may, Weights weights) {
        Map<String, Integer> place = new HashMap<>();
        may.forEach(b -> place.put(b.id(), place.size()));
        return Comparator.comparingDouble(weights::of).thenComparing(b -> b.leads() instanceof Leads.Opens)
            .thenComparing(Comparator.<Button>comparingInt(b -> CoreWords.rank(b.spoken())).reversed())
            .thenComparing(Comparator.<Button>comparingInt(b -> place.getOrDefault(b.id(), 0)).reversed());
    }

    private static int over(List<Button> may, List<Topic> going, int room) {
        return may.size() - going.stream().mapToInt(t -> t.buttons.size()).sum() + going.size() - room;
    }
}
