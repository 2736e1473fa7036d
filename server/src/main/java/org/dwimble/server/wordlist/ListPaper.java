package org.dwimble.server.wordlist;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Need;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.obf.Media;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.student.Student;
import org.dwimble.core.support.Laid;
import org.dwimble.core.support.Material;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.core.wordlist.ClassRow;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.OnBoards;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.sheet.BoardFont;
import org.dwimble.server.sheet.PdfPainter;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A list laid on paper for whom it is printed: once, or for each student of the class with that student's photo, pictures and boards. */
@Component
class ListPaper {
    /** Marks of sheets that are leafed through. */
    private static final int MOST_LEAFED = 600_000;
    private static final Duration LEAFED = Duration.ofMinutes(1);

    private final StudentStore students;
    private final Rights rights;
    private final VocabularyStore store;
    private final MediaStore media;
    private final Pictures pictures;
    private final BoardFont font;
    private final Turns turns;
    private final Wording wording;

    ListPaper(StudentStore students, Rights rights, VocabularyStore store, MediaStore media, Pictures pictures, BoardFont font, Turns turns, Wording wording) {
        this.students = students;
        this.rights = rights;
        this.store = store;
        this.media = media;
        this.pictures = pictures;
        this.font = font;
        this.turns = turns;
        this.wording = wording;
    }

    /** What is printed for one student, or for all. @param student null if it is nobody of the school */
    record Printed(Laid laid, @Nullable Student student) {
        Appearance appearance() {
            return student == null ? Appearance.USUAL : student.appearance();
        }
    }

    /**
     * What a list that is leafed through depends on: it is laid once, and not for each sheet that is looked at.
     *
     * @param boards of the students it is printed for, with the version of each
     */
    private record Leafed(long list, int version, long account, WordList seen, List<Student> students, Map<String, Integer> boards) {
    }

    private final Cache<Leafed, List<Printed>> leafed = Caffeine.newBuilder().maximumWeight(MOST_LEAFED)
        .weigher((Leafed key, List<Printed> printed) -> printed.stream().flatMap(p -> p.laid.pages().stream()).mapToInt(p -> 1 + p.marks().size()).sum())
        .expireAfterWrite(LEAFED).build();

    /** For each student of the class in class order, or once for all; within a request, and so in a turn and bounded. */
    List<Printed> printed(ListStore.Kept kept, Account account) {
        bounded(kept.list(), Limits.WORDS_AT_ONCE, false);
        Whom whom = new Whom(kept, account);
        Leafed key = new Leafed(kept.id(), kept.version(), account.id(), kept.list(), List.copyOf(whom.known.values()), whom.versions());
        List<Printed> known = leafed.getIfPresent(key);
        if (known != null) {
            return known;
        }
        List<Printed> laid = turns.lay(account.id(), () -> lay(kept, whom));
        leafed.put(key, laid);
        return laid;
    }

    /** The same as a piece of work. @param goOn throws once the work is ended */
    List<Printed> printed(ListStore.Kept kept, Account account, Runnable goOn) {
        return turns.layAsWork(goOn, () -> lay(kept, new Whom(kept, account)));
    }

    /** Of the first words of the list, for its student or nobody in particular. */
    Material beginning(ListStore.Kept kept, Account account, int words) {
        return new Whom(kept, account).material().beginning(words);
    }

    /** Told before anything is laid. @throws Unacceptable if more words would be printed than may be @param work whether it is a piece of work */
    static void bounded(WordList list, int most, boolean work) {
        long words = list.words().stream().mapToLong(ListedWord::times).sum() * Math.max(1, list.rows().size());
        if (words > most) {
            throw new Unacceptable("paper-words", "most", most, "has", words, "work", String.valueOf(work));
        }
    }

    private List<Printed> lay(ListStore.Kept kept, Whom whom) {
        WordList list = kept.list();
        if (list.rows().isEmpty()) {
            return List.of(new Printed(list.support().lay(whom.material()), student(kept)));
        }
        return list.rows().stream().map(row -> new Printed(list.support().lay(whom.material(row)), whom.known.get(row.student()))).toList();
    }

    /** Whom a list is printed for, and what is known of each: looked up once, however often a student stands in the class. */
    private final class Whom {
        private final ListStore.Kept kept;
        private final Account account;
        private final Map<String, Student> known = new LinkedHashMap<>();
        private final Map<String, Optional<VocabularyStore.Kept>> boards = new LinkedHashMap<>();
        private final Map<String, Guesses> guesses = new HashMap<>();
        private final Map<Set<String>, String> credits = new HashMap<>();

        Whom(ListStore.Kept kept, Account account) {
            this.kept = kept;
            this.account = account;
            Stream.concat(Stream.ofNullable(kept.student()), kept.list().rows().stream().map(ClassRow::student).filter(Objects::nonNull)).distinct()
                .forEach(id -> students.find(id).ifPresent(student -> {
                    known.put(id, student);
                    boards.put(id, boardsOf(id));
                }));
        }

        Map<String, Integer> versions() {
            Map<String, Integer> versions = new LinkedHashMap<>();
            boards.forEach((id, of) -> versions.put(id, of.map(VocabularyStore.Kept::version).orElse(0)));
            return versions;
        }

        Material material() {
            Student student = known.get(kept.student());
            return material(kept.list(), kept.student(), student == null ? null : student.name());
        }

        Material material(ClassRow row) {
            return material(kept.list().forRow(row), row.student(), row.name()).withPhoto(row.photo());
        }

        /** @param name at the foot; null for none */
        private Material material(WordList list, @Nullable String student, @Nullable String name) {
            String credit = credits.computeIfAbsent(list.pictures(), pictured -> pictures.creditsOf(pictured).onPaper().map(wording::of).orElse(""));
            Guesses guess = guesses.computeIfAbsent(String.valueOf(student), id -> pictures.guesses(account, student));
            Optional<Vocabulary> seen = student == null ? Optional.empty()
                : boards.getOrDefault(student, Optional.empty()).map(VocabularyStore.Kept::vocabulary);
            return seen.map(list::as).orElse(list).material(font, list.name() + (name == null ? "" : " · " + name) + (credit.isEmpty() ? "" : " · " + credit),
                guess::overWord, seen.<Material.Ways>map(OnBoards::new).orElse(Material.Ways.NONE));
        }
    }

    /** The list, and those students of the class whose photos and pictures this person sees. */
    List<Need> needs(ListStore.Kept kept, Account account) {
        Stream<String> pupils = kept.list().rows().stream().map(ClassRow::student)
            .filter(student -> student != null && rights.may(account, Act.LOOK, Thing.student(student)));
        return Stream
            .concat(Stream.of(new Need(Act.PRINT, Thing.list(kept.id()))), pupils.distinct().map(student -> new Need(Act.LOOK, Thing.student(student))))
            .toList();
    }

    /** Those pages of all that are printed, in one document. @param from first page, from 1 @param to last page; more than there are for the last one */
    byte[] pdf(List<Printed> printed, Leaving leaving, Account account, int from, int to, String title) throws IOException {
        int pages = printed.stream().mapToInt(p -> p.laid.pages().size()).sum();
        int first = Math.max(1, Math.min(from, pages));
        return turns.lay(account.id(), () -> PdfPainter.paint(within(parts(printed, leaving), first, Math.max(first, Math.min(to, pages))), title));
    }

    /** In one document; who sees pictures alike has the very same ones, which are drawn once. Pages are shaped as they are looked at. */
    List<PdfPainter.Part> parts(List<Printed> printed, Leaving leaving) {
        Map<Appearance, Media> seen = new HashMap<>();
        return printed.stream().map(p -> new PdfPainter.Part(font.shaped(p.laid.pages()),
            seen.computeIfAbsent(p.appearance(), appearance -> media.reading(appearance, leaving)))).toList();
    }

    /** The pages from one to another, both included, in their parts. */
    private static List<PdfPainter.Part> within(List<PdfPainter.Part> parts, int first, int last) {
        List<PdfPainter.Part> some = new ArrayList<>();
        int before = 0;
        for (PdfPainter.Part part : parts) {
            int size = part.pages().size();
            int from = Math.max(0, first - 1 - before);
            int to = Math.min(size, last - before);
            if (from < to) {
                some.add(new PdfPainter.Part(part.pages().subList(from, to), part.media()));
            }
            before += size;
        }
        return some;
    }

    @Nullable
    Student student(ListStore.Kept kept) {
        return kept.student() == null ? null : students.find(kept.student()).orElse(null);
    }

    /** The boards a student works with: those that changed last. */
    Optional<VocabularyStore.Kept> boardsOf(String student) {
        return store.ofStudent(student).stream().findFirst().flatMap(v -> store.find(v.id()));
    }
}
