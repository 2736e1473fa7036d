package org.dwimble.server.wordlist;

import java.util.List;
import java.util.Set;
import org.dwimble.core.grant.Act;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.student.Student;
import org.dwimble.core.support.Support;
import org.dwimble.core.wordlist.ClassTable;
import org.dwimble.core.wordlist.ListedWord;
import org.dwimble.core.wordlist.Second;
import org.dwimble.server.told.Wording;
import org.dwimble.server.version.Steps;
import org.dwimble.server.version.Version;
import org.jspecify.annotations.Nullable;

/**
 * A list as it is seen.
 *
 * @param support  what it is set to, set up so
 * @param supports the names of all there are, in the order in which they are offered
 * @param classTable the students it is printed for as a table to be changed; empty for none
 * @param pupils   those, and their photos
 * @param art      the part of a library picture's address that gives look, skin tone and hair
 * @param from     what it is a copy of, in words; null if of nothing
 * @param undo     what undo would take back for who asks, in words; null if nothing
 */
record ListView(long id, int version, String name, List<ListedWord> words, @Nullable Second second, Support support, List<SupportName> supports, PageSetup page,
    Showing showing,
    @Nullable Whose student, Set<Act> may, boolean shared, boolean mine, @Nullable String from, String classTable, List<Pupil> pupils, String art,
    @Nullable String undo, @Nullable String redo) {

    record Whose(String id, String name) {
    }

    /** @param photo null for none */
    record Pupil(String name, @Nullable String photo) {
    }

    /** @param name as data has it @param words as people say it */
    record SupportName(String name, String words) {
    }

    static ListView of(ListAccess.May may, @Nullable Student student, boolean mine, @Nullable String from, List<SupportName> supports,
        Steps steps, Wording wording) {
        ListStore.Kept kept = may.kept();
        Appearance appearance = student == null ? Appearance.USUAL : student.appearance();
        return new ListView(kept.id(), kept.version(), kept.list().name(), kept.list().words(), kept.list().second(), kept.list().support(), supports,
            kept.list().page(), kept.list().showing(), student == null ? null : new Whose(student.id(), student.name()), may.may(), kept.shared(), mine, from,
            ClassTable.write(kept.list()), kept.list().rows().stream().map(r -> new Pupil(r.name(), r.photo())).toList(), appearance.slug(),
            told(steps.undo(), wording), told(steps.redo(), wording));
    }

    private static @Nullable String told(@Nullable Version version, Wording wording) {
        return version == null ? null : wording.of(version.told());
    }
}
