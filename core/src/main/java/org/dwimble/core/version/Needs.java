package org.dwimble.core.version;

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
public record Needs(boolean all, Set<Touched> keys) {
    /** Takes what is there, whatever it is by now. */
    public static final Needs NOTHING = new Needs(false, Set.of());
    public static final Needs ALL = new Needs(true, Set.of());

    public Needs {
        keys = Collections.unmodifiableSet(new LinkedHashSet<>(keys));
    }

    public static Needs of(Touched... keys) {
        return new Needs(false, new LinkedHashSet<>(List.of(keys)));
    }

    public static Needs of(Collection<? extends Touched> keys) {
        return new Needs(false, new LinkedHashSet<>(keys));
    }

    /** Everything these differences are about. */
    public static Needs ofAll(List<? extends Difference> differences) {
        Set<Touched> keys = new LinkedHashSet<>();
        differences.forEach(d -> keys.addAll(d.keys()));
        return of(keys);
    }

    public Needs and(Needs other) {
        Set<Touched> both = new LinkedHashSet<>(keys);
        both.addAll(other.keys);
        return all || other.all ? ALL : new Needs(false, both);
    }

    /** True if one of these differences changed something that is needed. */
    public boolean meets(List<? extends Difference> differences) {
        return all ? !differences.isEmpty() : met(differences).isPresent();
    }

    /** The first thing needed that one of these differences changed: itself, a part of it, or what it is part of. */
    public Optional<Touched> met(List<? extends Difference> differences) {
        Set<Touched> changed = new HashSet<>();
        Set<Touched> around = new HashSet<>();
        for (Difference difference : differences) {
            for (Touched key : difference.keys()) {
                changed.add(key);
                for (Touched outer = key.within(); outer != null; outer = outer.within()) {
                    around.add(outer);
                }
            }
        }
        return keys.stream().filter(key -> around.contains(key) || withAllAround(key, changed)).findFirst();
    }

    private static boolean withAllAround(Touched key, Set<Touched> changed) {
        for (Touched at = key; at != null; at = at.within()) {
            if (changed.contains(at)) {
                return true;
            }
        }
        return false;
    }
}
