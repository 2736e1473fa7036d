package org.dwimble.core.sound;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.text.Listed;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * One sound of English.
 *
 * @param code    as the dictionary writes it, without stress: {@code SH}
 * @param ipa     in the International Phonetic Alphabet
 * @param spelt   how it is told without one: sh
 * @param example an everyday word that has it: shoe
 */
public record Phone(String code, String ipa, boolean vowel, String spelt, String example) {
    private static final Map<String, Phone> ALL = read();

    /** All sounds of English, consonants first, in the order of {@code phones.txt}. */
    public static List<Phone> all() {
        return List.copyOf(ALL.values());
    }

    /** @throws Unacceptable if there is no such sound */
    public static Phone of(String code) {
        Phone phone = ALL.get(code);
        if (phone == null) {
            throw new Unacceptable("unknown-phone", "code", Text.cut(code, 20));
        }
        return phone;
    }

    private static Map<String, Phone> read() {
        Map<String, Phone> phones = new LinkedHashMap<>();
        for (String line : Listed.lines(Phone.class, "phones.txt")) {
            String[] c = line.trim().split("\\s+");
            if (c.length != 5 || phones.put(c[0], new Phone(c[0], c[1], c[2].equals("V"), c[3], c[4])) != null) {
                throw new IllegalStateException("phones.txt: “" + line + "” is not five columns, or stands twice");
            }
        }
        return phones;
    }
}
