package org.dwimble.server.database.migration;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.dwimble.core.told.Told;

/** The sentences in which the first release kept what happened, read back into data. */
final class FirstSummaries {
    private record Form(Pattern pattern, String key, List<String> names) {
        static Form of(String pattern, String key, String... names) {
            return new Form(Pattern.compile(pattern, Pattern.DOTALL), key, List.of(names));
        }
    }

    private static final Pattern PUT = Pattern.compile("put (.+?)(?: and (\\d+) more)? on (.+)", Pattern.DOTALL);
    private static final List<Form> FORMS = List.of(
        Form.of("called the board (.+) “(.+)”", "called-board", "board", "name"),
        Form.of("called the vocabulary “(.+)”", "called-vocabulary", "name"),
        Form.of("called (.+) “(.*)” on (.+)", "called", "button", "label", "board"),
        Form.of("gave (.+) another picture on (.+)", "pictured", "button", "board"),
        Form.of("changed where (.+) leads on (.+)", "led", "button", "board"),
        Form.of("changed what (.+) says on (.+)", "said", "button", "board"),
        Form.of("changed (.+) on (.+)", "changed", "button", "board"),
        Form.of("took (.+) off (.+)", "took-off", "button", "board"),
        Form.of("added the board (.+)", "added-board", "board"),
        Form.of("deleted the board (.+)", "deleted-board", "board"),
        Form.of("copied (.+)", "copied", "name"),
        Form.of("brought in “(.+)”", "brought-in", "file"),
        Form.of("shipped with Dwimble", "shipped"),
        Form.of("shipped with a newer Dwimble", "shipped-newer"));

    private FirstSummaries() {
    }

    /** What is none of the sentences the first release knew is told as a change, without saying of what. */
    static Told read(String summary) {
        Matcher put = PUT.matcher(summary);
        if (put.matches()) {
            return Told.of("put", "words", List.of(put.group(1).split(", ")), "more", put.group(2) == null ? 0 : Integer.parseInt(put.group(2)),
                "board", put.group(3));
        }
        for (Form form : FORMS) {
            Matcher matcher = form.pattern.matcher(summary);
            if (matcher.matches()) {
                Map<String, Object> with = new TreeMap<>();
                for (int i = 0; i < form.names.size(); i++) {
                    with.put(form.names.get(i), matcher.group(i + 1));
                }
                return new Told(form.key, with);
            }
        }
        return Told.of("changed-whole");
    }
}
