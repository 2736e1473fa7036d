package org.dwimble.core.number;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.text.Listed;

/** The coins and notes of some countries, as {@code coins.txt} lists them. */
final class Coins {
    /** More pieces than these cannot be told apart in one picture. */
    static final int MOST_PIECES = 6;
    private static final Map<String, Currency> CURRENCIES = new LinkedHashMap<>();

    /**
     * @param large one and several of its larger unit, then other words and signs for it
     * @param small one and several of its smaller unit, then other words and signs for it
     * @param coins values in the smaller unit, smallest first; notes likewise
     */
    record Currency(String code, List<String> large, List<String> small, int[] coins, int[] notes) {
    }

    /** @param value in the smaller unit */
    record Piece(int value, boolean note) {
    }

    static {
        for (String line : Listed.lines(Coins.class, "coins.txt")) {
            String[] cells = line.split("\\|");
            Currency currency = new Currency(cells[0].strip(), Listed.words(cells[1]), Listed.words(cells[2]), values(cells[3]), values(cells[4]));
            CURRENCIES.put(currency.code, currency);
        }
    }

    private Coins() {
    }

    private static int[] values(String cell) {
        return Arrays.stream(cell.strip().split("\\s+")).mapToInt(Integer::parseInt).toArray();
    }

    static boolean has(String code) {
        return CURRENCIES.containsKey(code);
    }

    static Iterable<Currency> all() {
        return CURRENCIES.values();
    }

    static Currency of(String code) {
        return Optional.ofNullable(CURRENCIES.get(code)).orElseThrow();
    }

    private static Currency of(Numbered money) {
        return of(money.unit());
    }

    /** True if few enough pieces make the amount. */
    static boolean fits(Numbered money) {
        List<Piece> pieces = pieces(money);
        return !pieces.isEmpty() && pieces.size() <= MOST_PIECES;
    }

    /** The fewest pieces from the largest down that make the amount; none if they do not make it. Notes come before coins. */
    static List<Piece> pieces(Numbered money) {
        Currency currency = of(money);
        List<Piece> pieces = new ArrayList<>();
        int rest = money.value();
        for (boolean note : new boolean[] {true, false}) {
            int[] values = note ? currency.notes : currency.coins;
            for (int i = values.length - 1; i >= 0; i--) {
                for (; rest >= values[i] && pieces.size() <= MOST_PIECES; rest -= values[i]) {
                    pieces.add(new Piece(values[i], note));
                }
            }
        }
        return rest == 0 ? pieces : List.of();
    }

    /** The numeral on a piece: the larger unit where it is whole. */
    static String numeral(int value) {
        return String.valueOf(value % 100 == 0 ? value / 100 : value);
    }

    /** True for a coin of the smaller unit, which is drawn in copper or silver. */
    static boolean small(Piece piece) {
        return !piece.note && piece.value % 100 != 0;
    }

    static String name(Numbered money) {
        return name(money, of(money));
    }

    /** Which country’s it is, where another’s is called the same; else empty. */
    static String gloss(Numbered money) {
        Currency its = of(money);
        String name = name(money);
        return CURRENCIES.values().stream().anyMatch(c -> c != its && name(money, c).equals(name)) ? its.large.get(0) : "";
    }

    private static String name(Numbered money, Currency currency) {
        int large = money.value() / 100;
        int small = money.value() % 100;
        List<String> words = new ArrayList<>();
        if (large > 0) {
            words.add(large + " " + currency.large.get(large == 1 ? 0 : 1));
        }
        if (small > 0) {
            words.add(small + " " + currency.small.get(small == 1 ? 0 : 1));
        }
        return String.join(" ", words);
    }
}
