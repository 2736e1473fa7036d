package org.dwimble.core.credit;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
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
     */
    public static Credits of(Collection<Board> boards, Function<String, Credit> own) {
        Map<String, Credit> byPicture = new LinkedHashMap<>();
        for (Board board : boards) {
            for (Button button : board.buttons()) {
                for (String picture : button.pictures()) {
                    byPicture.computeIfAbsent(picture, id -> credit(id, board, own));
                }
            }
        }
        Map<Credit, Integer> counts = new LinkedHashMap<>();
        byPicture.values().forEach(c -> counts.merge(c, 1, Integer::sum));
        return new Credits(counts.entrySet().stream().map(e -> new Use(e.getKey(), e.getValue()))
            .sorted(Comparator.comparingInt((Use u) -> -u.pictures).thenComparing(u -> u.credit.line())).toList());
    }

    private static Credit credit(String id, Board board, Function<String, Credit> own) {
        if (!id.startsWith("own/")) {
            return Credit.ofLibrary(id);
        }
        Credit known = own.apply(id);
        return known != null ? known : packed(board.pictures() == null ? null : board.pictures().get(id));
    }

    /** What an open-board package says of an image: {@code license} with {@code type}, {@code author_name}, {@code source_url}. */
    private static Credit packed(JsonNode facts) {
        JsonNode licence = facts == null ? null : facts.path("license");
        String type = licence == null ? "" : licence.path("type").asString("");
        if (type.isEmpty()) {
            return Credit.UNKNOWN;
        }
        String author = licence.path("author_name").asString("");
        return new Credit("brought in with a package", author, type, !author.isEmpty());
    }

    /** What a sheet with these pictures owes: "Pictures: ..."; empty if no licence asks. */
    public String onPaper() {
        Set<String> lines = uses.stream().map(Use::credit).filter(Credit::onPaper).map(Credit::line).collect(Collectors.toCollection(LinkedHashSet::new));
        return lines.isEmpty() ? "" : "Pictures: " + String.join("; ", lines);
    }
}
