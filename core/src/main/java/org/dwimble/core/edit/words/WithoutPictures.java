package org.dwimble.core.edit.words;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.text.Text;

/**
 * A vocabulary made ready for another student: without the pictures and sounds that are not to go along, without who held words and for
 * which facts, and without ways to vocabularies the other does not have.
 */
public final class WithoutPictures {
    /** @param left how many pictures and sounds stayed behind, each counted once */
    public record Made(Vocabulary vocabulary, int left) {
    }

    private WithoutPictures() {
    }

    /** @param stays true of what does not go along; a button that had nothing else shows a question mark */
    public static Made of(Vocabulary vocabulary, Predicate<String> stays) {
        Set<String> left = new LinkedHashSet<>();
        List<Board> boards = new ArrayList<>();
        for (Board board : vocabulary.boards().values()) {
            List<Button> buttons = board.buttons().stream().map(b -> without(b, stays, left)).toList();
            Board.Facts facts = new Board.Facts(kept(board.facts().pictures(), stays), kept(board.facts().sounds(), stays));
            boards.add(board.withButtons(buttons).withFacts(facts));
        }
        return new Made(vocabulary.with(boards), left.size());
    }

    private static <T> Map<String, T> kept(Map<String, T> facts, Predicate<String> stays) {
        Map<String, T> kept = new TreeMap<>(facts);
        kept.keySet().removeIf(stays);
        return kept;
    }

    private static Button without(Button button, Predicate<String> stays, Set<String> left) {
        List<Layer> layers = button.layers().stream().filter(l -> !stays.test(l.picture())).toList();
        button.pictures().stream().filter(stays).forEach(left::add);
        Button made = button;
        if (layers.size() != button.layers().size()) {
            String label = layers.isEmpty() && button.label().isEmpty() ? button.spoken().isEmpty() ? "?" : button.spoken() : button.label();
            made = made.withFace(new Face(Text.cut(label, Face.LONGEST_LABEL), layers, button.kind()));
        }
        if (button.sound() != null && stays.test(button.sound())) {
            left.add(button.sound());
            made = made.withActs(made.acts().withSound(null));
        }
        if (made.shown().hold() != null) {
            made = Facet.HOLD.with(made, made.shown().hold().forOthers());
        }
        return made.leads() instanceof Leads.Elsewhere ? made.withActs(made.acts().withLeads(Leads.STAYS)) : made;
    }
}
