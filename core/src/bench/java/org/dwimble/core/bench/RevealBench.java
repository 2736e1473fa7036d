package org.dwimble.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.plan.LayPlan;
import org.dwimble.core.edit.words.MoveButton;
import org.dwimble.core.fact.Fact;
import org.dwimble.core.fact.FactRules;
import org.dwimble.core.place.Comparison;
import org.dwimble.core.place.Consequence;
import org.dwimble.core.reveal.ProposedPlan;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** What people wait for of reveal and places: sixty buttons a board, a tree of boards two wide, half of the words in a plan. */
@State(Scope.Benchmark)
public class RevealBench {
    @Param({"30", "300"})
    public int boards;

    private final FactRules rules = FactRules.reviewed();
    private Vocabulary planned;
    private Vocabulary moved;
    private Routes routes;

    @Setup
    public void generate() {
        Map<String, Board> all = new HashMap<>();
        List<String> first = new ArrayList<>();
        for (int b = 0; b < boards; b++) {
            List<Button> buttons = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                Cell cell = new Cell(i / 10, i % 10);
                String id = "b" + b + "-" + i;
                if (i == 50) {
                    buttons.add(Button.leading(id, cell, "home", null, Leads.HOME));
                } else if (i >= 58 && 2 * b + i - 57 < boards) {
                    buttons.add(Button.leading(id, cell, "board " + i, null, new Leads.Opens("b" + (2 * b + i - 57))));
                } else {
                    buttons.add(Button.word(id, cell, i == 7 && b % 9 == 0 ? "pancake" : "word " + b + " " + i, null, Kind.values()[i % 8]));
                    if (i % 2 == 0) {
                        first.add(id);
                    }
                }
            }
            all.put("b" + b, Board.empty("b" + b, "Board " + b, new Shape(6, 10)).withButtons(buttons));
        }
        int[] n = {0};
        planned = new LayPlan(List.of(new LayPlan.NewStep("First", null, first)), null).on(Vocabulary.of("Large", "b0", "en", all.values()), () -> "n"
            + ++n[0]).after();
        moved = new MoveButton("b0", "b0-58", "b0", new Cell(0, 0)).on(planned, () -> "n" + ++n[0]).after();
        routes = Routes.of(planned);
    }

    @Benchmark
    public Object comparisonOfTwoVersions() {
        return Comparison.of(planned, moved).counts();
    }

    @Benchmark
    public Object projectionForTalk() {
        return Revealed.of(planned).kept();
    }

    @Benchmark
    public Object sentenceBeforeAnEdit() {
        return Consequence.of(planned, routes, moved, id -> true).told();
    }

    @Benchmark
    public Object aPlanProposed() {
        return ProposedPlan.of(planned, routes, List.of(8, 20, 50, ProposedPlan.ALL), Map.of(), w -> 1.0 / (1 + w.length()));
    }

    @Benchmark
    public Object proposalsOfAFact() {
        return rules.proposals(new Fact(Fact.What.DIET, "vegan", "", ""), planned, w -> Set.of());
    }
}
