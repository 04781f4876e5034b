package synopta.core.tag;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.Model;
import synopta.core.catalog.ModelNumber;

public class PlatformNamingModelTest {
    private static final EditCosts WEIGHTS = EditCosts.of(Samples.CONFUSION);
    private final PlatformNamingModel naming = over(models());

    private static PlatformNamingModel over(List<Model> models) {
        TagIndex index = TagIndex.of(models::forEach, Model::popularity);
        return new PlatformNamingModel(index, new NamingModel(index), WEIGHTS);
    }

    /** Sixty groups: prefix and series tell brand and platform, three digits and a color follow. */
    private static List<Model> models() {
        Random random = new Random(8);
        List<Model> models = new ArrayList<>();
        for (int group = 0; group < 60; group++) {
            String head = "%c%c%02d".formatted('A' + group % 6, 'P' + group / 20, group);
            for (int i = 0; i < 12; i++) {
                String number = "%s%03d%c".formatted(head, random.nextInt(1000), "WSBKG".charAt(random.nextInt(5)));
                models.add(new Model(
                        new ModelNumber(number),
                        "Brand " + head.charAt(0),
                        group % 2 == 0 ? Appliance.DRYER : Appliance.RANGE,
                        group % 4 < 2 ? Fuel.ELECTRIC : Fuel.LP,
                        null,
                        "Platform " + group,
                        BuildRange.ALWAYS,
                        1,
                        ""));
            }
        }
        return models;
    }

    private PlatformNamingModel.Unlisted weigh(String reading, double limit) {
        return naming.weigh(reading, TagQuery.of(reading, 5), limit, 60);
    }

    @Test
    public void whatIsTooDearMayBeLeftOutWithoutChangingTheRest() {
        Random random = new Random(2);
        int right = 0;
        for (Model model : models().subList(0, 200)) {
            String key = model.number().key();
            String reading = key.substring(0, 4) + random.nextInt(10) + key.substring(5);
            PlatformNamingModel.Unlisted whole = weigh(reading, Double.POSITIVE_INFINITY);
            PlatformNamingModel.Unlisted bounded = weigh(reading, whole.cost() + 7);
            assertTrue(bounded.cost() >= whole.cost() - 1e-12, "nothing is counted twice");
            assertEquals(bounded.cost(), whole.cost(), 60 * Math.exp(-7), "sixty groups of at most e^-7 each");
            assertEquals(
                    bounded.platforms().get(0).platform(),
                    whole.platforms().get(0).platform());
            right += bounded.platforms().get(0).platform().equals(model.platform()) ? 1 : 0;
        }
        assertTrue(right >= 180, right + " of 200 are given to their own platform");
    }

    @Test
    public void aLookAlikeInTheSeriesIsSeenThrough() {
        PlatformGuess plain =
                weigh("AP48123W", Double.POSITIVE_INFINITY).platforms().get(0);
        PlatformGuess alike =
                weigh("AP4B123W", Double.POSITIVE_INFINITY).platforms().get(0);
        assertEquals(plain.platform(), alike.platform());
        assertTrue(alike.probability().value() > 0.3, alike.toString());
    }

    @Test
    public void brandApplianceAndFuelMoveTheGuess() {
        String reading = "CP50123W";
        TagQuery bare = TagQuery.of(reading, 5);
        double before = chance(bare, "Brand C");
        double after = chance(new TagQuery(reading, "brand c", null, Set.of(), List.of(), 5), "Brand C");
        assertTrue(after > before && before > 0, before + " and " + after);
        TagQuery gasRange = new TagQuery(reading, null, Appliance.RANGE, EnumSet.of(Fuel.LP), List.of(), 5);
        assertTrue(chance(gasRange, "Brand C") < before, "brand C makes dryers only here");
    }

    private double chance(TagQuery query, String brand) {
        return naming.weigh(query.text(), query, Double.POSITIVE_INFINITY, 60).platforms().stream()
                .filter(guess -> guess.brand().equals(brand))
                .mapToDouble(guess -> guess.probability().value())
                .sum();
    }

    @Test
    public void aNumberLikeNoOtherIsElsewhere() {
        PlatformNamingModel.Unlisted strange = weigh("9Z9Z9Z9Z9Z", Double.POSITIVE_INFINITY);
        double known = strange.platforms().stream()
                .mapToDouble(guess -> guess.probability().value())
                .sum();
        assertTrue(known < 0.2, strange.toString());
        assertTrue(weigh("AP481W", Double.POSITIVE_INFINITY).cost() < strange.cost());
    }
}
