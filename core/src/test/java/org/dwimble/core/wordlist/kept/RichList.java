package org.dwimble.core.wordlist.kept;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.dwimble.core.board.Kind;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.measure.Length;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.showing.Book;
import org.dwimble.core.showing.Day;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.showing.Walk;
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
import org.dwimble.core.support.PicturePages;
import org.dwimble.core.support.RollAndSay;
import org.dwimble.core.support.Rules;
import org.dwimble.core.support.SortingMats;
import org.dwimble.core.support.Story;
import org.dwimble.core.support.Strip;
import org.dwimble.core.support.Support;
import org.dwimble.core.support.TokenBoard;
import org.dwimble.core.support.WaysToWords;
import org.dwimble.core.wordlist.ClassRow;
import org.dwimble.core.wordlist.Later;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.Second;
import org.dwimble.core.wordlist.WordList;

/** A list that has every field there is, away from what is usual. What golden files were written from: only ever added to. */
final class RichList {
    static final String PHOTO = "own/" + "ab".repeat(32);
    static final List<Support> SUPPORTS = List.of(
        new Strip(true, 5, Length.mm(38.5), Strip.Heads.CLOCK, 7 * 60 + 15, 20, Strip.Done.BOXES),
        new Cards(Length.mm(62), Length.mm(41), 6, Length.mm(2), Cards.Lines.CUT, Length.mm(5), Cards.Back.PATTERN, Cards.Flip.SHORT, true),
        new PicturePages(2),
        new FirstThen(2, "Before the ferry", "After the ferry"),
        new Choices(6, "Which shell?"),
        new TokenBoard(7, "Five more pebbles", false),
        new Rules(3, "On the slipway", false),
        new FeelingsScale(6, "How high is the tide?", true, "sky"),
        new ConversationCards(6, 3),
        new OwnGrid(3, 6, List.of(2, 11), Length.mm(5), "Baking", true),
        new Story(Story.Bound.BOOKLET, Length.mm(1.5), true, "The seal on the slipway"),
        new CalendarPage(CalendarPage.Span.WEEK, LocalDate.of(2027, 3, 9), 3, "nl", "", "9 March: swim"),
        new GoingHome("Tomasz today", List.of(new GoingHome.Section("At the harbour", 2), new GoingHome.Section("I ate", 5)), 4),
        new WaysToWords(9, "Words of this week"),
        new Bingo(12, 4, 5, true, 2, 4711),
        new Pairs(Length.mm(44), Pairs.Match.PICTURE_WORD),
        new Dominoes(4, 5, Length.mm(33), 8),
        new SortingMats(List.of("in the sea", "on land", "in the air"), Length.mm(36)),
        new RollAndSay(6, 3, 77));

    private static final Showing SHOWING = new Showing(Showing.As.DAY, new Day(true, true, Map.of("w1", 555)), new Walk(true),
        new Book(Book.Face.PLAIN, 70, Colour.of("#cfe8f3"), List.of(new Book.Remark("again", "core/again"), new Book.Remark("splash", null))));

    private RichList() {
    }

    static WordList list() {
        Map<String, Support> supports = new TreeMap<>();
        SUPPORTS.forEach(s -> supports.put(s.name(), s));
        PageSetup page = new PageSetup(Paper.LETTER, new PageSetup.Size(Length.mm(180), Length.mm(240)), PageSetup.Turn.LYING, Length.mm(12), LabelPlace.ABOVE,
            TypeSize.EACH, 64);
        List<ListedWord> words = List.of(new ListedWord("w1", "crab 🦀", List.of("base/crab", PHOTO), true, 3, "krab", Kind.THING, Colour.of("#ffe08a")),
            new ListedWord("w2", "", List.of(PHOTO), false, 0, null, null, null), ListedWord.of("w3", "low tide", null, null));
        List<ClassRow> rows = List.of(
            new ClassRow("Nour", "nour", PHOTO, Map.of("w1", new ListedWord("w9", "whelk", List.of("base/shell"), false, 1, null, Kind.THING, null))),
            new ClassRow("Pim", null, null, Map.of()));
        return new WordList("Ferry trip", words, new Second("nl", true), "story", supports, page, rows, SHOWING, Later.NONE);
    }

    /** As a list begins. */
    static WordList plain() {
        return WordList.of("Words", List.of(ListedWord.of("a", "kettle", null, null)));
    }
}
