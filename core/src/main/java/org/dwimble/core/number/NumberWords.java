package org.dwimble.core.number;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** English words for numbers, both ways, as they are said in Britain: one hundred and five, half past three. */
final class NumberWords {
    static final List<String> MONTHS = List.of("January", "February", "March", "April", "May", "June", "July", "August", "September", "October",
        "November", "December");
    private static final List<String> UNITS = List.of("zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven",
        "twelve", "thirteen", "fourteen", "fifteen", "sixteen", "seventeen", "eighteen", "nineteen");
    private static final List<String> TENS = List.of("", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");
    private static final Map<String, String> ORDINALS = Map.of("one", "first", "two", "second", "three", "third", "five", "fifth", "eight", "eighth",
        "nine", "ninth", "twelve", "twelfth");
    private static final int HUNDRED = 100;
    private static final int THOUSAND = 1000;
    private static final int HOUR = 60;
    /** Every number to a thousand, and its place in a row, by its words; hyphens are blanks, "and" is left out. */
    private static final Map<String, Integer> COUNTS = new HashMap<>();
    private static final Map<String, Integer> PLACES = new HashMap<>();

    static {
        for (int n = 0; n <= THOUSAND; n++) {
            COUNTS.put(plain(count(n)), n);
            PLACES.put(plain(ordinal(n)), n);
            if (n >= HUNDRED) {
                COUNTS.put(plain(count(n)).replaceFirst("^one ", "a "), n);
                COUNTS.put(plain(count(n)).replaceFirst("^one ", ""), n);
                PLACES.put(plain(ordinal(n)).replaceFirst("^one ", ""), n);
            }
        }
        COUNTS.put("nought", 0);
        COUNTS.put("nil", 0);
        COUNTS.put("a dozen", 12);
        COUNTS.put("dozen", 12);
        COUNTS.put("half a dozen", 6);
    }

    private NumberWords() {
    }

    /** @param n 0 to 1,000 */
    static String count(int n) {
        if (n == THOUSAND) {
            return "one thousand";
        }
        if (n >= HUNDRED) {
            return UNITS.get(n / HUNDRED) + " hundred" + (n % HUNDRED == 0 ? "" : " and " + count(n % HUNDRED));
        }
        return n < UNITS.size() ? UNITS.get(n) : TENS.get(n / 10) + (n % 10 == 0 ? "" : "-" + UNITS.get(n % 10));
    }

    /** @param n 0 to 1,000 */
    static String ordinal(int n) {
        String words = count(n);
        int last = Math.max(words.lastIndexOf(' '), words.lastIndexOf('-')) + 1;
        String word = words.substring(last);
        String place = ORDINALS.containsKey(word) ? ORDINALS.get(word) : word.endsWith("y") ? word.substring(0, word.length() - 1) + "ieth" : word + "th";
        return words.substring(0, last) + place;
    }

    /** @param parts how many parts make the whole, 2 or more */
    static String share(int some, int parts) {
        String part = parts == 2 ? "half" : parts == 4 ? "quarter" : ordinal(parts);
        String one = parts == 8 || parts == 11 ? "an " : "a ";
        return some == 1 ? one + part : count(some) + " " + (parts == 2 ? "halves" : part + "s");
    }

    /** @param minutes after twelve, 0 to 719 */
    static String clock(int minutes) {
        int hour = minutes / HOUR;
        int past = minutes % HOUR;
        String now = UNITS.get(hour == 0 ? 12 : hour);
        String next = UNITS.get(hour + 1);
        if (past == 0) {
            return now + " o’clock";
        }
        if (past == 30) {
            return "half past " + now;
        }
        int distance = past < 30 ? past : HOUR - past;
        String off = distance == 15 ? "quarter" : count(distance) + (distance % 5 == 0 ? "" : distance == 1 ? " minute" : " minutes");
        return off + (past < 30 ? " past " + now : " to " + next);
    }

    /** The number these words say, 0 to 1,000; null if they say none. */
    static @Nullable Integer countOf(String words) {
        return COUNTS.get(plain(words));
    }

    /** The place in a row these words say; null if they say none. */
    static @Nullable Integer placeOf(String words) {
        return PLACES.get(plain(words));
    }

    static String plain(String words) {
        return words.toLowerCase(Locale.ROOT).replace('-', ' ').replaceAll("\\band\\b", " ").replaceAll("\\s+", " ").strip();
    }
}
