package org.dwimble.core.bringin;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;

/** What a vocabulary has already, looked up by content, by name and by words. Gathered in time in proportion to its buttons. */
final class Present {
    private final Map<Content, Board> byContent = new HashMap<>();
    private final Map<String, Board> byName = new HashMap<>();
    private final Map<String, List<Board>> byWord;

    /** Of boards that are alike, the first by id counts. */
    Present(Vocabulary here) {
        here.boards().values().forEach(board -> {
            byContent.putIfAbsent(Content.of(board, here), board);
            byName.putIfAbsent(Names.folded(board.name()), board);
        });
        byWord = here.boards().values().stream().flatMap(board -> words(board).stream().map(word -> Map.entry(word, board)))
            .collect(Collectors.groupingBy(Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
    }

    /** Of the same name and the same content. */
    Optional<Board> same(Board board, Vocabulary in) {
        return Optional.ofNullable(byContent.get(Content.of(board, in))).filter(here -> Names.folded(here.name()).equals(Names.folded(board.name())));
    }

    Optional<Board> named(Board board) {
        return Optional.ofNullable(byName.get(Names.folded(board.name())));
    }

    /** The board that is most likely meant by one that does not come. */
    Optional<Likely> likely(Board board, Vocabulary in) {
        Optional<Board> same = Optional.ofNullable(byContent.get(Content.of(board, in)));
        return same.map(here -> new Likely(here.id(), here.name(), Likely.Why.SAME_CONTENT, 0, 0))
            .or(() -> named(board).map(here -> new Likely(here.id(), here.name(), Likely.Why.SAME_NAME, 0, 0)))
            .or(() -> ofSameWords(board));
    }

    /** The one with most of its words, if it has at least half of them. */
    private Optional<Likely> ofSameWords(Board board) {
        Set<String> words = words(board);
        Map<Board, Integer> shared = new LinkedHashMap<>();
        words.forEach(word -> byWord.getOrDefault(word, List.of()).forEach(here -> shared.merge(here, 1, Integer::sum)));
        return shared.entrySet().stream().filter(e -> 2 * e.getValue() >= words.size())
            .reduce((most, other) -> other.getValue() > most.getValue() ? other : most)
            .map(e -> new Likely(e.getKey().id(), e.getKey().name(), Likely.Why.SAME_WORDS, e.getValue(), words.size()));
    }

    private static Set<String> words(Board board) {
        return board.buttons().stream().filter(Button::isWord).map(b -> Names.folded(b.spoken())).collect(Collectors.toCollection(HashSet::new));
    }
}
