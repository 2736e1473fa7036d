package org.dwimble.core.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * One way a word is said: its phones in order, and how strongly each is stressed.
 *
 * @param stresses as many as phones: 1 for the main stress, 2 for a lesser one, 0 for none and for consonants
 */
public record Reading(List<Phone> phones, List<Integer> stresses) {
    public Reading {
        phones = List.copyOf(phones);
        stresses = List.copyOf(stresses);
        if (phones.isEmpty() || phones.size() != stresses.size()) {
            throw new IllegalArgumentException("a reading needs a phone, and a stress for each of its " + phones.size() + " phones");
        }
    }

    /** @param written phones parted by blanks, vowels with their stress: {@code K AY1 T} */
    public static Reading of(String written) {
        List<Phone> phones = new ArrayList<>();
        List<Integer> stresses = new ArrayList<>();
        for (String part : written.trim().split(" ")) {
            char last = part.charAt(part.length() - 1);
            boolean stressed = Character.isDigit(last);
            phones.add(Phone.of(stressed ? part.substring(0, part.length() - 1) : part));
            stresses.add(stressed ? last - '0' : 0);
        }
        return new Reading(phones, stresses);
    }

    /** This said straight before another. */
    Reading then(Reading next) {
        List<Phone> both = new ArrayList<>(phones);
        both.addAll(next.phones);
        List<Integer> stress = new ArrayList<>(stresses);
        stress.addAll(next.stresses);
        return new Reading(both, stress);
    }

    /** One for each vowel sound. */
    public int syllables() {
        return (int) phones.stream().filter(Phone::vowel).count();
    }

    /** Consonants and vowels in order: CVC for kite, CCVC for train. */
    public String shape() {
        return phones.stream().map(p -> p.vowel() ? "V" : "C").collect(Collectors.joining());
    }

    /** In the International Phonetic Alphabet, between slashes. Stress is left out. */
    public String ipa() {
        return phones.stream().map(Phone::ipa).collect(Collectors.joining("", "/", "/"));
    }

    /** As it is told without a phonetic alphabet: the sounds parted by dots. */
    public String spelt() {
        return phones.stream().map(Phone::spelt).collect(Collectors.joining("·"));
    }

    /** From the last stressed vowel to the end, which is what rhyming words share; from the last vowel if none is stressed. */
    List<Phone> rhyme() {
        return phones.subList(rhymeFrom(), phones.size());
    }

    int rhymeFrom() {
        int from = -1;
        for (int i = 0; i < phones.size(); i++) {
            if (phones.get(i).vowel() && (stresses.get(i) > 0 || from < 0 || stresses.get(from) == 0)) {
                from = i;
            }
        }
        return Math.max(0, from);
    }
}
