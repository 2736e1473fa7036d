package org.dwimble.server.sheet;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.measure.Length;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.sheet.BoardSheet;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.sheet.Paper;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.Access;
import org.dwimble.core.student.Student;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One board on one sheet: as a page to preview, and as PDF. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/boards/{board}")
class SheetApi {
    /** A page as it is sent. @param notes what a person should know about it */
    record SheetView(Length width, Length height, List<Mark> marks, List<String> notes) {
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final MediaStore media;
    private final Pictures pictures;
    private final Access access;
    private final BoardFont font;
    private final Wording wording;

    SheetApi(VocabularyStore store, StudentStore students, MediaStore media, Pictures pictures, Access access, BoardFont font, Wording wording) {
        this.store = store;
        this.students = students;
        this.media = media;
        this.pictures = pictures;
        this.access = access;
        this.font = font;
        this.wording = wording;
    }

    @GetMapping("/sheet")
    SheetView sheet(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board,
        @RequestParam(defaultValue = "A4") Paper paper,
               @RequestParam(defaultValue = "true") boolean lyingDown, @RequestParam(defaultValue = "SCREEN") BoardSheet.Size size,
                   @RequestParam(defaultValue = "false") boolean cutLines) {
        access.toVocabulary(vocabulary, account);
        Page page = lay(store.there(vocabulary), board, paper, lyingDown, size, cutLines);
        return new SheetView(page.width(), page.height(), page.marks(), page.notes().stream().map(wording::of).toList());
    }

    @GetMapping(value = "/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheetPdf(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board,
        @RequestParam(defaultValue = "A4") Paper paper,
                                    @RequestParam(defaultValue = "true") boolean lyingDown, @RequestParam(defaultValue = "SCREEN") BoardSheet.Size size,
                                    @RequestParam(defaultValue = "false") boolean cutLines) throws IOException {
        access.toVocabulary(vocabulary, account);
        VocabularyStore.Kept kept = store.there(vocabulary);
        Page page = lay(kept, board, paper, lyingDown, size, cutLines);
        String title = kept.vocabulary().name() + ", " + board(kept, board).name();
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF)
            .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(title + ".pdf", StandardCharsets.UTF_8).build().toString())
            .body(PdfPainter.paint(List.of(page), title, media.reading(appearance(kept))));
    }

    private Page lay(VocabularyStore.Kept kept, String board, Paper paper, boolean lyingDown, BoardSheet.Size size, boolean cutLines) {
        Board found = board(kept, board);
        Screen screen = kept.student() == null ? UsualScreen.COMMON.screen() : students.find(kept.student()).map(Student::screen).orElseThrow();
        String credits = pictures.credits(List.of(found)).onPaper();
        String footer = kept.vocabulary().name() + " · " + found.name() + (credits.isEmpty() ? "" : " · " + credits);
        return font.shaped(BoardSheet.lay(found, kept.vocabulary().whole(), Revealed.of(kept.vocabulary())::shows, new BoardSheet.Setup(paper, lyingDown, size,
            cutLines, screen), footer, font));
    }

    private Appearance appearance(VocabularyStore.Kept kept) {
        return kept.student() == null ? Appearance.USUAL : students.find(kept.student()).orElseThrow().appearance();
    }

    private static Board board(VocabularyStore.Kept kept, String board) {
        return kept.vocabulary().board(board).orElseThrow(() -> Problem.notFound("board"));
    }
}
