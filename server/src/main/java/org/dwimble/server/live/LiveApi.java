package org.dwimble.server.live;

import org.dwimble.server.account.Account;
import org.dwimble.server.student.Access;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Having a vocabulary open. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class LiveApi {
    /** @param connection from the hello; @param board that is shown now */
    record Shows(String connection, String board) {
    }

    private final Live live;
    private final Access access;
    private final Heads heads;

    LiveApi(Live live, Access access, Heads heads) {
        this.live = live;
        this.access = access;
        this.heads = heads;
    }

    /** Events: hello, then changed and here as they happen. */
    @GetMapping(value = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(defaultValue = "") String board) {
        access.toVocabulary(vocabulary, account);
        return live.open(vocabulary, account, board, () -> heads.version(vocabulary));
    }

    @PutMapping("/here")
    void here(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Shows shows) {
        access.toVocabulary(vocabulary, account);
        live.moved(vocabulary, shows.connection() == null ? "" : shows.connection(), shows.board() == null ? "" : shows.board(), account);
    }

    /** A page that is left says so, so that nobody seems to be there who is not. */
    @DeleteMapping("/here")
    void leave(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam String connection) {
        access.toVocabulary(vocabulary, account);
        live.left(vocabulary, connection, account);
    }
}
