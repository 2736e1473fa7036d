package org.dwimble.core.pattern;

import com.ibm.icu.text.Collator;
import com.ibm.icu.text.UnicodeSet;
import com.ibm.icu.util.LocaleData;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.doing.AddName;
import org.dwimble.core.doing.Capital;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.OfferWord;
import org.dwimble.core.doing.SayLetter;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.text.Listed;

/**
 * Boards to spell with: words that are offered, letters in some order, and what goes with them. Letters are those of the language (Unicode CLDR, exemplar
 * characters) in its own alphabetical order (CLDR collation), as they lie on its keyboards, or by how often they are written.
 */
final class Keyboards {
    private static final int OFFERED = 5;
    private static final int IN_A_ROW = 9;
    /** Scripts with more letters than a board has cells for. */
    private static final int MOST_LETTERS = 60;
    private static final Map<String, List<String>> LISTED = Listed.rows(Keyboards.class, "keyboards.tsv").stream()
        .collect(Collectors.toMap(row -> row.get(0), Function.identity()));

    private Keyboards() {
    }

    /** @param language BCP 47 tag; what is none is English */
    static List<Pattern> of(String language) {
        ULocale locale = ULocale.forLanguageTag(language);
        String known = locale.getLanguage().isEmpty() ? "en" : locale.getLanguage();
        List<Pattern> all = new ArrayList<>();
        List<String> alphabet = alphabet(new ULocale(known));
        if (!alphabet.isEmpty()) {
            all.add(keyboard("keys-alphabet", rows(alphabet)));
        }
        List<String> listed = LISTED.get(known);
        if (listed != null) {
            all.add(keyboard("keys-typed", Stream.of(listed.get(1).split(" ")).map(Keyboards::letters).toList()));
            Optional.of(listed.get(2)).filter(order -> !order.equals("-")).ifPresent(order -> all.add(keyboard("keys-frequency", rows(letters(order)))));
        }
        return all;
    }

    static List<String> alphabet(ULocale language) {
        UnicodeSet exemplars = LocaleData.getExemplarSet(language, LocaleData.ES_STANDARD);
        List<String> letters = StreamSupport.stream(exemplars.spliterator(), false).filter(l -> l.codePointCount(0, l.length()) == 1 && Character.isLetter(l
            .codePointAt(0))).sorted(Collator.getInstance(language)::compare).toList();
        return letters.size() > MOST_LETTERS ? List.of() : letters;
    }

    private static List<String> letters(String row) {
        return row.codePoints().mapToObj(Character::toString).toList();
    }

    /** As even as can be. */
    private static List<List<String>> rows(List<String> letters) {
        int rows = (letters.size() + IN_A_ROW - 1) / IN_A_ROW;
        int each = (letters.size() + rows - 1) / rows;
        return IntStream.range(0, rows).mapToObj(r -> letters.subList(r * each, Math.min(letters.size(), (r + 1) * each))).toList();
    }

    private static Pattern keyboard(String key, List<List<String>> letters) {
        List<List<Pattern.Word>> rows = new ArrayList<>();
        rows.add(IntStream.rangeClosed(1, OFFERED).mapToObj(place -> silent("word " + place, "", new OfferWord(place))).toList());
        letters.forEach(row -> rows.add(row.stream().map(l -> silent(l, "", new Spell(l))).toList()));
        rows.add(List.of(silent("space", "", Doing.SPACE), silent("take one off", "", Doing.TAKE_LAST_OFF), silent("Aa", "", new Capital()),
            silent("?", "", new Spell("?")), silent("my name", "", new AddName()), silent("letter", "", new SayLetter()), silent("say it", "say",
                Doing.SAY)));
        return new Pattern(key, rows, Pattern.Laid.KEPT_ROWS);
    }

    private static Pattern.Word silent(String label, String search, Doing doing) {
        return new Pattern.Word(label, search, doing instanceof Spell ? Kind.LITTLE : null, new Acts(Says.NOTHING, null, List.of(doing), Leads.STAYS));
    }
}
