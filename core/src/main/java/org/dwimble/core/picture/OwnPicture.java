package org.dwimble.core.picture;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;

/**
 * A picture a school has taken in itself.
 *
 * @param words      one or more, the first is its name; at most {@value #MOST_WORDS}
 * @param categories the school's own, or the library's; may be none
 * @param student    whose it is, with {@link Audience#STUDENT}; else null
 * @param shows      whom: such a picture never leaves the school by accident. The student only if it is for one; for more, it shows {@link Shows#OTHERS}
 * @param author     who made it; may be empty
 * @param licence    under what it may be used, such as CC BY 4.0; needed with {@link Origin#LICENCE}
 * @param source     where it is from, in words; may be empty
 */
public record OwnPicture(List<String> words, List<String> categories, Audience audience, @Nullable String student, Shows shows,
    Origin origin, String author, String licence, String source) {
    public static final int MOST_WORDS = 20;
    private static final int MOST_CATEGORIES = 20;
    private static final int LONGEST_CREDIT = 200;

    /** Who may put it on boards. */
    public enum Audience {
        /** The team of one student, for this student. */
        STUDENT,
        /** Whoever took it in, for any student. */
        MINE,
        /** Everybody at the school. */
        SCHOOL
    }

    /** Why the school may use it. */
    public enum Origin {
        OWN_PHOTO, LICENCE, PERMISSION
    }

    public OwnPicture {
        words = tidy(words);
        categories = tidy(categories).stream().map(c -> c.toLowerCase(Locale.ROOT)).distinct().toList();
        if (words.isEmpty()) {
            throw new Unacceptable("picture-without-word");
        }
        if (words.size() > MOST_WORDS || categories.size() > MOST_CATEGORIES) {
            throw new Unacceptable("picture-too-many-words", "words", MOST_WORDS, "categories", MOST_CATEGORIES);
        }
        words.forEach(w -> Text.atMost(60, "word", w));
        categories.forEach(c -> Text.atMost(40, "category", c));
        audience = audience == null ? Audience.MINE : audience;
        origin = origin == null ? Origin.OWN_PHOTO : origin;
        if ((audience == Audience.STUDENT) != (student != null)) {
            throw new Unacceptable(student == null ? "picture-for-whom" : "picture-for-one");
        }
        shows = shows == null || shows == Shows.NOT_SAID || shows == Shows.STUDENT && student == null ? Shows.OTHERS : shows;
        author = Text.tidy(author);
        licence = Text.tidy(licence);
        source = Text.tidy(source);
        Text.atMost(LONGEST_CREDIT, "picture_author", author);
        Text.atMost(LONGEST_CREDIT, "licence", licence);
        Text.atMost(LONGEST_CREDIT, "picture_source", source);
        if (origin == Origin.LICENCE && licence.isEmpty()) {
            throw new Unacceptable("picture-which-licence");
        }
    }

    /** What is known after the same file came again: the words and categories of both, the rest as it was told last. */
    public OwnPicture takenInAgain(OwnPicture now) {
        List<String> both = Stream.concat(words.stream(), now.words.stream()).distinct().limit(MOST_WORDS).toList();
        List<String> under = Stream.concat(categories.stream(), now.categories.stream()).distinct().limit(MOST_CATEGORIES).toList();
        return new OwnPicture(both, under, now.audience, now.student, now.shows, now.origin, now.author, now.licence, now.source);
    }

    private static List<String> tidy(List<String> words) {
        Set<String> kept = new LinkedHashSet<>();
        if (words != null) {
            words.stream().map(Text::tidy).filter(w -> !w.isEmpty()).forEach(kept::add);
        }
        return List.copyOf(kept);
    }

    /** The word a file's name says: {@code two_brown-goats.jpg} is "two brown goats". "picture" if it says none, as cameras' names do not. */
    public static String wordOf(@Nullable String fileName) {
        String name = Text.tidy(fileName);
        name = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
        name = name.replaceFirst("\\.[A-Za-z0-9]{1,5}$", "");
        String words = name.replaceAll("[_+.\\-]+", " ").replaceAll("(?<=\\p{Ll})(?=\\p{Lu})", " ").replaceAll("\\s*[(\\[]\\d+[)\\]]\\s*$", "")
            .replaceAll("\\s+", " ").trim();
        boolean camera = words.matches(
            "(?i)(img|dsc|dscn|dscf|pxl|photo|image|picture|screenshot|mvimg|p)?[\\s\\d]*(\\s*(at|copy|edited|burst|cover|hdr)?[\\s\\d]*)*") || words.isEmpty();
        if (camera) {
            return "picture";
        }
        String lower = words.equals(words.toUpperCase(Locale.ROOT)) && words.length() > 1 ? words.toLowerCase(Locale.ROOT) : words;
        return Text.cut(lower, 60);
    }
}
