package org.dwimble.core.number;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.dwimble.core.number.Numbered.Sort;
import org.jspecify.annotations.Nullable;

/**
 * What a typed text says as a number, an amount or a time: "347", "three hundred and forty-seven", "13th", "3/4",
 * "£5.20", "half past three", "15:30", "March", "7 years old". Anything else says nothing, and so does what there is
 * no drawing of: a negative number, one over a thousand, Roman numerals beyond those on clocks.
 */
public final class NumberReading {
    /** Nothing that says a number is longer. */
    private static final int LONGEST = 60;
    private static final Pattern DIGITS = Pattern.compile("[0-9]{1,4}");
    private static final Pattern PLACE = Pattern.compile("([0-9]{1,4})(st|nd|rd|th)");
    private static final Pattern OVER = Pattern.compile("([0-9]{1,2}) ?/ ?([0-9]{1,2})");
    private static final Pattern SHARE = Pattern.compile("(.+) (hal(?:f|ves)|quarters?|[a-z]+(?:th|rd)s?)");
    private static final Pattern COLON = Pattern.compile("([0-9]{1,2})[:.]([0-5][0-9]) ?(am|pm|a\\.m\\.|p\\.m\\.)?");
    private static final Pattern ON_THE_HOUR = Pattern.compile("(.+?) ?(?:o.?clock|am|pm|a\\.m\\.|p\\.m\\.)");
    private static final Pattern PAST = Pattern.compile("(.+?)(?: minutes?)? (past|to) (.+)");
    private static final Pattern AGE = Pattern.compile("(?:i am |i’m |i'm |aged? )?(.+?)(?: |-)years?(?:(?: |-)old)?|(?:aged?) (.+)");
    private static final Pattern SIZE = Pattern.compile("size (.+)");
    private static final Pattern DOTS = Pattern.compile("(.+) dots?");
    private static final Pattern AMOUNT = Pattern.compile("([0-9]{1,4})(?:[.,]([0-9]{2}))?");
    private static final Map<String, Integer> ON_CLOCKS = Map.ofEntries(Map.entry("II", 2), Map.entry("III", 3), Map.entry("IV", 4), Map.entry("VI", 6),
        Map.entry("VII", 7), Map.entry("VIII", 8), Map.entry("IX", 9), Map.entry("XI", 11), Map.entry("XII", 12));
    private static final Map<String, String> SIGNS = Map.of("½", "1/2", "⅓", "1/3", "⅔", "2/3", "¼", "1/4", "¾", "3/4", "⅕", "1/5", "⅛", "1/8");
    private static final int HOURS = 12;
    private static final int HOUR = 60;

    private NumberReading() {
    }

    /** A number in English words, as it is said in Britain; empty below 0 and above 1,000. */
    public static Optional<String> inWords(int number) {
        return number < 0 || number > 1_000 ? Optional.empty() : Optional.of(NumberWords.count(number));
    }

    /** Likeliest first; none if the text says no number. A count to twenty is also given as dots. */
    public static List<Numbered> of(String typed) {
        return of(typed, "");
    }

    /** As above. @param money ISO 4217 code of the country whose money is meant where a word does not say so; empty for any */
    public static List<Numbered> of(String typed, String money) {
        if (typed.length() > LONGEST) {
            return List.of();
        }
        String text = typed.strip();
        Set<Numbered> said = new LinkedHashSet<>();
        if (ON_CLOCKS.containsKey(text)) {
            add(said, Sort.COUNT, ON_CLOCKS.get(text));
        }
        String small = SIGNS.getOrDefault(text, text.toLowerCase(Locale.ROOT).replaceAll("\\s+", " "));
        said.addAll(money(small, money));
        clock(small).ifPresent(said::add);
        share(small).ifPresent(said::add);
        ordinal(small).ifPresent(said::add);
        month(text).ifPresent(said::add);
        Integer count = count(small);
        add(said, Sort.COUNT, count);
        add(said, Sort.DOTS, count);
        within(DOTS, small).ifPresent(n -> add(said, Sort.DOTS, n));
        within(SIZE, small).ifPresent(n -> add(said, Sort.SIZE, n));
        age(small).ifPresent(said::add);
        return new ArrayList<>(said);
    }

    private static void add(Set<Numbered> said, Sort sort, @Nullable Integer value) {
        if (value != null) {
            Numbered.of(sort, value).ifPresent(said::add);
        }
    }

    /** In digits or in words; null if it is neither. */
    private static @Nullable Integer count(String text) {
        return DIGITS.matcher(text).matches() ? Integer.valueOf(text) : NumberWords.countOf(text);
    }

    private static Optional<Integer> within(Pattern pattern, String text) {
        Matcher parts = pattern.matcher(text);
        return parts.matches() ? Optional.ofNullable(count(parts.group(1))) : Optional.empty();
    }

    private static Optional<Numbered> ordinal(String text) {
        Matcher digits = PLACE.matcher(text);
        if (digits.matches()) {
            int n = Integer.parseInt(digits.group(1));
            return Numbered.of(Sort.ORDINAL, n).filter(o -> suffix(n).equals(digits.group(2)));
        }
        @Nullable
        Integer place = NumberWords.placeOf(text);
        return place == null ? Optional.empty() : Numbered.of(Sort.ORDINAL, place);
    }

    private static String suffix(int n) {
        int tens = n % 100;
        return tens >= 11 && tens <= 13 ? "th" : switch (n % 10) {
            case 1 -> "st";
            case 2 -> "nd";
            case 3 -> "rd";
            default -> "th";
        };
    }

    private static Optional<Numbered> share(String text) {
        Matcher over = OVER.matcher(text);
        if (over.matches()) {
            return Numbered.of(Sort.SHARE, Integer.parseInt(over.group(1)), String.valueOf(Integer.parseInt(over.group(2))));
        }
        String words = text.equals("half") || text.equals("quarter") ? "a " + text : text;
        Matcher said = SHARE.matcher(words);
        if (!said.matches()) {
            return Optional.empty();
        }
        Integer some = said.group(1).equals("a") || said.group(1).equals("an") ? Integer.valueOf(1) : count(said.group(1));
        String part = said.group(2);
        String one = part.endsWith("s") ? part.substring(0, part.length() - 1) : part;
        Integer parts = part.startsWith("hal") ? Integer.valueOf(2) : one.equals("quarter") ? Integer.valueOf(4) : NumberWords.placeOf(one);
        return some == null || parts == null ? Optional.empty() : Numbered.of(Sort.SHARE, some, String.valueOf(parts));
    }

    private static Optional<Numbered> clock(String text) {
        Matcher colon = COLON.matcher(text);
        if (colon.matches()) {
            return at(Integer.valueOf(colon.group(1)), Integer.parseInt(colon.group(2)));
        }
        Matcher hour = ON_THE_HOUR.matcher(text);
        if (hour.matches()) {
            return at(count(hour.group(1)), 0);
        }
        Matcher past = PAST.matcher(text);
        if (!past.matches()) {
            return Optional.empty();
        }
        Integer off = past.group(1).endsWith("half") ? Integer.valueOf(30) : past.group(1).endsWith("quarter") ? Integer.valueOf(15) : count(past.group(1));
        Integer of = count(past.group(3));
        if (off == null || off < 1 || off >= HOUR || of == null || of < 1 || of > HOURS) {
            return Optional.empty();
        }
        return Numbered.of(Sort.CLOCK, Math.floorMod(of * HOUR + (past.group(2).equals("to") ? -off : off), HOURS * HOUR));
    }

    private static Optional<Numbered> at(@Nullable Integer hour, int minute) {
        return hour == null || hour > 24 || hour == 24 && minute > 0 ? Optional.empty() : Numbered.of(Sort.CLOCK, hour % HOURS * HOUR + minute);
    }

    /** March and May are also other words: in small letters they are no months, nor is "mar". */
    private static Optional<Numbered> month(String text) {
        for (int m = 0; m < HOURS; m++) {
            String month = NumberWords.MONTHS.get(m);
            boolean other = month.equals("March") || month.equals("May");
            if (text.equals(month)
                || !other && (text.equalsIgnoreCase(month) || text.length() >= 3 && !text.equals(text.toLowerCase(Locale.ROOT)) && text.length() <= 4
                    && month.startsWith(text.replace(".", "")))) {
                return Numbered.of(Sort.MONTH, m + 1);
            }
        }
        return Optional.empty();
    }

    private static Optional<Numbered> age(String text) {
        Matcher age = AGE.matcher(text);
        if (!age.matches()) {
            return Optional.empty();
        }
        Integer years = count(age.group(1) != null ? age.group(1) : age.group(2));
        return years == null ? Optional.empty() : Numbered.of(Sort.AGE, years);
    }

    /** Pieces of a country’s money, where a word asks for coins, for notes, or for both. */
    public static List<Numbered> pieces(String typed, String money) {
        return Money.pieces(typed.strip().toLowerCase(Locale.ROOT), money);
    }

    private static List<Numbered> money(String text, String first) {
        return Money.first(first).stream().flatMap(currency -> amount(text, currency.large(), currency.code(), true)
            .or(() -> amount(text, currency.small(), currency.code(), false)).stream()).toList();
    }

    private static Optional<Numbered> amount(String text, List<String> units, String code, boolean large) {
        for (String unit : units) {
            String sign = unit.toLowerCase(Locale.ROOT);
            boolean word = Character.isLetter(sign.charAt(0));
            String rest = !word && text.startsWith(sign) || sign.length() > 1 && text.startsWith(sign) && sign.endsWith("$") ? text.substring(sign.length())
                : text.endsWith(sign) ? text.substring(0, text.length() - sign.length()) : "";
            String amount = rest.strip();
            if (!amount.isEmpty() && (!word || rest.endsWith(" ") || Character.isDigit(rest.charAt(rest.length() - 1)))) {
                Matcher digits = AMOUNT.matcher(amount);
                if (digits.matches() && (large || digits.group(2) == null)) {
                    int whole = Integer.parseInt(digits.group(1));
                    return Numbered.of(Sort.MONEY, large ? whole * 100L + (digits.group(2) == null ? 0 : Integer.parseInt(digits.group(2))) : whole, code);
                }
                Integer words = amount.equals("a") || amount.equals("one") ? Integer.valueOf(1) : NumberWords.countOf(amount);
                if (words != null && word) {
                    return Numbered.of(Sort.MONEY, large ? words * 100L : words, code);
                }
            }
        }
        return Optional.empty();
    }
}
