package org.dwimble.server.wordlist;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.Seen;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Who may see or change a list: a student's, that student's team; one for nobody in particular, who made it; one on the shelf, everybody
 * may look at, without the pictures he or she may not use.
 */
@Component
public class ListAccess implements Seen {
    private final ListStore lists;
    private final StudentStore students;
    private final Pictures pictures;

    ListAccess(ListStore lists, StudentStore students, Pictures pictures) {
        this.lists = lists;
        this.students = students;
        this.pictures = pictures;
    }

    /** @param kept as this person may see it @param team false for who sees it on the shelf alone @param mayEdit false for who only looks */
    public record May(ListStore.Kept kept, boolean team, boolean mayEdit) {
    }

    public May toList(long id, Account account) {
        ListStore.Kept kept = lists.there(id);
        boolean team = kept.student() != null && students.role(kept.student(), account.id()).isPresent();
        boolean edits = kept.student() == null ? kept.owner() == account.id()
            : students.role(kept.student(), account.id()).filter(r -> r.mayEdit()).isPresent();
        if (!team && !edits && !kept.shared()) {
            throw Problem.notFound("list");
        }
        return team || edits ? new May(kept.with(forTeam(kept, account)), true, edits)
            : new May(new ListStore.Kept(kept.id(), kept.version(), null, kept.owner(), true, usable(kept.list(), account, null), kept.from(),
                List.of()), false, false);
    }

    /** The same, or nothing if this account may not see it. */
    public Optional<May> find(long id, Account account) {
        try {
            return Optional.of(toList(id, account));
        } catch (Problem no) {
            return Optional.empty();
        }
    }

    @Override
    public String kind() {
        return "list";
    }

    @Override
    public boolean may(String id, Account account) {
        return find(Long.parseLong(id), account).isPresent();
    }

    private WordList forTeam(ListStore.Kept kept, Account account) {
        Predicate<String> may = pictures.usable(account, null);
        return kept.list().forTeam(student -> student.equals(kept.student()) || students.role(student, account.id()).isPresent(),
            p -> !MediaId.isOwn(p) || may.test(p));
    }

    public ListStore.Kept toChange(long id, Account account) {
        May may = toList(id, account);
        if (!may.mayEdit()) {
            throw new Problem(HttpStatus.FORBIDDEN, "only-look");
        }
        return may.kept();
    }

    /** As an account may use it for somebody. @param student null for nobody in particular */
    WordList usable(WordList list, Account account, @Nullable String student) {
        Predicate<String> may = pictures.usable(account, student);
        return list.forOthers(p -> !MediaId.isOwn(p) || may.test(p));
    }
}
