package org.dwimble.core.edit.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.text.Text;

/**
 * A vocabulary made ready to leave: without the pictures and sounds that stay, with what stands there instead, without who held words and for which
 * facts; and for another student without ways to vocabularies the other does not have.
 */
public final class WithoutPictures {
    /** What stays behind of a button. */
    public enum What {
        PICTURE, SOUND,
        /** The way to a vocabulary the other student does not have. */
        WAY
    }

    /** @param board  id of the board the button stands on @param button as it was @param id of the picture or sound; empty for a way */
    public record Stayed(String board, Button button, What what, String id) {
    }

    /** @param stayed board by board in reading order */
    public record Made(Vocabulary vocabulary, List<Stayed> stayed) {
        /** How many pictures and sounds stayed behind, each counted once. */
        public int left() {
            return (int) stayed.stream().filter(s -> s.what != What.WAY).map(Stayed::id).distinct().count();
        }
    }

    private WithoutPictures() {
    }

    /** @param drawn the drawn symbol of a button's word, if there is one; a button that had nothing but a picture that stays shows a question mark */
    public static Made of(Vocabulary vocabulary, Leaving leaving, Function<Button, Optional<String>> drawn) {
        Predicate<String> stays = leaving::stays;
        if (leaving.whither() == Leaving.Whither.TEAM_PAPER) {
            return new Made(vocabulary, List.of());
        }
        List<Stayed> left = new ArrayList<>();
        List<Board> boards = new ArrayList<>();
        for (Board board : vocabulary.boards().values()) {
            List<Button> buttons = board.buttons().stream().map(b -> without(board.id(), b, leaving, drawn, left)).toList();
            Board.Facts facts = new Board.Facts(kept(board.facts().pictures(), stays), kept(board.facts().sounds(), stays));
            boards.add(board.withButtons(buttons).withFacts(facts));
        }
        return new Made(vocabulary.with(boards), List.copyOf(left));
    }

    private static <T> Map<String, T> kept(Map<String, T> facts, Predicate<String> stays) {
        Map<String, T> kept = new TreeMap<>(facts);
        kept.keySet().removeIf(stays);
        return kept;
    }

    private static Button without(String board, Button button, Leaving leaving, Function<Button, Optional<String>> drawn, List<Stayed> left) {
        Predicate<String> stays = leaving::stays;
        List<Layer> layers = button.layers().stream().filter(l -> !stays.test(l.picture())).toList();
        button.pictures().stream().filter(stays).forEach(id -> left.add(new Stayed(board, button, What.PICTURE, id)));
        Button made = button;
        if (layers.size() != button.layers().size()) {
            String label = layers.isEmpty() && button.label().isEmpty() ? button.spoken().isEmpty() ? "?" : button.spoken() : button.label();
            Optional<String> instead = layers.isEmpty() && leaving.instead() == Leaving.Instead.DRAWN ? drawn.apply(button) : Optional.empty();
            made = made.withFace(new Face(Text.cut(label, Face.LONGEST_LABEL), instead.map(Layer::only).orElse(layers), button.kind()));
        }
        if (button.sound() != null && stays.test(button.sound())) {
            left.add(new Stayed(board, button, What.SOUND, button.sound()));
            made = made.withActs(made.acts().withSound(null));
        }
        if (made.shown().hold() != null) {
            Hold hold = made.shown().hold().forOthers();
            made = Facet.HOLD.with(made, leaving.notesGo() ? hold : hold.withoutReason());
        }
        if (leaving.whither() == Leaving.Whither.STUDENT && made.leads() instanceof Leads.Elsewhere) {
            left.add(new Stayed(board, button, What.WAY, ""));
            return made.staying();
        }
        return made;
    }
}
