package org.dwimble.core.wordlist;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.Look;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Type;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.support.Material;
import org.dwimble.core.support.Offered;
import org.dwimble.core.support.Printed;
import org.dwimble.core.support.Support;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * Words in order, and how each support that was made of them is set up.
 *
 * @param words    in order, each id once
 * @param second   null for one language
 * @param now      the support it is set to, a key of {@code supports}
 * @param supports every support that was set up, by its name; what is not there is as it usually is
 * @param page     what all of them are printed on
 * @param rows     the students of a class it is printed for, in class order; none for one list for all
 * @param showing  how it is shown on a screen
 * @param later    what a later release kept with it
 */
public record WordList(String name, List<ListedWord> words, @Nullable Second second, String now, Map<String, Support> supports, PageSetup page,
    List<ClassRow> rows, Showing showing, Later later) {
    public static final int LONGEST_NAME = 80;
    public static final int MOST = 1_000;

    public WordList {
        Unacceptable.ifMissing(name, words, supports, page, showing);
        Unacceptable.ifMissing(supports.values());
        name = Text.tidy(name);
        words = List.copyOf(words);
        rows = rows == null ? List.of() : List.copyOf(rows);
        supports = Collections.unmodifiableMap(new TreeMap<>(supports));
        if (name.isEmpty()) {
            throw new Unacceptable("list-nameless");
        }
        Text.atMost(LONGEST_NAME, "list_name", name);
        if (words.size() > MOST) {
            throw new Unacceptable("list-too-long", "most", MOST, "has", words.size());
        }
        Set<String> ids = new HashSet<>();
        words.forEach(w -> {
            if (!ids.add(w.id())) {
                throw new IllegalArgumentException("Two words have the id " + w.id());
            }
        });
        Offered.usual(now);
    }

    /** A list as it begins: set to cards. */
    public static WordList of(String name, List<ListedWord> words) {
        return new WordList(name, words, null, "cards", Map.of(), PageSetup.USUAL, List.of(), Showing.USUAL, Later.NONE);
    }

    /** How the support it is set to is set up. */
    public Support support() {
        return support(now);
    }

    public Support support(String which) {
        Support known = supports.get(which);
        return known == null ? Offered.usual(which) : known;
    }

    public Optional<ListedWord> word(String id) {
        return words.stream().filter(w -> w.id().equals(id)).findFirst();
    }

    /** The words as they are shown and read: those that are printed, once each, in the language they are read in. */
    public List<ListedWord> shown() {
        return words.stream().filter(w -> w.times() > 0).map(w -> second != null && second.instead() && w.second() != null ? w.withText(w.second()) : w)
            .toList();
    }

    /** Of the words as they are shown, as a BCP 47 tag. */
    public String language() {
        return second != null && second.instead() ? second.language() : "en";
    }

    /** Every picture in it, in order. */
    public Set<String> pictures() {
        Stream<ListedWord> all = Stream.concat(words.stream(), rows.stream().flatMap(r -> r.instead().values().stream()));
        return Stream.concat(all.flatMap(w -> w.pictures().stream()), rows.stream().map(ClassRow::photo).filter(Objects::nonNull))
            .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /**
     * What supports are made of: each word as often as it is printed, in the language it is printed in.
     * @param foot what stands at the foot of every sheet
     * @param symbols pictures for words of running text
     * @param ways where words are on the student's boards
     */
    public Material material(Type type, String foot, Material.Symbols symbols, Material.Ways ways) {
        List<Printed> printed = new ArrayList<>();
        words.forEach(w -> printed.addAll(Collections.nCopies(w.times(), w.printed(second))));
        return new Material(name, printed, page.as(Look.PLAIN), type, null, foot, symbols, ways);
    }

    /**
     * As it is printed for a student with these boards: words below, above, beside or left out, and pictures as large, as there, if the page
     * does not say itself; and in the language of the boards, if that is the list's second.
     */
    public WordList as(Vocabulary boards) {
        String language = Locale.forLanguageTag(boards.locale()).getLanguage();
        Second theirs = second != null && second.language().equals(language) ? new Second(language, true) : second;
        return withPage(page.as(boards.whole().look())).withSecond(theirs);
    }

    /** As it is printed for one student of the class. What stood for a word that is gone is left out. */
    public WordList forRow(ClassRow row) {
        return withWords(words.stream().map(w -> {
            ListedWord instead = row.instead().get(w.id());
            return instead == null ? w : instead.withId(w.id()).withTimes(w.times());
        }).toList());
    }

    /**
     * For somebody who may not use every picture: without the others, and without the students it is printed for and what differs for them,
     * which are their team's alone. A word that was a picture alone is told as {@code ?}.
     *
     * @param may true of the id of a picture that may be used
     */
    public WordList forOthers(Predicate<String> may) {
        return withWords(words.stream().map(w -> w.withPicturesOf(may)).toList()).withRows(List.of()).withShowing(showing.withAs(null)).known();
    }

    /**
     * For somebody of its own student's team, who need not be on the teams of the class: of students that are not known to this person
     * neither the photo is seen nor what pictures differ for them.
     *
     * @param knows true of the id of a student this person is on the team of
     * @param may   true of the id of a picture this person may use for any
     */
    public WordList forTeam(Predicate<String> knows, Predicate<String> may) {
        if (rows.stream().allMatch(r -> r.student() == null || knows.test(r.student()))) {
            return this;
        }
        return withRows(rows.stream().map(r -> r.student() == null || knows.test(r.student()) ? r : r.forStrangers(may)).toList()).known();
    }

    /**
     * As it leaves: without the pictures that stay.
     *
     * @param stays true of the id of a picture that does not go along
     * @param drawn what is drawn for a word none of whose pictures goes; nothing for an empty place
     */
    public WordList leaving(Predicate<String> stays, Function<ListedWord, Optional<String>> drawn) {
        return withWords(words.stream().map(w -> w.leaving(stays, drawn)).toList()).withRows(rows.stream().map(r -> r.leaving(stays, drawn)).toList()).known();
    }

    /** Without what this release does not know: nobody can say who may see that. */
    private WordList known() {
        return new WordList(name, words, second, now, supports, page, rows, showing, Later.NONE);
    }

    /** The student of the class of that name, as names are compared. */
    public Optional<ClassRow> row(String name) {
        return rows.stream().filter(r -> Names.folded(r.name()).equals(Names.folded(name))).findFirst();
    }

    /** Names in the class that are no student's: their sheets are as for anybody. */
    public List<String> strangers() {
        return rows.stream().filter(r -> r.student() == null).map(ClassRow::name).toList();
    }

    public WordList withRows(List<ClassRow> rows) {
        return new WordList(name, words, second, now, supports, page, rows, showing, later);
    }

    public WordList withName(String name) {
        return new WordList(name, words, second, now, supports, page, rows, showing, later);
    }

    public WordList withWords(List<ListedWord> words) {
        return new WordList(name, words, second, now, supports, page, rows, showing, later);
    }

    public WordList withSecond(@Nullable Second second) {
        return new WordList(name, words, second, now, supports, page, rows, showing, later);
    }

    public WordList withSupport(Support support) {
        Map<String, Support> next = new TreeMap<>(supports);
        next.put(support.name(), support);
        return new WordList(name, words, second, support.name(), next, page, rows, showing, later.without(Later.LIST, Later.NOW));
    }

    public WordList withShowing(Showing showing) {
        return new WordList(name, words, second, now, supports, page, rows, showing, later);
    }

    public WordList withPage(PageSetup page) {
        return new WordList(name, words, second, now, supports, page, rows, showing, later);
    }
}
