package org.dwimble.core.grow;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
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
        if (own && (kin.id().equals(on.id()) || kin.id().equals(now.home())) || !own && isMostly(on, kin)) {
            return Optional.empty();
        }
        List<String> adds = adds(kin, own ? said : known);
        if (adds.size() < FEWEST) {
            return Optional.empty();
        }
        AtomicInteger ids = new AtomicInteger();
        Board opened = own ? kin : kin.with(wayHome.missingOn(kin, () -> "way " + ids.incrementAndGet()));
        return Kin.place(opened, word, wayHome).map(at -> new Proposal(from, on, word, kin, at, adds));
    }

    /** Whether most words of a board stand beside the word already. */
    private static boolean isMostly(Board on, Board kin) {
        Set<String> beside = on.buttons().stream().filter(Kin::isSaid).map(b -> Names.folded(b.spoken())).collect(Collectors.toSet());
        List<String> words = kin.buttons().stream().filter(Kin::isSaid).map(b -> Names.folded(b.spoken())).distinct().toList();
        return 2 * words.stream().filter(beside::contains).count() >= words.size();
    }

    /** What is held is not offered: it is held for a reason. */
    private List<String> adds(Board kin, Set<String> here) {
        Map<String, String> adds = new LinkedHashMap<>();
        kin.buttons().stream().filter(Kin::isSaid).filter(b -> !here.contains(Names.folded(b.spoken())) && !held.contains(Names.folded(b.spoken())))
            .forEach(b -> adds.putIfAbsent(Names.folded(b.spoken()), b.called()));
        return List.copyOf(adds.values());
    }

    /**
     * What words here would best grow into: of most new words first, then what a word opens there or is called like. Each word and each board once, at most
     * so many.
     */
    public List<Proposal> all(List<Kin> there, int most) {
        record Ranked(Proposal proposal, boolean named) {
        }
        List<Ranked> ranked = new ArrayList<>();
        now.boards().values().stream().filter(b -> routes.reaches(b.id()))
            .forEach(on -> on.buttons().stream().filter(this::grows).forEach(word -> there.forEach(
                kin -> of(on, word, kin).forEach(p -> ranked.add(new Ranked(p, kin.isNamed(word, p.kin)))))));
        Set<Object> taken = new HashSet<>();
        return ranked.stream().sorted(Comparator.comparing((Ranked r) -> -r.proposal.adds.size()).thenComparing(r -> !r.named)
            .thenComparing(r -> r.proposal.word.spoken())).map(Ranked::proposal)
            .filter(p -> !taken.contains(p.kin) && !taken.contains(Names.folded(p.word.spoken())))
            .filter(p -> taken.add(p.kin) && taken.add(Names.folded(p.word.spoken()))).limit(most).toList();
    }
}
