package org.dwimble.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Shape;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.OfferWord;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.edit.boards.LayRows;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.pattern.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Boards to spell with, in the letters and the order of languages. */
class KeyboardsTest {
    private static List<String> letters(String language, String key) {
        return Pattern.all(language).stream().filter(p -> p.key().equals(key)).findFirst().orElseThrow().rows().stream()
            .map(row -> String.join("", row.stream().flatMap(w -> w.acts() == null ? null : w.acts().doings().stream()).filter(Spell.class::isInstance)
                .map(d -> ((Spell) d).letters()).filter(l -> !l.equals("?")).toList()))
            .filter(row -> !row.isEmpty()).toList();
    }

    @ParameterizedTest
    @CsvSource({"en-GB, keys-alphabet, abcdefghi jklmnopqr stuvwxyz", "en, keys-typed, qwertyuiop asdfghjkl zxcvbnm",
        "de, keys-typed, qwertzuiopü asdfghjklöä yxcvbnmß",
        "en, keys-frequency, etaoinsrh ldcumfpgw ybvkxjqz", "fr, keys-typed, azertyuiop qsdfghjklm wxcvbnéèàç",
        "es, keys-alphabet, aábcdeéfg hiíjklmnñ oópqrstuú üvwxyz"})
    void lettersAreThoseOfTheLanguageInTheOrderAskedFor(String language, String key, String rows) {
        assertThat(String.join(" ", letters(language, key))).isEqualTo(rows);
    }

    @Test
    void aLanguageOfAnotherScriptHasItsOwnLetters() {
        assertThat(String.join("", letters("uk", "keys-alphabet"))).startsWith("абвгґд");
        assertThat(String.join("", letters("ar", "keys-alphabet"))).contains("ب", "ت");
        assertThat(Pattern.all("ja")).extracting(Pattern::key).as("a script with more letters than cells").doesNotContain("keys-typed", "keys-frequency");
        assertThat(Pattern.all("it")).extracting(Pattern::key).as("nobody wrote down how often").doesNotContain("keys-frequency");
    }

    @Test
    void rowsStayRowsWithTheWordsOfferedOnTop() {
        Pattern typed = Pattern.all("en").stream().filter(p -> p.key().equals("keys-typed")).findFirst().orElseThrow();
        List<ReadyWord> words = typed.inOrder().stream().map(w -> new ReadyWord(w.label(), null, w.kind())).toList();
        Change made = new LayRows("Keys", null, null, new Shape(6, 10), typed, words).on(vocabulary(board("home", "I .")), ids());
        Board board = made.after().at(made.added().get(0));
        assertThat(board.buttons().stream().filter(b -> b.cell().row() == 0)).flatExtracting(b -> b.doings())
            .containsExactly(new OfferWord(1), new OfferWord(2), new OfferWord(3), new OfferWord(4), new OfferWord(5));
        assertThat(board.buttons().stream().filter(b -> b.cell().row() == 1)).extracting(b -> b.label())
            .containsExactly("q", "w", "e", "r", "t", "y", "u", "i", "o", "p");
        assertThat(board.buttons()).flatExtracting(b -> b.doings()).contains(Doing.SPACE, Doing.TAKE_LAST_OFF, Doing.SAY);
    }
}
