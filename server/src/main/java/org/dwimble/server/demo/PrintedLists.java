package org.dwimble.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import org.dwimble.core.measure.Length;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Shows;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.support.Bingo;
import org.dwimble.core.support.CalendarPage;
import org.dwimble.core.support.Cards;
import org.dwimble.core.support.Choices;
import org.dwimble.core.support.ConversationCards;
import org.dwimble.core.support.Dominoes;
import org.dwimble.core.support.FeelingsScale;
import org.dwimble.core.support.FirstThen;
import org.dwimble.core.support.GoingHome;
import org.dwimble.core.support.OwnGrid;
import org.dwimble.core.support.Pairs;
import org.dwimble.core.support.RollAndSay;
import org.dwimble.core.support.Rules;
import org.dwimble.core.support.SortingMats;
import org.dwimble.core.support.Story;
import org.dwimble.core.support.Strip;
import org.dwimble.core.support.Support;
import org.dwimble.core.support.TokenBoard;
import org.dwimble.core.support.WaysToWords;
import org.dwimble.core.told.Told;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.core.wordlist.ClassRow;
import org.dwimble.core.wordlist.ListEdit;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.Second;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.account.Account;
import org.dwimble.server.collection.TakingIn;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.wordlist.ListStore;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** What the demo school prints: one list for each support there is, made over some weeks. */
@Component
@Profile("demo")
class PrintedLists {
    private final ListStore lists;
    private final Pictures pictures;
    private final TakingIn ownPictures;
    private final Supplier<String> ids;
    private final Instant now;

    PrintedLists(ListStore lists, Pictures pictures, TakingIn ownPictures, Supplier<String> ids, Clock clock) {
        this.lists = lists;
        this.pictures = pictures;
        this.ownPictures = ownPictures;
        this.ids = ids;
        this.now = clock.instant();
    }

    void make(Account odile, Account marit) {
        Printed of = list("Ferry trip", null, odile, 21, new Strip(false, 4, Length.mm(45), Strip.Heads.NUMBERS, 9 * 60, 30, Strip.Done.POCKET),
            "ferry, bag, seal, crab, tide pool=tide pool, sandwich=snack, wet");
        of.edit(14, odile, l -> new ListEdit.AddWords(words(odile, "bus=bus home"), null));
        of.edit(13, marit, l -> new ListEdit.MoveWords(List.of(l.words().get(1).id()), l.words().get(0).id()));
        lists.share(of.id, true);
        list("Ilse’s morning", "ilse", odile, 18, new Strip(true, 6, Length.mm(40), Strip.Heads.CLOCK, 7 * 60, 20, Strip.Done.BOXES),
            "wake up, wash, get dressed, breakfast, brush teeth, bus");
        list("Snack time", "tomasz", marit, 12, new Choices(4, "What would you like?"), "apple, bread, cheese, water");
        list("First the swing", "tomasz", marit, 11, new FirstThen(1, "First", "Then"), "read, swing");
        list("Working for the boat", "tomasz", odile, 10, TokenBoard.USUAL, "boat");
        Printed rules = list("In the bus", null, marit, 9, new Rules(5, "In the bus", true), "sit, seat belt, listen, talk=talk quietly, run=run");
        rules.edit(9, marit, l -> new ListEdit.ChangeWord(crossed(l.words().get(4))));
        lists.share(rules.id, true);
        list("How Nour feels", "nour", odile, 8, FeelingsScale.USUAL, "calm, worried, angry, furious");
        list("The seal on the slipway", null, odile, 7, new Story(Story.Bound.BOOKLET, Length.mm(1), true, "The seal on the slipway"),
            "ferry=On Monday we took the ferry Curlew.; seal=A seal lay on the slipway.; fish=It wanted our fish.; lighthouse=We gave it none, and "
                + "looked at the lighthouse.");
        Printed bingo = list("Tide pool bingo", null, marit, 6, new Bingo(6, 3, 3, true, 1, 4711),
            "crab, shell, fish, octopus, starfish, seal, gull, boat, sand, bucket, spade, wave, rock, sun, ferry, lighthouse");
        lists.share(bingo.id, true);
        list("Find the pair", null, marit, 6, new Pairs(Length.mm(50), Pairs.Match.PICTURE_WORD), "crab, shell, fish, seal, gull, boat");
        list("Harbour dominoes", null, marit, 5, new Dominoes(3, 5, Length.mm(40), 3), "crab, shell, fish, seal, gull, boat, sand, sun");
        list("Sea or land", null, odile, 5, new SortingMats(List.of("in the sea", "on land"), Length.mm(40)), "whale, crab, octopus, dog, cat, horse");
        list("Roll for an animal", null, marit, 4, new RollAndSay(4, 2, 12),
            "dog, cat, horse, cow, pig, sheep, duck, seal, crab, whale, fish, gull, bee, snail, frog");
        list("Over tea with Mr Adair", "adair", odile, 4, new ConversationCards(4, 2),
            "ferry=Where would you take the ferry?; radio=What is on the radio?; fish=What did you catch?; photo=Who is in this photo?");
        list("Wren’s cards", "wren", odile, 3, new Cards(Length.mm(50), Length.mm(50), 0, Length.mm(4), Cards.Lines.EDGE, Length.mm(4), Cards.Back.PATTERN,
            Cards.Flip.LONG, true), "more, finished, help, drink, eat, play");
        list("Baking on Friday", null, marit, 2, new OwnGrid(3, 4, List.of(3, 11), Length.mm(3), "Baking", true),
            "flour, egg, milk, butter, mix, pour, hot, wait, eat, delicious");
        LocalDate december = LocalDate.ofInstant(now, ZoneOffset.UTC).withDayOfMonth(1).withMonth(12);
        String days = "4 December: lighthouse\n9 December: swim\n16 December: cook, eat\n21 December - 3 January: winter holidays";
        list("December at the harbour", null, marit, 2, new CalendarPage(CalendarPage.Span.MONTH, december, 1, "nl", "", days), "lighthouse, swim, cook, eat");
        list("New for Ilse this month", "ilse", marit, 1, WaysToWords.USUAL, "swim, people, more, grandma, whale");
        list("Tomasz goes home", "tomasz", marit, 1, GoingHome.USUAL,
            "swim, read, swing, happy, tired, angry, calm, bread, apple, cheese, hat, towel, sleep");
        Printed home = list("Home from the slipway", null, odile, 1, GoingHome.USUAL,
            "swim, read, swing, happy, tired, angry, calm, bread, apple, cheese, hat, towel, sleep");
        home.edit(1, odile, l -> new ListEdit.ForClass(List.of(
            pupil("Tomasz", "tomasz", PaintedPhotos.portrait(0x6b4a2b, 0xf0c9a4, 0x2f6f73), odile, l.words().get(0), "walk"),
            pupil("Nour", "nour", PaintedPhotos.portrait(0x1b1512, 0xb07a4f, 0xb8431c), odile, l.words().get(1), "draw"))));
        Printed both = list("Harbour words for Nour’s family", "nour", odile, 1, Cards.USUAL, "ferry, harbour, seal, crab, fish, boat");
        both.edit(1, odile, l -> new ListEdit.InSecond(new Second("ar", false), l.words().stream()
            .map(w -> w.withSecond(w.pictures().isEmpty() ? null : pictures.namesOf(w.pictures().get(0)).get("ar"))).toList()));
        both.edit(1, odile, l -> new ListEdit.OnPage(PageSetup.USUAL));
    }

    private ClassRow pupil(String name, String id, byte[] portrait, Account by, ListedWord usual, String instead) {
        OwnPicture about = new OwnPicture(List.of(name), List.of("people"), OwnPicture.Audience.STUDENT, id, Shows.STUDENT, OwnPicture.Origin.OWN_PHOTO, "", "",
            "");
        try {
            String photo = ownPictures.keep(portrait, about, name, by).picture().picture();
            return new ClassRow(name, id, photo, Map.of(usual.id(), words(by, instead).get(0)));
        } catch (Refused e) {
            throw new IllegalStateException(e);
        }
    }

    private static ListedWord crossed(ListedWord word) {
        return new ListedWord(word.id(), word.text(), word.pictures(), true, word.times(), word.second(), word.kind(), word.paper());
    }

    private List<ListedWord> words(Account by, String typed) {
        List<WordLine.Entry> entries = new ArrayList<>();
        for (String part : typed.split(typed.contains(";") ? ";" : ",")) {
            int equals = part.indexOf('=');
            entries.add(equals < 0 ? new WordLine.Entry(part.trim(), part.trim()) : new WordLine.Entry(part.substring(0, equals).trim(),
                part.substring(equals + 1).trim()));
        }
        return WordLine.ready(entries, WordList.MOST, pictures.guesses(by, null)).stream().map(w -> ListedWord.of(ids.get(), w.label(), w.picture(), w.kind()))
            .toList();
    }

    private Printed list(String name, @Nullable String student, Account by, int daysAgo, Support support, String typed) {
        WordList made = WordList.of(name, words(by, typed)).withSupport(support);
        return new Printed(lists.create(made, student, by.id(), at(daysAgo, 0), Told.of("list-begun")));
    }

    private Instant at(int daysAgo, int after) {
        return now.minus(Duration.ofDays(daysAgo)).plus(Duration.ofMinutes(after));
    }

    /** One list, and what was done to it on which day. */
    private final class Printed {
        private final long id;
        private int done;

        Printed(long id) {
            this.id = id;
        }

        void edit(int daysAgo, Account by, Function<WordList, ListEdit> maker) {
            ListStore.Kept kept = lists.there(id);
            lists.edit(id, kept.version(), maker.apply(kept.list()), by.id(), at(daysAgo, ++done));
        }
    }
}
