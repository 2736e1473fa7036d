package org.dwimble.core.edit;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.LongPredicate;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Made;
import org.dwimble.core.version.Needs;

/**
 * What an intention does to a vocabulary.
 *
 * @param deltas exactly what differs between before and after; empty if nothing does
 * @param needs  what must not have changed since the person looked
 * @param told   what happened, to follow a person's name
 */
public record Change(Vocabulary before, Vocabulary after, List<Delta> deltas, Needs needs, Told told)
    implements Made<Vocabulary> {

    /** The deltas are worked out. */
    public static Change of(Vocabulary before, Vocabulary after, Needs needs, Told told) {
        return new Change(before, after, Deltas.between(before, after), needs, told);
    }

    /** Pictures and sounds that the boards have after it and did not have before, wherever on them. */
    public Set<String> freshMedia() {
        Set<String> fresh = new LinkedHashSet<>();
        for (Board board : changed()) {
            Set<String> had = before.board(board.id()).map(Board::media).orElse(Set.of());
            board.media().stream().filter(id -> !had.contains(id)).forEach(fresh::add);
        }
        if (!fresh.isEmpty()) {
            before.boards().values().forEach(b -> fresh.removeAll(b.media()));
        }
        return fresh;
    }

    /** Of those the pictures, for what was chosen lately. */
    public Set<String> freshPictures() {
        Set<String> fresh = new LinkedHashSet<>(freshMedia());
        changed().forEach(b -> b.buttons().forEach(w -> fresh.remove(w.sound())));
        return fresh;
    }

    /** Labels of words that came to boards without a picture, in reading order. */
    public List<String> freshWithoutPicture() {
        return deltas.stream().filter(Delta.ButtonCame.class::isInstance).map(d -> ((Delta.ButtonCame) d).button())
            .filter(b -> b.isWord() && b.layers().isEmpty()).map(Button::label).toList();
    }

    /**
     * One rule for every reference to a picture or a sound in a board: what the boards did not have before has to be
     * somebody's to use.
     *
     * @param mayUse true of an own picture or sound that may be used; library pictures may always
     * @throws Unacceptable if one is not: then the change is not made
     */
    public void mayUse(Predicate<String> mayUse) {
        if (freshMedia().stream().anyMatch(id -> MediaId.isOwn(id) && !mayUse.test(id))) {
            throw new Unacceptable("not-yours-to-use");
        }
    }

    /**
     * The same for buttons that lead to other vocabularies: who leads one there has to see it.
     *
     * @param mayLead true of the number of a vocabulary a button may lead to
     * @throws Unacceptable if one may not: then the change is not made
     */
    public void mayLead(LongPredicate mayLead) {
        Set<Long> has = elsewhere(changed());
        if (!has.isEmpty()) {
            has.removeAll(elsewhere(before.boards().values()));
        }
        if (has.stream().anyMatch(v -> !mayLead.test(v))) {
            throw new Unacceptable("leads-to-nobody-of-yours");
        }
    }

    private static Set<Long> elsewhere(Collection<Board> boards) {
        Set<Long> vocabularies = new LinkedHashSet<>();
        boards.forEach(board -> board.buttons().forEach(b -> {
            if (b.leads() instanceof Leads.Elsewhere elsewhere) {
                vocabularies.add(elsewhere.vocabulary());
            }
        }));
        return vocabularies;
    }

    /** The boards that are new or other than before, in no order. */
    public List<Board> changed() {
        return after.boards().values().stream().filter(b -> before.boards().get(b.id()) != b && !b.equals(before.boards().get(b.id()))).toList();
    }

    /** Ids of the boards and buttons that are new, boards first, then in reading order. */
    public List<String> added() {
        Set<String> added = new LinkedHashSet<>();
        deltas.forEach(d -> {
            if (d instanceof Delta.BoardCame came) {
                added.add(came.bare().id());
            }
        });
        deltas.forEach(d -> {
            if (d instanceof Delta.ButtonCame came) {
                added.add(came.button().id());
            }
        });
        return List.copyOf(added);
    }
}
