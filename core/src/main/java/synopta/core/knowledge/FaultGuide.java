package synopta.core.knowledge;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;

/**
 * A pack as a person reads it: faults, what can be found out, and what leads from one to the other.
 *
 * @param appliance kind of machine
 * @param faults every fault
 * @param findings findings that can be asked or measured
 * @param links by fault, in the pack's order
 * @param report where the knowledge of each layout is thin
 */
public record FaultGuide(
        Appliance appliance,
        List<KnownFault> faults,
        List<KnownFinding> findings,
        List<GuideLink> links,
        List<PackReport> report) {
    /** Copies. */
    public FaultGuide {
        faults = List.copyOf(faults);
        findings = List.copyOf(findings);
        links = List.copyOf(links);
        report = List.copyOf(report);
    }

    /**
     * The guide of a pack.
     *
     * @param practice whether a part can be made up to read a test on
     */
    public static FaultGuide of(Pack pack, Predicate<MeterTest> practice) {
        List<GuideLink> links = new ArrayList<>();
        pack.faults().forEach(fault -> addLinks(links, pack, fault));
        return new FaultGuide(
                pack.appliance(),
                pack.faults().stream().map(f -> KnownFault.of(pack, f)).toList(),
                Stream.concat(
                                pack.findings().stream().map(f -> KnownFinding.of(f, null, false)),
                                pack.tests().stream().map(t -> KnownFinding.of(t.finding(), t, practice.test(t))))
                        .toList(),
                links,
                PackReport.of(pack));
    }

    private static void addLinks(List<GuideLink> links, Pack pack, Fault fault) {
        fault.shows().forEach(link -> links.add(GuideLink.of(pack, fault, link)));
        pack.circuits().stream()
                .filter(circuit -> circuit.open().contains(fault.id()))
                .map(c -> new GuideLink(
                        fault.id(),
                        c.finding(),
                        c.answer(),
                        c.strength(),
                        c.basis().source(),
                        c.name()))
                .forEach(links::add);
        pack.tests().stream()
                .filter(test -> test.finds().contains(fault.id()))
                .map(t -> new GuideLink(
                        fault.id(),
                        t.finding().id(),
                        MeterTest.BAD,
                        t.sensitivity(),
                        t.finding().basis().source(),
                        "meter"))
                .forEach(links::add);
    }

    /**
     * A fault.
     *
     * @param id identifier, unique in the pack
     * @param name name, as it is shown
     * @param partType slug of the part type
     * @param part the name of its part type
     * @param prior how likely it is at 8 years, of itself
     * @param basis where that is known from
     * @param fuels fuels it may burn
     * @param causedBy faults that bring it about
     */
    public record KnownFault(
            String id,
            String name,
            String partType,
            String part,
            double prior,
            String basis,
            Set<Fuel> fuels,
            List<KnownCause> causedBy) {
        private static KnownFault of(Pack pack, Fault fault) {
            return new KnownFault(
                    fault.id(),
                    fault.name(),
                    fault.partType(),
                    pack.partType(fault.partType()).map(PartType::name).orElseThrow(),
                    fault.prior(),
                    fault.basis().source(),
                    fault.fuels(),
                    fault.causedBy().stream()
                            .map(c -> new KnownCause(
                                    c.fault(),
                                    pack.fault(c.fault()).orElseThrow().name(),
                                    c.strength(),
                                    c.basis().source()))
                            .toList());
        }
    }

    /**
     * A fault that brings another about, how often, and where that is known from.
     *
     * @param fault id of the cause
     * @param name name, as it is shown
     * @param strength chance that the fault brings it about, 0 to 1
     * @param basis where the figure or the words come from
     */
    public record KnownCause(String fault, String name, double strength, String basis) {}

    /**
     * Something to find out.
     *
     * @param id identifier, unique in the pack
     * @param question question as it is asked
     * @param hint help for the question; null when there is none
     * @param answers answers to choose from
     * @param minutes minutes it takes to find out
     * @param who who may find it out
     * @param opens id of the part that must be opened for it; null: none
     * @param basis where the figure or the words come from
     * @param good the readings of a good part, with their unit; for tests only
     * @param unit sign of the unit that is read; for tests only
     * @param practice whether a part can be made up to read it on
     */
    public record KnownFinding(
            String id,
            String question,
            @Nullable String hint,
            List<KnownAnswer> answers,
            double minutes,
            Finding.Who who,
            @Nullable String opens,
            String basis,
            @Nullable String good,
            @Nullable String unit,
            boolean practice) {
        private static KnownFinding of(Finding finding, @Nullable MeterTest test, boolean practice) {
            return new KnownFinding(
                    finding.id(),
                    finding.question(),
                    finding.hint(),
                    finding.answers().stream()
                            .map(a -> new KnownAnswer(a.slug(), a.words(), a.leak()))
                            .toList(),
                    finding.minutes(),
                    finding.who(),
                    finding.opens(),
                    finding.basis().source(),
                    test == null ? null : test.good(),
                    test == null ? null : test.unit().symbol(),
                    practice);
        }
    }

    /**
     * An answer, and how often it stands with none of the faults.
     *
     * @param answer slug of the answer
     * @param words words that are shown
     * @param leak chance of the answer with none of its faults, 0 to 1
     */
    public record KnownAnswer(String answer, String words, double leak) {}

    /**
     * A fault leads to an answer.
     *
     * @param fault id of the fault
     * @param finding id of the finding
     * @param answer slug of the answer
     * @param strength chance that the fault brings it about, 0 to 1
     * @param basis where the figure or the words come from
     * @param through the circuit, or {@code meter}; null for what shows of itself
     */
    public record GuideLink(
            String fault,
            String finding,
            String answer,
            double strength,
            String basis,
            @Nullable String through) {
        private static GuideLink of(Pack pack, Fault fault, Fault.Link link) {
            Finding finding = pack.finding(link.finding()).orElseThrow();
            return new GuideLink(
                    fault.id(),
                    finding.id(),
                    finding.answers().get(link.level(finding)).slug(),
                    link.strength(),
                    link.basis().source(),
                    null);
        }
    }
}
