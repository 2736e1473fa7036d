package org.dwimble.core.regrid;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Ways;

/** The cells in which boards of one shape usually have home and back, and where they are on the new grid: the same for all of them. */
final class WayCells {
    private final Map<Cell, Cell> becomes = new LinkedHashMap<>();

    /** @param boards of one shape */
    static WayCells of(Vocabulary vocabulary, Collection<Board> boards, Onto onto) {
        WayCells cells = new WayCells();
        Board one = boards.iterator().next();
        Ground ground = Ground.of(vocabulary, one, onto);
        Set<Cell> usual = new LinkedHashSet<>();
        List.of(Leads.HOME, Leads.BACK).forEach(leads -> usual(boards, leads).ifPresent(usual::add));
        List<Cell> news = cellsOf(onto);
        if (usual.size() > news.size()) {
            return cells;
        }
        List<Cell> was = List.copyOf(usual);
        int[] at = Assignment.least(Costs.of(was, news, (from, to) -> ground.cost(Standing.at(from), Standing.at(to), 1)));
        for (int i = 0; i < was.size(); i++) {
            cells.becomes.put(was.get(i), news.get(at[i]));
        }
        return cells;
    }

    private static Optional<Cell> usual(Collection<Board> boards, Leads leads) {
        Map<Cell, Integer> counts = new TreeMap<>();
        boards.forEach(b -> Ways.of(b).out().stream().filter(w -> w.leads().equals(leads)).forEach(w -> counts.merge(w.cell(), 1, Integer::sum)));
        return counts.entrySet().stream().max(Comparator.comparingInt((Map.Entry<Cell, Integer> e) -> e.getValue())).map(Map.Entry::getKey);
    }

    static List<Cell> cellsOf(Onto onto) {
        return Board.empty("?", "?", onto.shape()).emptyCells();
    }

    Optional<Cell> becomes(Cell cell) {
        return Optional.ofNullable(becomes.get(cell));
    }
}
