package org.dwimble.server.obf;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.edit.words.WithoutPictures;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Need;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.obf.ObfReader;
import org.dwimble.core.obf.ObfWriter;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.route.Routes;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordlist.kept.BookBoards;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.collection.SaidOfMedia;
import org.dwimble.server.database.Database;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.job.JobApi;
import org.dwimble.server.job.Jobs;
import org.dwimble.server.job.Progress;
import org.dwimble.server.leaving.Doors;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.dwimble.server.wordlist.ListStore;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

@RestController
class PackageApi {
    static final String OBZ = "application/zip";

    /**
     * @param vocabulary that came; null where a book came
     * @param book       the list that came; null where boards came
     * @param boards     how many, or pages of the book
     * @param findings   what was mended or left out, each a sentence
     */
    record BroughtIn(@Nullable Long vocabulary, @Nullable Long book, String name, int boards, int buttons, List<String> findings) {
    }

    private final VocabularyStore store;
    private final ListStore lists;
    private final MediaStore media;
    private final Database database;
    private final StudentStore students;
    private final Wording wording;
    private final Clock clock;
    private final Jobs jobs;
    private final Turns turns;
    private final Doors doors;
    private final JsonMapper json;
    /** A package needs memory while it is taken apart; so many at once need no more than one. */
    private final Semaphore oneByOne = new Semaphore(1, true);

    PackageApi(VocabularyStore store, ListStore lists, MediaStore media, Database database, StudentStore students, Wording wording, Clock clock, Doors doors,
        Jobs jobs, Turns turns, JsonMapper json) {
        this.turns = turns;
        this.doors = doors;
        this.wording = wording;
        this.store = store;
        this.lists = lists;
        this.media = media;
        this.database = database;
        this.students = students;
        this.clock = clock;
        this.jobs = jobs;
        this.json = json;
    }

    /**
     * What whoever carries boards away said to what was asked.
     *
     * @param student true to take along pictures of the student, and his or her voice; else they stay
     * @param others  true to take along pictures and voices that may be somebody else's; else they stay
     * @param name    false to leave behind the name the vocabulary has, as it may name the student; else it goes along
     * @param notes   true to take along why words are held; else it stays
     * @param instead what stands where a picture stays; a drawn symbol if nothing is said
     */
    record Along(@Nullable Boolean student, @Nullable Boolean others, @Nullable Boolean name, @Nullable Boolean notes, Leaving.@Nullable Instead instead) {
        static final Along NOTHING_SAID = new Along(null, null, null, null, null);

        Leaving.Answer answer() {
            return new Leaving.Answer(Boolean.TRUE.equals(student), Boolean.TRUE.equals(others), !Boolean.FALSE.equals(name), Boolean.TRUE.equals(notes),
                instead == null
                    ? Leaving.Instead.DRAWN : instead);
        }
    }

    /**
     * What is asked before boards are carried away.
     *
     * @param student how many pictures and voices are the student's
     * @param others  how many may be somebody else's
     * @param staying how many stay, as only who changes these boards may say that they go along
     * @param reasons how many words are held for a reason that could go along
     * @param name    under which they would go along
     */
    record CarriesView(int student, int others, int staying, int reasons, String name) {
    }

    /** @param board of one board alone; none for all */
    @For(Act.TAKE)
    @GetMapping("/api/vocabularies/{vocabulary}/carrying-away")
    CarriesView carries(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(required = false) @Nullable String board) {
        Vocabulary kept = store.there(vocabulary).vocabulary();
        Collection<Board> boards = board == null ? kept.boards().values() : List.of(kept.board(board).orElseThrow(() -> Problem.notFound("board")));
        Leaving.Count count = doors.count(boards, leaving(account, vocabulary, Along.NOTHING_SAID));
        int reasons = (int) boards.stream().flatMap(b -> b.buttons().stream()).map(b -> b.shown().hold())
            .filter(hold -> hold != null && !hold.forOthers().reason().isEmpty()).count();
        return new CarriesView(count.student(), count.others(), count.staying(), reasons, kept.name());
    }

    private Leaving leaving(Account account, long vocabulary, Along along) {
        return doors.out(Leaving.Whither.PACKAGE, along.answer(), account, Thing.vocabulary(vocabulary));
    }

    @For(Act.TAKE)
    @GetMapping(value = "/api/vocabularies/{vocabulary}/package.obz", produces = OBZ)
    @Bounded({"PACKAGE_SENT_BYTES", "FILES_AT_ONCE"})
    ResponseEntity<StreamingResponseBody> vocabularyPackage(@AuthenticationPrincipal Account account, @PathVariable long vocabulary,
        @ParameterObject Along along) {
        Leaving leaving = leaving(account, vocabulary, along);
        Vocabulary kept = doors.ready(store.there(vocabulary).vocabulary(), leaving).vocabulary();
        Appearance appearance = appearance(vocabulary);
        Set<String> own = kept.boards().values().stream().flatMap(b -> b.media().stream()).collect(Collectors.toSet());
        Unacceptable.ifMore("package-as-work", media.bytesOf(own) >> 20, Limits.PACKAGE_SENT_BYTES >> 20);
        return attachment(kept.name() + ".obz", MediaType.parseMediaType(OBZ)).body(out -> turns.file(account.id(), () -> {
            new ObfWriter(media.reading(appearance, leaving)).obz(kept, out);
            return out;
        }));
    }

    /** The same package as a piece of work. */
    @For(Act.TAKE)
    @PostMapping("/api/vocabularies/{vocabulary}/carrying-away")
    @Bounded("WORKS_OF_ONE_PERSON")
    JobApi.JobView carryAway(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody(required = false) @Nullable Along along) {
        Leaving leaving = leaving(account, vocabulary, along == null ? Along.NOTHING_SAID : along);
        WithoutPictures.Made made = doors.ready(store.there(vocabulary).vocabulary(), leaving);
        Vocabulary kept = made.vocabulary();
        Appearance appearance = appearance(vocabulary);
        return JobApi.JobView
            .of(jobs.start(account.id(), List.of(new Need(Act.TAKE, Thing.vocabulary(vocabulary))), wording.of(Told.of("job-carry-away", "name", kept.name())),
                (out, progress) -> {
                    new ObfWriter(media.reading(appearance, leaving)).obz(kept, out);
                    return new Jobs.Result(kept.name() + ".obz", OBZ, doors.told(made.left(), leaving).orElse(null));
                }));
    }

    /** Brings a package or a board in as a piece of work; what came in is told as JSON, as {@link BroughtIn}. */
    @For(Act.CHANGE)
    @PostMapping(value = "/api/students/{student}/bringing-in", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Bounded({"PACKAGE_BYTES", "WORKS_OF_ONE_PERSON"})
    JobApi.JobView bringInBeside(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestParam MultipartFile file) throws IOException {
        return work(account, student, List.of(new Need(Act.CHANGE, Thing.student(student))), file);
    }

    private JobApi.JobView work(Account account, @Nullable String student, List<Need> needs, MultipartFile file) throws IOException {
        String name = name(file);
        Path copy = Files.createTempFile("dwimble-", ".package");
        try (InputStream in = file.getInputStream()) {
            Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
            return JobApi.JobView
                .of(jobs.start(account.id(), needs, wording.of(Told.of("job-bring-in", "name", name)),
                    new Jobs.Work() {
                        @Override
                        public Jobs.Result run(OutputStream out, Progress progress) throws Exception {
                            try {
                                return new Jobs.Result(null, null, json.writeValueAsString(bringIn(copy, name, student, account, progress)));
                            } finally {
                                never();
                            }
                        }

                        @Override
                        public void never() {
                            try {
                                Files.deleteIfExists(copy);
                            } catch (IOException e) {
                                throw new UncheckedIOException(e);
                            }
                        }
                    }));
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(copy);
            throw e;
        }
    }

    /** Brings a package or a board in as a bundle on the shelf of one's own, as a piece of work: from there its boards are brought where they are wanted. */
    @ForSignedIn("on the shelf of this person’s own")
    @PostMapping(value = "/api/bundles/bringing-in", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Bounded({"PACKAGE_BYTES", "WORKS_OF_ONE_PERSON"})
    JobApi.JobView bringInBundle(@AuthenticationPrincipal Account account, @RequestParam MultipartFile file) throws IOException {
        return work(account, null, List.of(), file);
    }

    private static String name(MultipartFile file) {
        String name = Text.cut(Text.tidy(file.getOriginalFilename()), 80);
        return name.isEmpty() ? "the file" : name;
    }

    @For(Act.TAKE)
    @GetMapping(value = "/api/vocabularies/{vocabulary}/boards/{board}/board.obf", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Bounded({"BOARD_FILE_BYTES", "WORKS_AT_ONCE"})
    ResponseEntity<byte[]> boardFile(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board,
        @ParameterObject Along along) {
        Leaving leaving = leaving(account, vocabulary, along);
        Vocabulary kept = doors.ready(store.there(vocabulary).vocabulary(), leaving).vocabulary();
        Board found = kept.board(board).orElseThrow(() -> Problem.notFound("board"));
        Unacceptable.ifMore("board-as-package", media.bytesOf(found.media()) >> 20, Limits.BOARD_FILE_BYTES >> 20);
        return attachment(found.name() + ".obf", MediaType.APPLICATION_OCTET_STREAM)
            .body(turns.take(account.id(), () -> new ObfWriter(media.reading(appearance(vocabulary), leaving)).obf(found, kept)));
    }

    /** Brings a package or a board in as a new vocabulary of a student: as a whole, or not at all. */
    @For(Act.CHANGE)
    @PostMapping(value = "/api/students/{student}/packages", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Bounded({"PACKAGE_AT_ONCE_BYTES", "FILES_AT_ONCE"})
    BroughtIn bringIn(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestParam MultipartFile file) throws IOException, Refused {
        Unacceptable.ifMore("package-in-as-work", file.getSize() >> 20, Limits.PACKAGE_AT_ONCE_BYTES >> 20);
        Path copy = Files.createTempFile("dwimble-", ".package");
        try (InputStream in = file.getInputStream()) {
            Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
            return turns.<BroughtIn, Exception>file(account.id(), () -> bringIn(copy, name(file), student, account, Progress.UNTOLD));
        } catch (IOException | Refused | RuntimeException e) {
            throw e;
        } catch (Exception never) {
            throw new IllegalStateException(never);
        } finally {
            Files.deleteIfExists(copy);
        }
    }

    private BroughtIn bringIn(Path file, String name, @Nullable String student, Account account, Progress progress) throws IOException, Refused {
        oneByOne.acquireUninterruptibly();
        try (MediaStore.Incoming incoming = media.incoming()) {
            ObfReader.Read read = new ObfReader(incoming, Limits.PACKAGE).read(file, name);
            progress.told(1, 2);
            incoming.keepIn(database);
            Told told = Told.of("brought-in", "file", Text.cut(name, 60));
            BookBoards.Came book = BookBoards.read(read.vocabulary()).orElse(null);
            long id = kept(incoming, session -> {
                incoming.stillIn(session);
                SaidOfMedia.cameWithPackage(session, incoming.hashes(), student, account);
                if (book == null && student == null) {
                    return store.bundle(session, read.vocabulary(), account.id(), clock.instant(), told);
                }
                return book == null ? store.create(session, read.vocabulary(), Objects.requireNonNull(student), account.id(), clock.instant(), told)
                    : lists.create(session, book.book(), student, null, account.id(), clock.instant(), told);
            });
            List<String> findings = new ArrayList<>(read.findings().stream().map(wording::of).toList());
            if (book != null) {
                book.left().stream().map(wording::of).forEach(findings::add);
                return new BroughtIn(null, id, book.book().name(), book.book().words().size(), 0, findings);
            }
            int loose = Routes.of(read.vocabulary()).looseEnds().size();
            if (loose > 0) {
                findings.add(wording.of(Told.of("found-loose-ends", "count", loose)));
            }
            int buttons = read.vocabulary().boards().values().stream().mapToInt(b -> b.buttons().size()).sum();
            return new BroughtIn(id, null, read.vocabulary().name(), read.vocabulary().boards().size(), buttons, findings);
        } catch (Unacceptable e) {
            throw new Refused("package-refused", "file", name, "why", e.told());
        } finally {
            oneByOne.release();
        }
    }

    /** The boards; if they are not kept, nothing stays of their pictures either. */
    private long kept(MediaStore.Incoming incoming, Database.Work<Long, RuntimeException> boards) {
        boolean kept = false;
        try {
            long id = database.write(boards);
            kept = true;
            return id;
        } finally {
            if (!kept) {
                incoming.takeBack(database);
            }
        }
    }

    /** A package shows the student's pictures as the student sees them. */
    private Appearance appearance(long vocabulary) {
        String student = store.find(vocabulary).orElseThrow().student();
        return student == null ? Appearance.USUAL : students.find(student).orElseThrow().appearance();
    }

    private static ResponseEntity.BodyBuilder attachment(String name, MediaType type) {
        String safe = name.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", " ").trim();
        return ResponseEntity.ok().contentType(type).header(HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(safe, StandardCharsets.UTF_8).build().toString());
    }
}
