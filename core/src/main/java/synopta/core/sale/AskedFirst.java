package synopta.core.sale;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import synopta.core.casefile.Shopping;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.SellingRule;

/**
 * Keeps requested parts, and what goes with them alone, out of the bag until the specialist puts them in.
 *
 * @param shopping what the specialist put in
 * @param partTypes that are asked about first
 */
record AskedFirst(Pack pack, Shopping shopping, Set<String> partTypes) {
    /** The needs, each of those with no pieces. */
    List<RequiredPart> of(List<RequiredPart> needs) {
        Set<String> kept = needs.stream()
                .filter(need -> !partTypes.contains(need.partType()) || isPutIn(need))
                .map(RequiredPart::partType)
                .collect(Collectors.toSet());
        Set<String> left = new HashSet<>(partTypes);
        left.removeAll(kept);
        partTypes.forEach(type -> left.addAll(companions(type)));
        kept.forEach(type -> left.removeAll(companions(type)));
        return needs.stream()
                .map(need -> need.supplied() != null && isLeft(need, left) ? need.with(0) : need)
                .toList();
    }

    private boolean isLeft(RequiredPart need, Set<String> left) {
        boolean isSold = need.source() == BagPiece.Source.SYMPTOMS;
        return !isSold && left.contains(need.partType());
    }

    private boolean isPutIn(RequiredPart need) {
        return need.supplied() != null
                && shopping.of(need.supplied())
                        .filter(Shopping.Adjusted::needed)
                        .isPresent();
    }

    private Set<String> companions(String type) {
        return pack.partType(type).stream()
                .flatMap(t -> t.selling().companions().stream())
                .map(SellingRule.Companion::partType)
                .collect(Collectors.toSet());
    }
}
