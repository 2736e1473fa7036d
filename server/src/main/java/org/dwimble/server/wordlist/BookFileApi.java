package org.dwimble.server.wordlist;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.epub.EpubWriter;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.look.Colour;
import org.dwimble.core.obf.Media;
import org.dwimble.core.obf.ObfWriter;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.core.wordlist.kept.BookBoards;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.For;
import org.dwimble.server.job.JobApi;
import org.dwimble.server.job.Jobs;
import org.dwimble.server.leaving.Doors;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.picture.CreditView;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * A book as a file: as EPUB 3 for any reading program, or as a package of boards, a page each. What of it shows somebody leaves by the rule of all
 * that leaves.
 */
@RestController
class BookFileApi {
    private static final String EPUB = "application/epub+zip";
    private static final String PACKAGE = "application/zip";

    /** @param people true to take along photos that may show somebody */
    record BookFileRequest(@Nullable Boolean people) {
    }

    /** A book as it leaves. */
    private record Ready(ListStore.Kept kept, WordList leaves, Leaving leaving) {
    }

    private final ListAccess may;
    private final ListPaper paper;
    private final Doors doors;
    private final MediaStore media;
    private final Pictures pictures;
    private final Jobs jobs;
    private final Wording wording;
    private final Clock clock;

    BookFileApi(ListAccess may, ListPaper paper, Doors doors, MediaStore media, Pictures pictures, Jobs jobs, Wording wording, Clock clock) {
        this.may = may;
        this.paper = paper;
        this.doors = doors;
        this.media = media;
        this.pictures = pictures;
        this.jobs = jobs;
        this.wording = wording;
        this.clock = clock;
    }

    @For(Act.TAKE)
    @PostMapping("/api/lists/{list}/epub")
    @Bounded("WORDS")
    JobApi.JobView epub(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestBody BookFileRequest request) {
        Ready book = ready(account, list, request);
        return job(account, book, "job-epub", (out, progress) -> {
            Media from = media.reading(appearance(book.kept), book.leaving);
            EpubWriter.write(book(book.kept.id(), book.leaves), id -> from.find(id).map(item -> new EpubWriter.Picture(item.bytes(), item.contentType())), out);
            return Jobs.Result.file(book.leaves.name() + ".epub", EPUB);
        });
    }

    @For(Act.TAKE)
    @PostMapping("/api/lists/{list}/package")
    @Bounded("WORDS")
    JobApi.JobView asBoards(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestBody BookFileRequest request) {
        Ready book = ready(account, list, request);
        Vocabulary boards = BookBoards.of(book.leaves);
        return job(account, book, "job-book-package", (out, progress) -> {
            new ObfWriter(media.reading(appearance(book.kept), book.leaving)).obz(boards, out);
            return Jobs.Result.file(book.leaves.name() + ".obz", PACKAGE);
        });
    }

    private Ready ready(Account account, long list, BookFileRequest request) {
        Leaving leaving = leaving(account, list, Boolean.TRUE.equals(request.people()));
        ListStore.Kept kept = may.toList(list, account).kept();
        WordList leaves = doors.ready(kept.list(), leaving).list();
        if (leaves.shown().isEmpty()) {
            throw new Unacceptable("epub-empty");
        }
        ListPaper.bounded(leaves, Limits.WORDS, true);
        return new Ready(kept, leaves, leaving);
    }

    private Leaving leaving(Account account, long list, boolean people) {
        return doors.out(Leaving.Whither.PACKAGE, new Leaving.Answer(people, people, true, false, Leaving.Instead.DRAWN), account, Thing.list(list));
    }

    private JobApi.JobView job(Account account, Ready book, String what, Jobs.Work work) {
        return JobApi.JobView.of(jobs.start(account.id(), paper.needs(book.kept, account), wording.of(Told.of(what, "name", book.leaves.name())), work));
    }

    private Appearance appearance(ListStore.Kept kept) {
        Student student = paper.student(kept);
        return student == null ? Appearance.USUAL : student.appearance();
    }

    private EpubWriter.Book book(long id, WordList list) {
        List<EpubWriter.Page> pages = list.shown().stream().map(w -> new EpubWriter.Page(w.text(), w.pictures())).toList();
        List<String> whose = CreditView.of(pictures.creditsOf(list.pictures()), wording).stream()
            .map(c -> wording.of(Told.of("epub-whose", "pictures", c.pictures(), "source", c.source(), "author", orNone(c.author()), "licence",
                orNone(c.licence()))))
            .toList();
        String same = UUID.nameUUIDFromBytes(("dwimble list " + id + " " + list.name()).getBytes(StandardCharsets.UTF_8)).toString();
        Colour behind = list.showing().book().paper();
        return new EpubWriter.Book("urn:uuid:" + same, list.name(), list.language(), clock.instant(), behind == null ? null : behind.hex(), pages, whose);
    }

    private static String orNone(String text) {
        return text.isEmpty() ? "none" : text;
    }
}
