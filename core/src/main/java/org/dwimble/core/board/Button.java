package org.dwimble.core.board;

import java.util.List;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.look.Look;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.voice.HowSaid;
import org.jspecify.annotations.Nullable;

/**
 * One button. Its id is its own for life, through moves, versions, copies and imports: that is how "the
 * same word" is known.
 *
 * @param id       1 to {@value #LONGEST_ID} characters
 * @param standing where it stands
 * @param face     what it shows
 * @param acts     what it says and does
 * @param shown    how it is shown
 * @param origin   where it was brought from; null if it was made here. It never leaves in a package
 */
public record Button(String id, Standing standing, Face face, Acts acts, Shown shown, Extras extras, @Nullable Origin origin) {
    public static final int LONGEST_ID = 200;

    public Button {
        if (id == null || id.isBlank() || id.length() > LONGEST_ID) {
            throw new Unacceptable("button-id", "most", LONGEST_ID);
        }
        if (standing == null) {
            throw new Unacceptable("button-without-cell");
        }
        acts = acts == null ? Acts.SPEAK : acts;
        shown = shown == null ? Shown.YES : shown;
        extras = extras == null ? Extras.NONE : extras;
    }

    /** One that was made here. */
    public Button(String id, Standing standing, Face face, Acts acts, Shown shown, Extras extras) {
        this(id, standing, face, acts, shown, extras, null);
    }

    /** A button that says its label and stays. */
    public static Button word(String id, Cell cell, String label, @Nullable String picture, @Nullable Kind kind) {
        return new Button(id, Standing.at(cell), Face.of(label, picture, kind), Acts.SPEAK, Shown.YES, Extras.NONE);
    }

    /** A silent button that leads somewhere. It is no word and has no kind. */
    public static Button leading(String id, Cell cell, String label, @Nullable String picture, Leads leads) {
        return new Button(id, Standing.at(cell), Face.of(label, picture, null), Acts.leading(leads), Shown.YES, Extras.NONE);
    }

    public Cell cell() {
        return standing.cell();
    }

    public Span span() {
        return standing.span();
    }

    public String label() {
        return face.label();
    }

    public List<Layer> layers() {
        return face.layers();
    }

    /** The lowest picture, by which a button is known; null if it has none. */
    public @Nullable String picture() {
        return face.layers().isEmpty() ? null : face.layers().get(0).picture();
    }

    /** Every picture on it, lowest first; each once. */
    public List<String> pictures() {
        return face.layers().stream().map(Layer::picture).distinct().toList();
    }

    public @Nullable Kind kind() {
        return face.kind();
    }

    public Says says() {
        return acts.says();
    }

    public HowSaid how() {
        return acts.how();
    }

    public @Nullable String sound() {
        return acts.sound();
    }

    public List<Doing> doings() {
        return acts.doings();
    }

    public Leads leads() {
        return acts.leads();
    }

    public boolean hidden() {
        return shown.hidden();
    }

    /** What is its own about its look. */
    public Look look() {
        return shown.look();
    }

    /** The same under another id, by which it is known here. */
    public Button withId(String id) {
        return new Button(id, standing, face, acts, shown, extras, origin);
    }

    public Button withStanding(Standing standing) {
        return new Button(id, standing, face, acts, shown, extras, origin);
    }

    public Button withFace(Face face) {
        return new Button(id, standing, face, acts, shown, extras, origin);
    }

    public Button withActs(Acts acts) {
        return new Button(id, standing, face, acts, shown, extras, origin);
    }

    public Button withShown(Shown shown) {
        return new Button(id, standing, face, acts, shown, extras, origin);
    }

    public Button withExtras(Extras extras) {
        return new Button(id, standing, face, acts, shown, extras, origin);
    }

    public Button withOrigin(@Nullable Origin origin) {
        return new Button(id, standing, face, acts, shown, extras, origin);
    }

    /** The words it puts into the message; empty if it says nothing. */
    public String spoken() {
        if (says() instanceof Says.Words words) {
            return words.text();
        }
        return says() instanceof Says.Nothing ? "" : label();
    }

    /** What it shows, else what it says; empty for a picture alone that says nothing. */
    public String called() {
        return label().isEmpty() ? spoken() : label();
    }

    /** Leads nowhere any more; if it said nothing, it says its label from then on. */
    public Button staying() {
        Acts stays = acts.withLeads(Leads.STAYS);
        return withActs(spoken().isEmpty() && !label().isEmpty() ? stays.withSays(Says.LABEL) : stays);
    }

    /** True if a student can say something with it, whatever else it does. */
    public boolean isWord() {
        return !spoken().isEmpty();
    }

    /** True of one that is the way back or home: it belongs to no step and is never held. */
    public boolean isWay() {
        return leads() instanceof Leads.Home || leads() instanceof Leads.Back;
    }

    /** True of one that opens a board and says and does nothing else. */
    public boolean onlyOpens() {
        return leads() instanceof Leads.Opens && doings().isEmpty() && spoken().isEmpty() && sound() == null;
    }
}
