package org.dwimble.core.wordlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ClassTableTest {
    private static WordList list(String... words) {
        return WordList.of("Ferry trip", Stream.of(words).map(w -> ListedWord.of(w, w, "base/" + w, null)).toList());
    }

    private static final WordList HOME = list("swim", "read", "happy", "apple");

    @ParameterizedTest
    @ValueSource(strings = {"name\tread\tapple\nIlse\tdance\t\nTomasz\t\tbread\n", "Name;Read;Apple\n\nIlse;dance\nTomasz;;bread",
        "who, read, apple\nIlse, dance,\nTomasz,, bread"})
    void aTableWithAFirstLineSaysWhatStandsInstead(String table) {
        assertThat(ClassTable.read(table, HOME, List.of())).containsExactly(new ClassTable.Typed("Ilse", Map.of("read", "dance")),
            new ClassTable.Typed("Tomasz",
                Map.of("apple", "bread")));
    }

    @Test
    void withoutAFirstLineTheColumnsStandForTheFirstWords() {
        assertThat(ClassTable.read("Ilse, dance, sing", HOME, List.of()))
            .containsExactly(new ClassTable.Typed("Ilse", Map.of("swim", "dance", "read", "sing")));
        assertThat(ClassTable.read("Ilse", HOME, List.of())).containsExactly(new ClassTable.Typed("Ilse", Map.of()));
        assertThat(ClassTable.read(" \n", HOME, List.of())).isEmpty();
    }

    @Test
    void aLineOfAStudentIsNoFirstLineThoughItNamesWordsOfTheList() {
        String table = "Nour, read\nIlse, dance";
        List<ClassTable.Typed> both = List.of(new ClassTable.Typed("Nour", Map.of("swim", "read")), new ClassTable.Typed("Ilse", Map.of("swim", "dance")));
        assertThat(ClassTable.read(table, HOME, List.of("nour"))).isEqualTo(both);
        assertThat(ClassTable.read(table, HOME.withRows(List.of(new ClassRow("Nour", null, null, Map.of()))), List.of())).isEqualTo(both);
    }

    @Test
    void whoWasInTheClassKeepsThePhotoWhenTheTableIsSetAnew() {
        WordList before = HOME
            .withRows(List.of(new ClassRow("Ilse", null, "own/" + "a".repeat(64), Map.of()), new ClassRow("Nour", null, "own/" + "b".repeat(64), Map.of())));
        WordList after = new ListEdit.ForClass(List.of(new ClassRow("Wren", null, null, Map.of()), new ClassRow("ilse", null, null, Map.of()))).on(before);
        assertThat(after.rows()).extracting(ClassRow::photo).containsExactly(null, "own/" + "a".repeat(64));
        assertThat(new ListEdit.PhotoOf("ILSE", null).on(after).rows()).extracting(ClassRow::photo).containsOnlyNulls();
        assertThatThrownBy(() -> new ListEdit.PhotoOf("Nour", "own/" + "b".repeat(64)).on(after)).isInstanceOf(Unacceptable.class)
            .hasMessageContaining("class-row-gone");
    }

    @Test
    void whatCannotBeIsRefusedWithTheRow() {
        assertThatThrownBy(() -> ClassTable.read("Ilse, dance\n, sing", HOME, List.of())).isInstanceOf(Unacceptable.class).hasMessageContaining("row=2");
        assertThatThrownBy(() -> ClassTable.read("Ilse, a, b, c, d, e", HOME, List.of())).isInstanceOf(Unacceptable.class).hasMessageContaining("name=Ilse");
        assertThatThrownBy(() -> ClassTable.read("Ilse\n".repeat(61), HOME, List.of())).isInstanceOf(Unacceptable.class).hasMessageContaining("61");
        WordList long51 = list(IntStream.range(0, 51).mapToObj(i -> "w" + i).toArray(String[]::new));
        assertThat(ClassTable.read(("Ilse" + ", a".repeat(50) + "\n").repeat(60), long51, List.of())).hasSize(60);
        assertThatThrownBy(() -> ClassTable.read(("Ilse" + ", a".repeat(51) + "\n").repeat(60), long51, List.of())).isInstanceOf(Unacceptable.class)
            .hasMessageContaining("class-cells").hasMessageContaining("3060");
    }

    @Test
    void whatWasTypedCanBeReadAgainAndEachStudentGetsWhatDiffers() {
        ClassRow ilse = new ClassRow("Ilse", "ilse", null, Map.of("read", ListedWord.of("x", "dance", "base/dance", null)));
        ClassRow nour = new ClassRow("Nour", null, null, Map.of());
        WordList both = HOME.withRows(List.of(ilse, nour));
        assertThat(ClassTable.read(ClassTable.write(both), both, List.of())).containsExactly(new ClassTable.Typed("Ilse", Map.of("read", "dance")),
            new ClassTable.Typed("Nour", Map.of()));
        assertThat(both.forRow(ilse).words()).extracting(ListedWord::text).containsExactly("swim", "dance", "happy", "apple");
        assertThat(both.forRow(nour)).isEqualTo(both);
        assertThat(both.pictures()).contains("base/dance");
    }
}
