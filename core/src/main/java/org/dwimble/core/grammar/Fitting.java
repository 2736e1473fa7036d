package org.dwimble.core.grammar;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.doing.Form;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Which form of a message's last word fits what stands before it: he, go is goes. The browser follows the same rule, on the same cases.
 * A helper that belongs to a form (is going, didn't go) is taken off before another is made.
 */
public final class Fitting {
    private static final JsonNode LITTLE = little();
    private final Map<String, FormsOf> byForm = new HashMap<>();

    /** Of whom something is said. */
    private enum Person {
        I, ONE, MANY
    }

    /** @param known words with their forms; of two that have the same form the first counts, but a word is its own before it is another's form */
    public Fitting(List<FormsOf> known) {
        known.forEach(forms -> byForm.put(folded(forms.word()), forms));
        known.forEach(forms -> forms.all().forEach(form -> byForm.putIfAbsent(folded(form), forms)));
    }

    private static JsonNode little() {
        try (InputStream in = Fitting.class.getResourceAsStream("little-words.json")) {
            return JsonMapper.shared().readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String folded(String word) {
        return word.toLowerCase(Locale.ROOT).replace('\'', '’');
    }

    /**
     * @param before what stands before the last word; null for nothing
     * @return empty if the word has no such form, or stands in it already
     */
    public Optional<String> changed(@Nullable String before, String last, Form form) {
        Optional<String> made = switch (form) {
            case NOW -> now(before, bare(last));
            case PAST -> past(before, bare(last));
            case GOING_ON -> goingOn(before, bare(last));
            case MORE_THAN_ONE -> listed("moreThanOne", last).or(() -> Optional.ofNullable(forms(last)).map(FormsOf::plural));
            case SOMEBODYS -> somebodys(last);
            case NOT -> not(before, last);
            case QUESTION -> last.endsWith("?") ? Optional.empty() : Optional.of(last + "?");
        };
        return made.filter(m -> !m.equals(last));
    }

    private @Nullable FormsOf forms(String word) {
        return byForm.get(folded(word));
    }

    private static boolean isOfBe(String word) {
        return LITTLE.path("ofBe").valueStream().anyMatch(w -> w.asString().equals(word));
    }

    private static Optional<String> listed(String list, String word) {
        return Optional.ofNullable(LITTLE.path(list).path(folded(word)).asString(null));
    }

    /** Without the helper of a form: going of "is going", go of "didn't go". */
    private static String bare(String last) {
        int space = last.indexOf(' ');
        if (space < 0) {
            return last;
        }
        String helper = folded(last.substring(0, space));
        boolean helps = isOfBe(helper) || helper.matches("(don|doesn|didn|isn|aren|wasn|weren)’t") || helper.equals("not");
        return helps ? last.substring(space + 1) : last;
    }

    private Optional<Person> person(@Nullable String before) {
        if (before == null) {
            return Optional.empty();
        }
        String listed = LITTLE.path("persons").path(folded(before)).asString(null);
        if (listed != null) {
            return Optional.of(Person.valueOf(listed));
        }
        FormsOf forms = forms(before);
        if (forms == null || forms.somebodys() == null) {
            return Optional.empty();
        }
        return Optional.of(folded(before).equals(folded(forms.plural() == null ? "" : forms.plural())) && !folded(forms.word()).equals(folded(before))
            ? Person.MANY : Person.ONE);
    }

    private Optional<String> now(@Nullable String before, String last) {
        Optional<Person> person = person(before);
        if (person.isEmpty() || LITTLE.path("always").has(folded(last))) {
            return Optional.empty();
        }
        if (isOfBe(folded(last))) {
            return be("NOW", person.get());
        }
        FormsOf forms = forms(last);
        return forms == null ? Optional.empty() : Optional.ofNullable(forms.present()).map(present -> person.get() == Person.ONE ? present : forms.word());
    }

    private Optional<String> past(@Nullable String before, String last) {
        if (isOfBe(folded(last))) {
            return be("PAST", person(before).orElse(Person.ONE));
        }
        String always = LITTLE.path("always").path(folded(last)).path("PAST").asString(null);
        return always != null ? Optional.of(always) : Optional.ofNullable(forms(last)).map(FormsOf::past);
    }

    private Optional<String> goingOn(@Nullable String before, String last) {
        if (isOfBe(folded(last)) || LITTLE.path("always").has(folded(last))) {
            return Optional.empty();
        }
        String going = Optional.ofNullable(forms(last)).map(FormsOf::goingOn).orElse(null);
        return going == null ? Optional.empty() : Optional.of(person(before).flatMap(p -> be("NOW", p)).map(is -> is + " " + going).orElse(going));
    }

    private static Optional<String> be(String when, Person person) {
        return Optional.of(LITTLE.path("be").path(when).path(person.name()).asString());
    }

    private Optional<String> somebodys(String last) {
        for (JsonNode row : LITTLE.path("somebodys")) {
            if (row.size() > 1 && row.get(0).asString().equals(folded(last))) {
                return Optional.of(row.get(1).asString());
            }
        }
        JsonNode listed = LITTLE.path("somebodys").path(folded(last));
        return listed.isMissingNode() ? Optional.ofNullable(forms(last)).filter(f -> !folded(last).equals(folded(String.valueOf(f.somebodys()))))
            .map(f -> f.somebodys() == null ? null : folded(last).equals(folded(f.word())) ? f.somebodys() : last + (last.endsWith("s") ? "’" : "’s"))
            : Optional.of(listed.get(0).asString());
    }

    private Optional<String> not(@Nullable String before, String last) {
        int space = last.indexOf(' ');
        String first = space < 0 ? last : last.substring(0, space);
        String rest = space < 0 ? "" : last.substring(space);
        Optional<String> little = listed("nots", first);
        if (little.isPresent()) {
            return little.map(n -> n + rest);
        }
        if (first.endsWith("n’t") || first.equals("not")) {
            return Optional.empty();
        }
        FormsOf forms = forms(last);
        if (forms == null || forms.past() == null) {
            return Optional.of("not " + last);
        }
        if (folded(last).equals(folded(forms.past())) && !folded(last).equals(folded(forms.word()))) {
            return Optional.of(LITTLE.path("helpers").path("PAST").asString() + " " + forms.word());
        }
        if (folded(last).equals(folded(String.valueOf(forms.goingOn())))) {
            return Optional.of("not " + last);
        }
        boolean one = folded(last).equals(folded(String.valueOf(forms.present()))) && !folded(last).equals(folded(forms.word()));
        Person person = one ? Person.ONE : person(before).orElse(Person.MANY);
        return Optional.of(LITTLE.path("helpers").path("NOW").path(person.name()).asString() + " " + forms.word());
    }
}
