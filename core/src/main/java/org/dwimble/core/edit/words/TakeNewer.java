package org.dwimble.core.edit.words;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.KeptHere;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * Takes over what is newer where words were brought from, word by word. Nothing moves: words that came there since get the cells they have there, where
 * these are free, else the first free ones.
 *
 * @param words   ids here of those that become as they are there
 * @param added   ids there of those that come
 * @param settled true if what is not taken is right as it is here, and is not told again
 */
public record TakeNewer(Newer.Source source, Set<String> words, Set<String> added, boolean settled) implements Intention {
    public TakeNewer {
        words = Set.copyOf(words);
        added = Set.copyOf(added);
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Newer newer = Newer.of(source, now);
        List<Key> needs = new ArrayList<>();
        List<Newer.Changed> changed = newer.changed().stream().filter(c -> words.contains(c.here().id())).toList();
        List<Newer.Added> coming = newer.added().stream().filter(a -> added.contains(a.button().id())).toList();
        if (changed.size() < words.size() || coming.size() < added.size()) {
            throw new Unacceptable("newer-not-there", "vocabulary", source.now().name());
        }
        if (changed.isEmpty() && coming.isEmpty() && !settled) {
            throw new Unacceptable("newer-nothing");
        }
        Vocabulary after = now;
        for (Newer.Changed one : changed) {
            after = after.with(after.at(one.board().id()).with(one.taken(source.version())));
            one.changed().forEach(facet -> needs.add(new Key.OfFacet(one.here().id(), facet)));
            needs.add(new Key.OfFacet(one.here().id(), Facet.ORIGIN));
        }
        Map<String, List<Button>> byBoard = new LinkedHashMap<>();
        coming.forEach(a -> byBoard.computeIfAbsent(a.board().id(), id -> new ArrayList<>()).add(a.button()));
        for (Map.Entry<String, List<Button>> one : byBoard.entrySet()) {
            after = after.with(with(after, after.at(one.getKey()), one.getValue(), ids));
            needs.add(new Key.OfShape(one.getKey()));
        }
        Vocabulary taken = settled ? after.with(newer.settled(after).toList()) : after;
        Told told = changed.isEmpty() && coming.isEmpty() ? Told.of("newer-settled", "from", source.now().name())
            : Told.of("took-newer", "words", changed.size(), "added", coming.size(), "from", source.now().name());
        return Change.of(now, taken, Needs.of(needs), told);
    }

    private Board with(Vocabulary now, Board onto, List<Button> coming, Supplier<String> ids) {
        KeptHere keptHere = new KeptHere(now);
        Board board = onto;
        List<Button> elsewhere = new ArrayList<>();
        for (Button button : coming) {
            Button here = button.withShown(keptHere.shown(button)).withOrigin(new Origin(source.id(), source.version(), button.id()));
            Button own = now.boardOf(button.id()).isPresent() ? here.withId(ids.get()) : here;
            boolean free = own.standing().fits(onto.shape()) && board.emptyCells().containsAll(own.standing().cells());
            if (free) {
                board = board.with(own);
            } else {
                elsewhere.add(own);
            }
        }
        List<Standing> standings = CopyButtons.standings(now.with(board), board, null, elsewhere);
        List<Button> placed = new ArrayList<>();
        for (int i = 0; i < elsewhere.size(); i++) {
            placed.add(elsewhere.get(i).withStanding(standings.get(i)));
        }
        return board.with(placed);
    }
}
