package org.dwimble.core.board;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A change somebody means to make, as data. {@link #apply} gives a new vocabulary and never changes the
 * old; {@link #describe} says in a few words, after a person's name, what was done.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Edit.PutButton.class, name = "put-button"),
    @JsonSubTypes.Type(value = Edit.ChangeButton.class, name = "change-button"),
    @JsonSubTypes.Type(value = Edit.TakeOffButton.class, name = "take-off-button"),
    @JsonSubTypes.Type(value = Edit.AddBoard.class, name = "add-board"),
    @JsonSubTypes.Type(value = Edit.RenameBoard.class, name = "rename-board"),
    @JsonSubTypes.Type(value = Edit.DeleteBoard.class, name = "delete-board"),
    @JsonSubTypes.Type(value = Edit.RenameVocabulary.class, name = "rename-vocabulary"),
    @JsonSubTypes.Type(value = Edit.Several.class, name = "several")
})
public sealed interface Edit {

    /** @throws Unacceptable if the edit cannot be made on this vocabulary; the vocabulary is untouched */
    Vocabulary apply(Vocabulary vocabulary);

    /** "put kite on Harbour": follows a person's name. {@code before} is the vocabulary the edit is made on. */
    String describe(Vocabulary before);

    /** The existing buttons, boards or facts it changes: two edits made side by side both land if they touch different ones. */
    List<Touch> touches();

    /** A thing an edit changes, small enough that two people rarely meet on one. */
    sealed interface Touch {
        /** True if the thing is the same in both: then nobody else has changed it in between. */
        boolean sameIn(Vocabulary one, Vocabulary other);

        record OneButton(String board, String button) implements Touch {
            @Override
            public boolean sameIn(Vocabulary one, Vocabulary other) {
                return in(one).equals(in(other));
            }

            public Optional<Button> in(Vocabulary vocabulary) {
                return vocabulary.board(board).flatMap(b -> b.button(button));
            }
        }

        record BoardName(String board) implements Touch {
            @Override
            public boolean sameIn(Vocabulary one, Vocabulary other) {
                return one.board(board).map(Board::name).equals(other.board(board).map(Board::name));
            }
        }

        /** The board with everything on it: for deleting, which must not take a colleague's new word with it unseen. */
        record WholeBoard(String board) implements Touch {
            @Override
            public boolean sameIn(Vocabulary one, Vocabulary other) {
                return one.board(board).equals(other.board(board));
            }
        }

        record VocabularyName() implements Touch {
            @Override
            public boolean sameIn(Vocabulary one, Vocabulary other) {
                return one.name().equals(other.name());
            }
        }
    }

    /** Puts a new button into an empty cell. */
    record PutButton(String board, Button button) implements Edit {
        @Override
        public Vocabulary apply(Vocabulary vocabulary) {
            Board on = boardIn(vocabulary, board);
            if (vocabulary.boards().values().stream().anyMatch(b -> b.button(button.id()).isPresent())) {
                throw new Unacceptable("That button stands in this vocabulary already.");
            }
            return vocabulary.with(on.with(button));
        }

        @Override
        public String describe(Vocabulary before) {
            return "put " + named(button) + " on " + boardName(before, board);
        }

        @Override
        public List<Touch> touches() {
            return List.of();
        }
    }

    /** Changes what a button shows, says or does. It keeps its id and its place. */
    record ChangeButton(String board, Button button) implements Edit {
        @Override
        public Vocabulary apply(Vocabulary vocabulary) {
            Board on = boardIn(vocabulary, board);
            Button old = buttonIn(on, button.id());
            if (!old.cell().equals(button.cell()) || !old.span().equals(button.span())) {
                throw new Unacceptable("Changing what a button says never moves it. “" + old.label() + "” stays at " + old.cell().spoken() + ".");
            }
            return vocabulary.with(on.with(button));
        }

        @Override
        public String describe(Vocabulary before) {
            Optional<Button> old = before.board(board).flatMap(b -> b.button(button.id()));
            if (old.isEmpty()) {
                return "changed " + named(button);
            }
            Button was = old.get();
            String on = " on " + boardName(before, board);
            if (!was.label().equals(button.label())) {
                return "called " + named(was) + " “" + button.label() + "”" + on;
            }
            if (!Objects.equals(was.picture(), button.picture())) {
                return "gave " + named(was) + " another picture" + on;
            }
            if (!was.leads().equals(button.leads())) {
                return "changed where " + named(was) + " leads" + on;
            }
            if (!was.says().equals(button.says())) {
                return "changed what " + named(was) + " says" + on;
            }
            return "changed " + named(was) + on;
        }

        @Override
        public List<Touch> touches() {
            return List.of(new Touch.OneButton(board, button.id()));
        }
    }

    /** Takes a button off its board; the cell stays empty and nothing else moves. */
    record TakeOffButton(String board, String button) implements Edit {
        @Override
        public Vocabulary apply(Vocabulary vocabulary) {
            Board on = boardIn(vocabulary, board);
            buttonIn(on, button);
            return vocabulary.with(on.without(button));
        }

        @Override
        public String describe(Vocabulary before) {
            return "took " + before.board(board).flatMap(b -> b.button(button)).map(Edit::named).orElse("a button")
                + " off " + boardName(before, board);
        }

        @Override
        public List<Touch> touches() {
            return List.of(new Touch.OneButton(board, button));
        }
    }

    record AddBoard(Board board) implements Edit {
        @Override
        public Vocabulary apply(Vocabulary vocabulary) {
            if (vocabulary.boards().containsKey(board.id())) {
                throw new Unacceptable("A board with that id is in this vocabulary already.");
            }
            return vocabulary.with(board);
        }

        @Override
        public String describe(Vocabulary before) {
            return "added the board " + board.name();
        }

        @Override
        public List<Touch> touches() {
            return List.of();
        }
    }

    record RenameBoard(String board, String name) implements Edit {
        @Override
        public Vocabulary apply(Vocabulary vocabulary) {
            return vocabulary.with(boardIn(vocabulary, board).withName(name));
        }

        @Override
        public String describe(Vocabulary before) {
            return "called the board " + boardName(before, board) + " “" + name + "”";
        }

        @Override
        public List<Touch> touches() {
            return List.of(new Touch.BoardName(board));
        }
    }

    /** Deletes a board. Buttons that open it become loose ends, which are listed; the home board cannot be deleted. */
    record DeleteBoard(String board) implements Edit {
        @Override
        public Vocabulary apply(Vocabulary vocabulary) {
            Board gone = boardIn(vocabulary, board);
            if (vocabulary.home().equals(board)) {
                throw new Unacceptable("“" + gone.name() + "” is the home board, so it cannot be deleted. Nothing was changed.");
            }
            return vocabulary.without(board);
        }

        @Override
        public String describe(Vocabulary before) {
            return "deleted the board " + boardName(before, board);
        }

        @Override
        public List<Touch> touches() {
            return List.of(new Touch.WholeBoard(board));
        }
    }

    record RenameVocabulary(String name) implements Edit {
        @Override
        public Vocabulary apply(Vocabulary vocabulary) {
            return vocabulary.withName(name);
        }

        @Override
        public String describe(Vocabulary before) {
            return "called the vocabulary “" + name + "”";
        }

        @Override
        public List<Touch> touches() {
            return List.of(new Touch.VocabularyName());
        }
    }

    /** The pictures it puts on boards, or leaves on what it changes; each once. */
    default Set<String> pictures() {
        Set<String> pictures = new LinkedHashSet<>();
        if (this instanceof PutButton put) {
            pictures.addAll(put.button.pictures());
        } else if (this instanceof ChangeButton change) {
            pictures.addAll(change.button.pictures());
        } else if (this instanceof AddBoard add) {
            add.board.buttons().forEach(b -> pictures.addAll(b.pictures()));
        } else if (this instanceof Several several) {
            several.edits.forEach(e -> pictures.addAll(e.pictures()));
        }
        return pictures;
    }

    /** Several edits that are one intention: all are made, in order, or none. */
    record Several(List<Edit> edits) implements Edit {
        public Several {
            edits = List.copyOf(edits);
            if (edits.isEmpty()) {
                throw new Unacceptable("There is nothing to change.");
            }
        }

        @Override
        public Vocabulary apply(Vocabulary vocabulary) {
            Vocabulary result = vocabulary;
            for (Edit edit : edits) {
                result = edit.apply(result);
            }
            return result;
        }

        @Override
        public String describe(Vocabulary before) {
            if (edits.size() > 1 && edits.stream().allMatch(PutButton.class::isInstance)) {
                List<PutButton> puts = edits.stream().map(PutButton.class::cast).toList();
                String first = puts.stream().limit(3).map(p -> named(p.button())).collect(Collectors.joining(", "));
                return "put " + first + (puts.size() > 3 ? " and " + (puts.size() - 3) + " more" : "") + " on " + boardName(before, puts.get(0).board());
            }
            return edits.get(0).describe(before);
        }

        @Override
        public List<Touch> touches() {
            return edits.stream().flatMap(e -> e.touches().stream()).toList();
        }
    }

    private static Board boardIn(Vocabulary vocabulary, String id) {
        return vocabulary.board(id).orElseThrow(() -> new Unacceptable("That board is no longer in this vocabulary. Nothing was changed."));
    }

    private static Button buttonIn(Board board, String id) {
        return board.button(id).orElseThrow(() -> new Unacceptable("That button is no longer on “" + board.name() + "”. Nothing was changed."));
    }

    private static String boardName(Vocabulary vocabulary, String id) {
        return vocabulary.board(id).map(Board::name).orElse("a board");
    }

    private static String named(Button button) {
        return Stream.of(button.label(), button.spoken()).filter(s -> !s.isEmpty()).findFirst().orElse("a picture");
    }
}
