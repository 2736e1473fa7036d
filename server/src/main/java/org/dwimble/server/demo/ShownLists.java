package org.dwimble.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.showing.Book;
import org.dwimble.core.showing.Day;
import org.dwimble.core.showing.DayRun;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.showing.Walk;
import org.dwimble.core.support.Support;
import org.dwimble.core.told.Told;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.core.wordlist.ListEdit;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.account.Account;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.wordlist.ListStore;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** The days, walks and books of the demo school. */
@Component
@Profile("demo")
class ShownLists {
    private final ListStore lists;
    private final Pictures pictures;
    private final Supplier<String> ids;
    private final Instant now;

    ShownLists(ListStore lists, Pictures pictures, Supplier<String> ids, Clock clock) {
        this.lists = lists;
        this.pictures = pictures;
        this.ids = ids;
        this.now = clock.instant();
    }

    /** @param photos of the school, by what they are called @return the number of the book */
    long make(Account odile, Account marit, Map<String, String> photos) {
        day(marit);
        walk(marit, photos);
        return book(odile, marit, photos);
    }

    /** By the clock; there is no swimming today. */
    private void day(Account marit) {
        List<ListedWord> words = words(marit, "bus", "hello=circle time", "swim", "lunch", "paint", "house=home");
        Map<String, Integer> times = new HashMap<>();
        List<Integer> begins = List.of(8 * 60 + 10, 9 * 60, 10 * 60, 12 * 60, 13 * 60 + 15, 14 * 60 + 45);
        for (int i = 0; i < begins.size(); i++) {
            times.put(words.get(i).id(), begins.get(i));
        }
        long id = list("A day at school", "ilse", marit, 24, words, Showing.USUAL.withAs(Showing.As.DAY));
        lists.edit(id, lists.there(id).version(), new ListEdit.Show(new Showing(Showing.As.DAY, new Day(true, false, times), Walk.USUAL, Book.USUAL)),
            marit.id(), at(23, 1));
        lists.mark(id, LocalDate.ofInstant(now, ZoneId.systemDefault()), words.get(2).id(), DayRun.Mark.NOT_TODAY);
    }

    private void walk(Account marit, Map<String, String> photos) {
        List<ListedWord> words = List.of(page("We go through the gate.", photos, "gate"), page("Biscuit comes along.", photos, "dog"),
            page("Here is the ferry.", photos, "ferry"), page("This is our lighthouse.", photos, "lighthouse"));
        list("Down to the harbour", "ilse", marit, 15, words, new Showing(Showing.As.WALK, Day.USUAL, new Walk(true), Book.USUAL));
    }

    private long book(Account odile, Account marit, Map<String, String> photos) {
        List<ListedWord> words = new ArrayList<>(List.of(page("On Monday we took the ferry. It is called Curlew.", photos, "ferry"),
            drawn(odile, "A seal lay on the slipway. It was fast asleep.", "seal"), page("Biscuit barked at it. Oh no!", photos, "dog"),
            drawn(odile, "The seal woke up. It wanted our fish.", "fish"), page("We went home by the lighthouse.", photos, "lighthouse")));
        Book book = new Book(Book.Face.BOARDS, 50, ColouredPaper.SKY.colour(), Book.USUAL.remarks());
        long id = list("The seal that slept", "ilse", odile, 13, words.subList(0, 4), new Showing(Showing.As.BOOK, Day.USUAL, Walk.USUAL, book));
        lists.edit(id, lists.there(id).version(), new ListEdit.AddWords(List.of(words.get(4)), null), marit.id(), at(11, 1));
        return id;
    }

    private ListedWord page(String text, Map<String, String> photos, String photo) {
        return ListedWord.of(ids.get(), text, photos.get(photo), null);
    }

    private ListedWord drawn(Account by, String text, String word) {
        return ListedWord.of(ids.get(), text, words(by, word).get(0).pictures().get(0), null);
    }

    private List<ListedWord> words(Account by, String... typed) {
        List<WordLine.Entry> entries = List.of(typed).stream().flatMap(t -> WordLine.read(t).stream()).toList();
        return WordLine.ready(entries, WordList.MOST, pictures.guesses(by, null)).stream()
            .map(w -> ListedWord.of(ids.get(), w.label(), w.picture(), w.kind())).toList();
    }

    private long list(String name, String student, Account by, int daysAgo, List<ListedWord> words, Showing showing) {
        WordList list = WordList.of(name, words).withShowing(showing);
        Support onPaper = list.support(showing.as() == Showing.As.DAY ? "strip" : "story");
        return lists.create(list.withSupport(onPaper), student, by.id(), at(daysAgo, 0), Told.of("list-begun"));
    }

    private Instant at(int daysAgo, int after) {
        return now.minus(Duration.ofDays(daysAgo)).plus(Duration.ofMinutes(after));
    }
}
