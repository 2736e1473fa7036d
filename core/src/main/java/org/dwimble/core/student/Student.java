package org.dwimble.core.student;

import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.screen.Screen;
import org.jspecify.annotations.Nullable;

/**
 * A student.
 *
 * @param schoolYear 0 to 14; null for an adult or where years do not apply
 * @param className  may be empty
 * @param appearance how pictures look to the student
 * @param placesKept true if a change that would take a shown word from its place needs a second step, with the reason
 */
public record Student(String id, String name, @Nullable Integer schoolYear, String className, Screen screen, Appearance appearance,
    boolean placesKept) {
    public Student(String id, String name, @Nullable Integer schoolYear, String className, Screen screen, @Nullable Appearance appearance) {
        this(id, name, schoolYear, className, screen, appearance, false);
    }

    public Student {
        name = Text.tidy(name);
        className = Text.tidy(className);
        appearance = appearance == null ? Appearance.USUAL : appearance;
        if (name.isEmpty()) {
            throw new Unacceptable("student-without-name");
        }
        Text.atMost(60, "student_name", name);
        Text.atMost(40, "class_name", className);
        if (schoolYear != null && (schoolYear < 0 || schoolYear > 14)) {
            throw new Unacceptable("school-year", "has", schoolYear);
        }
    }
}
