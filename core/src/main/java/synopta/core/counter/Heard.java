package synopta.core.counter;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import synopta.core.diagnosis.Evidence;
import synopta.core.diagnosis.Hearing;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Reading;

/** Gathers the evidence of a draft with its sources; what came later counts, what was struck out does not. */
final class Heard {
    private final Hearing hearing;
    private final Map<String, Evidence> evidence = new TreeMap<>();
    private final Map<String, Known> known = new TreeMap<>();
    private final List<String> order = new ArrayList<>();
    private final Set<String> notKnown = new HashSet<>();

    Heard(Pack pack, Hearing hearing, CaseDraft draft) {
        this.hearing = hearing;
        hearing.heard().forEach(h -> put(pack, h.evidence(), "caller: “%s”".formatted(h.phrase()), draft.struck()));
        for (CaseDraft.Answered answered : draft.findings()) {
            if (answered.isNotKnown()) {
                dontKnow(pack, answered.finding(), draft.struck());
            } else {
                put(pack, evidence(pack, answered), "asked", draft.struck());
            }
        }
        for (CaseDraft.Measured measured : draft.readings()) {
            put(pack, evidence(pack, measured), meter(pack, measured), draft.struck());
        }
        for (Evidence given : evidence()) {
            follow(pack, given, draft.struck());
        }
    }

    private void put(Pack pack, Evidence piece, String source, Set<String> struck) {
        String key = "finding:" + piece.finding();
        if (struck.contains(key)) {
            return;
        }
        Finding finding = pack.finding(piece.finding()).orElseThrow();
        String words =
                piece.telling() ? finding.telling().words() : finding.clear().words();
        order.remove(key);
        order.add(key);
        evidence.put(key, piece);
        known.put(key, new Known(key, words, source, true));
    }

    /** What goes without saying once a sign is given, unless somebody said otherwise. */
    private void follow(Pack pack, Evidence given, Set<String> struck) {
        Finding sign = finding(pack, given.finding());
        for (Finding.Implied implied : given.telling() ? sign.implies() : List.<Finding.Implied>of()) {
            if (!order.contains("finding:" + implied.finding())) {
                boolean telling = finding(pack, implied.finding()).isTelling(implied.answer());
                String source = "goes without saying: “%s”"
                        .formatted(sign.telling().words().toLowerCase(Locale.ROOT));
                put(pack, new Evidence(implied.finding(), telling), source, struck);
            }
        }
    }

    private void dontKnow(Pack pack, String id, Set<String> struck) {
        String key = "finding:" + id;
        if (!struck.contains(key) && !evidence.containsKey(key)) {
            notKnown.add(id);
            order.add(key);
            known.put(key, new Known(key, finding(pack, id).question(), "asked: nobody knows", false));
        }
    }

    private static Finding finding(Pack pack, String id) {
        return pack.finding(id)
                .orElseThrow(() -> new IllegalArgumentException("Finding (%s) is not known for a %s."
                        .formatted(id, pack.appliance().slug())));
    }

    static Evidence evidence(Pack pack, CaseDraft.Answered answered) {
        Finding finding = finding(pack, answered.finding());
        return new Evidence(finding.id(), finding.isTelling(answered.answer()));
    }

    static Evidence evidence(Pack pack, CaseDraft.Measured measured) {
        MeterTest test = test(pack, measured);
        return new Evidence(test.finding().id(), !test.isGood(measured.reading()));
    }

    private static MeterTest test(Pack pack, CaseDraft.Measured measured) {
        return pack.test(measured.test())
                .orElseThrow(() -> new IllegalArgumentException("Test (%s) is not known for a %s."
                        .formatted(measured.test(), pack.appliance().slug())));
    }

    private static String meter(Pack pack, CaseDraft.Measured measured) {
        MeterTest test = test(pack, measured);
        String shown = measured.reading()
                .fold(
                        value -> "%s %s"
                                .formatted(
                                        BigDecimal.valueOf(value)
                                                .stripTrailingZeros()
                                                .toPlainString(),
                                        test.unit()),
                        (Reading.Overload open) -> "OL");
        return "meter: " + shown;
    }

    Hearing hearing() {
        return hearing;
    }

    List<Evidence> evidence() {
        return order.stream().filter(evidence::containsKey).map(evidence::get).toList();
    }

    Set<String> notKnown() {
        return notKnown;
    }

    List<Known> known() {
        return order.stream().map(known::get).toList();
    }
}
