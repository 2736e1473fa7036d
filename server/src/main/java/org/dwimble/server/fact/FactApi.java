package org.dwimble.server.fact;

import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.fact.Fact;
import org.dwimble.core.fact.FactRules;
import org.dwimble.core.fact.Proposal;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.library.Library;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Facts about a student, and the words they propose to hold or to bring forward. For owners and editors of the team alone. */
@RestController
@RequestMapping("/api")
class FactApi {
    private static final int PROPOSED = 300;

    /** @param sentence what it is, in words: "egg allergy" */
    record FactView(long id, Fact.What what, String about, String note, String saidBy, String by, String madeAt, String sentence) {
    }

    record NewFact(Fact.What what, String about, @Nullable String note, @Nullable String saidBy) {
    }

    /**
     * @param why   in a few words
     * @param now   what keeps it back already; none if it is shown
     * @param other another fact that says the opposite of it; none if none does
     */
    record ProposalView(String board, String name, String button, Cell cell, String label, @Nullable String picture, Proposal.Does does,
        Proposal.Sure sure, String why,
        Revealed.@Nullable Kept now, @Nullable String other) {
    }

    private final FactStore facts;
    private final VocabularyStore store;
    private final Rights rights;
    private final Library library;
    private final Wording wording;
    private final Clock clock;
    private final FactRules rules = FactRules.reviewed();

    FactApi(FactStore facts, VocabularyStore store, Rights rights, Library library, Wording wording, Clock clock) {
        this.facts = facts;
        this.store = store;
        this.rights = rights;
        this.library = library;
        this.wording = wording;
        this.clock = clock;
    }

    /** What an allergy, a diet or a food rule can be about that the reviewed lists know. */
    @ForSignedIn("the same for all schools")
    @GetMapping("/fact-topics")
    List<String> topics() {
        return rules.known();
    }

    @For(Act.KNOW)
    @GetMapping("/students/{student}/facts")
    List<FactView> facts(@AuthenticationPrincipal Account account, @PathVariable String student) {
        return facts.of(student).stream().map(this::view).toList();
    }

    @For(Act.CHANGE)
    @PostMapping("/students/{student}/facts")
    FactView add(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestBody NewFact fact) {
        long id = facts.add(student, new Fact(fact.what(), fact.about(), Text.tidy(fact.note()), Text.tidy(fact.saidBy())), account.id(), clock.instant());
        return view(facts.find(student, id).orElseThrow());
    }

    @For(Act.CHANGE)
    @DeleteMapping("/students/{student}/facts/{fact}")
    List<FactView> remove(@AuthenticationPrincipal Account account, @PathVariable String student, @PathVariable long fact) {
        facts.remove(student, fact);
        return facts.of(student).stream().map(this::view).toList();
    }

    private FactView view(FactStore.Kept kept) {
        Fact fact = kept.fact();
        return new FactView(kept.id(), fact.what(), fact.about(), fact.note(), fact.saidBy(), kept.by(), kept.madeAt(), sentence(fact));
    }

    private String sentence(Fact fact) {
        return wording.of(Told.of("fact", "what", fact.what().name(), "about", fact.about()));
    }

    /** The words of a vocabulary a fact of its student is about, the surest first. */
    @For(Act.CHANGE)
    @GetMapping("/vocabularies/{vocabulary}/proposals")
    List<ProposalView> proposals(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam long fact) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        String student = Objects.requireNonNull(kept.student());
        FactStore.Kept asked = facts.find(student, fact).orElseThrow(() -> Problem.notFound("fact"));
        List<FactStore.Kept> others = facts.of(student).stream().filter(f -> f.id() != fact).toList();
        Vocabulary now = kept.vocabulary();
        Revealed revealed = Revealed.of(now);
        return proposed(asked.fact(), now).stream().limit(PROPOSED).map(p -> {
            Button b = p.button();
            String other = others.stream().filter(f -> opposite(f.fact(), p)).map(f -> sentence(f.fact())).findFirst().orElse(null);
            return new ProposalView(p.board(), now.at(p.board()).name(), b.id(), b.cell(), b.label(), b.picture(), p.does(), p.sure(),
                wording.of(p.why()),
                revealed.why(b), other);
        }).toList();
    }

    List<Proposal> proposed(Fact fact, Vocabulary vocabulary) {
        return rules.proposals(fact, vocabulary, library.categories()::kindsOf);
    }

    private boolean opposite(Fact fact, Proposal proposed) {
        Proposal says = rules.about(fact, proposed.board(), proposed.button(), library.categories()::kindsOf);
        return says != null && says.does() != proposed.does();
    }

    /** What facts say of a word that is being typed; nothing to who may not see facts. */
    @For(Act.LOOK)
    @GetMapping("/vocabularies/{vocabulary}/fact-notes")
    List<String> notes(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam String word) {
        boolean knows = rights.may(account, Act.KNOW, Thing.vocabulary(vocabulary));
        String student = store.find(vocabulary).map(VocabularyStore.Kept::student).orElse(null);
        String tidy = Text.tidy(word);
        if (!knows || student == null || tidy.isEmpty() || tidy.length() > 100) {
            return List.of();
        }
        Button typed = Button.word("typed", new Cell(0, 0), tidy, null, null);
        return facts.of(student).stream().flatMap(f -> Optional.ofNullable(rules.about(f.fact(), "", typed, library.categories()::kindsOf)).stream()
            .map(p -> wording.of(Told.of("fact-note", "fact", sentence(f.fact()), "word", tidy, "why", p.why(), "does", p.does().name())))).toList();
    }
}
