package org.dwimble.server.fact;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.fact.Fact;
import org.dwimble.core.fact.Proposal;
import org.dwimble.core.grant.Act;
import org.dwimble.core.reveal.ProposedPlan;
import org.dwimble.core.route.Routes;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.library.Library;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A reveal plan proposed for a student: what moves him or her is known from facts and photos. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class ProposedPlanApi {
    /** @param buttons ids of all buttons that say it; @param why in a few words, to follow it */
    record ProposedWordView(String text, String board, String name, List<String> buttons, @Nullable String picture, String why) {
    }

    /** @param name one can go by */
    record ProposedStepView(String name, int target, List<ProposedWordView> words) {
    }

    private final FactStore facts;
    private final FactApi factApi;
    private final VocabularyStore store;
    private final Library library;
    private final Wording wording;

    ProposedPlanApi(FactStore facts, FactApi factApi, VocabularyStore store, Library library, Wording wording) {
        this.facts = facts;
        this.factApi = factApi;
        this.store = store;
        this.library = library;
        this.wording = wording;
    }

    /** @param targets how many words are shown at each step, growing; 0, as the last, for all */
    @For(Act.CHANGE)
    @GetMapping("/proposed-plan")
    List<ProposedStepView> proposed(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam List<Integer> targets) {
        Unacceptable.ifMissing(targets);
        VocabularyStore.Kept kept = store.there(vocabulary);
        Vocabulary now = kept.vocabulary();
        return ProposedPlan.of(now, Routes.of(now), targets, motives(kept), library.frequency()::commonness).stream()
            .map(step -> new ProposedStepView(wording.of(step.target() == ProposedPlan.ALL ? Told.of("step-all") : Told.of("step-of", "count",
                step.target())), step.target(),
                step.words().stream().map(w -> new ProposedWordView(w.text(), w.board(), now.at(w.board()).name(), w.buttons(), w.button().picture(),
                    wording.of(w.why()))).toList()))
            .toList();
    }

    private Map<String, Told> motives(VocabularyStore.Kept kept) {
        Map<String, Told> motives = new HashMap<>();
        for (Board board : kept.vocabulary().boards().values()) {
            for (Button b : board.buttons()) {
                if (b.picture() != null && MediaId.isOwn(b.picture()) && b.shown().left() == null) {
                    motives.put(b.id(), Told.of(b.kind() == Kind.WHO ? "why-somebody" : "why-own-photo"));
                }
            }
        }
        if (kept.student() != null) {
            facts.of(kept.student()).stream().filter(f -> f.fact().what() == Fact.What.INTEREST)
                .forEach(f -> factApi.proposed(f.fact(), kept.vocabulary()).stream().filter(p -> p.sure() != Proposal.Sure.PERHAPS)
                    .forEach(p -> motives.put(p.button().id(), Told.of("why-likes", "what", f.fact().about()))));
        }
        return motives;
    }
}
