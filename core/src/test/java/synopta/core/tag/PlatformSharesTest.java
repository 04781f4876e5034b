package synopta.core.tag;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;

/** How often platforms are met, against counting the models one by one. */
public class PlatformSharesTest {
    private static final List<String> BRANDS = List.of("Thistlemoor", "Orrinvale", "Halvorn");
    private static final List<Appliance> APPLIANCES = List.of(Appliance.DRYER, Appliance.RANGE, Appliance.MICROWAVE);

    private static List<Model> models(Random random) {
        List<Model> models = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            Appliance appliance = APPLIANCES.get(random.nextInt(APPLIANCES.size()));
            Fuel fuel = appliance == Appliance.MICROWAVE ? null : Fuel.values()[random.nextInt(3)];
            models.add(new Model(
                    new ModelNumber("M%d-%d".formatted(i, random.nextInt(9))),
                    BRANDS.get(random.nextInt(BRANDS.size())),
                    appliance,
                    fuel,
                    null,
                    appliance.slug() + random.nextInt(6),
                    BuildRange.ALWAYS,
                    1 + random.nextInt(20),
                    ""));
        }
        return models;
    }

    @Test
    public void aPlatformIsAsLikelyAsItsModelsArePopularAmongThoseThatAreMeant() {
        for (int seed = 0; seed < 20; seed++) {
            Random random = new Random(seed);
            List<Model> models = models(random);
            PlatformShares shares = new PlatformShares(TagIndex.of(models::forEach, Model::popularity));
            Appliance appliance = APPLIANCES.get(random.nextInt(APPLIANCES.size()));
            Set<Fuel> fuels = random.nextBoolean() ? Set.of() : EnumSet.of(Fuel.NATURAL_GAS, Fuel.LP);
            String brand = random.nextBoolean() ? null : BRANDS.get(random.nextInt(BRANDS.size()));
            Map<String, Double> counted = counted(models, appliance, fuels, brand);
            double all = counted.values().stream().mapToDouble(p -> p).sum();
            List<PlatformGuess> met = shares.met(appliance, fuels, brand, 100);
            assertEquals(met.size(), counted.size(), "seed " + seed);
            for (PlatformGuess guess : met) {
                assertEquals(
                        guess.probability().value(),
                        counted.get(guess.platform() + " " + guess.brand()) / all,
                        1e-4,
                        "seed " + seed);
            }
            assertTrue(isFalling(met), "the likeliest first, seed " + seed);
            assertEquals(shares.met(appliance, fuels, brand, 2), met.subList(0, Math.min(2, met.size())));
        }
    }

    private static Map<String, Double> counted(
            List<Model> models, Appliance appliance, Set<Fuel> fuels, @Nullable String brand) {
        Map<String, Double> counted = new TreeMap<>();
        for (Model model : models) {
            boolean isMeant = model.appliance() == appliance
                    && (model.fuel() == null || fuels.isEmpty() || fuels.contains(model.fuel()))
                    && (brand == null || brand.equals(model.brand()));
            if (isMeant) {
                counted.merge(model.platform() + " " + model.brand(), model.popularity(), Double::sum);
            }
        }
        return counted;
    }

    private static boolean isFalling(List<PlatformGuess> met) {
        for (int i = 1; i < met.size(); i++) {
            if (met.get(i).probability().value() > met.get(i - 1).probability().value()) {
                return false;
            }
        }
        return true;
    }

    @Test
    public void anUnknownBrandHasNone() {
        List<Model> models = models(new Random(1));
        PlatformShares shares = new PlatformShares(TagIndex.of(models::forEach, Model::popularity));
        assertEquals(shares.met(Appliance.DRYER, Set.of(), "Nobody", 10), List.of());
        assertEquals(shares.met(Appliance.DISHWASHER, Set.of(), null, 10), List.of());
    }
}
