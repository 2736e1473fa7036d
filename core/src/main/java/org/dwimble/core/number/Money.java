package org.dwimble.core.number;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;

/** The money of a country, which a school may choose: its amounts are meant where a word does not say which country’s. */
public final class Money {
    private static final List<String> ALL = List.of("money");
    private static final List<String> COINS = List.of("coin", "coins");
    private static final List<String> NOTES = List.of("banknote", "banknotes");

    private Money() {
    }

    /** ISO 4217 codes of those there are drawings of. */
    public static List<String> codes() {
        return StreamSupport.stream(Coins.all().spliterator(), false).map(Coins.Currency::code).toList();
    }

    /** Each coin and note of one country, smallest first, where a word asks for such; none for any other word, and for a code that is none of these. */
    static List<Numbered> pieces(String word, String code) {
        if (!Coins.has(code)) {
            return List.of();
        }
        Coins.Currency currency = Coins.of(code);
        boolean coins = ALL.contains(word) || COINS.contains(word);
        boolean notes = ALL.contains(word) || NOTES.contains(word);
        return IntStream.concat(coins ? IntStream.of(currency.coins()) : IntStream.empty(), notes ? IntStream.of(currency.notes()) : IntStream.empty())
            .mapToObj(value -> Numbered.of(Numbered.Sort.MONEY, value, code)).flatMap(n -> n.stream()).toList();
    }

    /** Currencies, the one of a code first. */
    static List<Coins.Currency> first(String code) {
        Stream<Coins.Currency> others = StreamSupport.stream(Coins.all().spliterator(), false).filter(c -> !c.code().equals(code));
        return Stream.concat(Coins.has(code) ? Stream.of(Coins.of(code)) : Stream.empty(), others).toList();
    }
}
