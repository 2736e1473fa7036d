package org.dwimble.core.doing;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.dwimble.core.told.Unacceptable;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.StringNode;

/**
 * How one sort of doing is written down. A document keeps one that has no value by a word, and one that has as an object of
 * that word and the value; these words are never changed. A package has it as an action of the Open Board Format where that knows one.
 */
public final class Sort<D extends Doing> {
    private final Class<D> type;
    private final String word;
    private final Function<D, @Nullable JsonNode> value;
    private final Function<@Nullable JsonNode, @Nullable D> made;
    private final Function<D, @Nullable JsonNode> action;
    private final Function<JsonNode, @Nullable D> ofAction;

    private Sort(Class<D> type, String word, Function<D, @Nullable JsonNode> value, Function<@Nullable JsonNode, @Nullable D> made,
        Function<D, @Nullable JsonNode> action, Function<JsonNode, @Nullable D> ofAction) {
        this.type = type;
        this.word = word;
        this.value = value;
        this.made = made;
        this.action = action;
        this.ofAction = ofAction;
    }

    /** Of one that is always the same, and has no action in the Open Board Format. */
    @SuppressWarnings("unchecked")
    static <D extends Doing> Sort<D> plain(String word, D only) {
        return new Sort<>((Class<D>) only.getClass(), word, d -> null, v -> v == null ? only : null, d -> null, a -> null);
    }

    /** Of one that has a value. @param made null, or {@link Unacceptable}, if the value is none for it */
    static <D extends Doing> Sort<D> with(Class<D> type, String word, Function<D, @Nullable JsonNode> value, Function<JsonNode, @Nullable D> made) {
        return new Sort<>(type, word, value, v -> v == null ? null : made.apply(v), d -> null, a -> null);
    }

    /** Of one whose value is a text. */
    static <D extends Doing> Sort<D> withText(Class<D> type, String word, Function<D, String> text, Function<String, D> made) {
        return with(type, word, d -> StringNode.valueOf(text.apply(d)), v -> v.isString() ? made.apply(v.asString()) : null);
    }

    /** The same with its action in the Open Board Format. */
    Sort<D> asAction(Function<D, @Nullable JsonNode> action, Function<JsonNode, @Nullable D> ofAction) {
        return new Sort<>(type, word, value, made, action, ofAction);
    }

    /** The same with the one action that it always is. */
    Sort<D> asAction(String only) {
        return asAction(d -> StringNode.valueOf(only), a -> a.asString("").equals(only) ? made.apply(null) : null);
    }

    Class<D> type() {
        return type;
    }

    String word() {
        return word;
    }

    JsonNode keptBy(Doing doing) {
        JsonNode has = value.apply(type.cast(doing));
        return has == null ? StringNode.valueOf(word) : JsonNodeFactory.instance.objectNode().set(word, has);
    }

    /** Empty if it is none of this sort, or has a value that cannot stand: whoever wrote it knew more. */
    Optional<D> ofKept(JsonNode kept) {
        boolean plain = kept.isString() && kept.asString().equals(word);
        boolean valued = kept.isObject() && kept.size() == 1 && kept.has(word);
        return plain || valued ? tried(() -> made.apply(plain ? null : kept.get(word))) : Optional.empty();
    }

    Optional<JsonNode> actionOf(Doing doing) {
        return Optional.ofNullable(action.apply(type.cast(doing)));
    }

    Optional<D> ofAction(JsonNode written) {
        return tried(() -> ofAction.apply(written));
    }

    private static <D extends Doing> Optional<D> tried(Supplier<@Nullable D> made) {
        try {
            return Optional.ofNullable(made.get());
        } catch (Unacceptable e) {
            return Optional.empty();
        }
    }
}
