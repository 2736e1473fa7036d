package org.dwimble.server.told;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.dwimble.core.search.Found;
import org.dwimble.core.search.Why;
import org.dwimble.core.told.Told;
import org.junit.jupiter.api.Test;

class WordingTest {
    private static final Pattern LITERAL = Pattern.compile("\"([a-z]+(?:-[a-z]+)*)\"");
    private final Wording wording = new Wording();

    private static Set<String> literals() throws IOException {
        Set<String> literals = new TreeSet<>();
        for (String module : List.of("../core/src/main/java", "src/main/java")) {
            try (Stream<Path> files = Files.walk(Path.of(module))) {
                for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    Matcher matcher = LITERAL.matcher(Files.readString(file));
                    while (matcher.find()) {
                        literals.add(matcher.group(1));
                    }
                }
            }
        }
        return literals;
    }

    /** Keys in the code, told apart from other texts by where they stand. */
    private static Set<String> told() throws IOException {
        Pattern told = Pattern.compile("(?:new Unacceptable|new Refused|Told\\.of|Verdict\\.no|new Trouble|found)\\(\\s*(?:\\w+(?:\\.\\w+\\(\\))?(?: == [\\w.]+)? \\? )?\"([a-z-]+)\"(?: : \"([a-z-]+)\")?");
        Set<String> keys = new TreeSet<>();
        for (String module : List.of("../core/src/main/java", "src/main/java")) {
            try (Stream<Path> files = Files.walk(Path.of(module))) {
                for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    Matcher matcher = told.matcher(Files.readString(file));
                    while (matcher.find()) {
                        keys.add(matcher.group(1));
                        if (matcher.group(2) != null) {
                            keys.add(matcher.group(2));
                        }
                    }
                }
            }
        }
        return keys;
    }

    @Test
    void thereAreWordsForEverythingTold() throws IOException {
        assertThat(told()).hasSizeGreaterThan(90);
        assertThat(wording.patterns().keySet()).containsAll(told());
        for (Why why : Why.values()) {
            assertThat(wording.of(new Found(null, why, "kite").told())).doesNotContain("{").isNotBlank();
        }
    }

    @Test
    void noWordsAreThereForNothing() throws IOException {
        assertThat(literals()).containsAll(wording.patterns().keySet());
    }

    @Test
    void everySentenceIsCalmAndWithoutAProgramsWords() {
        wording.patterns().forEach((key, pattern) -> assertThat(pattern.toPattern()).as(key).doesNotContain("!").doesNotContain("'")
            .doesNotContainIgnoringCase("error").doesNotContainIgnoringCase("invalid"));
    }

    @Test
    void pluralsFollowTheLanguageAndListsAreParted() {
        assertThat(wording.of(Told.of("put", "words", List.of("kite", "crab"), "more", 0, "board", "Harbour"))).isEqualTo("put kite, crab on Harbour");
        assertThat(wording.of(Told.of("put", "words", List.of("kite"), "more", 1200, "board", "Harbour"))).isEqualTo("put kite and 1,200 more on Harbour");
        assertThat(wording.of(Told.of("too-few-cells", "words", 3, "board", "Eat", "cells", 1))).contains("Eat has 1 empty cell.");
        assertThat(wording.of(Told.of("too-few-cells", "words", 3, "board", "Eat", "cells", 2))).contains("Eat has 2 empty cells.");
    }

    @Test
    void whatIsToldInsideIsPutIntoWordsFirst() {
        assertThat(wording.of(Told.of("took-back", "what", Told.of("took-off", "button", Told.of("a-picture"), "board", "Eat"))))
            .isEqualTo("took back: took a picture off Eat");
    }

    @Test
    void wordsOfPeopleAreNotTakenForPatterns() {
        assertThat(wording.of(Told.of("called", "button", "{0}", "label", "it''s {x, plural}", "board", "A'B")))
            .isEqualTo("called {0} “it''s {x, plural}” on A'B");
    }

    @Test
    void whatHasNoWordsIsAMistakeInTheProgram() {
        assertThatThrownBy(() -> wording.of(Told.of("no-such-key"))).hasMessageContaining("no-such-key");
    }
}
