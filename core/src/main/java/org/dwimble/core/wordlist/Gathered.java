package org.dwimble.core.wordlist;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.told.Unacceptable;

/** Words for a list, gathered from a vocabulary: each word once, as its first button has it. Ways back and home are no words. */
public final class Gathered {
    private Gathered() {
    }

    /** What the student sees of some boards, board by board in the order given, each in reading order. @throws Unacceptable if one is not there */
    public static List<ListedWord> ofBoards(Vocabulary vocabulary, List<String> boards, Supplier<String> ids) {
        Revealed revealed = Revealed.of(vocabulary);
        List<Board> there = boards.stream().map(id -> vocabulary.board(id).orElseThrow(() -> new Unacceptable("board-gone"))).toList();
        return listed(there, revealed::shows, ids);
    }

    /** The words of a step of the plan. @throws Unacceptable if there is no such step */
    public static List<ListedWord> ofStep(Vocabulary vocabulary, String step, Supplier<String> ids) {
        vocabulary.plan().step(step);
        return listed(vocabulary.boards().values(), b -> step.equals(b.shown().step()) && !b.hidden(), ids);
    }

    /** What the student sees now and did not see then: new words, and words that waited. */
    public static List<ListedWord> since(Vocabulary then, Vocabulary now, Supplier<String> ids) {
        Revealed before = Revealed.of(then);
        Revealed today = Revealed.of(now);
        Set<String> seen = then.boards().values().stream().flatMap(b -> b.buttons().stream()).filter(before::shows).map(Button::id)
            .collect(Collectors.toCollection(HashSet::new));
        return listed(now.boards().values(), b -> today.shows(b) && !seen.contains(b.id()), ids);
    }

    /** Some buttons in an order of their own, such as that in which they were said; what is gone since is left out. */
    public static List<ListedWord> ofButtons(Vocabulary vocabulary, List<String> buttons, Supplier<String> ids) {
        Map<String, Button> byId = vocabulary.boards().values().stream().flatMap(b -> b.buttons().stream())
            .collect(Collectors.toMap(Button::id, b -> b, (one, other) -> one));
        return listed(buttons.stream().map(byId::get).filter(Objects::nonNull), b -> true, ids);
    }

    private static List<ListedWord> listed(Collection<Board> boards, Predicate<Button> which, Supplier<String> ids) {
        return listed(boards.stream().flatMap(b -> b.buttons().stream().sorted(Comparator.comparing(Button::cell))), which, ids);
    }

    private static List<ListedWord> listed(Stream<Button> buttons, Predicate<Button> which, Supplier<String> ids) {
        Set<String> known = new HashSet<>();
        List<ListedWord> words = new ArrayList<>();
        buttons
            .filter(b -> !b.isWay() && which.test(b) && !(b.label().isEmpty() && b.pictures().isEmpty()))
            .filter(b -> known.add(b.label().isEmpty() ? b.id() : Names.folded(b.label())))
            .forEach(b -> words.add(new ListedWord(ids.get(), b.label(), Stream.ofNullable(b.picture()).toList(), false, 1, null, b.kind(), b.look().fill())));
        return words;
    }
}
