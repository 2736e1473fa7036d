package org.dwimble.core.edit.looks;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.WholeFacet;
import org.dwimble.core.look.Aspect;
import org.dwimble.core.look.Look;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Changes how buttons of a board look, or the whole board, or all boards. What is said of no aspect stays. Kinds that are to have
 * papers, and have none yet, get {@link GivePapers#USUAL}.
 *
 * @param board   null for all boards
 * @param buttons empty for the whole board
 * @param look    what is to be otherwise
 * @param usual   aspects that are to be as the level above has them
 */
@JsonTypeName("give-look")
public record GiveLook(@Nullable String board, List<String> buttons, Look look, List<Aspect> usual) implements Intention {
    public GiveLook {
        buttons = buttons == null ? List.of() : List.copyOf(buttons);
        usual = usual == null ? List.of() : List.copyOf(usual);
        look = look == null ? Look.PLAIN : look;
        On.atMostAtOnce(buttons.size());
        if (look.equals(Look.PLAIN) && usual.isEmpty()) {
            throw new Unacceptable("nothing-to-change");
        }
    }

    private Look made(Look was) {
        return look.over(was.without(usual));
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Change given = given(now);
        boolean firstByKind = Boolean.TRUE.equals(look.byKind()) && now.whole().papers().isEmpty();
        return !firstByKind ? given : Change.of(now, given.after().with(given.after().whole().withPapers(GivePapers.USUAL)),
            given.needs().and(Needs.of(new Key.OfWhole(WholeFacet.PAPERS))), given.told());
    }

    private Change given(Vocabulary now) {
        if (board == null) {
            return Change.of(now, now.with(now.whole().withLook(made(now.whole().look()))), Needs.of(new Key.OfWhole(WholeFacet.LOOK)),
                Told.of("dressed-all"));
        }
        Board on = On.board(now, board);
        if (buttons.isEmpty()) {
            return Change.of(now, now.with(on.withLook(made(on.look()))), Needs.of(new Key.OfBoardLook(board)), Told.of("dressed-board", "board", on.name()));
        }
        List<Key> needs = new ArrayList<>();
        List<Button> dressed = new ArrayList<>();
        for (String id : buttons) {
            Button was = On.button(on, id);
            needs.add(new Key.OfFacet(id, Facet.LOOK));
            dressed.add(Facet.LOOK.with(was, made(was.look())));
        }
        return Change.of(now, now.with(on.with(dressed)), Needs.of(needs),
            Told.of("dressed-buttons", "button", On.named(dressed.get(0)), "more", dressed.size() - 1, "board", on.name()));
    }
}
