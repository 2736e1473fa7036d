package org.dwimble.core.board;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * One button. Its id is its own for life, through moves, versions, copies and imports: that is how "the
 * same word" is known.
 *
 * @param cell    top left cell it stands in
 * @param label   what is written on it; empty only if there is a picture
 * @param picture id of its picture, {@code core/...}, {@code base/...} or {@code wide/...} from the library or {@code own/...} by content
 * @param layers  several pictures drawn over each other, the first lowest; none if there is only {@code picture}, and
 *                {@code picture} is always the first of them
 * @param sound   id of a recorded sound, kept for the packages that bring one
 * @param actions what it does to the message, in the notation of the Open Board Format ({@code +text},
 *                {@code :space}, {@code :backspace}, {@code :clear}, {@code :speak}), in order
 * @param hidden  not shown to the student
 * @param extras  what a package said of it that Dwimble does not use, sorted by key, written back on export
 */
public record Button(
        String id,
        Cell cell,
        Span span,
        String label,
        Says says,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String picture,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Layer> layers,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String sound,
        Kind kind,
        Leads leads,
        List<String> actions,
        boolean hidden,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable Map<String, JsonNode> extras) {

    /** The longest label, in characters. */
    public static final int LONGEST_LABEL = 100;
    /** The most pictures drawn over each other. */
    public static final int MOST_LAYERS = 6;
    private static final Pattern MEDIA = Pattern.compile("(?:base|core|wide)/[a-z0-9-]{1,100}|own/[0-9a-f]{64}");
    private static final Pattern ACTION = Pattern.compile("\\+.{1,100}|:space|:backspace|:clear|:speak", Pattern.DOTALL);

    @JsonCreator
    public Button {
        if (id == null || id.isBlank() || id.length() > 200) {
            throw new Unacceptable("A button needs an id of 1 to 200 characters.");
        }
        if (cell == null) {
            throw new Unacceptable("A button needs a cell to stand in.");
        }
        span = span == null ? Span.ONE : span;
        label = Text.tidy(label);
        Text.atMost(LONGEST_LABEL, "A label", label);
        layers = layers == null || layers.size() == 1 && layers.get(0).equals(Layer.whole(layers.get(0).picture())) && layers.get(0).picture().equals(picture) ? List.of() : List.copyOf(layers);
        if (layers.size() > MOST_LAYERS) {
            throw new Unacceptable("A button can have up to %d pictures. Take one away first.".formatted(MOST_LAYERS));
        }
        picture = layers.isEmpty() ? picture : layers.get(0).picture();
        if (picture != null && !MEDIA.matcher(picture).matches()) {
            throw new Unacceptable("“" + Text.cut(picture, 40) + "” is not a picture Dwimble knows.");
        }
        if (sound != null && !MEDIA.matcher(sound).matches()) {
            throw new Unacceptable("“" + Text.cut(sound, 40) + "” is not a sound Dwimble knows.");
        }
        if (label.isEmpty() && picture == null) {
            throw new Unacceptable("A button needs a label or a picture. Type a word, or take the button off.");
        }
        says = says == null ? Says.LABEL : says;
        kind = kind == null ? Kind.THING : kind;
        leads = leads == null ? Leads.STAYS : leads;
        actions = actions == null ? List.of() : List.copyOf(actions);
        for (String action : actions) {
            if (!ACTION.matcher(action).matches()) {
                throw new Unacceptable("“" + Text.cut(action, 40) + "” is not something a button can do to the message.");
            }
        }
        extras = sorted(extras);
    }

    /** With one picture at most. */
    public Button(String id, Cell cell, Span span, String label, Says says, @Nullable String picture, @Nullable String sound, Kind kind, Leads leads, List<String> actions,
                  boolean hidden, @Nullable Map<String, JsonNode> extras) {
        this(id, cell, span, label, says, picture, List.of(), sound, kind, leads, actions, hidden, extras);
    }

    static boolean isMedia(String id) {
        return MEDIA.matcher(id).matches();
    }

    /** Every picture on it, lowest first; each once. */
    @JsonIgnore
    public List<String> pictures() {
        return layers.isEmpty() ? picture == null ? List.of() : List.of(picture) : layers.stream().map(Layer::picture).distinct().toList();
    }

    /** A button that says its label and stays. */
    public static Button word(String id, Cell cell, String label, @Nullable String picture, Kind kind) {
        return new Button(id, cell, Span.ONE, label, Says.LABEL, picture, null, kind, Leads.STAYS, List.of(), false, null);
    }

    /** A silent button that leads somewhere. */
    public static Button leading(String id, Cell cell, String label, @Nullable String picture, Leads leads) {
        return new Button(id, cell, Span.ONE, label, Says.NOTHING, picture, null, Kind.LITTLE, leads, List.of(), false, null);
    }

    public Button withLeads(Leads leads) {
        return new Button(id, cell, span, label, says, picture, layers, sound, kind, leads, actions, hidden, extras);
    }

    public Button withSays(Says says) {
        return new Button(id, cell, span, label, says, picture, layers, sound, kind, leads, actions, hidden, extras);
    }

    public Button withLabel(String label) {
        return new Button(id, cell, span, label, says, picture, layers, sound, kind, leads, actions, hidden, extras);
    }

    /** The words it puts into the message; empty if it says nothing. */
    public String spoken() {
        if (says instanceof Says.Words words) {
            return words.text();
        }
        return says instanceof Says.Label ? label : "";
    }

    /** True if a student can say something with it: it puts words into the message, and does not only spell. */
    @JsonIgnore
    public boolean isWord() {
        return actions.isEmpty() && !spoken().isEmpty();
    }

    boolean covers(Cell at) {
        return at.row() >= cell.row() && at.row() < cell.row() + span.rows()
            && at.column() >= cell.column() && at.column() < cell.column() + span.columns();
    }

    static @Nullable Map<String, JsonNode> sorted(@Nullable Map<String, JsonNode> extras) {
        return extras == null || extras.isEmpty() ? null : Collections.unmodifiableMap(new TreeMap<>(extras));
    }
}
