package org.dwimble.server.picture;

import java.time.Duration;
import java.util.List;
import org.dwimble.core.board.Kind;
import org.dwimble.core.obf.Media;
import org.dwimble.core.words.Kinds;
import org.dwimble.core.words.LibraryPicture;
import org.dwimble.core.words.PictureSearch;
import org.dwimble.core.words.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.Access;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Finding library pictures, and showing those a vocabulary brought along. */
@RestController
class PictureApi {
    private static final int MOST = 60;

    /** @param why the reason it was found, in a word or two; @param own true if it is what the word would get by itself */
    record FoundPicture(String id, String name, String why, boolean own) {
    }

    /** @param kind what the word would be taken for */
    record FoundPictures(String word, Kind kind, List<FoundPicture> pictures) {
    }

    private final PictureSearch search;
    private final Kinds kinds;
    private final MediaStore media;
    private final Access access;

    PictureApi(PictureSearch search, Kinds kinds, MediaStore media, Access access) {
        this.search = search;
        this.kinds = kinds;
        this.media = media;
        this.access = access;
    }

    /** @param query a word, or a word line of which the last word is looked for */
    @GetMapping("/api/pictures")
    FoundPictures pictures(@RequestParam String query, @RequestParam(defaultValue = "8") int most) {
        List<WordLine.Entry> entries = WordLine.read(query);
        String word = entries.isEmpty() ? "" : entries.get(entries.size() - 1).pictureWord();
        @Nullable LibraryPicture best = search.best(word).orElse(null);
        List<FoundPicture> found = search.find(word, Math.max(1, Math.min(most, MOST))).stream()
            .map(f -> new FoundPicture(f.picture().id(), f.picture().name(), f.why().words(), f.picture().equals(best)))
            .sorted(java.util.Comparator.comparing((FoundPicture f) -> !f.own())).toList();
        return new FoundPictures(word, kinds.of(word, best), found);
    }

    @GetMapping("/api/vocabularies/{vocabulary}/pictures/{hash}")
    ResponseEntity<byte[]> ownPicture(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String hash) {
        access.toVocabulary(vocabulary, account);
        Media.Item item = media.ofVocabulary(vocabulary, hash).orElseThrow(() -> Problem.notFound("picture"));
        return ResponseEntity.ok()
            .contentType(MediaType.parseMediaType(item.contentType()))
            .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
            .header("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; sandbox")
            .body(item.bytes());
    }
}
