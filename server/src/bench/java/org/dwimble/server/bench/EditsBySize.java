package org.dwimble.server.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.student.StudentStore;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/** What an edit takes on a small and on a large vocabulary, in turns, over HTTP and on disk: it should be the work of what changed. */
final class EditsBySize {
    private static final int ROUNDS = 300;
    private static final int WARM_UP = 60;

    private EditsBySize() {
    }

    public static void main(String[] arguments) throws Exception {
        Path home = Files.createTempDirectory("dwimble-edits");
        try (ServletWebServerApplicationContext app = TestServer.inEarnest(home)) {
            Account odile = app.getBean(AccountStore.class).create("odile", "Odile", "", TestServer.PASSWORD, true);
            Student ilse = new Student("ilse", "Ilse", 1, "", UsualScreen.COMMON.screen(), Appearance.USUAL);
            app.getBean(StudentStore.class).add(ilse, odile.id());
            VocabularyStore store = app.getBean(VocabularyStore.class);
            long small = store.create(boards(19), ilse.id(), odile.id(), Instant.now(), Told.of("copied", "name", "bench"));
            long large = store.create(boards(300), ilse.id(), odile.id(), Instant.now(), Told.of("copied", "name", "bench"));
            Http http = Http.as(odile, app.getWebServer().getPort());
            List<Double> onSmall = new ArrayList<>();
            List<Double> onLarge = new ArrayList<>();
            for (int round = 1; round <= ROUNDS; round++) {
                double one = edit(http, small, round);
                double other = edit(http, large, round);
                if (round > WARM_UP) {
                    onSmall.add(one);
                    onLarge.add(other);
                }
            }
            System.out.printf("| an edit answered, on disk, over HTTP, in turns on 19 boards and on 300 | %.1f and %.1f ms, %.2f times | 1.5 times |%n",
                median(onSmall), median(onLarge), median(onLarge) / median(onSmall));
        }
    }

    private static double median(List<Double> readings) {
        Collections.sort(readings);
        return readings.get(readings.size() / 2);
    }

    private static double edit(Http http, long vocabulary, int version) {
        long begin = System.nanoTime();
        Http.Answer answer = http.post("/api/vocabularies/" + vocabulary + "/edits",
            "{\"base\":%d,\"edit\":{\"type\":\"give-label\",\"board\":\"b7\",\"button\":\"b7-5\",\"label\":\"word %d\"}}".formatted(version, version));
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.status() + " " + answer.sentence());
        }
        return (System.nanoTime() - begin) / 1e6;
    }

    /** Boards of 60 buttons, each with a way home and ways to two more. */
    private static Vocabulary boards(int count) {
        List<Board> boards = new ArrayList<>();
        for (int b = 0; b < count; b++) {
            List<Button> buttons = new ArrayList<>();
            buttons.add(Button.leading("b" + b + "-home", new Cell(5, 9), "home", "base/house-with-garden", Leads.HOME));
            for (int i = 0; i < 59; i++) {
                String id = "b" + b + "-" + i;
                Cell cell = new Cell(i / 10, i % 10);
                int opens = 2 * b + 1 + i;
                buttons.add(i < 2 && opens < count ? Button.leading(id, cell, "more " + opens, null, new Leads.Opens("b" + opens))
                    : Button.word(id, cell, "word " + b + " " + i, "base/crab", Kind.THING));
            }
            boards.add(Board.empty("b" + b, "Board " + b, new Shape(6, 10)).with(buttons));
        }
        return Vocabulary.of("Large", "b0", "en", boards);
    }
}
