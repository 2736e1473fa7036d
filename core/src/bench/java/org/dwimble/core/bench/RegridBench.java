package org.dwimble.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.passage.Passage;
import org.dwimble.core.passage.Sayable;
import org.dwimble.core.regrid.Onto;
import org.dwimble.core.regrid.Regrid;
import org.dwimble.core.regrid.Regridded;
import org.dwimble.core.regrid.Weights;
import org.dwimble.core.regrid.WordTopics;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.words.Forms;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** What people wait for when boards are laid on another grid and a text is read: 300 boards of 60 buttons, and one of 12 x 12. */
@State(Scope.Benchmark)
public class RegridBench {
    private static final int BOARDS = 300;
    private static final int BUTTONS = 60;
    private static final int WIDE = 10;
    private static final int FULL = 12;
    private static final int WORDS = 5_000;

    private Vocabulary all;
    private Vocabulary one;
    private List<String> ids;
    private String text;
    private Sayable sayable;
    private final Forms forms = Forms.english();

    @Setup
    public void boards() {
        List<Board> boards = new ArrayList<>();
        for (int b = 0; b < BOARDS; b++) {
            boards.add(board("b" + b, BUTTONS, new Shape(BUTTONS / WIDE + 1, WIDE), b));
        }
        all = Vocabulary.of("all", "b0", "en", boards);
        one = Vocabulary.of("one", "full", "en", List.of(board("full", FULL * FULL, new Shape(FULL, FULL), 0)));
        ids = List.copyOf(all.boards().keySet());
        Random random = new Random(1);
        StringBuilder written = new StringBuilder();
        for (int i = 0; i < WORDS; i++) {
            written.append(random.nextInt(2) == 0 ? "other" : "word").append(letters(random.nextInt(BOARDS * BUTTONS))).append(i % 12 == 11 ? ". " : " ");
        }
        text = written.toString();
        sayable = sayable();
    }

    private static Board board(String id, int buttons, Shape shape, int number) {
        List<Button> made = new ArrayList<>();
        for (int i = 0; i < buttons; i++) {
            Cell cell = new Cell(i / shape.columns(), i % shape.columns());
            made.add(i == 0 && number < BOARDS - 1 && buttons == BUTTONS ? Button.leading(id + "-0", cell, "on", null, new Leads.Opens("b" + (number + 1)))
                : Button.word(id + "-" + i, cell, "word" + letters(number * BUTTONS + i), null, null));
        }
        return Board.empty(id, id, shape).withButtons(made);
    }

    /** A number as a word of its own. */
    private static String letters(int number) {
        StringBuilder letters = new StringBuilder();
        for (int n = number; n > 0; n /= 20) {
            letters.append((char) ('a' + n % 20));
        }
        return letters.toString();
    }

    private Sayable sayable() {
        return new Sayable(all, Revealed.of(all), forms, word -> word.startsWith("other"));
    }

    private static Regridded onto(Vocabulary vocabulary, List<String> boards, int rows, int columns) {
        int[] n = {0};
        return Regrid.of(vocabulary, boards, Onto.nearest(new Shape(rows, columns), UsualScreen.COMMON.screen()), Weights.NONE, WordTopics.NONE,
            () -> "n" + ++n[0]);
    }

    @Benchmark
    public Regridded oneOf144Larger() {
        return onto(one, List.of("full"), 13, 14);
    }

    @Benchmark
    public Regridded oneOf144Smaller() {
        return onto(one, List.of("full"), 10, 11);
    }

    @Benchmark
    public Regridded all300Larger() {
        return onto(all, ids, 8, 12);
    }

    @Benchmark
    public Regridded all300Smaller() {
        return onto(all, ids, 6, 9);
    }

    @Benchmark
    public int aTextRead() {
        return sayable.of(Passage.read(text, Locale.UK)).said();
    }

    @Benchmark
    public int aTextReadTheFirstTime() {
        return sayable().of(Passage.read(text, Locale.UK)).said();
    }
}
