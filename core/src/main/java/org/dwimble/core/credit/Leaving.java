package org.dwimble.core.credit;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.picture.Shows;

/**
 * What may leave: one rule for pictures, voices, names, facts, use and notes, by where they go. Every door by which something leaves asks it, for each
 * thing, and writes only what goes.
 */
public final class Leaving {
    /** Where something goes, and so who may come to see it. */
    public enum Whither {
        /** Paper for those who work with the student. */
        TEAM_PAPER(Circle.TEAM),
        /** Paper for anybody else. */
        OTHERS_PAPER(Circle.WORLD),
        /** A file: a package, a board, a list. */
        PACKAGE(Circle.WORLD),
        /** The school's shelf, where each sees only the pictures he or she may use. */
        SHELF(Circle.SCHOOL),
        /** The boards or lists of another student. */
        STUDENT(Circle.SCHOOL),
        /** Another school. */
        SCHOOL(Circle.WORLD),
        /** Whoever has a link. */
        LINK(Circle.WORLD);

        private final Circle circle;

        Whither(Circle circle) {
            this.circle = circle;
        }
    }

    /** Who comes to see it, from the fewest on. */
    private enum Circle {
        TEAM, SCHOOL, WORLD
    }

    /** What there is of a student, or for one. */
    public enum What {
        PICTURE, VOICE,
        /** Of the student, as in what boards are called. */
        NAME,
        /** What is true of the student. */
        FACT,
        /** How the student talked. */
        USE,
        /** What the team wrote for itself: why a word is held, what a version is called. */
        NOTE
    }

    /** What becomes of it. */
    public enum Fate {
        /** It goes along. */
        GOES,
        /** It goes along if whoever sends it says so, and stays else. */
        ASKED,
        /** It stays. */
        STAYS
    }

    /** What stands where a picture stayed. */
    public enum Instead {
        /** A drawn symbol of the word, where there is one, else the word. */
        DRAWN,
        /** An empty place with the word. */
        EMPTY
    }

    /**
     * What is known of a picture or a voice of the school's own.
     *
     * @param shows the student only if it is the one whose boards or list it is
     * @param may   true if it may go there: by whoever sends it, for whom it goes to
     */
    public record Known(Shows shows, boolean may) {
        /**
         * Of what stands on boards or a list and leaves the school: what shows nobody goes with them; of what may show somebody, whoever changes them may say
         * that it goes along, and who only looks of what he or she took in.
         */
        public static Known away(Shows shows, boolean changes, BooleanSupplier tookIn) {
            return new Known(shows, changes || !shows.maybeSomebody() || tookIn.getAsBoolean());
        }

        /** Of what goes on to another student: what people took in if it may be used for this one; what only came with a package does. */
        public static Known on(Shows shows, BooleanSupplier usable) {
            return new Known(shows, shows == Shows.NOT_SAID || usable.getAsBoolean());
        }
    }

    /**
     * What whoever sends it said to what is asked.
     *
     * @param student true to take along pictures of the student whose boards or list it is, and his or her voice
     * @param others  true to take along pictures and voices that may be somebody else's
     * @param name    true to take along the student's name
     * @param notes   true to take along why words are held
     * @param instead what stands where a picture stays
     */
    public record Answer(boolean student, boolean others, boolean name, boolean notes, Instead instead) {
        /** Nothing that is asked goes along. */
        public static final Answer NOTHING = new Answer(false, false, false, false, Instead.DRAWN);
    }

    private final Whither whither;
    private final Answer answer;
    private final Function<String, Known> known;

    /** @param known of a picture or sound of the school's own, by its id */
    public Leaving(Whither whither, Answer answer, Function<String, Known> known) {
        this.whither = whither;
        this.answer = answer;
        this.known = known;
    }

    /** What becomes of a name, a fact, of use or a note. */
    public static Fate of(What what, Whither whither) {
        return switch (what) {
            case FACT, USE -> Fate.STAYS;
            case NAME -> whither.circle == Circle.TEAM ? Fate.GOES : Fate.ASKED;
            case NOTE -> whither == Whither.PACKAGE || whither == Whither.SCHOOL ? Fate.ASKED : Fate.STAYS;
            case PICTURE, VOICE -> throw new IllegalArgumentException("Whom does it show?");
        };
    }

    /** What becomes of a picture or a voice of the school's own. */
    public static Fate of(Known known, Whither whither) {
        if (whither == Whither.TEAM_PAPER) {
            return Fate.GOES;
        }
        if (!known.may) {
            return Fate.STAYS;
        }
        // On the shelf each sees only what he or she may use.
        return known.shows.maybeSomebody() && whither != Whither.SHELF ? Fate.ASKED : Fate.GOES;
    }

    /** True of a picture or sound that is not to be written there. What the library has goes everywhere. */
    public boolean stays(String id) {
        if (!MediaId.isOwn(id)) {
            return false;
        }
        Known about = known.apply(id);
        return !goes(of(about, whither), about.shows == Shows.STUDENT ? answer.student : answer.others);
    }

    /** What becomes of a picture or sound, whatever was answered. What the library has goes everywhere. */
    public Fate fate(String id) {
        return MediaId.isOwn(id) ? of(known.apply(id), whither) : Fate.GOES;
    }

    public boolean nameGoes() {
        return goes(of(What.NAME, whither), answer.name);
    }

    public boolean notesGo() {
        return goes(of(What.NOTE, whither), answer.notes);
    }

    private static boolean goes(Fate fate, boolean said) {
        return fate == Fate.GOES || fate == Fate.ASKED && said;
    }

    public Whither whither() {
        return whither;
    }

    public Instead instead() {
        return answer.instead;
    }

    /**
     * What has to be asked, and what would stay without being asked.
     *
     * @param student how many different pictures and voices are the student's whose boards or list it is
     * @param others  how many may be somebody else's
     * @param staying how many stay whatever is said
     */
    public record Count(int student, int others, int staying) {
    }

    /** @param ids of pictures and sounds, the library's too */
    public Count count(Collection<String> ids) {
        Set<String> student = new LinkedHashSet<>();
        Set<String> others = new LinkedHashSet<>();
        Set<String> staying = new LinkedHashSet<>();
        ids.stream().filter(MediaId::isOwn).forEach(id -> {
            Known about = known.apply(id);
            switch (of(about, whither)) {
                case GOES -> {
                }
                case ASKED -> (about.shows == Shows.STUDENT ? student : others).add(id);
                case STAYS -> staying.add(id);
            }
        });
        return new Count(student.size(), others.size(), staying.size());
    }
}
