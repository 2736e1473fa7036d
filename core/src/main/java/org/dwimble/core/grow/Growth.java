package org.dwimble.core.grow;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.jspecify.annotations.Nullable;

/**
 * What words of a vocabulary could grow into: a word that is said by one tap opens a board then, on which it stands among its kin. Where a word stands, its
 * picture and its label stay as they are.
 */
public final class Growth {
    /** Fewer new words than this are no reason to give a word a second tap. */
    private static final int FEWEST = 2;

    /**
     * A board a word could open.
     *
     * @param kin  the board: of the other vocabulary, or here
     * @param own  true if it is here already
     * @param at   where the word will stand on it
     * @param adds the words it adds that cannot be said here now, as they stand there
     */
    public record Proposal(Board on, Button word, Board kin, boolean own, Cell at, List<String> adds) {
    }

    private final Vocabulary now;
    private final Routes routes;
    private final Predicate<Button> shown;
    private final Set<String> said = new HashSet<>();

    /** @param shown whether the student sees a button */
    public Growth(Vocabulary now, Routes routes, Predicate<Button> shown) {
        this.now = now;
        this.routes = routes;
        this.shown = shown;
        now.boards().values().stream().filter(b -> routes.reaches(b.id())).forEach(board -> board.buttons().stream().filter(this::canBeSaid)
            .forEach(b -> said.add(Names.folded(b.spoken()))));
    }

    private boolean canBeSaid(Button button) {
        return Kin.isSaid(button) && shown.test(button);
    }

    /** Whether a word could grow at all: it is seen, says something and leads nowhere. */
    public boolean grows(Button button) {
        return canBeSaid(button) && button.leads() instanceof Leads.Stays;
    }

    /**
     * What one word could grow into, that which is nearest to it first.
     *
     * @param there of the boards it could come to stand on: of another vocabulary, or of this one
     */
    public List<Proposal> of(Board on, Button word, Kin there) {
        if (!grows(word)) {
            return List.of();
        }
        boolean own = there.vocabulary() == now;
        List<Proposal> proposals = new ArrayList<>();
        there.boards(word).forEach(kin -> proposal(on, word, kin, own).ifPresent(proposals::add));
        return proposals;
    }

    private Optional<Proposal> proposal(Board on, Button word, Board kin, boolean own) {
        if (own && (kin.id().equals(on.id()) || kin.id().equals(now.home()))) {
            return Optional.empty();
        }
        List<String> adds = adds(kin);
        Cell at = Kin.same(kin, word).map(Button::cell).or(() -> free(kin, own)).orElse(null);
        return adds.size() < FEWEST || at == null ? Optional.empty() : Optional.of(new Proposal(on, word, kin, own, at, adds));
    }

    private Optional<Cell> free(Board kin, boolean own) {
        List<Cell> keptFree = own ? WayHome.of(now).keptFree(kin) : List.of();
        return kin.emptyCells().stream().filter(c -> !keptFree.contains(c)).findFirst();
    }

    private List<String> adds(Board kin) {
        Map<String, String> adds = new LinkedHashMap<>();
        kin.buttons().stream().filter(Kin::isSaid).filter(b -> !said.contains(Names.folded(b.spoken())))
            .forEach(b -> adds.putIfAbsent(Names.folded(b.spoken()), b.called()));
        return List.copyOf(adds.values());
    }

    /** What each word here that could grow would best grow into: that of most new words first, at most so many. */
    public List<Proposal> all(List<Kin> there, int most) {
        Map<String, Proposal> best = new LinkedHashMap<>();
        now.boards().values().stream().filter(b -> routes.reaches(b.id())).forEach(on -> on.buttons().forEach(word -> {
            Proposal one = there.stream().map(kin -> of(on, word, kin).stream().findFirst().orElse(null)).reduce(null, Growth::richer);
            if (one != null) {
                best.merge(Names.folded(word.spoken()), one, Growth::richer);
            }
        }));
        return best.values().stream().sorted(Comparator.comparing((Proposal p) -> -p.adds.size()).thenComparing(p -> p.word.spoken())).limit(most).toList();
    }

    private static @Nullable Proposal richer(@Nullable Proposal one, @Nullable Proposal other) {
        return one == null || other != null && other.adds.size() > one.adds.size() ? other : one;
    }
}
