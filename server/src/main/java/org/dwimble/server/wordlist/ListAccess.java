package org.dwimble.server.wordlist;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.leaving.Doors;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Who may see or change a list: a student's, that student's team; one for nobody in particular, who made it; one on the shelf, everybody
 * may look at, without the pictures he or she may not use.
 */
@Component
public class ListAccess {
    private final ListStore lists;
    private final Rights rights;
    private final Pictures pictures;
    private final Doors doors;

    ListAccess(ListStore lists, Rights rights, Pictures pictures, Doors doors) {
        this.lists = lists;
        this.rights = rights;
        this.pictures = pictures;
        this.doors = doors;
    }

    /** @param kept as this person may see it @param team false for who sees it on the shelf alone @param may what else this person may do with it */
    public record May(ListStore.Kept kept, boolean team, Set<Act> may) {
    }

    public May toList(long id, Account account) {
        Set<Act> acts = rights.must(account, Act.LOOK, Thing.list(id));
        ListStore.Kept kept = lists.there(id);
        boolean team = kept.student() != null && looksInto(kept.student(), account);
        return team || acts.contains(Act.CHANGE) ? new May(kept.with(forTeam(kept, account)), true, acts)
            : new May(new ListStore.Kept(kept.id(), kept.version(), null, kept.owner(), true, kept.list().forOthers(goes(doors.toShelf(account))), kept.from(),
                List.of()), false, acts);
    }

    /**
     * A list to be shown on a screen: to whoever may look at it, and, if it stands on its student's row, to whoever talks with the student.
     *
     * @param acts all that this person may do with it
     * @param team false for who sees it on the shelf alone: how the student's day goes is not for him or her
     */
    public record Shown(ListStore.Kept kept, Set<Act> acts, boolean team) {
    }

    public Shown toShow(long id, Account account) {
        Set<Act> acts = rights.must(account, Act.SEE, Thing.list(id));
        if (acts.contains(Act.LOOK)) {
            May may = toList(id, account);
            return new Shown(may.kept(), acts, may.team());
        }
        ListStore.Kept kept = lists.there(id);
        if (kept.student() == null || kept.list().showing().as() == null) {
            throw Problem.notFound(Thing.Sort.LIST.word());
        }
        return new Shown(kept.with(kept.list().withRows(List.of())), acts, true);
    }

    /** The same, or nothing if this account may not see it. */
    public Optional<May> find(long id, Account account) {
        try {
            return Optional.of(toList(id, account));
        } catch (Problem no) {
            return Optional.empty();
        }
    }

    private boolean looksInto(String student, Account account) {
        return rights.may(account, Act.LOOK, Thing.student(student));
    }

    private WordList forTeam(ListStore.Kept kept, Account account) {
        Predicate<String> may = pictures.usable(account, null);
        return kept.list().forTeam(student -> student.equals(kept.student()) || looksInto(student, account),
            p -> !MediaId.isOwn(p) || may.test(p));
    }

    public ListStore.Kept toChange(long id, Account account) {
        May may = toList(id, account);
        if (!may.may().contains(Act.CHANGE)) {
            throw new Problem(HttpStatus.FORBIDDEN, "only-look");
        }
        return may.kept();
    }

    /** As it goes on to somebody: without photos of people and what is not for this student. @param student null for nobody in particular */
    WordList goingTo(@Nullable String student, WordList list, Account account) {
        return list.forOthers(goes(student == null ? doors.toShelf(account) : doors.toStudent(student, Leaving.Answer.NOTHING, account)));
    }

    private static Predicate<String> goes(Leaving leaving) {
        return picture -> !leaving.stays(picture);
    }

    /** As an account may make it for somebody, of words and pictures chosen now. @param student null for nobody in particular */
    WordList usable(WordList list, Account account, @Nullable String student) {
        Predicate<String> may = pictures.usable(account, student);
        return list.forOthers(p -> !MediaId.isOwn(p) || may.test(p));
    }
}
