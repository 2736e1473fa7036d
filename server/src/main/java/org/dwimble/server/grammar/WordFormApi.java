package org.dwimble.server.grammar;

import com.ibm.icu.util.ULocale;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.grammar.FormsOf;
import org.dwimble.core.grammar.WordForms;
import org.dwimble.core.grant.Act;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The forms of the words of a vocabulary, told at once: the talk view goes on when the network does not. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/word-forms")
class WordFormApi {
    private final VocabularyStore store;

    WordFormApi(VocabularyStore store) {
        this.store = store;
    }

    /** None for a vocabulary that is not English. */
    @For(Act.SEE)
    @GetMapping
    List<FormsOf> wordForms(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        Vocabulary now = store.there(vocabulary).vocabulary();
        if (!ULocale.forLanguageTag(now.locale()).getLanguage().equals("en")) {
            return List.of();
        }
        Map<String, FormsOf> forms = new LinkedHashMap<>();
        now.boards().values().stream().flatMap(b -> b.buttons().stream()).filter(b -> b.isWord() && b.kind() != null).map(WordFormApi::of)
            .filter(FormsOf::hasAny).forEach(f -> forms.putIfAbsent(Names.folded(f.word()), f));
        return List.copyOf(forms.values());
    }

    private static FormsOf of(Button word) {
        return WordForms.english().of(word.spoken(), word.kind());
    }
}
