package synopta.core.fit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static synopta.core.fit.Finders.finder;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import org.testng.annotations.Test;
import synopta.core.Samples;
import synopta.core.Shelf;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.BuildRange;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Fit;
import synopta.core.catalog.Fuel;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.Part;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.SerialRange;

/** Fit against {@link NaiveFit} on 300 seeded catalogs: chains to 50, splits, choices, changes, ranges, kits in kits. */
public class FitByDefinitionTest {
    private static final LocalDate BREAK = LocalDate.of(2018, 7, 1);
    private static final ModelNumber MODEL = new ModelNumber("TH-7820-W");

    /** A unit, and whether rows before the break, after it, with early and with late serials hold for it. */
    private record Known(MachineUnit unit, int before, int after, int early, int late) {}

    private static final List<Known> UNITS = List.of(
            new Known(MachineUnit.NOT_KNOWN, 0, 0, 0, 0),
            new Known(MachineUnit.builtOn(BREAK.minusDays(1)), 1, -1, 0, 0),
            new Known(MachineUnit.builtOn(BREAK), -1, 1, 0, 0),
            new Known(new MachineUnit("4A-499", List.of()), 0, 0, 1, -1),
            new Known(new MachineUnit("4a500", List.of()).and(BREAK), -1, 1, -1, 1));

    private static final BuildRange BEFORE = new BuildRange(null, BREAK.minusDays(1));
    private static final BuildRange AFTER = new BuildRange(BREAK, null);
    private static final SerialRange EARLY = new SerialRange(null, "4A499");
    private static final SerialRange LATE = new SerialRange("4A500", null);

    private final Random random = new Random(20260304);
    private NaiveFit naive;
    private Shelf shelf;
    private List<int[]> rows;

    @Test
    public void everyVerdictIsWhatTheDefinitionSays() {
        TreeMap<String, Integer> seen = new TreeMap<>();
        for (int round = 0; round < 300; round++) {
            int parts = made(round);
            Catalog catalog = shelf.catalog();
            for (Known known : UNITS) {
                List<NaiveFit.Row> listed = listed(known);
                for (int i = 0; i < 12; i++) {
                    String asked = i < 4 ? "K" + i : "P" + random.nextInt(parts);
                    String expected = naive.judge(listed, asked);
                    String actual = said(finder(catalog).judge(MODEL, known.unit, part(asked)));
                    assertEquals(actual, expected, "round %d, %s, %s".formatted(round, known.unit, asked));
                    seen.merge(expected.split(" ")[0] + (i < 4 ? " kit" : ""), 1, Integer::sum);
                }
            }
        }
        assertTrue(seen.size() == 8 && seen.values().stream().allMatch(n -> n >= 20), "every kind was met: " + seen);
    }

    private static String said(FitVerdict verdict) {
        return verdict.fold(
                fits -> (fits.supply().changes().isEmpty() ? "fits " : "fits-with-change ") + items(fits.supply()),
                depends -> "depends",
                not -> "does-not-fit",
                unknown -> "unknown");
    }

    private static TreeMap<String, Integer> items(Supply supply) {
        TreeMap<String, Integer> items = new TreeMap<>();
        supply.items().forEach(i -> items.put(i.part().written(), i.quantity()));
        return items;
    }

    /** Makes a catalog; how many parts it has besides its kits. */
    private int made(int round) {
        naive = new NaiveFit();
        rows = new ArrayList<>();
        shelf = new Shelf().model(Samples.model("TH-7820-W", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1));
        int parts = 4 + random.nextInt(47);
        for (int i = 0; i < parts; i++) {
            part("P" + i, "t");
        }
        successions(parts);
        for (int k = 0; k < 4; k++) {
            part("K" + k, "repair-kit");
            TreeMap<String, Integer> contents = new TreeMap<>();
            for (int c = 0; c < 1 + random.nextInt(3); c++) {
                contents.put("P" + random.nextInt(parts), 1 + random.nextInt(4));
            }
            if (k > 0 && random.nextInt(2) == 0) {
                contents.put("K" + random.nextInt(k), 1);
            }
            naive.kits.put("K" + k, contents);
            String kit = "K" + k;
            contents.forEach((content, count) -> shelf.kit(kit, content, count));
        }
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            fit(random.nextInt(parts), random.nextInt(6), i);
        }
        return parts;
    }

    private void part(String number, String type) {
        long cents = 100 + random.nextInt(900);
        naive.cents.put(number, cents);
        shelf.part(number, cents, type, true, Part.Status.CURRENT, 1);
    }

    /** A chain, broken here and there, with a few splits and choices. */
    private void successions(int parts) {
        int forks = 5;
        for (int i = 0; i + 1 < parts; i++) {
            if (random.nextInt(8) == 0) {
                continue;
            }
            step(i, 1, i + 1);
            if (i + 2 < parts && forks > 0 && random.nextInt(6) == 0) {
                forks--;
                step(i, 1 + random.nextInt(2), i + 2 + random.nextInt(parts - i - 2));
            }
        }
    }

    private void step(int old, int choice, int by) {
        int quantity = random.nextInt(6) == 0 ? 2 : 1;
        String change = random.nextInt(12) == 0 ? "change at %d".formatted(old) : "";
        naive.steps.add(new NaiveFit.Step("P" + old, choice, "P" + by, quantity, change));
        shelf.replaced("P" + old, choice, "P" + by, quantity, change);
    }

    private void fit(int part, int kind, int place) {
        rows.add(new int[] {part, kind});
        shelf.fit(new Fit(
                MODEL,
                "place-" + place,
                part("P" + part),
                1,
                kind == 1 ? BEFORE : kind == 2 ? AFTER : BuildRange.ALWAYS,
                kind == 3 ? EARLY : kind == 4 ? LATE : SerialRange.ALL,
                ""));
    }

    private static PartNumber part(String number) {
        return Samples.part(number);
    }

    private List<NaiveFit.Row> listed(Known known) {
        int[] holds = {1, known.before, known.after, known.early, known.late, 1};
        return rows.stream()
                .map(row -> new NaiveFit.Row("P" + row[0], holds[row[1]]))
                .toList();
    }
}
