package org.dwimble.core.edit.words;

import java.util.List;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Standing;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.look.Look;
import org.jspecify.annotations.Nullable;

/**
 * A word with the picture and the kind it gets, found before anything is locked; only its cell is missing.
 *
 * @param opens the words of the new board it opens, empty for a bare one; null if it opens none
 * @param acts  what it says and does; null if it says its label and stays
 * @param look  what is its own about how it looks; null for nothing
 */
public record ReadyWord(String label, @Nullable String picture, @Nullable Kind kind, @Nullable List<ReadyWord> opens, @Nullable Acts acts,
    @Nullable Look look) {
    public ReadyWord {
        opens = opens == null ? null : List.copyOf(opens);
    }

    public ReadyWord(String label, @Nullable String picture, @Nullable Kind kind, @Nullable List<ReadyWord> opens) {
        this(label, picture, kind, opens, null, null);
    }

    public ReadyWord(String label, @Nullable String picture, @Nullable Kind kind) {
        this(label, picture, kind, null);
    }

    /** The same, opening a new board with these words. */
    public ReadyWord opening(List<ReadyWord> words) {
        return new ReadyWord(label, picture, kind, words);
    }

    /** The same, saying and doing this. */
    ReadyWord doing(Acts acts) {
        return new ReadyWord(label, picture, kind, opens, acts, look);
    }

    /** A pad to draw on, which takes all the room there is on a board without words. */
    public static ReadyWord pad(String label, @Nullable String picture) {
        return new ReadyWord(label, picture, null, null, new Acts(Says.NOTHING, null, List.of(Doing.DRAW), Leads.STAYS), null);
    }

    boolean isPad() {
        return acts != null && acts.doings().contains(Doing.DRAW);
    }

    /** How many words there are in it, with those of the board it opens. */
    int count() {
        return 1 + (opens == null ? 0 : opens.size());
    }

    public Button in(Standing standing, String id) {
        Button word = Button.word(id, standing.cell(), label, picture, kind).withStanding(standing);
        Button acting = acts == null ? word : word.withActs(acts);
        return look == null ? acting : acting.withShown(acting.shown().withLook(look));
    }
}
