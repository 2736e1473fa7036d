package org.dwimble.core.edit;

import java.util.List;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Says;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.look.Look;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.voice.HowSaid;
import org.jspecify.annotations.Nullable;

/**
 * One thing about a button that can be changed by itself. Together with its id and its place, the facets in
 * {@link #ALL} are all there is of a button.
 */
public final class Facet<T> {
    public static final Facet<String> LABEL = new Facet<>("label", Button::label, (b, v) -> b.withFace(b.face().withLabel(v)));
    public static final Facet<List<Layer>> PICTURE = new Facet<>("picture", Button::layers, (b, v) -> b.withFace(b.face().withLayers(v)));
    public static final Facet<@Nullable Kind> KIND = new Facet<>("kind", Button::kind, (b, v) -> b.withFace(b.face().withKind(v)));
    public static final Facet<Says> SAYS = new Facet<>("says", Button::says, (b, v) -> b.withActs(b.acts().withSays(v)));
    public static final Facet<HowSaid> HOW = new Facet<>("how", Button::how, (b, v) -> b.withActs(b.acts().withHow(v)));
    public static final Facet<@Nullable String> SOUND = new Facet<>("sound", Button::sound, (b, v) -> b.withActs(b.acts().withSound(v)));
    public static final Facet<List<Doing>> DOINGS = new Facet<>("doings", Button::doings, (b, v) -> b.withActs(b.acts().withDoings(v)));
    public static final Facet<Leads> LEADS = new Facet<>("leads", Button::leads, (b, v) -> b.withActs(b.acts().withLeads(v)));
    public static final Facet<@Nullable Hold> HOLD = new Facet<>("hold", b -> b.shown().hold(), (b, v) -> b.withShown(b.shown().withHold(v)));
    public static final Facet<@Nullable String> STEP = new Facet<>("step", b -> b.shown().step(), (b, v) -> b.withShown(b.shown().withStep(v)));
    public static final Facet<@Nullable Integer> LEFT = new Facet<>("left", b -> b.shown().left(), (b, v) -> b.withShown(b.shown().withLeft(v)));
    public static final Facet<Look> LOOK = new Facet<>("look", Button::look, (b, v) -> b.withShown(b.shown().withLook(v)));
    public static final Facet<Extras> EXTRAS = new Facet<>("extras", Button::extras, Button::withExtras);
    public static final Facet<@Nullable Origin> ORIGIN = new Facet<>("origin", Button::origin, Button::withOrigin);

    /** In the order in which a change of several is told: the first counts most. */
    public static final List<Facet<?>> ALL = List.of(LABEL, PICTURE, LEADS, SAYS, HOW, SOUND, DOINGS, KIND, HOLD, STEP, LEFT, LOOK, EXTRAS, ORIGIN);

    private final String name;
    private final Function<Button, T> get;
    private final BiFunction<Button, @Nullable T, Button> with;

    private Facet(String name, Function<Button, T> get, BiFunction<Button, @Nullable T, Button> with) {
        this.name = name;
        this.get = get;
        this.with = with;
    }

    public String name() {
        return name;
    }

    public T of(Button button) {
        return get.apply(button);
    }

    public Button with(Button button, @Nullable T value) {
        return with.apply(button, value);
    }

    public boolean same(Button one, Button other) {
        return Objects.equals(of(one), of(other));
    }

    @Override
    public String toString() {
        return name;
    }
}
