package synopta.core.identify;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.KnownFact;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.reading.Conditions;
import synopta.core.reading.Judging;
import synopta.core.reading.Judgment;

/** Gathers the evidence of a draft with its sources; what came later counts, what was struck out does not. */
public final class EvidenceCollector {
    /** The finding that the panel shows a code. */
    private static final String SHOWN = "error-code";

    private final ParsedComplaint parsed;
    private final Map<String, Evidence> evidence = new TreeMap<>();
    private final Map<String, KnownFact> known = new TreeMap<>();
    private final List<String> order = new ArrayList<>();
    private final Set<String> excluded;
    private final Set<String> notKnown = new HashSet<>();
    private final NameplateData plates;
    private final Map<String, JudgedReading> judged = new TreeMap<>();

    /**
     * Gathers it.
     *
     * @param code fault code of the case; null where none was read
     */
    public EvidenceCollector(
            Pack pack, ParsedComplaint parsed, CaseInput input, NameplateData plates, @Nullable ReadCode code) {
        this.parsed = parsed;
        this.plates = plates;
        this.excluded = input.excluded();
        parsed.heard()
                .forEach(h ->
                        put(pack, h.evidence(), caller(h.phrase(), h.evidence().sure())));
        for (ParsedComplaint.Named named : parsed.named()) {
            if (named.how() == ParsedComplaint.Named.How.ASKED) {
                named(pack, named);
            }
        }
        if (code != null) {
            coded(pack, code);
        }
        parsed.measured()
                .forEach(m ->
                        measured(pack, new CaseInput.Measured(m.test().finding().id(), m.reading()), "caller"));
        for (CaseInput.Answered answered : input.findings()) {
            if (answered.isNotKnown()) {
                dontKnow(pack, answered.finding());
            } else {
                put(pack, evidence(pack, answered), answered.sure() ? "answered" : "answered: not sure");
            }
        }
        input.readings().forEach(m -> measured(pack, m, "meter"));
        for (Evidence given : evidence()) {
            follow(pack, given);
        }
    }

    private static String caller(String phrase, boolean sure) {
        return (sure ? "caller: “%s”" : "caller, not sure: “%s”").formatted(phrase);
    }

    /** That a code shows; what it means on this machine is likely, not sure: it names a circuit. */
    private void coded(Pack pack, ReadCode code) {
        String source = "code " + code.code();
        pack.finding(SHOWN).ifPresent(shown -> put(pack, Evidence.of(SHOWN, "yes"), source));
        Map<String, String> findings =
                code.known() == null ? Map.of() : code.known().findings();
        findings.forEach((finding, answer) -> {
            boolean known = pack.finding(finding).map(f -> f.knows(answer)).orElse(false);
            if (known && !evidence.containsKey(KnownFact.keyOf(finding))) {
                put(pack, new Evidence(finding, answer, false), source);
            }
        });
    }

    /** What was surely said of how the machine is built: answers to findings of construction, by finding. */
    public Map<String, String> kinds(Pack pack) {
        Map<String, String> kinds = new TreeMap<>();
        evidence.values().stream()
                .filter(piece -> piece.sure()
                        && pack.finding(piece.finding()).orElseThrow().isOfConstruction())
                .forEach(piece -> kinds.put(piece.finding(), piece.answer()));
        return kinds;
    }

    /** A part asked for by name: weak evidence, weaker where the word has two meanings. */
    private void named(Pack pack, ParsedComplaint.Named named) {
        boolean one = named.partTypes().size() == 1;
        for (String slug : named.partTypes()) {
            String asked = pack.partType(slug).orElseThrow().requestFinding();
            if (!evidence.containsKey(KnownFact.keyOf(asked))) {
                String source = caller(named.phrase(), true) + (one ? "" : ": which part?");
                put(pack, new Evidence(asked, "yes", one), source);
            }
        }
    }

    private void put(Pack pack, Evidence piece, String source) {
        String key = KnownFact.keyOf(piece.finding());
        if (excluded.contains(key)) {
            return;
        }
        String words = pack.finding(piece.finding())
                .orElseThrow()
                .answer(piece.answer())
                .words();
        evidence.put(key, piece);
        know(new KnownFact(key, words, source, piece.sure()));
    }

    /** A reading that has a verdict is evidence; one that has none is known, and says what is missing. */
    private void measured(Pack pack, CaseInput.Measured measured, String source) {
        MeterTest test = test(pack, measured);
        Conditions beside = measured.beside().or(parsed.beside()).or(plates.of(test));
        Judgment judgment = test.judge(measured.reading(), beside);
        String key = KnownFact.keyOf(test.finding().id());
        if (excluded.contains(key)) {
            return;
        }
        String part = test.part(pack);
        String unit = test.unit().symbol();
        judged.put(key, new JudgedReading(test.finding().id(), part, measured.reading(), unit, judgment));
        String answer = MeterTest.answer(judgment.verdict());
        String shown = "%s: %s".formatted(source, Judging.shown(measured.reading(), test.unit()));
        if (answer != null) {
            boolean sure = judgment.verdict().isSure();
            put(pack, new Evidence(test.finding().id(), answer, sure), shown);
        } else {
            evidence.remove(key);
            String words = judgment.need() == null
                    ? judgment.why()
                    : "%s: not enough is known to judge the reading".formatted(part);
            know(new KnownFact(key, words, shown, false));
        }
    }

    private void know(KnownFact fact) {
        order.remove(fact.key());
        order.add(fact.key());
        known.put(fact.key(), fact);
    }

    /** What is implied once an answer is given, unless somebody said otherwise. */
    private void follow(Pack pack, Evidence given) {
        Finding.Answer answer = finding(pack, given.finding()).answer(given.answer());
        for (Finding.Implied implied : given.sure() ? answer.implies() : List.<Finding.Implied>of()) {
            if (!order.contains(KnownFact.keyOf(implied.finding()))) {
                String source = "implied by: “%s”".formatted(answer.words().toLowerCase(Locale.ROOT));
                put(pack, Evidence.of(implied.finding(), implied.answer()), source);
            }
        }
    }

    private void dontKnow(Pack pack, String id) {
        String key = KnownFact.keyOf(id);
        if (!excluded.contains(key) && !evidence.containsKey(key)) {
            notKnown.add(id);
            order.add(key);
            known.put(key, new KnownFact(key, finding(pack, id).question(), "answered: not known", false));
        }
    }

    private static Finding finding(Pack pack, String id) {
        return pack.finding(id)
                .orElseThrow(() -> new IllegalArgumentException("Finding (%s) is not known for a %s."
                        .formatted(id, pack.appliance().slug())));
    }

    static Evidence evidence(Pack pack, CaseInput.Answered answered) {
        Finding finding = finding(pack, answered.finding());
        return new Evidence(finding.id(), finding.answer(answered.answer()).slug(), answered.sure());
    }

    private static MeterTest test(Pack pack, CaseInput.Measured measured) {
        return pack.test(measured.test())
                .orElseThrow(() -> new IllegalArgumentException("Test (%s) is not known for a %s."
                        .formatted(measured.test(), pack.appliance().slug())));
    }

    public ParsedComplaint parsed() {
        return parsed;
    }

    public List<Evidence> evidence() {
        return order.stream().filter(evidence::containsKey).map(evidence::get).toList();
    }

    /** What to do at once, where something was said that stops everything, however unsure; empty otherwise. */
    public Optional<String> stop(Pack pack) {
        return evidence().stream()
                .map(piece -> pack.finding(piece.finding())
                        .orElseThrow()
                        .answer(piece.answer())
                        .stop())
                .filter(Objects::nonNull)
                .findFirst();
    }

    /** Readings with their verdicts, in the order they were given. */
    public List<JudgedReading> readings() {
        return order.stream().filter(judged::containsKey).map(judged::get).toList();
    }

    public Set<String> notKnown() {
        return notKnown;
    }

    public List<KnownFact> known() {
        return order.stream().map(known::get).toList();
    }
}
