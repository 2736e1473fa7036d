package org.dwimble.core.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.ShippedLibrary.SEARCH;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.dwimble.core.search.Asked;
import org.dwimble.core.search.Found;
import org.dwimble.core.search.Why;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumberReadingTest {
    private static List<String> said(String text) {
        return NumberReading.of(text).stream().map(n -> n.id().substring("number/".length())).toList();
    }

    @ParameterizedTest
    @CsvSource({"7, count-7 dots-7", "seven, count-7 dots-7", "thirteen, count-13 dots-13", "Twenty-One, count-21", "twenty one, count-21",
        "a hundred, count-100",
        "one hundred and five, count-105", "hundred and five, count-105", "three hundred and forty-seven, count-347", "1000, count-1000",
        "a thousand, count-1000",
        "a dozen, count-12 dots-12", "nought, count-0 dots-0", "XII, count-12", "12 dots, dots-12", "twelve dots, dots-12"})
    void aNumberIsReadInDigitsAndInWords(String text, String ids) {
        assertThat(said(text)).containsExactly(ids.split(" "));
    }

    @ParameterizedTest
    @CsvSource({"13th, ordinal-13", "1st, ordinal-1", "22nd, ordinal-22", "113th, ordinal-113", "thirteenth, ordinal-13", "twenty-first, ordinal-21",
        "hundredth, ordinal-100", "eighteenth, ordinal-18"})
    void aPlaceInARowIsReadWithTheEndingItHas(String text, String id) {
        assertThat(said(text)).containsExactly(id);
    }

    @ParameterizedTest
    @CsvSource({"3/4, share-4-3", "½, share-2-1", "⅔, share-3-2", "half, share-2-1", "a half, share-2-1", "a quarter, share-4-1", "three quarters, share-4-3",
        "two thirds, share-3-2", "an eighth, share-8-1", "two halves, share-2-2"})
    void aShareOfAWholeIsRead(String text, String id) {
        assertThat(said(text)).containsExactly(id);
    }

    @ParameterizedTest
    @CsvSource({"£5.20, money-gbp-520", "£5, money-gbp-500", "20p, money-gbp-20", "20 pence, money-gbp-20", "five pounds, money-gbp-500",
        "€2.50, money-eur-250",
        "2 euros, money-eur-200", "$10, money-usd-1000", "25¢, money-usd-25", "5 zł, money-pln-500", "a pound, money-gbp-100", "R$5, money-brl-500"})
    void moneyIsReadByItsSignOrItsWord(String text, String id) {
        assertThat(said(text)).containsExactly(id);
    }

    @ParameterizedTest
    @CsvSource({"3:30, clock-210", "15:30, clock-210", "half past three, clock-210", "3 o'clock, clock-180", "three o’clock, clock-180",
        "quarter to four, clock-225",
        "a quarter to four, clock-225", "ten past twelve, clock-10", "five to one, clock-55", "12:00, clock-0", "00:05, clock-5", "7pm, clock-420",
        "7.45 am, clock-465", "twenty-three minutes to nine, clock-517"})
    void aTimeIsReadAsAClockWithHandsShowsIt(String text, String id) {
        assertThat(said(text)).containsExactly(id);
    }

    @ParameterizedTest
    @CsvSource({"March, month-3", "may, ", "May, month-5", "march, ", "january, month-1", "Sept, month-9", "Dec., month-12", "7 years old, age-7",
        "aged 7, age-7",
        "seven years old, age-7", "I am 7 years old, age-7", "seven-year-old, age-7", "size 5, size-5", "size twelve, size-12", "mar, ", "dec, "})
    void monthsAgesAndSizesAreRead(String text, String id) {
        assertThat(said(text)).isEqualTo(id == null ? List.of() : List.of(id));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1234567890123456789012345678901234567890", "-5", "1001", "two thousand", "13st", "11st", "12rd", "0th", "5/4", "3/13", "1/1",
        "0/2",
        "MIX", "IIII", "CD", "ii", "25:00", "24:30", "3:60", "£", "£-5", "£5.2", "£99999", "£0.00", "13 past one", "half past thirteen", "sixty past two",
        "one two",
        "fortyfour", "one-derful", "tent", "of", "none", "ones", "stone", "past", "to", "a", "size large", "years", "121 years old", "quarter", "🍎",
        "7 dwarfs", "",
        " ", "1 000", "p", "20 pigs", "ten pin", "m", "second half of the match that was played on the twenty-first of the month in question"})
    void whatSaysNoNumberOrOneNobodyDrawsIsNotRead(String text) {
        if (text.equals("quarter")) {
            assertThat(said(text)).containsExactly("share-4-1");
        } else if (text.equals("13 past one")) {
            assertThat(said(text)).containsExactly("clock-73");
        } else {
            assertThat(said(text)).as(text).isEmpty();
        }
    }

    @Test
    void everyNumberIsReadBackFromItsNameAndItsId() {
        IntStream.rangeClosed(0, 1000).mapToObj(n -> new Numbered(Numbered.Sort.COUNT, n, "")).forEach(NumberReadingTest::comesBack);
        IntStream.rangeClosed(1, 1000).mapToObj(n -> new Numbered(Numbered.Sort.ORDINAL, n, "")).forEach(NumberReadingTest::comesBack);
        IntStream.rangeClosed(0, 719).mapToObj(n -> new Numbered(Numbered.Sort.CLOCK, n, "")).forEach(NumberReadingTest::comesBack);
        IntStream.rangeClosed(1, 12).mapToObj(n -> new Numbered(Numbered.Sort.MONTH, n, "")).forEach(NumberReadingTest::comesBack);
        IntStream.rangeClosed(0, 120).mapToObj(n -> new Numbered(Numbered.Sort.AGE, n, "")).forEach(NumberReadingTest::comesBack);
    }

    private static void comesBack(Numbered number) {
        assertThat(NumberReading.of(number.name())).as(number.name()).contains(number);
        assertThat(Numbered.byId(number.id())).hasValue(number);
    }

    @ParameterizedTest
    @ValueSource(strings = {"number/count-1001", "number/count-007", "number/count-", "number/share-13-1", "number/share-4-5", "number/money-xyz-5",
        "number/money-5",
        "number/clock-720", "number/count-gbp-5", "core/seven", "number/count-99999999999999", "number/money-gbp-99999"})
    void anIdOfNoDrawingIsNone(String id) {
        assertThat(Numbered.byId(id)).isEmpty();
    }

    @Test
    void theSearchGivesANumberByItselfAndAfterWhatIsDrawnForTheVeryWord() {
        assertThat(SEARCH.best("eighteen").orElseThrow().id()).isEqualTo("number/count-18");
        assertThat(SEARCH.best("£5.20").orElseThrow().id()).isEqualTo("number/money-gbp-520");
        assertThat(SEARCH.best("½").orElseThrow().id()).isEqualTo("number/share-2-1");
        List<Found> half = SEARCH.find(Asked.typed("half", 3));
        assertThat(half).extracting(f -> f.picture().id()).startsWith("core/half", "number/share-2-1");
        assertThat(half.get(1).why()).isEqualTo(Why.IS_CALLED);
        assertThat(SEARCH.find(Asked.typed("12", 1))).hasSize(1);
        assertThat(SEARCH.byId("number/count-12").orElseThrow().name()).isEqualTo("twelve");
        assertThat(SEARCH.byId("number/count-1200")).isEmpty();
        assertThat(SEARCH.find(new Asked("12", Asked.How.ENDS, List.of("en"), null, 5))).as("letters are asked for")
            .noneMatch(f -> f.picture().id().startsWith("number/"));
    }

    /** Of money that several countries call the same, the school’s comes first and each says whose it is. */
    @ParameterizedTest
    @CsvSource({"USD, 20 cents, money-usd-20 money-eur-20", "EUR, 20 cents, money-eur-20 money-usd-20", "GBP, 20 cents, money-eur-20 money-usd-20",
        "USD, 20p, money-gbp-20", "none, five dollars, money-usd-500"})
    void theMoneyOfTheSchoolIsMeantFirst(String money, String text, String ids) {
        assertThat(NumberReading.of(text, money)).extracting(Numbered::id).containsExactly(Stream.of(ids.split(" ")).map("number/"::concat).toArray(
            String[]::new));
    }

    @Test
    void moneyThatIsCalledTheSameSaysWhoseItIs() {
        assertThat(NumberReading.of("20 cents", "USD")).extracting(Numbered::gloss).containsExactly("dollar", "euro");
        assertThat(NumberReading.of("20 pence")).extracting(Numbered::gloss).containsExactly("");
    }

    @Test
    void coinsAndNotesAreThoseOfTheSchool() {
        assertThat(NumberReading.pieces("Coins", "GBP")).extracting(Numbered::value).containsExactly(1, 2, 5, 10, 20, 50, 100, 200);
        assertThat(NumberReading.pieces("banknotes", "USD")).extracting(Numbered::value).containsExactly(100, 500, 1000, 2000, 5000, 10000);
        assertThat(NumberReading.pieces("money", "EUR")).extracting(Numbered::value).startsWith(1, 2).endsWith(5000, 10000);
        for (String other : List.of("change", "note", "penny", "coinage", "")) {
            assertThat(NumberReading.pieces(other, "GBP")).as(other).isEmpty();
        }
        assertThat(NumberReading.pieces("coins", "XXX")).isEmpty();
        assertThat(SEARCH.with(List.of(), "GBP").find(Asked.typed("coins", 12))).extracting(f -> f.picture().id()).contains("number/money-gbp-1",
            "number/money-gbp-200");
        assertThat(SEARCH.with(List.of(), "GBP").find(Asked.typed("coins", 12)).get(0).why().sure()).as("what says the word comes first").isTrue();
    }
}
