package org.dwimble.server.pointing;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.sheet.BoardSheet;
import org.dwimble.core.sheet.Page;
import org.dwimble.core.sheet.TickList;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.School;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.leaving.Doors;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.limit.Turns;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.sheet.BoardFont;
import org.dwimble.server.sheet.PdfPainter;
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

/** Sheets to point at, with cells as large as on the student’s screen, and lists to tick. */
@RestController
@RequestMapping("/api/students/{student}/pointing")
class PointingSheetApi {
    private static final int TRUE_SIZE = 100;

    private final PointingPictures pictures;
    private final VocabularyStore store;
    private final StudentStore students;
    private final MediaStore media;
    private final Pictures known;
    private final Doors doors;
    private final BoardFont font;
    private final Wording wording;
    private final School school;
    private final Turns turns;

    PointingSheetApi(PointingPictures pictures, VocabularyStore store, StudentStore students, MediaStore media, Pictures known, Doors doors,
        BoardFont font, Wording wording, School school, Turns turns) {
        this.pictures = pictures;
        this.store = store;
        this.students = students;
        this.media = media;
        this.known = known;
        this.doors = doors;
        this.font = font;
        this.wording = wording;
        this.school = school;
        this.turns = turns;
    }

    /** The same targets as on the screen, for the same seed. */
    @For(Act.PRINT)
    @GetMapping(value = "/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Bounded({"SHEETS_AT_ONCE", "LAYING_SECONDS"})
    ResponseEntity<byte[]> sheet(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestParam List<String> grid,
        @RequestParam int count, @RequestParam long seed) throws IOException {
        Student who = students.find(student).orElseThrow(() -> Problem.notFound("student"));
        if (grid.isEmpty() || grid.size() > PointingApi.MOST_SIZES) {
            throw new Unacceptable("pointing-sizes", "most", PointingApi.MOST_SIZES);
        }
        List<Shape> shapes = grid.stream().map(PointingApi::shape).toList();
        PointingPictures.Chosen chosen = pictures.of(student);
        Leaving leaving = doors.paper(null, account, Thing.student(student));
        String title = who.name() + ", " + wording.of(Told.of("pointing-sheet"));
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF)
            .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(title + ".pdf", StandardCharsets.UTF_8).build().toString())
            .body(turns.lay(account.id(), () -> {
                List<Page> pages = new ArrayList<>();
                for (Shape shape : shapes) {
                    pages.addAll(pages(who, shape, chosen, count, seed, leaving));
                }
                Unacceptable.ifMore("paper-sheets", pages.size(), Limits.SHEETS_AT_ONCE);
                return PdfPainter.paint(List.of(new PdfPainter.Part(font.shaped(pages), media.reading(who.appearance(), leaving))), title);
            }));
    }

    private List<Page> pages(Student who, Shape shape, PointingPictures.Chosen chosen, int count, long seed, Leaving leaving) {
        List<PointingApi.TargetView> fills = PointingApi.fills(shape, chosen, seed);
        List<Button> buttons = new ArrayList<>();
        for (PointingApi.TargetView fill : fills) {
            buttons.add(Button.word("cell " + fill.cell(), fill.cell(), fill.label(), fill.picture(), null));
        }
        Board filled = Board.empty("sheet", wording.of(Told.of("pointing-sheet")), shape).withButtons(buttons);
        Vocabulary bare = Vocabulary.of(who.name(), "sheet", "en", List.of(filled));
        Vocabulary ready = doors.ready(chosen.vocabulary() == null ? bare
            : bare.with(store.there(Objects.requireNonNull(chosen.vocabulary())).vocabulary().whole().withHome("sheet")), leaving).vocabulary();
        BoardSheet.Setup setup = new BoardSheet.Setup(school.paper(), who.screen().width().compareTo(who.screen().height()) >= 0, BoardSheet.Size.SCREEN,
            TRUE_SIZE, false, BoardSheet.Ink.FULL, who.screen());
        String credits = known.credits(List.of(filled)).onPaper().map(wording::of).orElse("");
        String footer = who.name() + " · " + wording.of(Told.of("pointing-sheet-number", "number", seed)) + " · " + shape.rows() + " x " + shape.columns()
            + (credits.isEmpty() ? "" : " · " + credits);
        List<Page> pages = new ArrayList<>(BoardSheet.lay(ready.homeBoard(), ready.whole(), b -> true, setup, footer, font));
        List<String> lines = PointingApi.cells(shape, count, seed).stream().map(c -> line(c, fills.get(c.row() * shape.columns() + c.column()))).toList();
        pages.addAll(TickList.lay(wording.of(Told.of("pointing-title", "name", who.name(), "rows", shape.rows(), "columns", shape.columns())), lines,
            List.of(wording.of(Told.of("pointing-pointed")), wording.of(Told.of("pointing-beside")), wording.of(Told.of("pointing-elsewhere"))),
            school.paper(), footer, font));
        return pages;
    }

    private String line(Cell cell, PointingApi.TargetView target) {
        return wording.of(target.label().isEmpty() ? Told.of("pointing-line-plain", "row", cell.row() + 1, "column", cell.column() + 1)
            : Told.of("pointing-line", "label", target.label(), "row", cell.row() + 1, "column", cell.column() + 1));
    }
}
