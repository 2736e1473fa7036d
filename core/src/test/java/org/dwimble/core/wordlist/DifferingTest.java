package org.dwimble.core.wordlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.dwimble.core.board.Kind;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.search.SpokenOf;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.Guesses;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class DifferingTest {
    private static final int MOST = 40;

    private final List<String> sought = new ArrayList<>();
    private int ids;

    private List<ClassRow> rows(WordList list, String table) {
        return new Differing(list, MOST, () -> "id" + ids++, this::guesses).rows(ClassTable.read(table, list, List.of()), row -> null);
    }

    private Guesses guesses(@Nullable String student) {
        return new Guesses() {
            @Override
            public Optional<Picture> picture(String word, SpokenOf on) {
                sought.add(word);
                return Optional.empty();
            }

            @Override
            public Optional<Picture> byId(String id) {
                return Optional.empty();
            }

            @Override
            public Kind kind(String word, @Nullable Picture picture) {
                return Kind.THING;
            }
        };
    }

    private static WordList list(int words) {
        return WordList.of("Beach", IntStream.range(0, words).mapToObj(i -> ListedWord.of("w" + i, "crab", null, null)).toList());
    }

    @Test
    void moreNewWordsThanAreLookedForAtOnceAreRefusedBeforeOneIs() {
        WordList list = list(MOST);
        String most = "Ilse\t" + String.join("\t", IntStream.range(0, MOST).mapToObj(i -> "pool" + i).toList());
        assertThatThrownBy(() -> rows(list, most + "\nNour\tharbour")).isInstanceOf(Unacceptable.class);
        assertThat(sought).isEmpty();
        assertThat(rows(list, most)).hasSize(1);
        assertThat(sought).hasSize(MOST);
    }

    @Test
    void whatStoodThereStaysAsItIsAndIsNotLookedForAgain() {
        WordList list = list(2);
        List<ClassRow> first = rows(list, "Ilse\tpool\tharbour\nNour\tpool");
        WordList with = new ListEdit.ForClass(first.stream().map(row -> pictured(row, "w0")).toList()).on(list);
        sought.clear();
        List<ClassRow> again = rows(with, "Ilse\tpool\tpier\nNour\tpool\tpier");
        assertThat(sought).containsOnly("pier");
        assertThat(again).extracting(row -> row.instead().get("w0")).extracting(ListedWord::pictures).containsOnly(List.of("base/wave"));
        assertThat(again.get(0).instead().get("w1").text()).isEqualTo("pier");
    }

    @Test
    void aRowThatIsAnotherStudentsNowKeepsNothingOfTheOneBefore() {
        ListedWord shell = ListedWord.of("a", "shell", "own/" + "a".repeat(64), null);
        ClassRow before = new ClassRow("Sefa", "sefa", "own/" + "b".repeat(64), Map.of("w0", shell));
        ClassRow typed = new ClassRow("Sefa", null, null, Map.of("w0", ListedWord.of("c", "shell", null, null), "w1", ListedWord.of("d", "pier", null, null)));
        ClassRow same = typed.after(before);
        assertThat(same.student()).as("who does not know Sefa does not make her nobody").isEqualTo("sefa");
        assertThat(same.photo()).isEqualTo(before.photo());
        assertThat(same.instead().get("w0")).isEqualTo(shell);
        assertThat(same.instead().get("w1").text()).isEqualTo("pier");
        ClassRow another = new ClassRow("Sefa", "sefa2", null, typed.instead());
        assertThat(another.after(before)).isEqualTo(another);
    }

    private static ClassRow pictured(ClassRow row, String word) {
        Map<String, ListedWord> instead = new HashMap<>(row.instead());
        instead.computeIfPresent(word, (id, had) -> had.withPictures(List.of("base/wave")));
        return new ClassRow(row.name(), row.student(), row.photo(), instead);
    }
}
