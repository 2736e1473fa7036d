package org.dwimble.core.edit;

import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Whole;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.Look;
import org.dwimble.core.plan.Plan;

/** One thing about a vocabulary as a whole that can be changed by itself. */
public final class WholeFacet<T> {
    public static final WholeFacet<String> NAME = new WholeFacet<>("name", Whole::name, Whole::withName);
    public static final WholeFacet<String> HOME = new WholeFacet<>("home", Whole::home, Whole::withHome);
    public static final WholeFacet<String> LOCALE = new WholeFacet<>("locale", Whole::locale, Whole::withLocale);
    public static final WholeFacet<Look> LOOK = new WholeFacet<>("look", Whole::look, Whole::withLook);
    public static final WholeFacet<Map<Kind, Colour>> PAPERS = new WholeFacet<>("papers", Whole::papers, Whole::withPapers);
    public static final WholeFacet<Plan> PLAN = new WholeFacet<>("plan", Whole::plan, Whole::withPlan);
    public static final WholeFacet<Extras> EXTRAS = new WholeFacet<>("extras", Whole::extras, Whole::withExtras);

    public static final List<WholeFacet<?>> ALL = List.of(NAME, HOME, LOCALE, LOOK, PAPERS, PLAN, EXTRAS);

    private final String name;
    private final Function<Whole, T> get;
    private final BiFunction<Whole, T, Whole> with;

    private WholeFacet(String name, Function<Whole, T> get, BiFunction<Whole, T, Whole> with) {
        this.name = name;
        this.get = get;
        this.with = with;
    }

    public T of(Whole whole) {
        return get.apply(whole);
    }

    public Whole with(Whole whole, T value) {
        return with.apply(whole, value);
    }

    @Override
    public String toString() {
        return name;
    }
}
