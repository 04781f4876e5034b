package synopta.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.casefile.CaseInput;
import synopta.core.catalog.Fit;
import synopta.core.catalog.ModelNumber;
import synopta.core.counter.CaseAssessment;
import synopta.core.counter.Counter;
import synopta.core.knowledge.HouseSettings;
import synopta.core.sale.BagPiece;
import synopta.core.sale.RequestOutcome;
import synopta.core.sale.RequiredPart;

/** Callers who name the part they want, heard by the phrases of the packs. */
public class RequestCallersTest {
    private final Counter counter = new DemoCounter(() -> HouseSettings.USUAL).counter;

    /** What is said; what is in the bag for it, rolled up in words; what became of requests that are not. */
    private static final String CALLERS = """
            TH-7820-W drum rollers, rear two | 2 drum-roller, goes with 4 roller-hardware |
            TH-7820-W a pair of rear rollers and a belt | 2 drum-roller, 1 drum-belt, goes with 4 roller-hardware |
            TH-7820-W rollers | 4 drum-roller, goes with 8 roller-hardware |
            TH-7820-W idler pulley and belt | 1 idler-pulley, 1 drum-belt |
            TH-7820-W repair kit | 1 drum-belt, 4 drum-roller, 1 idler-pulley, 8 roller-hardware |
            TH-7820-W rear felt | 1 rear-seal |
            TH-7820-W thermal fuse | 1 thermal-fuse |
            TH-7820-W element | 1 heater-assembly |
            TH-7820-W door switch, lost | 1 door-switch |
            TH-7820-W leveling legs, all four | 4 leveling-leg |
            TH-7820-W knob lost | 1 control-knob |
            TH-7820-W not the belt, the rollers | 4 drum-roller, goes with 8 roller-hardware |
            TH-7820-W I put a belt in last month, need an idler | 1 idler-pulley |
            TH-7820-W front glides worn | | drum-glide not-on-this-machine
            TH-7820-W igniter please | | gas-igniter not-on-this-machine
            TH-7820-W QV-1183 | 1 drum-belt |
            TH-7820-W QV-1320 | 1 door-catch, 1 door-catch |
            HV-4415-W needs a QV-1183 | | drum-belt not-on-this-machine
            HV-4415-W front glides worn | 2 drum-glide |
            HV-4415-W both glides | 2 drum-glide |
            HV-4415-W a set of baffles | 3 drum-baffle |
            HV-4415-W lint filter | 1 lint-filter |
            HV-4415-W rollers | | drum-roller not-on-this-machine
            HV-9143-K two door springs please | 2 door-spring |
            HV-9143-K 2 door springs | 2 door-spring |
            PG-4470-K igniter please | 1 gas-igniter |
            PG-4470-K gas valve coils, both | 1 gas-valve-coils |
            RE1524W bake element | 1 bake-element |
            RE1524W top element | 1 broil-element |
            RE1524W knobs, all five | 5 control-knob |
            RE1524W one knob | 1 control-knob |
            RE1524W surface element, the large one | 1 surface-element |
            RE1524W element | | bake-element which-one
            TD-4614-B wash arm, the lower one | 1 lower-wash-arm |
            TD-4614-B inlet valve | 1 inlet-valve |
            TD-4614-B drain hose and check valve | 1 drain-hose, 1 check-valve |
            TD-4614-B drain pump | | drain-pump which-one
            TD-4614-B pump | | circulation-pump which-one
            TD-4614-B door spring | | door-spring not-on-this-machine
            HM-3303-S light bulb | 1 lamp |
            HM-3303-S turntable motor and coupler | 1 turntable-motor, 1 turntable-coupler |
            HM-3303-S door switch | 3 door-interlock-switch |
            HM-3303-S waveguide cover | 1 waveguide-cover |
            HM-3303-S charcoal filter | | carbon-filter not-on-this-machine
            2 x QV 1183 please | 2 drum-belt |
            dryer belt | | drum-belt no-number
            range bake element | | bake-element no-number
            PG-4470-K from propane to natural gas, need the orifice | 1 natural-gas-orifice, 1 natural-gas-limiter |
            HG-4416-B switching from propane to natural gas, both orifices | 1 natural-gas-orifice, 1 natural-gas-limiter |
            PG-4470-K convert it to propane | 1 propane-orifice, 1 propane-blocking-pin |
            PG-4470-K need the conversion kit | |
            TH-7820-W conversion kit to propane | |
            TH-7820-W repair kit, everything that wears, 9 yrs | 1 drum-belt, 4 drum-roller, 1 idler-pulley, 8 roller-hardware |
            TH-7820-W everything that wears, 9 yrs | 1 drum-belt, 4 drum-roller, 8 roller-hardware, 1 idler-pulley |
            HV-4415-W everything that wears, 9 yrs | 1 drum-belt, 1 idler-pulley, 2 drum-glide | rear-drum-bearing which-one
            RE1524W everything that wears | 4 surface-element, 1 bake-element, 1 broil-element, 1 oven-lamp, 4 drip-bowl | oven-door-gasket which-one
            TD-4614-B all the wear parts | 1 wash-arm-bearing, 1 drain-filter | door-gasket which-one
            HM-3815-S everything that wears | 1 carbon-filter, 2 grease-filter, 2 lamp, 1 turntable-coupler, 1 waveguide-cover | turntable-ring which-one
            TH-7820-W four prong outlet, need the right cord | 1 power-cord |
            RE1524W install it, 3 prong outlet | 1 power-cord |
            RE1524W need an anti-tip bracket | 1 anti-tip-bracket |
            TH-7820-W basement flooded, it stood in water | |
            TD-4614-B mice in it | |
            TH-7820-W annual service | |
            HM-3815-S annual service | 1 carbon-filter |
            HM-3815-S hang it, what do I need | |
            HV-4415-W look like new, one knob | 1 control-knob |
            TH-7820-W need to replace the belt | 1 drum-belt |
            TH-7820-W one roller | 1 drum-roller, goes with 2 roller-hardware |
            TH-7820-W left front roller | 1 drum-roller, goes with 2 roller-hardware |
            TH-7820-W 2 of QV-5618 | 2 drum-roller, goes with 4 roller-hardware |
            TH-7820-W QV-5618 and a belt | 1 drum-roller, 1 drum-belt, goes with 2 roller-hardware |
            TH-7820-W HN-7247 | | natural-gas-orifice not-on-this-machine
            QV-118E | | drum-belt which-one
            QV1I83 | | drum-belt which-one
            QV-118E for TH-7820-W | | drum-belt which-one
            QV-999999 | | no-number
            number off the burnt element is HN-14226 | 1 bake-element |
            CS-11268 | 1 natural-gas-orifice |
            QV-1183, 2 of QV-5618 | 1 drum-belt, 2 drum-roller |
            TH-7820-W how much is a drum belt | 1 drum-belt |
            do you have a lint filter for HV-4415-W | 1 lint-filter |
            TH-7820-W does the drum belt come with the idler? | |
            TH-7820-W do the rollers come with the washers | |
            TH-7820-W is the wavy ring left over normal | |
            TH-7820-W my husband says belt, I don't think so | |
            TH-7820-W the tech told me it needs a motor | 1 drive-motor |
            TH-7820-W it's not the thermal fuse, I changed it | |
            RE1524W the little one on top | 1 surface-element |
            TD-8290-W rack | | dish-rack which-one
            TD-8290-W racks | 1 dish-rack, 1 dish-rack |
            TD-8290-W one rack, the top one | 1 dish-rack |
            TD-4614-B spray arm, top | | lower-wash-arm which-one
            TD-4614-B lower spray arm | 1 lower-wash-arm |
            RE1524W bake element and broil element | 1 bake-element, 1 broil-element |
            HD-4902-S drain pump | 1 drain-pump |
            PG-4470-K igniter and flame sensor | 1 gas-igniter, 1 flame-sensor |
            HV-9143-K pair of door springs | 2 door-spring |
            HM-3806-G both filters | 1 carbon-filter, 2 grease-filter |
            HM-3815-S mounting nut | 1 mounting-nut |
            HM-3303-S glass tray | 1 turntable-tray |
            electric dryer drum rollers | | drum-roller no-number
            dishwasher lower wash arm | | lower-wash-arm no-number
            """;

    @DataProvider
    Iterator<Object[]> callers() {
        return CALLERS.lines()
                .map(line -> Arrays.stream((line + " ").split("\\|"))
                        .map(String::strip)
                        .toArray())
                .iterator();
    }

    @Test(dataProvider = "callers")
    public void whatIsAskedForIsInTheBagAtOnceOrItIsSaidWhyNot(String said, String bag, String open) {
        CaseAssessment view = counter.work(CaseInput.of(said));
        assertEquals(
                view.sale().bag().stream()
                        .map(piece -> (piece.source() == BagPiece.Source.GOES_WITH ? "goes with " : "")
                                + piece.quantity() + " " + piece.partType())
                        .collect(Collectors.joining(", ")),
                bag);
        assertEquals(
                view.sale().requests().stream()
                        .filter(request -> request.status() != RequestOutcome.Status.IN_BAG)
                        .map(request ->
                                (request.partType() + " " + request.status().slug()).strip())
                        .collect(Collectors.joining(", ")),
                open);
        assertEquals(view.plan().isPresent(), !bag.isEmpty(), "what is in the bag is planned for");
    }

    @Test
    public void wherePlacesHaveNumbersOfTheirOwnEachIsOfferedAndItsWordsSellIt() {
        String said = "TD-8290-W need a rack";
        RequestOutcome open = counter.work(CaseInput.of(said)).sale().requests().get(0);
        assertEquals(
                open.places().stream().map(RequestOutcome.OpenPlace::slot).toList(),
                List.of("lower-rack", "upper-rack"));
        for (RequestOutcome.OpenPlace place : open.places()) {
            CaseAssessment chosen = counter.work(CaseInput.of(said.replace(open.phrase(), place.words())));
            assertEquals(
                    chosen.sale().needs().stream().map(RequiredPart::listed).toList(),
                    DemoCounter.CATALOG.fits(new ModelNumber("TD-8290-W")).stream()
                            .filter(fit -> fit.slot().equals(place.slot()))
                            .map(Fit::part)
                            .toList());
        }
    }

    @Test
    public void whyAPartIsAskedForStandsWithIt() {
        CaseAssessment view = counter.work(CaseInput.of("HV-4415-W front glides worn"));
        assertEquals(view.sale().bag().get(0).why(), "Requested: “glides”, worn.");
    }

    @Test
    public void theSymptomsAgreeOrDisagreeWithARequestAndKeepNothingOutOfTheBag() {
        assertEquals(
                counter.work(CaseInput.of("TH-7820-W thumps, need drum rollers"))
                        .sale()
                        .requests()
                        .get(0)
                        .symptoms(),
                "The symptoms point there too, 84 %.");
        assertNull(counter.work(CaseInput.of("TH-7820-W thumps, need drum rollers and a belt"))
                .sale()
                .requests()
                .get(1)
                .symptoms());
        CaseAssessment unlikely = counter.work(CaseInput.of("TH-7820-W does not heat, need a belt"));
        assertEquals(unlikely.sale().bag().get(0).partType(), "drum-belt");
        String said = unlikely.sale().requests().get(0).symptoms();
        assertTrue(said.startsWith("Unlikely to cure it, 0 %: the symptoms point to the thermal fuse"), said);
    }
}
