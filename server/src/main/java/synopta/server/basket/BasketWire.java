package synopta.server.basket;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import synopta.core.basket.BasketPlan;
import synopta.core.basket.BasketQuery;
import synopta.core.basket.Proof;
import synopta.core.basket.Purchase;
import synopta.core.basket.PurchaseOption;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Money;
import synopta.server.web.MayBeNull;

/** Wire records of planning a purchase. */
public final class BasketWire {
    private BasketWire() {}

    /** Needs, wants and how it may be bought. */
    public record BasketRequest(
            @NotNull @Size(max = 60) List<@Valid NeedWire> needs,
            @MayBeNull @Size(max = 60) List<@Valid WantWire> wants,
            @MayBeNull PolicyWire policy) {
        BasketQuery query(String currency) {
            return new BasketQuery(
                    needs.stream()
                            .map(n -> new BasketQuery.Need(new PartNumber(n.part()), n.quantity()))
                            .toList(),
                    wants == null
                            ? List.of()
                            : wants.stream()
                                    .map(w -> new BasketQuery.Want(
                                            new PartNumber(w.part()), w.quantity(), Money.of(w.value(), currency)))
                                    .toList(),
                    policy == null ? BasketQuery.Policy.ANY : policy.policy());
        }
    }

    /** A part that must be covered. */
    public record NeedWire(
            @NotBlank @Size(max = 80) String part, @NotNull Integer quantity) {}

    /** A part that is worth so much when it is covered. */
    public record WantWire(
            @NotBlank @Size(max = 80) String part,
            @NotNull Integer quantity,
            @NotNull @Size(max = 20) String value) {}

    /** How it may be bought. */
    public record PolicyWire(
            @MayBeNull Boolean genuineOnly,
            @MayBeNull String branch,
            @MayBeNull Integer neededInDays) {
        private BasketQuery.Policy policy() {
            return new BasketQuery.Policy(
                    Boolean.TRUE.equals(genuineOnly),
                    Optional.ofNullable(branch),
                    neededInDays == null ? OptionalInt.empty() : OptionalInt.of(neededInDays));
        }
    }

    /** The best purchase, the runners-up, and what cannot be met. */
    public record BasketAnswer(
            @MayBeNull PurchaseWire best,
            List<PurchaseWire> others,
            List<ImpossibleWire> impossible,
            ProofWire proof,
            String currency) {
        /** The wire form of a plan. */
        public static BasketAnswer of(BasketPlan plan) {
            List<PurchaseWire> all = plan.all().stream().map(PurchaseWire::of).toList();
            boolean isPossible = plan.best().isPresent();
            return new BasketAnswer(
                    isPossible ? all.get(0) : null,
                    isPossible ? all.subList(1, all.size()) : all,
                    plan.impossible().stream()
                            .map(i -> new ImpossibleWire(i.part().written(), i.why()))
                            .toList(),
                    ProofWire.of(plan.proof()),
                    plan.currency());
        }
    }

    /** What proves the best the least: prices of pieces that no sale unit beats, and cases gone through besides. */
    public record ProofWire(boolean complete, String atLeast, String atOnce, List<ShareWire> shares, int branches) {
        static ProofWire of(Proof proof) {
            return new ProofWire(
                    proof.isComplete(),
                    proof.atLeast().decimal(),
                    proof.atOnce().decimal(),
                    proof.shares().stream()
                            .map(s -> new ShareWire(s.part().written(), s.each().decimal()))
                            .toList(),
                    proof.branches());
        }
    }

    /** What a piece counts for in the proof. */
    public record ShareWire(String part, String each) {}

    /** What is bought, what it is the least of, what is left over, and which wants it gives up. */
    public record PurchaseWire(
            List<PurchaseOption.Kind> kinds,
            List<PurchaseLineWire> lines,
            String total,
            String net,
            List<PiecesWire> spare,
            List<PiecesWire> undone) {
        /** The wire form of a purchase. */
        public static PurchaseWire of(PurchaseOption option) {
            Purchase purchase = option.purchase();
            return new PurchaseWire(
                    option.kinds().stream().sorted().toList(),
                    purchase.lines().stream().map(PurchaseLineWire::of).toList(),
                    purchase.total().decimal(),
                    purchase.net().decimal(),
                    pieces(purchase.spare()),
                    pieces(purchase.undone()));
        }
    }

    /** So many sale units of a part. */
    public record PurchaseLineWire(String part, int quantity, String unitPrice, String price, List<PiecesWire> covers) {
        static PurchaseLineWire of(Purchase.Line line) {
            return new PurchaseLineWire(
                    line.part().written(),
                    line.quantity(),
                    line.unitPrice().decimal(),
                    line.unitPrice().times(line.quantity()).decimal(),
                    pieces(line.covers()));
        }
    }

    /** So many pieces of a part. */
    public record PiecesWire(String part, int quantity) {}

    /** A need that cannot be met. */
    public record ImpossibleWire(String part, String why) {}

    private static List<PiecesWire> pieces(List<Purchase.Pieces> pieces) {
        return pieces.stream()
                .map(p -> new PiecesWire(p.part().written(), p.quantity()))
                .toList();
    }
}
