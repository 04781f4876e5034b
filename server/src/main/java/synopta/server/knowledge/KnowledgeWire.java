package synopta.server.knowledge;

import java.util.List;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Pack;

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
}
