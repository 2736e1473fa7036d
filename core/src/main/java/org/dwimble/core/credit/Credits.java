package org.dwimble.core.credit;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** The sources of the pictures on some boards, the one with most pictures first. */
public record Credits(List<Use> uses) {
    /** @param pictures how many different ones; 1 or more */
    public record Use(Credit credit, int pictures) {
    }

    public Credits {
        uses = List.copyOf(uses);
    }

    /**
     * @param own whose an own picture is; null if the school did not take it in, then what the package said of it counts
     * @param packed what a package said of a picture, read as its format has it
     */
    public static Credits of(Collection<Board> boards, Function<String, Credit> own, Function<@Nullable JsonNode, Credit> packed) {
        Map<String, Credit> byPicture = new LinkedHashMap<>();
        for (Board board : boards) {
            for (Button button : board.buttons()) {
                for (String picture : button.pictures()) {
                    byPicture.computeIfAbsent(picture, id -> credit(id, board, own, packed));
                }
            }
        }
        return of(byPicture.values());
    }

    /** @param ids of pictures, each once @param credit whose one is */
    public static Credits of(Collection<String> ids, Function<String, Credit> credit) {
        return of(ids.stream().map(credit).toList());
    }

    /** @param each picture's */
    private static Credits of(Collection<Credit> each) {
        Map<Credit, Integer> counts = new LinkedHashMap<>();
        each.forEach(c -> counts.merge(c, 1, Integer::sum));
        return new Credits(counts.entrySet().stream().map(e -> new Use(e.getKey(), e.getValue()))
            .sorted(Comparator.comparingInt((Use u) -> -u.pictures).thenComparing(u -> u.credit.line().toString())).toList());
    }

    private static Credit credit(String id, Board board, Function<String, Credit> own, Function<@Nullable JsonNode, Credit> packed) {
        if (!MediaId.isOwn(id)) {
            return Credit.ofLibrary(id);
        }
        Credit known = own.apply(id);
        return known != null ? known : packed.apply(board.facts().pictures().get(id));
    }

    /** What a sheet with these pictures owes: "Pictures: ..."; empty if no licence asks. */
    public Optional<Told> onPaper() {
        Set<Told> lines = uses.stream().map(Use::credit).filter(Credit::onPaper).map(Credit::line).collect(Collectors.toCollection(LinkedHashSet::new));
        return lines.stream().reduce((one, more) -> Told.of("credit-and", "one", one, "more", more)).map(all -> Told.of("credit-on-paper", "lines", all));
    }
}
