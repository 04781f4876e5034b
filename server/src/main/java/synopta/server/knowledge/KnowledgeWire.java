package synopta.server.knowledge;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import synopta.core.bench.MeterSimulator;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.knowledge.Circuit;
import synopta.core.knowledge.Fault;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.server.web.MayBeNull;

/** Wire records of what is known. */
final class KnowledgeWire {
    private KnowledgeWire() {}

    /** The packs in use, and what is wrong with those that are not. */
    record Shelf(List<PackLine> packs, List<String> refused) {}

    /** A pack by its figures. */
    record PackLine(Appliance appliance, int partTypes, int faults, int findings, int tests, int layouts) {
        static PackLine of(Pack pack) {
            return new PackLine(
                    pack.appliance(),
                    pack.partTypes().size(),
                    pack.faults().size(),
                    pack.findings().size(),
                    pack.tests().size(),
                    pack.layouts().size());
        }
    }

    /** A pack as a map: faults, findings, and what leads from one to another. */
    record PackMap(Appliance appliance, List<KnownFault> faults, List<KnownFinding> findings, List<LinkWire> links) {
        static PackMap of(Pack pack) {
            List<LinkWire> links = new ArrayList<>();
            for (Fault fault : pack.faults()) {
                fault.shows().forEach(link -> links.add(LinkWire.of(pack, fault, link)));
                for (Circuit circuit : pack.circuits()) {
                    if (circuit.open().contains(fault.id())) {
                        links.add(new LinkWire(
                                fault.id(),
                                circuit.finding(),
                                circuit.answer(),
                                circuit.strength(),
                                circuit.basis().source(),
                                circuit.name()));
                    }
                }
                for (MeterTest test : pack.tests()) {
                    if (test.finds().contains(fault.id())) {
                        links.add(new LinkWire(
                                fault.id(),
                                test.finding().id(),
                                MeterTest.BAD,
                                test.sensitivity(),
                                test.finding().basis().source(),
                                "meter"));
                    }
                }
            }
            return new PackMap(
                    pack.appliance(),
                    pack.faults().stream().map(f -> KnownFault.of(pack, f)).toList(),
                    Stream.concat(
                                    pack.findings().stream().map(f -> KnownFinding.of(f, null, false)),
                                    pack.tests().stream().map(KnownFinding::of))
                            .toList(),
                    links);
        }
    }

    /** A fault: `prior` is how likely it is at 8 years, of itself. */
    record KnownFault(
            String id,
            String name,
            String partType,
            String part,
            double prior,
            String basis,
            List<Fuel> fuels,
            List<CauseWire> causedBy) {
        private static KnownFault of(Pack pack, Fault fault) {
            return new KnownFault(
                    fault.id(),
                    fault.name(),
                    fault.partType(),
                    pack.partType(fault.partType()).map(PartType::name).orElseThrow(),
                    fault.prior(),
                    fault.basis().source(),
                    fault.fuels().stream().sorted().toList(),
                    fault.causedBy().stream()
                            .map(c -> new CauseWire(
                                    c.fault(),
                                    pack.fault(c.fault()).orElseThrow().name(),
                                    c.strength(),
                                    c.basis().source()))
                            .toList());
        }
    }

    /** A fault that brings another about. */
    record CauseWire(String fault, String name, double strength, String basis) {}

    /** Something to find out; `practice`: a part can be made up to read it on. */
    record KnownFinding(
            String id,
            String question,
            @MayBeNull String hint,
            List<AnswerWords> answers,
            double minutes,
            Finding.Who who,
            @MayBeNull String opens,
            String basis,
            @MayBeNull String good,
            boolean practice) {
        private static KnownFinding of(Finding finding, String good, boolean practice) {
            return new KnownFinding(
                    finding.id(),
                    finding.question(),
                    finding.hint().orElse(null),
                    finding.answers().stream()
                            .map(a -> new AnswerWords(a.slug(), a.words(), a.leak()))
                            .toList(),
                    finding.minutes(),
                    finding.who(),
                    finding.opens().orElse(null),
                    finding.basis().source(),
                    good,
                    practice);
        }

        private static KnownFinding of(MeterTest test) {
            return of(
                    test.finding(),
                    "%s to %s %s"
                            .formatted(
                                    figure(test.goodFrom()),
                                    figure(test.goodTo()),
                                    test.unit().symbol()),
                    MeterSimulator.serves(test));
        }

        private static String figure(double value) {
            return value == Math.rint(value) ? "" + (long) value : "" + value;
        }
    }

    /** An answer, and how often it stands with none of the faults. */
    record AnswerWords(String answer, String words, double leak) {}

    /** A fault leads to an answer; `through` names a circuit, or the meter. */
    record LinkWire(
            String fault,
            String finding,
            String answer,
            double strength,
            String basis,
            @MayBeNull String through) {
        private static LinkWire of(Pack pack, Fault fault, Fault.Link link) {
            Finding finding = pack.finding(link.finding()).orElseThrow();
            return new LinkWire(
                    fault.id(),
                    finding.id(),
                    finding.answers().get(link.level(finding)).slug(),
                    link.strength(),
                    link.basis().source(),
                    null);
        }
    }
}
