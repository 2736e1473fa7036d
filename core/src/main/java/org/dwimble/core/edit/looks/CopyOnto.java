package org.dwimble.core.edit.looks;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.dwimble.core.voice.HowSaid;

/**
 * Copies how a button looks, or what it says and does, onto others. Words, pictures and places stay.
 *
 * @param onto   which others
 * @param chosen their ids on the same board, if they were chosen; else empty
 */
@JsonTypeName("copy-onto")
public record CopyOnto(String board, String button, What what, Onto onto, List<String> chosen) implements Intention {
    private static final List<Facet<?>> DOES = List.of(Facet.SAYS, Facet.HOW, Facet.SOUND, Facet.DOINGS, Facet.LEADS);

    /** What is copied. */
    public enum What {
        LOOK, DOES
    }

    /** Onto which: those chosen, all of the board, all of all boards, all words of this button's kind. */
    public enum Onto {
        CHOSEN, BOARD, ALL, KIND
    }

    public CopyOnto {
        Unacceptable.ifMissing(board, button, what, onto);
        Unacceptable.ifMissing(chosen == null ? List.of() : chosen);
        chosen = chosen == null ? List.of() : List.copyOf(chosen);
        On.atMostAtOnce(chosen.size());
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Button model = On.button(On.board(now, board), button);
        Set<String> only = new HashSet<>(chosen);
        Board here = On.board(now, board);
        Predicate<Button> others = b -> !b.id().equals(button) && meant(b, model, only);
        boolean onlyHere = onto == Onto.CHOSEN || onto == Onto.BOARD;
        On.Wherever made = On.wherever(now, onlyHere ? others.and(b -> here.button(b.id()).isPresent()) : others, b -> copied(model, b));
        if (made.count() == 0) {
            throw new Unacceptable("copied-onto-nothing");
        }
        List<Key> needs = new ArrayList<>();
        for (Facet<?> facet : what == What.LOOK ? List.of(Facet.LOOK) : DOES) {
            needs.add(new Key.OfFacet(button, facet));
            chosen.forEach(id -> needs.add(new Key.OfFacet(id, facet)));
        }
        return Change.of(now, made.after(), Needs.of(needs),
            Told.of(what == What.LOOK ? "copied-look" : "copied-doing", "button", On.named(model), "count", made.count()));
    }

    private boolean meant(Button other, Button model, Set<String> only) {
        return switch (onto) {
            case CHOSEN -> only.contains(other.id());
            case KIND -> other.kind() != null && other.kind() == model.kind();
            case BOARD, ALL -> true;
        };
    }

    private Button copied(Button model, Button other) {
        if (what == What.LOOK) {
            return Facet.LOOK.with(other, model.look());
        }
        // One that says its own label has others say theirs, which its recording and its way of reading it do not say.
        boolean own = model.says() instanceof Says.Label;
        HowSaid how = model.how();
        return other.withActs(own ? model.acts().withSound(other.sound()).withHow(new HowSaid(how.manner(), how.when(), other.how().as())) : model.acts());
    }
}
