package org.dwimble.core.grow;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;

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
     * @param from of what the board is
     * @param kin  the board as it stands there
     * @param at   where the word will stand on it
     * @param adds the words it adds, as they stand there: words that wait here, of a board that is here; else those that stand nowhere here
     */
    public record Proposal(Kin from, Board on, Button word, Board kin, Cell at, List<String> adds) {
    }

    private final Vocabulary now;
    private final Routes routes;
    private final Revealed revealed;
    private final WayHome wayHome;
    /** Words that can be said now. */
    private final Set<String> said = new HashSet<>();
    /** Words that stand somewhere, whether they can be said or not. */
    private final Set<String> known = new HashSet<>();
    /** Words that are held somewhere. */
    private final Set<String> held = new HashSet<>();

    /** What is asked of one board for many words is worked out once. */
    private final Map<Kin, Map<String, List<String>>> adds = new HashMap<>();
    private final Map<Kin, Map<String, List<String>>> kinWords = new HashMap<>();
    private final Map<String, Set<String>> beside = new HashMap<>();

    /** @param revealed what the student sees of the vocabulary */
    public Growth(Vocabulary now, Routes routes, Revealed revealed) {
        this.now = now;
        this.routes = routes;
        this.revealed = revealed;
        this.wayHome = WayHome.of(now);
        now.boards().values().forEach(board -> board.buttons().stream().filter(Kin::isSaid).forEach(b -> {
            String word = Names.folded(b.spoken());
            known.add(word);
            if (b.hidden()) {
                held.add(word);
            }
            if (routes.reaches(board.id()) && revealed.shows(b)) {
                said.add(word);
            }
        }));
    }

    private boolean canBeSaid(Button button) {
        return Kin.isSaid(button) && revealed.shows(button);
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
        List<Proposal> proposals = new ArrayList<>();
        there.boards(word).forEach(kin -> proposal(there, on, word, kin).ifPresent(proposals::add));
        return proposals;
    }

    private Optional<Proposal> proposal(Kin from, Board on, Button word, Board kin) {
        boolean own = from.isOwn();
        List<String> adds = adds(from, kin);
        if (!mayOpen(from, on, kin) || adds.size() < FEWEST || !own && isMostly(on, from, kin)) {
            return Optional.empty();
        }
        AtomicInteger ids = new AtomicInteger();
        Board opened = own ? kin : kin.with(wayHome.missingOn(kin, () -> "way " + ids.incrementAndGet()));
        return Kin.place(opened, word, wayHome).map(at -> new Proposal(from, on, word, kin, at, adds));
    }

    private boolean mayOpen(Kin from, Board on, Board kin) {
        return !from.isOwn() || !kin.id().equals(on.id()) && !kin.id().equals(now.home());
    }

    /** Whether most words of a board stand beside the word already. */
    private boolean isMostly(Board on, Kin from, Board kin) {
        Set<String> here = beside.computeIfAbsent(on.id(), id -> Set.copyOf(words(on)));
        List<String> words = words(from, kin);
        return 2 * words.stream().filter(here::contains).count() >= words.size();
    }

    private List<String> words(Kin from, Board kin) {
        return kinWords.computeIfAbsent(from, k -> new HashMap<>()).computeIfAbsent(kin.id(), id -> words(kin));
    }

    private static List<String> words(Board board) {
        return board.buttons().stream().filter(Kin::isSaid).map(b -> Names.folded(b.spoken())).distinct().toList();
    }

    /** What is held is not offered: it is held for a reason. */
    private List<String> adds(Kin from, Board kin) {
        return adds.computeIfAbsent(from, k -> new HashMap<>()).computeIfAbsent(kin.id(), id -> {
            Set<String> here = from.isOwn() ? said : known;
            Map<String, String> added = new LinkedHashMap<>();
            kin.buttons().stream().filter(Kin::isSaid).forEach(b -> {
                String word = Names.folded(b.spoken());
                if (!here.contains(word) && !held.contains(word)) {
                    added.putIfAbsent(word, b.called());
                }
            });
            return List.copyOf(added.values());
        });
    }

    /**
     * What words here would best grow into: of most new words first, then what a word opens there or is called like, then the word that stands first there.
     * Each word and each board once, at most so many.
     *
     * @param on ids of the boards whose words are asked for
     */
    public List<Proposal> all(List<Kin> there, int most, Set<String> on) {
        record Candidate(Kin from, Board on, Button word, Board kin, int adds, boolean named, int place) {
        }
        List<Candidate> candidates = new ArrayList<>();
        now.boards().values().stream().filter(b -> on.contains(b.id()) && routes.reaches(b.id())).forEach(board -> board.buttons().stream().filter(this::grows)
            .forEach(word -> there.forEach(from -> from.boards(word).stream().filter(kin -> mayOpen(from, board, kin) && adds(from, kin).size() >= FEWEST)
                .forEach(kin -> candidates.add(new Candidate(from, board, word, kin, adds(from, kin).size(), from.isNamed(word, kin),
                    words(from, kin).indexOf(Names.folded(word.spoken()))))))));
        candidates.sort(
            Comparator.comparing((Candidate c) -> -c.adds).thenComparing(c -> !c.named).thenComparing(Candidate::place).thenComparing(c -> c.word.spoken()));
        record KinBoard(Kin from, String board) {
        }
        Set<Object> taken = new HashSet<>();
        List<Proposal> best = new ArrayList<>();
        for (Candidate c : candidates) {
            KinBoard board = new KinBoard(c.from, c.kin.id());
            String word = Names.folded(c.word.spoken());
            if (best.size() < most && !taken.contains(board) && !taken.contains(word)) {
                proposal(c.from, c.on, c.word, c.kin).ifPresent(p -> {
                    best.add(p);
                    taken.add(board);
                    taken.add(word);
                });
            }
        }
        return best;
    }
}
