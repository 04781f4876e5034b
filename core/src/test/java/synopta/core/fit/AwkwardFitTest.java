package synopta.core.fit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;
import static synopta.core.Samples.part;
import static synopta.core.fit.Finders.finder;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
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
import synopta.core.catalog.SerialRange;
import synopta.core.catalog.SerialScheme;
import synopta.core.catalog.Supersession;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.HouseSettings;
import synopta.core.knowledge.RepairPractices;

/** Fits that are told wrong from memory: kits, assemblies, breaks within a year, parts no longer made. */
public class AwkwardFitTest {
    private static final ModelNumber MODEL = new ModelNumber("TH-1");

    private static Shelf machine() {
        return new Shelf().model(Samples.model("TH-1", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1));
    }

    private static FitVerdict judge(Catalog catalog, String part) {
        return finder(catalog).judge(MODEL, MachineUnit.NOT_KNOWN, part(part));
    }

    private static FitVerdict.Fits fits(Catalog catalog, String part) {
        FitVerdict verdict = judge(catalog, part);
        assertTrue(verdict instanceof FitVerdict.Fits, verdict.toString());
        return (FitVerdict.Fits) verdict;
    }

    @Test
    public void whatAKitHoldsTooMuchIsNamed() {
        Catalog catalog = machine()
                .part("ROLLER", 1)
                .part("BELT", 1)
                .part("KIT", 1, "repair-kit", true, Part.Status.CURRENT, 1)
                .kit("KIT", "ROLLER", 4)
                .kit("KIT", "BELT", 1)
                .fit("TH-1", "rear", "ROLLER", 2, BuildRange.ALWAYS)
                .catalog();
        FitVerdict.Fits kit = fits(catalog, "KIT");
        assertEquals(kit.supply().changes(), List.of("left over, because this model does not use it: 1 x BELT"));
        assertEquals(kit.reasons().get(1), "4 x ROLLER: TH-1 lists ROLLER at rear, any build");
    }

    @Test
    public void anAssemblyOfAnotherMachineIsNotRightBecauseItsFuseIs() {
        Catalog catalog = machine()
                .model(Samples.model("TH-2", "Thistlemoor", Appliance.DRYER, Fuel.ELECTRIC, 1))
                .part("BOX", 1, "heater-assembly", true, Part.Status.CURRENT, 1)
                .part("FUSE", 1)
                .kit("BOX", "FUSE", 1)
                .fit("TH-2", "heater", "BOX", 1, BuildRange.ALWAYS)
                .fit("TH-1", "fuse", "FUSE", 1, BuildRange.ALWAYS)
                .catalog();
        assertTrue(judge(catalog, "BOX") instanceof FitVerdict.DoesNotFit);
        assertTrue(fits(catalog, "FUSE").supply().changes().isEmpty());
    }

    @Test
    public void whatGoesTogetherIsSaidTogetherAndHalfOfItCanBecomeAKit() {
        Catalog catalog = machine()
                .part("ARM", -1)
                .part("BARE-ARM", 900)
                .part("SPRING", -1)
                .part("SPRING-KIT", 450, "spring-kit", true, Part.Status.CURRENT, 1)
                .part("WASHER", 10)
                .kit("SPRING-KIT", "WASHER", 2)
                .replaced("ARM", 1, "BARE-ARM", 1, "")
                .replaced("ARM", 1, "SPRING", 2, "hook it below")
                .replaced("SPRING", 1, "SPRING-KIT", 1, "")
                .fit("TH-1", "idler-arm", "ARM", 1, BuildRange.ALWAYS)
                .catalog();
        FitVerdict.Fits arm = fits(catalog, "ARM");
        assertEquals(
                arm.supply().items(),
                List.of(new Supply.Item(part("BARE-ARM"), 1), new Supply.Item(part("SPRING-KIT"), 2)));
        assertEquals(arm.supply().changes(), List.of("hook it below"));
        assertEquals(arm.reasons().get(1), "ARM is superseded by BARE-ARM together with 2 x SPRING (hook it below)");
        assertEquals(
                fits(catalog, "SPRING-KIT").reasons().get(1),
                "ARM is superseded by BARE-ARM together with 2 x SPRING (hook it below)",
                "half of a pair says what goes with it");
    }

    @Test
    public void aBreakWithinABuildYearIsSettledByTheRunningNumber() {
        SerialScheme scheme =
                new SerialScheme("s", "YLNNNN", Map.of("A", 2016), 20, SerialScheme.Period.MONTH, List.of());
        Catalog catalog = new Shelf()
                .brand("Halvorn", scheme)
                .model(Samples.model("TH-1", "Halvorn", Appliance.DRYER, Fuel.ELECTRIC, 1))
                .part("EARLY", 1)
                .part("LATE", 1)
                .fit(ranged("EARLY", null, "AK4199"))
                .fit(ranged("LATE", "AK4200", null))
                .catalog();
        FitFinder finder = finder(catalog);
        assertEquals(((FitVerdict.Depends) judge(catalog, "EARLY")).ask(), FitVerdict.Missing.SERIAL);
        MachineUnit unit = finder.unit(MODEL, "am-4200", null);
        assertEquals(unit.built().size(), 1, "the year is read off the serial");
        assertEquals(finder.judge(MODEL, unit, part("LATE")).getClass(), FitVerdict.Fits.class);
        FitVerdict.DoesNotFit early = (FitVerdict.DoesNotFit) finder.judge(MODEL, unit, part("EARLY"));
        assertEquals(early.instead(), List.of(part("LATE")));
        MachineUnit illegible = finder.unit(MODEL, "42", LocalDate.of(2016, 3, 1));
        assertEquals(
                finder.judge(MODEL, illegible, part("LATE")).getClass(),
                FitVerdict.DoesNotFit.class,
                "the running number alone is enough");
        MachineUnit other = finder.unit(MODEL, "AK-42X", null);
        assertEquals(((FitVerdict.Depends) finder.judge(MODEL, other, part("LATE"))).ask(), FitVerdict.Missing.SERIAL);
    }

    private static Fit ranged(String part, String from, String to) {
        return new Fit(MODEL, "motor", part(part), 1, BuildRange.ALWAYS, new SerialRange(from, to), "");
    }

    @Test
    public void forAPartNoLongerMadeWhatElseWouldDoIsSaid() {
        Catalog catalog = machine()
                .model(Samples.model("HV-1", "Halvorn", Appliance.DRYER, Fuel.ELECTRIC, 1))
                .part("KNOB", 1, "t", true, Part.Status.DISCONTINUED, 1)
                .part("SAME", 1)
                .part("THEIRS", 1)
                .equivalent("KNOB", "SAME")
                .stock("Ropewalk", "KNOB", 2, 1)
                .fit("TH-1", "knob", "KNOB", 5, BuildRange.ALWAYS)
                .fit("HV-1", "knob", "THEIRS", 5, BuildRange.ALWAYS)
                .catalog();
        FitVerdict.Fits knob = fits(catalog, "KNOB");
        assertTrue(knob.reasons().get(1).endsWith("without a replacement; 2 left in stock"), knob.toString());
        assertEquals(
                knob.suggestions().stream().map(s -> s.kind() + " " + s.part()).toList(),
                List.of("ALLOWED_EQUIVALENT SAME", "OTHER_BRAND THEIRS"));
        assertEquals(fits(catalog, "SAME").suggestions(), List.of(), "what is made needs none");
    }

    @Test
    public void aSuccessionCountsFromItsDay() {
        Catalog catalog = machine()
                .part("NOW", 1)
                .part("SOON", 1)
                .fit("TH-1", "belt", "NOW", 1, BuildRange.ALWAYS)
                .replaced(new Supersession(part("NOW"), "1", part("SOON"), 1, "", LocalDate.of(2026, 6, 1)))
                .catalog();
        assertEquals(fits(catalog, "NOW").supply().items(), List.of(new Supply.Item(part("NOW"), 1)));
        FitFinder later = new FitFinder(
                catalog,
                new Specifications(new CurrentPacks(List.of())),
                () -> HouseSettings.USUAL,
                Clock.fixed(Instant.parse("2026-06-01T00:00:00Z"), ZoneOffset.UTC));
        assertEquals(later.supplies(part("NOW")).get(0).items(), List.of(new Supply.Item(part("SOON"), 1)));
    }

    @Test
    public void anEquivalentOfWhatAListedPartBecameServesUnlessTheHouseWantsGenuineOnly() {
        Catalog catalog = machine()
                .part("OLD", -1)
                .part("NEW", 1)
                .part("CHANGED", 1)
                .part("SAME", 1, "t", false, Part.Status.CURRENT, 1)
                .replaced("OLD", 1, "NEW", 1, "")
                .replaced("NEW", 1, "CHANGED", 1, "trim it")
                .equivalent("NEW", "SAME")
                .fit("TH-1", "belt", "OLD", 1, BuildRange.ALWAYS)
                .catalog();
        assertEquals(fits(catalog, "SAME").supply().items(), List.of(new Supply.Item(part("SAME"), 1)));
        FitFinder genuine = new FitFinder(
                catalog,
                new Specifications(new CurrentPacks(List.of())),
                () -> HouseSettings.USUAL.with(new RepairPractices(true, true, true, true, true, false)),
                Clock.systemUTC());
        FitVerdict refused = genuine.judge(MODEL, MachineUnit.NOT_KNOWN, part("SAME"));
        assertTrue(refused.reasons().get(0).endsWith("the settings allow genuine parts only"), refused.toString());
        assertTrue(genuine.judge(MODEL, MachineUnit.NOT_KNOWN, part("NEW")) instanceof FitVerdict.Fits);
    }

    @Test
    public void numbersThatAreInNoRowComeWithTheNearest() {
        Catalog catalog = machine().part("QV-1180", 1).catalog();
        assertEquals(((FitVerdict.Unknown) judge(catalog, "QV-1181")).nearest(), List.of("QV-1180"));
        FitVerdict noModel = finder(catalog).judge(new ModelNumber("TH-7"), MachineUnit.NOT_KNOWN, part("QV-1180"));
        assertEquals(((FitVerdict.Unknown) noModel).nearest(), List.of("TH-1"));
    }

    @Test
    public void quantitiesThatMultiplyWithoutEndAreRefused() {
        Shelf shelf = machine().part("P0", 1).fit("TH-1", "x", "P0", 1, BuildRange.ALWAYS);
        for (int i = 0; i < 40; i++) {
            shelf.part("P" + (i + 1), 1).replaced("P" + i, 1, "P" + (i + 1), 2, "");
        }
        Catalog catalog = shelf.catalog();
        IllegalArgumentException refused = expectThrows(IllegalArgumentException.class, () -> judge(catalog, "P0"));
        assertTrue(refused.getMessage().contains("Check the quantities"), refused.getMessage());
    }
}
