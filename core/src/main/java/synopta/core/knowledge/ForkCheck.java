package synopta.core.knowledge;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;

/** Finds what does not hold together in the kinds of machines: unknown answers, shares, faults of two forks. */
final class ForkCheck {
    private final Pack pack;
    private final BiConsumer<String, String> say;

    /**
     * Checks a pack.
     *
     * @param say takes a path, and what is wrong there
     */
    ForkCheck(Pack pack, BiConsumer<String, String> say) {
        this.pack = pack;
        this.say = say;
    }

    void check() {
        for (int i = 0; i < pack.layouts().size(); i++) {
            shares("layouts[%d].kinds".formatted(i), pack.layouts().get(i));
            for (int p = 0; p < pack.layouts().get(i).places().size(); p++) {
                place(
                        "layouts[%d].places[%d].kind".formatted(i, p),
                        pack.layouts().get(i),
                        p);
            }
        }
        asked();
        together();
    }

    private void shares(String path, Layout layout) {
        layout.kinds().forEach((finding, shares) -> {
            double sum = shares.values().stream().mapToDouble(d -> d).sum();
            if (Math.abs(sum - 1) > 1e-9) {
                say.accept(path, "the shares of %s add up to %s; they must add up to 1.".formatted(finding, sum));
            }
            shares.keySet().forEach(answer -> known(path, finding, answer));
        });
    }

    private void place(String path, Layout layout, int p) {
        Layout.Kind kind = layout.places().get(p).kind();
        if (kind == null) {
            return;
        }
        for (String answer : kind.answers()) {
            if (known(path, kind.finding(), answer)
                    && layout.share(new Layout.Kind(kind.finding(), Set.of(answer))) == 0) {
                say.accept(
                        path,
                        "no machine of %s answers %s to %s. Give it a share in kinds, or remove the place."
                                .formatted(layout.id(), answer, kind.finding()));
            }
        }
    }

    private boolean known(String path, String asked, String answer) {
        boolean known = pack.finding(asked)
                .map(finding -> finding.isOfConstruction() && finding.knows(answer))
                .orElse(false);
        if (!known) {
            say.accept(
                    path,
                    "%s is not an answer to a finding of construction %s. Such a finding has no leaks."
                            .formatted(answer, asked));
        }
        return known;
    }

    private void asked() {
        for (int i = 0; i < pack.findings().size(); i++) {
            Finding finding = pack.findings().get(i);
            boolean named = pack.layouts().stream().anyMatch(l -> l.kinds().containsKey(finding.id()));
            if (finding.isOfConstruction() && !named) {
                say.accept(
                        "findings[%d]".formatted(i),
                        "no layout has kinds of %s. Give the answers shares in a layout, or give the finding leaks."
                                .formatted(finding.id()));
            }
        }
    }

    /** A fault depends on one fork at most, and no fault outside a fork stands between two of it. */
    private void together() {
        Map<String, String> forkOf = new TreeMap<>();
        for (int i = 0; i < pack.faults().size(); i++) {
            Fault fault = pack.faults().get(i);
            Set<String> forks = forks(fault);
            if (forks.size() > 1) {
                say.accept(
                        "faults[%d]".formatted(i),
                        "%s depends on %s. Name its slot, so that it depends on one."
                                .formatted(fault.id(), String.join(" and ", forks)));
            }
            forks.forEach(fork -> forkOf.put(fault.id(), fork));
        }
        for (String fork : new TreeSet<>(forkOf.values())) {
            for (Fault fault : pack.faults()) {
                boolean between = !fork.equals(forkOf.get(fault.id()))
                        && leadsFrom(fault, fork, forkOf, new HashSet<>())
                        && leadsTo(fault.id(), fork, forkOf);
                if (between) {
                    say.accept(
                            "faults",
                            "%s is caused by a fault of %s and causes another. Take one link away."
                                    .formatted(fault.id(), fork));
                }
            }
        }
    }

    private Set<String> forks(Fault fault) {
        Set<String> forks = new LinkedHashSet<>();
        for (Layout layout : pack.layouts()) {
            for (var fuel : pack.fuelShares().keySet()) {
                double chance = layout.chanceToHave(fault, fuel);
                if (chance > 0 && chance < 1) {
                    forks.addAll(layout.placesOf(fault, fuel).stream()
                            .map(place -> place.kind().finding())
                            .collect(Collectors.toSet()));
                }
            }
        }
        return forks;
    }

    private boolean leadsFrom(Fault fault, String fork, Map<String, String> forkOf, Set<String> met) {
        return met.add(fault.id())
                && fault.causedBy().stream()
                        .anyMatch(cause -> fork.equals(forkOf.get(cause.fault()))
                                || pack.fault(cause.fault())
                                        .map(by -> leadsFrom(by, fork, forkOf, met))
                                        .orElse(false));
    }

    private boolean leadsTo(String id, String fork, Map<String, String> forkOf) {
        return pack.faults().stream()
                .filter(f -> f.causedBy().stream().anyMatch(c -> c.fault().equals(id)))
                .anyMatch(f -> fork.equals(forkOf.get(f.id())) || leadsTo(f.id(), fork, forkOf));
    }
}
