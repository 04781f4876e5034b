package synopta.demo;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.Customer;
import synopta.core.casefile.KnownFact;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.diagnosis.DiagnosisQuery;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Machine;
import synopta.core.diagnosis.Suspect;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.RepairPractices;
import synopta.core.record.CaseContent;
import synopta.core.record.CaseSnapshot;
import synopta.core.teardown.Teardown;

/** One caller of the scenario: what they say, what they are asked, and what it points to. */
final class DemoCase {
    private static final List<String> SPECIALISTS = List.of("Ida", "Tobias", "Wenna");
    private static final int QUESTIONS = 7;
    private static final int FIRST_SUSPECTS = 3;
    private static final double SURE = 0.75;
    private static final double USUAL_SECONDS = 85;

    private final Pack pack;
    private final Diagnoser diagnoser;
    private final Random random;

    DemoCase(Pack pack, Random random) {
        this.pack = pack;
        this.random = random;
        diagnoser = new Diagnoser(pack);
    }

    /** A caller who was served. */
    record Served(
            Pack pack,
            CaseInput draft,
            Layout layout,
            List<CaseSnapshot.Given> given,
            List<Suspect> ranked,
            String specialist,
            int seconds) {
        /** The likeliest faults that something is sold for. */
        List<Fault> suspects() {
            return ranked.stream()
                    .map(Suspect::fault)
                    .filter(fault -> fault.cure() == null)
                    .toList();
        }

        CaseContent content(@Nullable Fault overruled, Fault sold, List<CaseContent.Line> lines) {
            CaseInput with = draft.but()
                    .selected(overruled == null ? Set.of() : Set.of(sold.id()))
                    .deselected(overruled == null ? Set.of() : Set.of(overruled.id()))
                    .input();
            return new CaseContent(
                    with,
                    null,
                    lines,
                    cautions().stream().map(Caution::hazard).collect(Collectors.toSet()),
                    "customer",
                    specialist,
                    Customer.NONE,
                    seconds,
                    CaseContent.Status.HANDED_OVER);
        }

        private List<Caution> cautions() {
            Set<Fuel> fuels = Optional.ofNullable(draft.fuel()).map(EnumSet::of).orElse(EnumSet.allOf(Fuel.class));
            return pack.cautions().stream()
                    .filter(c -> c.partTypes().isEmpty())
                    .filter(c -> c.fuels().isEmpty() || c.fuels().stream().anyMatch(fuels::contains))
                    .toList();
        }

        CaseSnapshot snapshot(Fault sold, List<CaseSnapshot.Rule> rules) {
            double minutes = minutes(sold);
            return new CaseSnapshot(
                    pack.appliance(),
                    layout.id(),
                    Set.of(Objects.requireNonNullElse(draft.fuel(), Fuel.ELECTRIC)),
                    draft.ageYears(),
                    given.stream().map(this::known).toList(),
                    given,
                    ranked.stream()
                            .limit(CaseSnapshot.MOST_SUSPECTS)
                            .map(s -> new CaseSnapshot.Leaning(
                                    s.fault().id(),
                                    s.fault().partType(),
                                    s.probability().value()))
                            .toList(),
                    new CaseSnapshot.Advised("sell", "The likeliest of those asked about."),
                    Set.of(sold.id()),
                    rules,
                    cautions().stream()
                            .map(c -> new CaseSnapshot.Warned(c.hazard(), c.text()))
                            .toList(),
                    minutes > 0 ? minutes : null);
        }

        private KnownFact known(CaseSnapshot.Given given) {
            Finding finding = pack.finding(given.finding()).orElseThrow();
            String words = finding.answer(given.answer()).words();
            return new KnownFact("finding:" + given.finding(), words, given.asked() ? "asked" : "caller", true);
        }

        private double minutes(Fault sold) {
            Map<String, Integer> places = new HashMap<>();
            layout.places().stream()
                    .filter(place -> place.partType().equals(sold.partType()))
                    .filter(place -> sold.slot() == null || sold.slot().equals(place.slot()))
                    .forEach(place -> places.put(place.slot(), place.quantity()));
            return new Teardown(pack, layout, RepairPractices.USUAL, Set.of())
                    .work(places)
                    .minutes();
        }
    }

    /** Serves a caller with a machine that was drawn; empty when there is nothing to complain of. */
    Optional<Served> served(Model model, Layout layout, GroundTruth.Drawn drawn) {
        List<CaseSnapshot.Given> given = new ArrayList<>();
        List<String> phrases = new ArrayList<>();
        List<String> signs = new ArrayList<>(drawn.answers().keySet());
        signs.removeIf(finding -> phrase(finding, drawn.answers().get(finding)).isEmpty());
        for (int i = 0; i < 2 && !signs.isEmpty(); i++) {
            String finding = signs.remove(random.nextInt(signs.size()));
            String answer = drawn.answers().get(finding);
            given.add(new CaseSnapshot.Given(finding, answer, true, false));
            phrases.add(phrase(finding, answer).orElseThrow());
        }
        if (given.isEmpty()) {
            return Optional.empty();
        }
        Fuel fuel = Objects.requireNonNullElse(model.fuel(), Fuel.ELECTRIC);
        double age = Math.min(30, drawn.ageYears());
        Machine machine = new Machine(EnumSet.of(fuel), layout.id(), kinds(layout), age);
        List<CaseInput.Answered> asked = asked(machine, drawn, given);
        String specialist = SPECIALISTS.get(random.nextInt(SPECIALISTS.size()));
        double slower = 1 + 0.25 * SPECIALISTS.indexOf(specialist);
        int seconds = (int) (USUAL_SECONDS * slower * Math.exp(0.4 * random.nextGaussian()));
        return Optional.of(new Served(
                pack,
                draft(model, fuel, age, phrases, asked),
                layout,
                given,
                ranked(machine, given),
                specialist,
                seconds));
    }

    /** What the places of a machine show of its kinds. */
    private static Map<String, String> kinds(Layout layout) {
        return layout.kindsShownBy(
                layout.places().stream().map(Layout.Place::slot).toList());
    }

    /** Asks until a cause is likely, and adds the answers to what is given. */
    private List<CaseInput.Answered> asked(Machine machine, GroundTruth.Drawn drawn, List<CaseSnapshot.Given> given) {
        List<CaseInput.Answered> asked = new ArrayList<>();
        List<Suspect> ranked = ranked(machine, given);
        for (int i = 0; i < QUESTIONS && ranked.get(0).probability().value() < SURE; i++) {
            Optional<Finding> question = question(ranked, given);
            if (question.isPresent()) {
                Finding finding = question.get();
                String answer = drawn.answers().get(finding.id());
                given.add(new CaseSnapshot.Given(finding.id(), answer, true, true));
                asked.add(new CaseInput.Answered(finding.id(), answer, true));
                ranked = ranked(machine, given);
            }
        }
        return asked;
    }

    private Optional<String> phrase(String finding, String answer) {
        Finding of = pack.finding(finding).orElseThrow();
        return of.level(answer) > 0 ? of.answer(answer).said().stream().findFirst() : Optional.empty();
    }

    private List<Suspect> ranked(Machine machine, List<CaseSnapshot.Given> given) {
        List<Evidence> evidence =
                given.stream().map(g -> Evidence.of(g.finding(), g.answer())).toList();
        return diagnoser.diagnose(DiagnosisQuery.of(machine, evidence).withoutQuestions()).suspects().stream()
                .sorted(Comparator.comparing(Suspect::probability).reversed())
                .toList();
    }

    /** One that bears on one of the first suspects. */
    private Optional<Finding> question(List<Suspect> suspects, List<CaseSnapshot.Given> given) {
        Set<String> known = given.stream().map(CaseSnapshot.Given::finding).collect(Collectors.toSet());
        Fault about = suspects.get(random.nextInt(Math.min(FIRST_SUSPECTS, suspects.size())))
                .fault();
        List<Finding> telling = pack.questions().stream()
                .filter(finding -> !finding.isOfConstruction() && finding.who() != Finding.Who.LICENSED)
                .filter(finding -> pack.links(about).stream()
                        .anyMatch(link -> link.finding().equals(finding.id())))
                .filter(finding -> !known.contains(finding.id()))
                .toList();
        return telling.isEmpty() ? Optional.empty() : Optional.of(telling.get(random.nextInt(telling.size())));
    }

    private CaseInput draft(Model model, Fuel fuel, double age, List<String> phrases, List<CaseInput.Answered> asked) {
        String line = "%s %s, %s yrs"
                .formatted(
                        WornTag.read(model.number().key().toLowerCase(Locale.ROOT), random),
                        String.join(", ", phrases),
                        Math.round(age));
        return CaseInput.of(line)
                .but()
                .model(model.number())
                .appliance(model.appliance())
                .fuel(model.fuel() == null ? null : fuel)
                .ageYears(age)
                .findings(asked)
                .input();
    }
}
