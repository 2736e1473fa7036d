package org.dwimble.core.sound;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.dwimble.core.picture.Picture;

/** Finds pictures by how their words sound. Every question looks at every word, which takes a millisecond or two. */
public final class SoundSearch {
    /** Of a picture's other words, so many are listened to. */
    private static final int OTHER_WORDS = 2;

    /** A word that a picture stands for, and one way it is said. */
    private record Spoken(Picture picture, String word, Reading reading) {
    }

    /** @param word the word that sounds so: the picture's name, or another of its words */
    public record Heard(Picture picture, String word, Reading reading) {
    }

    /** Two words that differ in one sound, ready to stand side by side. @param at which sound differs, from 0 */
    public record Pair(Heard one, Heard other, int at) {
    }

    private final PronouncingDictionary dictionary;
    private final List<Spoken> library;
    /** Own pictures' words before the library's. */
    private final List<Spoken> spoken;

    /** @param library in order of preference: of two pictures with one word, the earlier is given */
    public SoundSearch(List<Picture> library, PronouncingDictionary dictionary) {
        this(dictionary, List.of(), spoken(library, dictionary));
    }

    private SoundSearch(PronouncingDictionary dictionary, List<Spoken> own, List<Spoken> library) {
        this.dictionary = dictionary;
        this.library = library;
        spoken = Stream.concat(own.stream(), library.stream()).toList();
    }

    /** The same library with a school's own pictures before it, instead of those there were. */
    public SoundSearch with(List<Picture> ownPictures) {
        return new SoundSearch(dictionary, spoken(ownPictures, dictionary), library);
    }

    private static List<Spoken> spoken(List<Picture> pictures, PronouncingDictionary dictionary) {
        List<Spoken> spoken = new ArrayList<>();
        for (Picture picture : pictures) {
            say(picture, picture.name(), dictionary, spoken);
        }
        for (Picture picture : pictures) {
            picture.also().stream().limit(OTHER_WORDS).forEach(word -> say(picture, word, dictionary, spoken));
        }
        return spoken;
    }

    private static void say(Picture picture, String word, PronouncingDictionary dictionary, List<Spoken> spoken) {
        if (word.indexOf(' ') < 0) {
            dictionary.of(word).forEach(reading -> spoken.add(new Spoken(picture, word, reading)));
        }
    }

    /** The readings of a word; none if the dictionary does not have it. */
    public List<Reading> readings(String word) {
        return dictionary.of(word);
    }

    /**
     * Words that sound so, shortest first, then own pictures' before the library's, in its order. A word is given
     * once, whatever its readings, with the first of its pictures that may be seen.
     */
    public List<Heard> find(SoundQuestion question, Predicate<Picture> may, int most) {
        Predicate<Reading> fits = fits(question);
        Map<String, Spoken> found = new LinkedHashMap<>();
        for (Spoken s : spoken) {
            if (fits.test(s.reading) && may.test(s.picture)) {
                found.putIfAbsent(s.word.toLowerCase(Locale.ROOT), s);
            }
        }
        return found.values().stream()
            .sorted(Comparator.comparingInt(s -> s.reading.phones().size()))
            .limit(most).map(s -> new Heard(s.picture, s.word, s.reading)).toList();
    }

    private static Predicate<Reading> fits(SoundQuestion question) {
        if (question instanceof SoundQuestion.RhymesWith r) {
            return other -> rhyme(r.reading(), other);
        }
        if (question instanceof SoundQuestion.StartsWith s) {
            return reading -> reading.phones().get(0).equals(s.phone());
        }
        if (question instanceof SoundQuestion.EndsWith e) {
            return reading -> reading.phones().get(reading.phones().size() - 1).equals(e.phone());
        }
        if (question instanceof SoundQuestion.HasInside i) {
            return reading -> reading.phones().size() > 2 && reading.phones().subList(1, reading.phones().size() - 1).contains(i.phone());
        }
        if (question instanceof SoundQuestion.OneSoundApart o) {
            return reading -> apart(o.reading(), reading) >= 0;
        }
        if (question instanceof SoundQuestion.HasShape s) {
            return reading -> reading.shape().equals(s.shape());
        }
        int count = ((SoundQuestion.HasSyllables) question).count();
        return reading -> reading.syllables() == count;
    }

    private static boolean rhyme(Reading a, Reading b) {
        int x = a.rhymeFrom();
        int y = b.rhymeFrom();
        return a.rhyme().equals(b.rhyme()) && !(x > 0 && y > 0 ? a.phones().get(x - 1).equals(b.phones().get(y - 1)) : x == y);
    }

    /** The place of the one sound in which they differ; -1 if they differ in more, in none, or in length. */
    static int apart(Reading a, Reading b) {
        if (a.phones().size() != b.phones().size()) {
            return -1;
        }
        int at = -1;
        for (int i = 0; i < a.phones().size(); i++) {
            if (!a.phones().get(i).equals(b.phones().get(i))) {
                if (at >= 0 || a.phones().get(i).vowel() != b.phones().get(i).vowel()) {
                    return -1;
                }
                at = i;
            }
        }
        return at;
    }

    /**
     * Pairs of words that differ in these two sounds and in nothing else, shortest first. The first of a pair has
     * the first sound.
     */
    public List<Pair> pairs(Phone one, Phone other, Predicate<Picture> may, int most) {
        Map<String, List<Spoken>> byRest = new LinkedHashMap<>();
        List<Pair> pairs = new ArrayList<>();
        Set<String> given = new LinkedHashSet<>();
        for (Spoken s : spoken) {
            if (may.test(s.picture)) {
                for (int i = 0; i < s.reading.phones().size(); i++) {
                    if (s.reading.phones().get(i).equals(other)) {
                        byRest.computeIfAbsent(rest(s.reading, i), k -> new ArrayList<>()).add(s);
                    }
                }
            }
        }
        for (Spoken s : spoken) {
            if (!may.test(s.picture) || one.equals(other)) {
                continue;
            }
            for (int i = 0; i < s.reading.phones().size(); i++) {
                if (s.reading.phones().get(i).equals(one)) {
                    for (Spoken t : byRest.getOrDefault(rest(s.reading, i), List.of())) {
                        if (!t.word.equals(s.word) && !t.picture.equals(s.picture) && given.add((s.word + " " + t.word).toLowerCase(Locale.ROOT))) {
                            pairs.add(new Pair(new Heard(s.picture, s.word, s.reading), new Heard(t.picture, t.word, t.reading), i));
                        }
                    }
                }
            }
        }
        pairs.sort(Comparator.comparingInt((Pair p) -> p.one().reading().phones().size()));
        return pairs.stream().limit(most).toList();
    }

    private static String rest(Reading reading, int without) {
        StringBuilder rest = new StringBuilder();
        for (int i = 0; i < reading.phones().size(); i++) {
            rest.append(i == without ? "_" : reading.phones().get(i).code()).append(' ');
        }
        return rest.toString();
    }
}
