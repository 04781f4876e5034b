package synopta.core.outcome;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.catalog.Model;
import synopta.core.knowledge.Basis;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.LifeCurve;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.OpeningStep;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.tag.Confusion;
import synopta.core.tag.EditCosts;
import synopta.core.tag.EditError;

/** Figures that were learned and accepted, laid over what is believed; what was not learned stays as it is. */
public final class ParameterOverrides {
    private static final Basis LEARNT = new Basis("learned from cases");

    private final Map<String, Double> values = new HashMap<>();

    /** Of these figures; of two for the same the later counts. */
    public ParameterOverrides(List<Proposal.Learned> learned) {
        learned.forEach(one -> values.put(one.key(), one.value()));
    }

    private double value(Pack pack, ParameterKind kind, String subject, double prior) {
        return values.getOrDefault(Proposal.keyOf(kind, pack.appliance(), subject), prior);
    }

    private boolean has(Pack pack, ParameterKind kind, String subject) {
        return values.containsKey(Proposal.keyOf(kind, pack.appliance(), subject));
    }

    private <K> Map<K, Double> ofTags(ParameterKind kind, Function<String, K> subject) {
        String prefix = Proposal.keyOf(kind, null, "");
        return values.entrySet().stream()
                .filter(e -> e.getKey().startsWith(prefix))
                .collect(Collectors.toMap(
                        e -> subject.apply(e.getKey().substring(prefix.length())), Map.Entry::getValue));
    }

    /** The weights of readings with what was learned of reading tags. */
    public EditCosts over(EditCosts weights) {
        Map<Confusion, Double> taken =
                ofTags(ParameterKind.CONFUSION, pair -> new Confusion(pair.charAt(0), pair.charAt(pair.length() - 1)));
        Map<EditError, Double> slips = ofTags(ParameterKind.SLIP, EditError::of);
        return taken.isEmpty() && slips.isEmpty() ? weights : weights.with(taken, slips);
    }

    /** How often a model comes, in the unit of the catalog. */
    public double popularity(Model model) {
        String key = Proposal.keyOf(
                ParameterKind.POPULARITY, model.appliance(), model.number().key());
        return model.popularity() * values.getOrDefault(key, 1.0);
    }

    /** The pack with what was learned of it. */
    public Pack over(Pack pack) {
        return new Pack(
                pack.appliance(),
                pack.fuelShares(),
                pack.partTypes().stream().map(type -> over(pack, type)).toList(),
                pack.faults().stream().map(fault -> over(pack, fault)).toList(),
                pack.findings().stream().map(finding -> over(pack, finding)).toList(),
                pack.tests().stream().map(test -> over(pack, test)).toList(),
                pack.circuits(),
                pack.sameWords(),
                pack.rights(),
                pack.cautions(),
                pack.layouts().stream().map(layout -> over(pack, layout)).toList(),
                pack.replacement(),
                pack.identification(),
                pack.jobs());
    }

    private PartType over(Pack pack, PartType type) {
        if (!has(pack, ParameterKind.LIFE, type.slug())) {
            return type;
        }
        double scale = value(pack, ParameterKind.LIFE, type.slug(), type.life().scaleYears());
        return new PartType(
                type.slug(),
                type.name(),
                new LifeCurve(type.life().shape(), scale, LEARNT),
                type.selling(),
                type.bag(),
                type.called(),
                type.picture(),
                type.licensed(),
                type.refer(),
                type.specs(),
                type.safety(),
                type.fitting(),
                type.contains());
    }

    private Fault over(Pack pack, Fault fault) {
        boolean learned = has(pack, ParameterKind.RATE, fault.id());
        return new Fault(
                fault.id(),
                fault.partType(),
                fault.fault(),
                fault.name(),
                fault.slot(),
                fault.fuels(),
                value(pack, ParameterKind.RATE, fault.id(), fault.prior()),
                learned ? LEARNT : fault.basis(),
                fault.cure(),
                fault.shows().stream().map(link -> over(pack, fault, link)).toList(),
                fault.causedBy());
    }

    private Fault.Link over(Pack pack, Fault fault, Fault.Link link) {
        Finding finding = pack.finding(link.finding()).orElseThrow();
        String answer = finding.answers().get(link.level(finding)).slug();
        String subject = String.join("|", fault.id(), finding.id(), answer);
        return has(pack, ParameterKind.LINK, subject)
                ? new Fault.Link(
                        link.finding(),
                        link.answer(),
                        value(pack, ParameterKind.LINK, subject, link.strength()),
                        LEARNT)
                : link;
    }

    /** What is said for an answer, with what was learned of callers. */
    private List<String> said(Pack pack, Finding finding, Finding.Answer answer) {
        String prefix = Proposal.keyOf(
                ParameterKind.SAYING, pack.appliance(), SayingLearner.subject(finding.id(), answer.slug(), ""));
        return Stream.concat(
                        answer.said().stream(),
                        values.keySet().stream()
                                .filter(key -> key.startsWith(prefix))
                                .map(key -> key.substring(prefix.length()))
                                .sorted())
                .distinct()
                .toList();
    }

    private Finding over(Pack pack, Finding finding) {
        List<Finding.Answer> answers = finding.answers().stream()
                .map(answer -> new Finding.Answer(
                        answer.slug(),
                        answer.words(),
                        value(pack, ParameterKind.LEAK, finding.id() + "|" + answer.slug(), answer.leak()),
                        said(pack, finding, answer),
                        answer.implies(),
                        answer.moot(),
                        answer.stop()))
                .toList();
        return finding.with(answers);
    }

    private MeterTest over(Pack pack, MeterTest test) {
        String id = test.finding().id();
        double sensitivity = value(pack, ParameterKind.SENSITIVITY, id, test.sensitivity());
        double specificity = value(pack, ParameterKind.SPECIFICITY, id, test.specificity());
        List<Finding.Answer> answers = test.finding().answers();
        Finding read = test.finding()
                .with(List.of(
                        answers.get(0),
                        Finding.Answer.plain(MeterTest.BAD, answers.get(1).words(), 1 - specificity)));
        return test.with(read, sensitivity, specificity);
    }

    private Layout over(Pack pack, Layout layout) {
        double times = value(pack, ParameterKind.MINUTES, layout.id(), 1);
        return layout.with(
                layout.places(),
                layout.steps().stream().map(step -> over(step, times)).toList());
    }

    private static OpeningStep over(OpeningStep step, double times) {
        Map<String, Double> reaches = step.reaches().entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, e -> e.getValue() * times, (a, b) -> a, LinkedHashMap::new));
        return new OpeningStep(
                step.id(),
                step.name(),
                step.minutes() * times,
                step.after(),
                reaches,
                step.kind(),
                step.work(),
                step.basis());
    }
}
