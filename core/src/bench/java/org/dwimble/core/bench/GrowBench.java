package org.dwimble.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Arrival;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.boards.BringIn;
import org.dwimble.core.edit.words.Newer;
import org.dwimble.core.grow.Growth;
import org.dwimble.core.grow.Kin;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** What people wait for when boards come and words grow: boards of 60 buttons, six of which open others. */
@State(Scope.Benchmark)
public class GrowBench {
    private static final int WIDE = 10;
    private static final int BUTTONS = 60;
    private static final int OPENERS = 6;
    private static final int BROUGHT = 173;

    @Param({"30", "300"})
    public int boards;

    private Vocabulary here;
    private Vocabulary there;
    private Vocabulary brought;
    private Growth growth;
    private Kin kin;
    private Kin own;

    private static Vocabulary vocabulary(String name, int boards) {
        List<Board> made = new ArrayList<>();
        for (int b = 0; b < boards; b++) {
            List<Button> buttons = new ArrayList<>();
            for (int i = 0; i < BUTTONS; i++) {
                Cell cell = new Cell(i / WIDE, i % WIDE);
                String id = name + b + "-" + i;
                int opens = b * OPENERS + i + 1;
                // One of three words stands in the other vocabulary too.
                String word = (i % 3 == 0 ? "both " : name + " ") + (b * BUTTONS + i);
                buttons.add(i < OPENERS && opens < boards ? Button.leading(id, cell, word, null, new Leads.Opens(name + opens))
                    : Button.word(id, cell, word, "base/" + i, null));
            }
            made.add(Board.empty(name + b, name + " board " + b, new Shape(BUTTONS / WIDE + 1, WIDE)).withButtons(buttons));
        }
        return Vocabulary.of(name, name + 0, "en", made);
    }

    private static Supplier<String> ids() {
        int[] n = {0};
        return () -> "n" + ++n[0];
    }

    @Setup
    public void boards() {
        here = vocabulary("here", boards);
        there = Origin.marked(vocabulary("there", boards), "7", 1);
        growth = new Growth(here, Routes.of(here), Revealed.of(here));
        kin = Kin.of(there);
        own = Kin.ofOwn(here);
        brought = bringing173().after();
    }

    private List<String> chosen() {
        return IntStream.range(0, Math.min(BROUGHT, boards)).mapToObj(b -> "there" + b).toList();
    }

    @Benchmark
    public int closureWithLooseEnds() {
        Arrival arrival = Arrival.of(there, here, Wanted.all(List.of("there1")));
        return arrival.met().size() + arrival.loose().size() + arrival.first().size();
    }

    @Benchmark
    public Change bringing173() {
        return new BringIn(there, Wanted.alone(chosen()), new BringIn.Where("here0", null, "there", null, true), false).on(here, ids());
    }

    @Benchmark
    public List<Growth.Proposal> whatCanGrowNext() {
        return growth.all(List.of(kin, own), 24, here.boards().keySet());
    }

    @Benchmark
    public boolean whatIsNewer() {
        return Newer.of(new Newer.Source("7", 2, there, version -> Optional.of(there)), brought).isNothing();
    }
}
