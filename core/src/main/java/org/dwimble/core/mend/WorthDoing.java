package org.dwimble.core.mend;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.plan.GoToStep;
import org.dwimble.core.edit.plan.LetGo;
import org.dwimble.core.edit.plan.PutInStep;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.plan.Plan;
import org.dwimble.core.plan.Step;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;

/**
 * What is worth doing next for a student, with the one thing that does it.
 *
 * @param told what there is, as a sentence
 * @param does what would be done, as on a button
 */
public record WorthDoing(Told told, Told does, Intention intention) {
    /** Held without an end for longer than this many days counts as forgotten. */
    public static final int FORGOTTEN_DAYS = 60;
    private static final int NAMED = 5;
    private static final int BOARDS = 3;

    /** A step whose day is past, words held past their day, words held and forgotten, words that wait for no step, boards nobody reaches; in this order. */
    public static List<WorthDoing> of(Vocabulary vocabulary, LocalDate today) {
        List<WorthDoing> all = new ArrayList<>();
        Plan plan = vocabulary.plan();
        Step next = plan.at() < plan.steps().size() ? plan.steps().get(plan.at()) : null;
        if (next != null && next.planned() != null && !next.planned().isAfter(today)) {
            all.add(new WorthDoing(Told.of("worth-step", "number", plan.at() + 1, "name", next.name(), "day", Told.day(next.planned())), Told.of("do-move-on"),
                new GoToStep(next.id(), null)));
        }
        letGo(vocabulary, b -> b.shown().hold() != null && b.shown().hold().pastOn(today), "worth-past", all);
        letGo(vocabulary, b -> forgotten(b, today), "worth-forgotten", all);
        List<Button> nowhere = buttons(vocabulary).filter(b -> Revealed.inNoStep(b, plan)).toList();
        if (!nowhere.isEmpty()) {
            all.add(new WorthDoing(named("worth-nowhere", nowhere), Told.of("do-show", "number", plan.at()),
                new PutInStep(Meant.of(nowhere.stream().map(Button::id).toList()), plan.now().orElseThrow().id())));
        }
        Routes routes = Routes.of(vocabulary);
        Mending.of(vocabulary, routes, WayHome.of(vocabulary)).stream().filter(f -> f.what() == Finding.What.UNREACHABLE && !f.mends().isEmpty()).limit(BOARDS)
            .forEach(f -> all.add(new WorthDoing(f.told(), f.mends().get(0).told(), f.mends().get(0).intention())));
        return List.copyOf(all);
    }

    private static boolean forgotten(Button b, LocalDate today) {
        Hold hold = b.shown().hold();
        return hold != null && hold.until() == null && hold.since() != null && hold.since().plusDays(FORGOTTEN_DAYS).isBefore(today);
    }

    private static void letGo(Vocabulary vocabulary, Predicate<Button> which, String told, List<WorthDoing> into) {
        List<Button> held = buttons(vocabulary).filter(b -> b.shown().hold() != null && b.shown().left() == null && which.test(b)).toList();
        if (!held.isEmpty()) {
            into.add(new WorthDoing(named(told, held), Told.of("do-let-go"), new LetGo(Meant.of(held.stream().map(Button::id).toList()))));
        }
    }

    /** Each word once, though several buttons may say it. */
    private static Told named(String told, List<Button> buttons) {
        List<Object> names = buttons.stream().map(On::named).distinct().toList();
        return Told.of(told, "count", names.size(), "names", names.stream().limit(NAMED).toList(), "more", Math.max(0, names.size() - NAMED));
    }

    private static Stream<Button> buttons(Vocabulary vocabulary) {
        return vocabulary.boards().values().stream().flatMap(b -> b.buttons().stream());
    }
}
