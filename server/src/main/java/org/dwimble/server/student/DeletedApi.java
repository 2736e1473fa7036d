package org.dwimble.server.student;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import org.dwimble.core.grant.Act;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.problem.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Deleting students and vocabularies, and having them back from one place. */
@RestController
@RequestMapping("/api")
class DeletedApi {
    /** @param of the student a vocabulary is of; @param until the last moment it can be had back */
    record DeletedView(DeletedStore.What what, String id, String name, @Nullable String of, String at, String until, @Nullable String by) {
    }

    record Wanted(DeletedStore.What what, String id) {
    }

    private final DeletedStore deleted;
    private final Clock clock;

    DeletedApi(DeletedStore deleted, Clock clock) {
        this.deleted = deleted;
        this.clock = clock;
    }

    @For(Act.OWN)
    @DeleteMapping("/students/{student}")
    void deleteStudent(@AuthenticationPrincipal Account account, @PathVariable String student) {
        deleted.deleteStudent(student, account.id(), clock.instant());
    }

    @For(Act.CHANGE)
    @DeleteMapping("/vocabularies/{vocabulary}")
    void deleteVocabulary(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        deleted.deleteVocabulary(vocabulary, account.id(), clock.instant());
    }

    @ForSignedIn("what this person may have back")
    @GetMapping("/deleted")
    List<DeletedView> deleted(@AuthenticationPrincipal Account account) {
        return deleted.ofAccount(account.id(), clock.instant()).stream()
            .map(d -> new DeletedView(d.what(), d.id(), d.name(), d.of(), d.at().toString(), d.until().toString(), d.by())).toList();
    }

    /** Puts back what was deleted. Only what is listed for this person can be had. */
    @ForSignedIn("what this person may have back")
    @PostMapping("/deleted/restored")
    List<DeletedView> restore(@AuthenticationPrincipal Account account, @RequestBody Wanted wanted) {
        deleted.ofAccount(account.id(), clock.instant()).stream().filter(d -> d.what() == wanted.what() && d.id().equals(wanted.id())).findFirst()
            .orElseThrow(() -> Problem.notFound(wanted.what() == null ? "page" : wanted.what().name().toLowerCase(Locale.ROOT)));
        deleted.restore(wanted.what(), wanted.id());
        return deleted(account);
    }
}
