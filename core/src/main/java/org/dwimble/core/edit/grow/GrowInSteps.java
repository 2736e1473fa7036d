package org.dwimble.core.edit.grow;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.WholeFacet;
import org.dwimble.core.edit.plan.Ahead;
import org.dwimble.core.plan.Besides;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * Lets words grow one after the other, as steps of the plan that come next. Until its step a word only speaks, as the board it will open shows nothing yet.
 *
 * @param steps the words that grow at each
 * @param ahead when, and what the steps are called
 */
public record GrowInSteps(List<List<GrowWord>> steps, Ahead ahead) implements Intention {
    @Override
    public GrowInSteps madeBy(String person, LocalDate day) {
        return new GrowInSteps(steps, ahead.on(day));
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        if (steps.isEmpty() || steps.stream().anyMatch(List::isEmpty)) {
            throw new Unacceptable("nothing-to-change");
        }
        List<Besides> besides = steps.stream().map(words -> new Besides(List.of(), List.of(),
            words.stream().filter(w -> !w.firstSays()).map(GrowWord::button).toList())).toList();
        Vocabulary after = ahead.laid(now, besides, ids);
        int first = after.plan().at();
        List<Key> needs = new ArrayList<>(List.of(new Key.OfWhole(WholeFacet.PLAN)));
        Needs all = Needs.of(needs);
        int count = 0;
        for (int i = 0; i < steps.size(); i++) {
            Step step = after.plan().steps().get(first + i);
            for (GrowWord word : steps.get(i)) {
                Change grown = new GrowWord(word.board(), word.button(), word.there(), word.kin(), true).on(after, ids);
                after = inStep(after, grown.after(), word, step);
                all = all.and(grown.needs());
                count++;
            }
        }
        return Change.of(now, after, all, Told.of("growth-planned", "steps", steps.size(), "words", count));
    }

    /** What came with the word, and what waited on the board it opens, belongs to its step. */
    private static Vocabulary inStep(Vocabulary before, Vocabulary after, GrowWord word, Step step) {
        Plan plan = after.plan();
        String opened = ((Leads.Opens) after.at(word.board()).button(word.button()).orElseThrow().leads()).board();
        Set<String> known = new HashSet<>();
        before.boards().values().forEach(b -> b.buttons().forEach(button -> known.add(button.id())));
        List<Board> boards = new ArrayList<>();
        for (Board board : after.boards().values()) {
            List<Button> its = board.equals(before.boards().get(board.id())) && !board.id().equals(opened) ? List.of() : board.buttons().stream()
                .filter(b -> !b.isWay() && !b.onlyOpens() && (!known.contains(b.id()) || board.id().equals(opened) && waits(b, plan, step))).toList();
            if (!its.isEmpty()) {
                boards.add(board.with(its.stream().map(b -> Facet.STEP.with(b, step.id())).toList()));
            }
        }
        return after.with(boards);
    }

    private static boolean waits(Button button, Plan plan, Step step) {
        int number = plan.numberOf(button.shown().step());
        return number == 0 || number > plan.numberOf(step.id());
    }
}
