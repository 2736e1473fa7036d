package org.dwimble.server.edit;

import java.util.List;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.grant.Act;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.For;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Changing a vocabulary, taking changes back, and going back. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class EditApi {
    /** @param base the version the board came from that the person was looking at */
    record EditRequest(int base, @Nullable Intention edit) {
    }

    /** @param before takes back the last change older than this version; null for the last */
    record UndoRequest(@Nullable Integer before) {
    }

    record GoBackRequest(int base, int version) {
    }

    private final Editing editing;

    EditApi(Editing editing) {
        this.editing = editing;
    }

    /**
     * Makes an edit. One that would take words from their places which the student has learned is refused with a sentence and, if
     * there is one, something else that takes none, until the person is sure.
     *
     * @param step   of the plan, if there is one, that words belong to that are new by it; none for the one the student is at
     * @param sure   true if the person was told what would move
     * @param reason why, where the student's places are kept
     */
    @For(Act.CHANGE)
    @PostMapping("/edits")
    Editing.Changed edit(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody EditRequest request,
        @RequestParam(required = false) @Nullable String step, @RequestParam(required = false) @Nullable Boolean sure,
        @RequestParam(required = false) @Nullable String reason) {
        return editing.edit(account, vocabulary, request.base(), request.edit(), List.of(), step, Learned.Answer.of(sure, reason));
    }

    /** What an edit would do, without doing it. */
    @For(Act.CHANGE)
    @PostMapping("/previews")
    Editing.Preview preview(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody EditRequest request) {
        return editing.preview(account, vocabulary, request.edit());
    }

    @For(Act.CHANGE)
    @PostMapping("/undo")
    Editing.Changed undo(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody UndoRequest request,
        @RequestParam(required = false) @Nullable Boolean sure, @RequestParam(required = false) @Nullable String reason) {
        return editing.undo(account, vocabulary, request.before(), Learned.Answer.of(sure, reason));
    }

    @For(Act.CHANGE)
    @PostMapping("/redo")
    Editing.Changed redo(@AuthenticationPrincipal Account account, @PathVariable long vocabulary,
        @RequestParam(required = false) @Nullable Boolean sure, @RequestParam(required = false) @Nullable String reason) {
        return editing.redo(account, vocabulary, Learned.Answer.of(sure, reason));
    }

    /** Makes everything as it was at an earlier version. */
    @For(Act.CHANGE)
    @PostMapping("/going-back")
    Editing.Changed goBack(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody GoBackRequest request,
        @RequestParam(required = false) @Nullable Boolean sure, @RequestParam(required = false) @Nullable String reason) {
        return editing.goBack(account, vocabulary, request.base(), request.version(), Learned.Answer.of(sure, reason));
    }
}
