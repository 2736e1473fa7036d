package org.dwimble.core.starter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.picture;

import java.util.List;
import java.util.Map;
import org.dwimble.core.ShippedLibrary;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.search.PictureIndex;
import org.dwimble.core.search.PictureSearch;
import org.dwimble.core.words.Forms;
import org.junit.jupiter.api.Test;

class StarterSourceTest {
    private final StarterSource source = new StarterSource(new PictureSearch(new PictureIndex(List.of(
        picture("base/kite", "kite", "", "toy", "game"),
        picture("base/fork", "eat", "dinner", "", "dishware")), Map.of(), Forms.english()), ShippedLibrary.MEANINGS, Forms.english()), ShippedLibrary.KINDS);

    private Vocabulary read(String home, String food) {
        Map<String, String> files = Map.of("starter", "id: s\nname: Small\nabout: For: a test.\ngrid: 2 x 3\nboards: home, food\n", "home", home, "food", food);
        return source.read(files::get).vocabulary();
    }

    private static final String FOOD = "name: Food\napple | . | .\nback :back | home :home | .\n";

    private static Button button(Board board, String label) {
        return board.buttons().stream().filter(b -> b.label().equals(label)).findFirst().orElseThrow();
    }

    @Test
    void aGridIsReadCellByCell() {
        Vocabulary v = read("name: Home\n# a comment\nkite | want | I\neat =dinner >food | space :space | th +th\n", FOOD);
        assertThat(v.name()).isEqualTo("Small");
        assertThat(v.home()).isEqualTo("home");
        Board home = v.homeBoard();
        assertThat(button(home, "kite").picture()).isEqualTo("base/kite");
        assertThat(button(home, "kite").kind()).isEqualTo(Kind.THING);
        assertThat(button(home, "want")).satisfies(b -> {
            assertThat(b.picture()).isNull();
            assertThat(b.kind()).isEqualTo(Kind.DO);
            assertThat(b.id()).isEqualTo("home-want");
        });
        assertThat(button(home, "eat")).satisfies(b -> {
            assertThat(b.picture()).isEqualTo("base/fork");
            assertThat(b.leads()).isEqualTo(new Leads.Opens("food"));
            assertThat(b.says()).isEqualTo(Says.NOTHING);
        });
        assertThat(button(home, "space").doings()).containsExactly(Doing.SPACE);
        assertThat(button(home, "th").doings()).containsExactly(new Spell("th"));
        assertThat(button(home, "th").kind()).as("it is no word").isNull();
        assertThat(button(v.boards().get("food"), "back").leads()).isEqualTo(Leads.BACK);
    }

    @Test
    void kindWordsAndPictureCanBeGivenByHand() {
        Board home = read("can I \"Can I …\" /question | kite =- | t-shirt\n. | . | .\n", FOOD).homeBoard();
        assertThat(button(home, "can I")).satisfies(b -> {
            assertThat(b.spoken()).isEqualTo("Can I …");
            assertThat(b.kind()).isEqualTo(Kind.QUESTION);
            assertThat(b.id()).isEqualTo("home-can-i");
        });
        assertThat(button(home, "kite").picture()).isNull();
        assertThat(button(home, "t-shirt").id()).isEqualTo("home-t-shirt");
    }

    @Test
    void aWordCanOpenItsBoardAndKeepTheIdOfWhereItStoodFirst() {
        Board home = read("eat =dinner >>food @me | food >food | .\n. | . | .\n", FOOD).homeBoard();
        assertThat(button(home, "eat")).satisfies(b -> {
            assertThat(b.id()).isEqualTo("me-eat");
            assertThat(b.spoken()).isEqualTo("eat");
            assertThat(b.leads()).isEqualTo(new Leads.Opens("food"));
            assertThat(b.kind()).isEqualTo(Kind.DO);
        });
        assertThat(button(home, "food").spoken()).isEmpty();
    }

    @Test
    void whatCannotBeReadIsNamedWithFileLineAndCell() {
        assertThatThrownBy(() -> read("name: Home\nkite | want\n", FOOD)).hasMessage("home.txt line 2: 2 cells in row 1, where the grid is 2 x 3");
        assertThatThrownBy(() -> read("a | b | c\nd | e | f\ng | h | i\n", FOOD)).hasMessageContaining("home.txt line 3");
        assertThatThrownBy(() -> read("a | b =zebra | c\n", FOOD)).hasMessage("home.txt line 1, cell 2: no picture is called “zebra”");
        assertThatThrownBy(() -> read("a | b | c /colour\n", FOOD)).hasMessageContaining("home.txt line 1, cell 3: unknown-kind {kind=colour}");
    }
}
