package org.dwimble.core.student;

import java.util.Objects;
import org.dwimble.core.access.Access;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.use.UseKept;
import org.dwimble.core.voice.StudentVoice;
import org.jspecify.annotations.Nullable;

/**
 * A student.
 *
 * @param schoolYear 0 to 14; null for an adult or where years do not apply
 * @param className  may be empty
 * @param appearance how pictures look to the student
 * @param placesKept true if a change that would take a shown word from its place needs a second step, with the reason
 * @param voice      chosen for the student; null for that of the device
 * @param hand       what was found right for it; null if nothing was
 * @param access     how the student reaches what is on a board
 * @param useKept    what is kept of what the student says; null if nobody was asked yet, and then nothing is
 */
public record Student(String id, String name, @Nullable Integer schoolYear, String className, Screen screen, Appearance appearance,
    boolean placesKept, @Nullable StudentVoice voice, @Nullable Hand hand, Access access,
    @Nullable UseKept useKept) {
    public Student(String id, String name, @Nullable Integer schoolYear, String className, Screen screen, Appearance appearance) {
        this(id, name, schoolYear, className, screen, appearance, false, null, null, Access.USUAL, null);
    }

    public Student {
        name = Text.tidy(name);
        className = Text.tidy(className);
        appearance = appearance == null ? Appearance.USUAL : appearance;
        access = access == null ? Access.USUAL : access;
        if (name.isEmpty()) {
            throw new Unacceptable("student-without-name");
        }
        Text.atMost(60, "student_name", name);
        Text.atMost(40, "class_name", className);
        if (schoolYear != null && (schoolYear < 0 || schoolYear > 14)) {
            throw new Unacceptable("school-year", "has", schoolYear);
        }
    }

    public Student withScreen(Screen held) {
        return new Student(id, name, schoolYear, className, held, appearance, placesKept, voice, hand, access, useKept);
    }

    public Student withPlacesKept(boolean kept) {
        return new Student(id, name, schoolYear, className, screen, appearance, kept, voice, hand, access, useKept);
    }

    public Student withUseKept(UseKept to) {
        return new Student(id, name, schoolYear, className, screen, appearance, placesKept, voice, hand, access, to);
    }

    public Student withAccess(Access to) {
        return new Student(id, name, schoolYear, className, screen, appearance, placesKept, voice, hand, to, useKept);
    }

    /**
     * With the settings of another student’s talk: how it is touched and scanned, the voice, what the hand needs. Why the other’s hand needs it is the
     * other’s, and does not come along; screen and look stay.
     */
    public Student talkingAs(Student other) {
        Hand needs = other.hand == null ? null : new Hand(other.hand.leastCell(), other.hand.gap(), "");
        return new Student(id, name, schoolYear, className, screen, appearance, placesKept, other.voice, needs, other.access, useKept);
    }

    /** As it is told to who only talks with the student's boards: what talking needs, and neither class nor year. */
    public Student forTalking() {
        return new Student(id, name, null, "", screen, appearance, placesKept, voice, null, access, useKept);
    }

    /**
     * A change brought together with what holds, fact by fact.
     *
     * @param student {@code now} where they met
     * @param met     what two people changed, each otherwise, such as {@code name}; null for nothing
     */
    public record Brought(Student student, @Nullable String met) {
    }

    /** What was changed here against what was seen, on top of what others changed meanwhile. @param was as this was seen @param now as it is */
    public Brought onto(Student was, Student now) {
        Bringing bringing = new Bringing();
        Student brought = new Student(now.id, bringing.mine("name", was.name, name, now.name) ? name : now.name,
            bringing.mine("school_year", was.schoolYear, schoolYear, now.schoolYear) ? schoolYear : now.schoolYear,
            bringing.mine("class_name", was.className, className, now.className) ? className : now.className,
            bringing.mine("screen", was.screen, screen, now.screen) ? screen : now.screen,
            bringing.mine("look", was.appearance, appearance, now.appearance) ? appearance : now.appearance,
            bringing.mine("places_kept", was.placesKept, placesKept, now.placesKept) ? placesKept : now.placesKept,
            bringing.mine("voice", was.voice, voice, now.voice) ? voice : now.voice,
            bringing.mine("hand", was.hand, hand, now.hand) ? hand : now.hand,
            new Access(
                bringing.mine("touching", was.access.touching(), access.touching(), now.access.touching()) ? access.touching() : now.access.touching(),
                bringing.mine("scanning", was.access.scanning(), access.scanning(), now.access.scanning()) ? access.scanning() : now.access.scanning()),
            bringing.mine("use_kept", was.useKept, useKept, now.useKept) ? useKept : now.useKept);
        return new Brought(bringing.met == null ? brought : now, bringing.met);
    }

    private static final class Bringing {
        private @Nullable String met;

        /** Whether it was changed here; if others changed it too, and otherwise, they met. */
        private boolean mine(String what, @Nullable Object was, @Nullable Object mine, @Nullable Object now) {
            boolean changed = !Objects.equals(mine, was) && !Objects.equals(mine, now);
            if (changed && !Objects.equals(now, was) && met == null) {
                met = what;
            }
            return changed;
        }
    }

    /** What the hand needs: as was found right, or as usual. */
    public Hand handOrUsual() {
        return hand == null ? Hand.USUAL : hand;
    }
}
