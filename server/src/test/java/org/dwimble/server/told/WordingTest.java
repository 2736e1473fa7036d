package org.dwimble.server.told;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.search.Found;
import org.dwimble.core.search.Why;
import org.dwimble.core.told.Told;
import org.junit.jupiter.api.Test;

class WordingTest {
    private static final Pattern LITERAL = Pattern.compile("\"([a-z]+(?:-[a-z]+)*)\"");
    private final Wording wording = new Wording("en-GB");

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
        Pattern told = Pattern.compile(
            "(?:new Unacceptable|new Refused|Told\\.of|Verdict\\.no|new Trouble|found)\\(\\s*(?:\\w+(?:\\.\\w+\\(\\))?(?: == [\\w.]+)? \\? "
                + ")?\"([a-z-]+)\"(?: : \"([a-z-]+)\")?");
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
    void aLanguageThatIsNoneChangesEveryLetterAndNothingElse() {
        assertThat(Pseudo.of("moved {count, plural, one {# word} other {# words}} to “{board}”"))
            .isEqualTo("ḿőőṽééď {count, plural, one {# ŵőőŕď} other {# ŵőőŕďś}} ţőő “{board}”");
        Wording pseudo = new Wording("pseudo");
        assertThat(pseudo.patterns().keySet()).isEqualTo(wording.patterns().keySet());
        assertThat(pseudo.of(Told.of("nothing-here"))).isNotEqualTo(wording.of(Told.of("nothing-here"))).doesNotContainPattern("[A-Za-z]{2}");
        assertThat(new Wording("xx").of(Told.of("nothing-here"))).as("no such language").isEqualTo(wording.of(Told.of("nothing-here")));
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
        Set<String> known = new TreeSet<>(literals());
        known.addAll(ever());
        assertThat(known).containsAll(wording.patterns().keySet());
    }

    private static final Path WORDS = Path.of("src/main/resources/org/dwimble/server/told");

    /** Every key that was ever told as something that happened. */
    private static List<String> ever() throws IOException {
        return Files.readAllLines(WORDS.resolve("ever.txt")).stream().filter(l -> !l.startsWith("#")).toList();
    }

    @Test
    void whatWasEverToldHasWordsForGoodAndWhatIsToldNowIsWrittenDownAsThat() throws IOException {
        assertThat(wording.patterns().keySet()).as("keys of old versions stay").containsAll(ever());
        Set<String> now = new TreeSet<>();
        for (Call call : calls("Told\\.of")) {
            now.add(call.key);
        }
        assertThat(ever()).as("a new key is added to ever.txt").containsAll(now).isSorted();
    }

    @Test
    void noKeyStandsTwice() throws IOException {
        Pattern key = Pattern.compile("^([a-z_-]+)\\s*=.*");
        List<String> keys = Files.readAllLines(WORDS.resolve("en.properties")).stream().map(key::matcher).filter(Matcher::matches).map(m -> m.group(1))
            .toList();
        assertThat(keys).hasSizeGreaterThan(300).doesNotHaveDuplicates();
    }

    /** A place in the code where a key is told with names and values. */
    private record Call(String file, String key, Set<String> names) {
    }

    private static List<Call> calls(String how) throws IOException {
        List<Call> calls = new ArrayList<>();
        Pattern call = Pattern.compile("(?:" + how + ")\\(\\s*\"([a-z-]+)\"");
        for (String module : List.of("../core/src/main/java", "src/main/java")) {
            try (Stream<Path> files = Files.walk(Path.of(module))) {
                for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    String text = Files.readString(file);
                    Matcher matcher = call.matcher(text);
                    while (matcher.find()) {
                        List<String> arguments = arguments(text, matcher.end());
                        List<String> names = IntStream.range(0, arguments.size()).filter(i -> i % 2 == 0).mapToObj(arguments::get).toList();
                        if (arguments.size() % 2 == 0 && names.stream().allMatch(n -> n.matches("\"\\w+\""))) {
                            calls.add(new Call(file.getFileName().toString(), matcher.group(1), names.stream().map(n -> n.substring(1, n.length() - 1))
                                .collect(Collectors.toSet())));
                        }
                    }
                }
            }
        }
        return calls;
    }

    /** What stands between the commas that follow, up to the parenthesis that ends it. */
    private static List<String> arguments(String text, int from) {
        List<String> arguments = new ArrayList<>();
        StringBuilder now = new StringBuilder();
        int depth = 0;
        boolean quoted = false;
        for (int i = from;; i++) {
            char c = text.charAt(i);
            if (c == '"' && text.charAt(i - 1) != '\\') {
                quoted = !quoted;
            }
            if (!quoted && depth == 0 && (c == ',' || c == ')')) {
                arguments.add(now.toString().strip());
                now.setLength(0);
                if (c == ')') {
                    return arguments.subList(1, arguments.size());
                }
                continue;
            }
            depth += quoted ? 0 : "([{".indexOf(c) >= 0 ? 1 : ")]}".indexOf(c) >= 0 ? -1 : 0;
            now.append(c);
        }
    }

    @Test
    void eachKeyIsGivenWhatItsSentenceNames() throws IOException {
        List<Call> calls = calls("new Unacceptable|new Refused|Told\\.of|new Trouble|new Problem\\(HttpStatus\\.\\w+,");
        assertThat(calls).hasSizeGreaterThan(250);
        assertThat(calls)
            .allSatisfy(c -> assertThat(c.names).as(c.file + " tells " + c.key).containsAll(wording.patterns().get(c.key).getArgumentNames().stream()
                .map(n -> n.startsWith(Wording.QUOTED) ? n.substring(Wording.QUOTED.length()) : n).toList()));
    }

    @Test
    void everySentenceIsCalmAndWithoutAProgramsWords() {
        wording.patterns().forEach((key, pattern) -> assertThat(pattern.toPattern()).as(key).doesNotContain("!").doesNotContain("'")
            .doesNotContainIgnoringCase("error").doesNotContainIgnoringCase("invalid"));
    }

    @Test
    void pluralsFollowTheLanguageAndListsAreParted() {
        assertThat(wording.of(Told.of("put", "words", List.of("kite", "crab"), "more", 0, "board", "Harbour"))).isEqualTo("put “kite”, “crab” on Harbour");
        assertThat(wording.of(Told.of("put", "words", List.of("kite"), "more", 1200, "board", "Harbour"))).isEqualTo("put “kite” and 1,200 more on Harbour");
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
            .isEqualTo("called “{0}” “it''s {x, plural}” on A'B");
    }

    @Test
    void whatALaterReleaseToldIsToldAsJustThatSoThatHistoryCanBeRead() {
        assertThat(wording.of(Told.of("took-back", "what", Told.of("no-such-key", "board", "Eat"))))
            .isEqualTo("took back: made a change that this release has no words for");
    }
}
