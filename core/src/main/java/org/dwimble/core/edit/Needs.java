package org.dwimble.core.edit;

import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What must be as the person saw it for a change to be made as meant.
 *
 * @param all  true if nothing at all may have changed; then {@code keys} is empty
 * @param keys the things that must be unchanged, in the order in which a meeting on them is told
 */
public record Needs(boolean all, Set<Key> keys) {
    /** Takes what is there, whatever it is by now. */
    public static final Needs NOTHING = new Needs(false, Set.of());
    public static final Needs ALL = new Needs(true, Set.of());

    public Needs {
        keys = Collections.unmodifiableSet(new LinkedHashSet<>(keys));
    }

    public static Needs of(Key... keys) {
        return new Needs(false, new LinkedHashSet<>(List.of(keys)));
    }

    public static Needs of(Collection<Key> keys) {
        return new Needs(false, new LinkedHashSet<>(keys));
    }

    /** Everything these deltas are about. */
    public static Needs ofDeltas(List<Delta> deltas) {
        Set<Key> keys = new LinkedHashSet<>();
        deltas.forEach(d -> keys.addAll(d.keys()));
        return of(keys);
    }

    public Needs and(Needs other) {
        Set<Key> both = new LinkedHashSet<>(keys);
        both.addAll(other.keys);
        return all || other.all ? ALL : new Needs(false, both);
    }

    /** True if one of these deltas changed something that is needed. */
    public boolean meets(List<Delta> deltas) {
        return all ? !deltas.isEmpty() : met(deltas).isPresent();
    }

    /** The first thing needed that one of these deltas changed: itself, a part of it, or what it is part of. */
    public Optional<Key> met(List<Delta> deltas) {
        Set<Key> changed = new HashSet<>();
        Set<Key> around = new HashSet<>();
        for (Delta delta : deltas) {
            for (Key key : delta.keys()) {
                changed.add(key);
                for (Key outer = key.within(); outer != null; outer = outer.within()) {
                    around.add(outer);
                }
            }
        }
        return keys.stream().filter(key -> around.contains(key) || withAllAround(key, changed)).findFirst();
    }

    private static boolean withAllAround(Key key, Set<Key> changed) {
        for (Key at = key; at != null; at = at.within()) {
            if (changed.contains(at)) {
                return true;
            }
        }
        return false;
    }
}
