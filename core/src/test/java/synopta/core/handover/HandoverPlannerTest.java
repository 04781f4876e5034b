package synopta.core.handover;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static synopta.core.Samples.OURS;
import static synopta.core.Samples.PICTURE;
import static synopta.core.Samples.layout;
import static synopta.core.Samples.part;
import static synopta.core.Samples.type;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.InMemoryCatalog;
import synopta.core.catalog.Part;
import synopta.core.knowledge.Caution;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HandoverNote;
import synopta.core.knowledge.Hazard;
import synopta.core.knowledge.Identification;
import synopta.core.knowledge.Installation;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.SellingRule;

public class HandoverPlannerTest {
    private static final Set<Fuel> GAS = EnumSet.of(Fuel.NATURAL_GAS, Fuel.LP);
    private static final Set<Fuel> ALL = EnumSet.allOf(Fuel.class);

    private static Pack pack(Appliance appliance, List<PartType> types, Caution... cautions) {
        return new Pack(
                appliance,
                Map.of(Fuel.ELECTRIC, 1.0),
                types,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(cautions),
                List.of(layout("A", 1, List.of())),
                null,
                Identification.NONE,
                List.of());
    }

    private static Caution caution(Hazard hazard, Set<String> partTypes, Set<Fuel> fuels) {
        return new Caution(hazard, "Mind the " + hazard.slug(), partTypes, fuels, OURS);
    }

    private static final PartType FUSE = new PartType(
            "fuse",
            "fuse",
            type("fuse", SellingRule.SINGLY).life(),
            SellingRule.SINGLY,
            List.of(new HandoverNote(HandoverNote.Kind.BUY, "Find the cause.", OURS)),
            List.of(),
            PICTURE,
            false,
            false,
            List.of(),
            null,
            Installation.PLAIN,
            List.of());
    private static final InMemoryCatalog CATALOG = new Shelf()
            .part("FUSE", 690, "fuse", true, Part.Status.CURRENT, 1)
            .part("STAT", 900, "stat", true, Part.Status.CURRENT, 1)
            .part("INNER", 1000, "kit", true, Part.Status.CURRENT, 1)
            .part("BOX", 5800, "box", true, Part.Status.CURRENT, 1)
            .kit("INNER", "FUSE", 2)
            .kit("BOX", "INNER", 1)
            .kit("BOX", "STAT", 1)
            .catalog();
    private static final HandoverPlanner HAND_OVER = new HandoverPlanner(
            new CurrentPacks(List.of(
                    pack(
                            Appliance.DRYER,
                            List.of(FUSE),
                            caution(Hazard.FIRE, Set.of("fuse"), Set.of()),
                            caution(Hazard.MAINS, Set.of(), Set.of()),
                            caution(Hazard.GAS, Set.of(), GAS)),
                    pack(Appliance.MICROWAVE, List.of(), caution(Hazard.STORED_CHARGE, Set.of(), Set.of())))),
            CATALOG);

    private static List<Hazard> hazards(@Nullable Appliance appliance, Set<Fuel> fuels, Set<String> types) {
        return HAND_OVER.cautions(appliance, fuels, types).stream()
                .map(Caution::hazard)
                .toList();
    }

    @Test
    public void cautionsFollowThePartsAndTheFuelGravestFirst() {
        Optional<Appliance> dryer = Optional.of(Appliance.DRYER);
        assertEquals(hazards(dryer.orElse(null), Set.of(Fuel.ELECTRIC), Set.of()), List.of(Hazard.MAINS));
        assertEquals(hazards(dryer.orElse(null), Set.of(Fuel.LP), Set.of()), List.of(Hazard.MAINS, Hazard.GAS));
        assertEquals(hazards(dryer.orElse(null), ALL, Set.of("fuse")), List.of(Hazard.MAINS, Hazard.GAS, Hazard.FIRE));
    }

    @Test
    public void anUnknownApplianceAsksForTheCautionsOfAll() {
        assertEquals(hazards(null, ALL, Set.of()), List.of(Hazard.MAINS, Hazard.GAS, Hazard.STORED_CHARGE));
        assertEquals(hazards(Appliance.RANGE, ALL, Set.of()), List.of(), "no pack, nothing known");
    }

    @Test
    public void anUpdateOfThePacksIsSeenAtTheNextCase() {
        Optional<Appliance> dryer = Optional.of(Appliance.DRYER);
        CurrentPacks packs = new CurrentPacks(List.of(pack(Appliance.DRYER, List.of())));
        HandoverPlanner planner = new HandoverPlanner(packs, CATALOG);
        assertEquals(planner.cautions(dryer.orElse(null), ALL, Set.of()), List.of());
        Caution added = caution(Hazard.FIRE, Set.of(), Set.of());
        packs.replace(List.of(pack(Appliance.DRYER, List.of(), added)));
        assertEquals(planner.cautions(dryer.orElse(null), ALL, Set.of()), List.of(added));
    }

    @Test
    public void onlyGraveCautionsHoldThePartsBack() {
        List<Caution> cautions = HAND_OVER.cautions(Appliance.DRYER, ALL, Set.of("fuse"));
        assertEquals(HandoverPlanner.unseen(cautions, Set.of()), List.of(Hazard.MAINS, Hazard.GAS));
        assertEquals(HandoverPlanner.unseen(cautions, Set.of(Hazard.MAINS)), List.of(Hazard.GAS));
        assertEquals(HandoverPlanner.unseen(cautions, Set.of(Hazard.MAINS, Hazard.GAS)), List.of());
    }

    @Test
    public void aKitBringsThePartTypesOfAllThatLiesInIt() {
        assertEquals(HAND_OVER.partTypes(part("BOX")), Set.of("box", "kit", "fuse", "stat"));
        assertEquals(HAND_OVER.partTypes(part("NOWHERE")), Set.of());
    }

    @Test
    public void theBagListsWhatIsInsideAndSaysEachNoteOnce() {
        List<HandoverPlanner.BagEntry> bag =
                HAND_OVER.bag(Appliance.DRYER, List.of(part("BOX"), part("FUSE")), Set.of());
        assertEquals(
                bag.stream().map(HandoverPlanner.BagEntry::text).toList(),
                List.of("1 x INNER n", "1 x STAT n", "Find the cause."));
        assertTrue(bag.stream().allMatch(entry -> entry.part().equals(part("BOX"))));
    }
}
