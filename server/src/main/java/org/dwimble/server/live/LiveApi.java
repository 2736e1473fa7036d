package org.dwimble.server.live;

import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.server.account.Account;
import org.dwimble.server.grant.For;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Having a vocabulary or a word list open. */
@RestController
class LiveApi {
    /** @param connection from the hello; @param board that is shown now */
    record Shows(String connection, String board) {
    }

    private final Live live;
    private final Heads heads;

    LiveApi(Live live, Heads heads) {
        this.live = live;
        this.heads = heads;
    }

    /** Events: hello, then changed and here as they happen. */
    @For(Act.SEE)
    @GetMapping(value = "/api/vocabularies/{vocabulary}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(defaultValue = "") String board) {
        return open(Thing.vocabulary(vocabulary), account, board);
    }

    /** The same of a list. */
    @For(Act.LOOK)
    @GetMapping(value = "/api/lists/{list}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listEvents(@AuthenticationPrincipal Account account, @PathVariable long list) {
        return open(Thing.list(list), account, "");
    }

    private SseEmitter open(Thing thing, Account account, String board) {
        return live.open(thing, account, board, () -> heads.version(thing));
    }

    @For(Act.SEE)
    @PutMapping("/api/vocabularies/{vocabulary}/here")
    void here(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Shows shows) {
        live.moved(Thing.vocabulary(vocabulary), shows.connection() == null ? "" : shows.connection(),
            shows.board() == null ? "" : shows.board(),
            account);
    }

    /** A page that is left says so, so that nobody seems to be there who is not. */
    @For(Act.SEE)
    @DeleteMapping("/api/vocabularies/{vocabulary}/here")
    void leave(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam String connection) {
        live.left(Thing.vocabulary(vocabulary), connection, account);
    }

    @For(Act.LOOK)
    @DeleteMapping("/api/lists/{list}/here")
    void leaveList(@AuthenticationPrincipal Account account, @PathVariable long list, @RequestParam String connection) {
        live.left(Thing.list(list), connection, account);
    }
}
