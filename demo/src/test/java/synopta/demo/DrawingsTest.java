package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.CatalogTables;
import synopta.core.catalog.Platform;
import synopta.core.catalog.Slot;
import synopta.core.drawing.BeltRun;
import synopta.core.drawing.Drawing;
import synopta.core.drawing.Figure;
import synopta.core.knowledge.Belt;
import synopta.core.knowledge.Layout;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.formats.knowledge.PackReader;

/** What the packs that ship draw, for the machines of the demo catalog. */
public class DrawingsTest {
    private List<Pack> packs;

    @BeforeClass
    void read() throws IOException {
        packs = PackReader.folder(Path.of(System.getProperty("synopta.root"), "knowledge"))
                .packs();
    }

    private Pack pack(Appliance appliance) {
        return packs.stream()
                .filter(p -> p.appliance() == appliance)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void everyPlaceOfEveryPlatformIsDrawnOnItsSheetWithItsPartTypeAndItsWhereabouts() {
        CatalogTables demo = DemoCatalog.of(7, DemoCatalog.MODELS);
        for (Platform platform : demo.platforms()) {
            Layout layout = pack(platform.appliance()).layout(platform.layout()).orElseThrow();
            Drawing drawing = layout.drawing();
            for (Slot slot : demo.slots()) {
                if (slot.platform().equals(platform.platform())) {
                    String at = platform.platform() + " " + slot.slot();
                    Optional<Layout.Place> place = layout.place(slot.slot());
                    assertEquals(place.map(Layout.Place::partType), Optional.of(slot.partType()), at);
                    Drawing.Spot spot = drawing.spots().stream()
                            .filter(s -> s.slot().equals(slot.slot()))
                            .findFirst()
                            .orElseThrow(() -> new AssertionError(at + " is not drawn"));
                    assertTrue(spot.bounds().within(drawing.width(), drawing.height()), at);
                    assertTrue(place.orElseThrow().where().length() > 2, at);
                }
            }
        }
    }

    @Test
    public void everyPlaceOfEveryPackHasAPartInTheDemoAsManyAsItSays() {
        CatalogTables demo = DemoCatalog.of(7, DemoCatalog.MODELS);
        for (Pack pack : packs) {
            for (Layout layout : pack.layouts()) {
                Set<String> there = demo.slots().stream()
                        .filter(slot -> demo.platforms().stream()
                                .anyMatch(p -> p.platform().equals(slot.platform())
                                        && p.appliance() == pack.appliance()
                                        && p.layout().equals(layout.id())))
                        .map(slot -> "%s %s %d".formatted(slot.slot(), slot.partType(), slot.quantity()))
                        .collect(Collectors.toSet());
                layout.places().forEach(place -> {
                    String wanted = "%s %s %d".formatted(place.slot(), place.partType(), place.quantity());
                    assertTrue(there.contains(wanted), layout.id() + ": " + wanted);
                });
            }
        }
    }

    @Test
    public void placesThatComeInPairsSayWhichSidesTheyAreOn() {
        packs.stream()
                .flatMap(p -> p.layouts().stream())
                .flatMap(l -> l.places().stream())
                .filter(place -> Stream.of("roller", "spring", "hinge", "glide", "rail", "hanging")
                        .anyMatch(place.slot()::contains))
                .filter(place -> place.quantity() == 2)
                .forEach(place -> assertTrue(
                        place.where().contains("left") && place.where().contains("right"),
                        place.slot() + ": " + place.where()));
    }

    @Test
    public void noTwoPartsOfAnApplianceHaveTheSamePictureOrTheSameMark() {
        for (Pack pack : packs) {
            Map<List<Figure>, String> pictures = new HashMap<>();
            Map<String, String> tells = new HashMap<>();
            for (PartType type : pack.partTypes()) {
                assertEquals(pictures.put(type.picture().figures(), type.slug()), null, type.slug());
                assertEquals(tells.put(type.picture().tell(), type.slug()), null, type.slug());
            }
        }
        PartType rings = pack(Appliance.DRYER).partType("roller-hardware").orElseThrow();
        assertEquals(
                rings.picture().kinds().stream().map(k -> k.name()).limit(4).toList(),
                List.of("triangle ring", "snap ring", "E-clip", "C-clip"));
    }

    @DataProvider
    Object[][] belts() {
        return belts(pack(Appliance.DRYER));
    }

    @Test(dataProvider = "belts")
    public void everyDryersBeltGripsTheMotorSlidesOnTheIdlerAndGoesSlackAgainstTheSpring(String id, Belt belt) {
        BeltRun.Closed run = closed(belt.run());
        for (int i = 0; i < belt.stations().size(); i++) {
            Belt.Station station = belt.stations().get(i);
            assertTrue(run.touches().get(i).touching(), station.role() + " is not touched");
            if (station.role() != Belt.Role.DRUM) {
                boolean motor = station.role() == Belt.Role.MOTOR;
                assertEquals(belt.faceAt(station), motor ? Belt.Face.RIBBED : Belt.Face.FLAT);
            }
        }
        double slack = run.lengthMm() - closed(belt.pushed()).lengthMm();
        assertTrue(slack > 5 && slack < 60, "slack " + slack);
        assertTrue(run.lengthMm() > 2000 && run.lengthMm() < 2500, "length " + run.lengthMm());
    }

    @Test
    public void ribsLieOnTheDrumInMostLayoutsAndAwayFromItInOneAtLeast() {
        List<Belt.Face> faces = Stream.of(belts(pack(Appliance.DRYER)))
                .map(row -> (Belt) row[1])
                .map(belt -> belt.faceAt(belt.stations().get(0)))
                .toList();
        long ribbed = faces.stream().filter(f -> f == Belt.Face.RIBBED).count();
        assertTrue(ribbed > faces.size() / 2 && ribbed < faces.size(), faces.toString());
    }

    private static BeltRun.Closed closed(BeltRun run) {
        return run.fold(c -> c, wrong -> {
            throw new AssertionError(wrong.reason());
        });
    }

    /** The belts of a pack as rows: the layout's id, its belt. */
    private static Object[][] belts(Pack pack) {
        return pack.layouts().stream().map(l -> new Object[] {l.id(), l.belt()}).toArray(Object[][]::new);
    }
}
