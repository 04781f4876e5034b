package synopta.server.bench;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.bench.MeterSimulator;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.reading.Conditions;
import synopta.core.reading.Judgment;
import synopta.core.reading.Reading;
import synopta.server.web.ApiException;
import synopta.server.web.MayBeNull;
import synopta.server.web.ReadingConditions;

/** Readings by the tests of the packs, of a real part or of one that was made up to practice on. */
@RestController
class MeterController {
    private final CurrentPacks packs;

    MeterController(CurrentPacks packs) {
        this.packs = packs;
    }

    @PostMapping(path = "/api/bench/meter", produces = MediaType.APPLICATION_JSON_VALUE)
    MeterAnswer read(@Valid @RequestBody MeterRequest request) {
        Pack pack = pack(request.appliance());
        MeterTest test = test(pack, request.test());
        MeterSimulator.Condition condition = MeterSimulator.drawn(test, request.shuffles());
        Reading reading = MeterSimulator.read(
                test,
                condition,
                MeterSimulator.Terminal.of(request.red()),
                MeterSimulator.Terminal.of(request.black()));
        String partType = pack.fault(test.finds().get(0)).orElseThrow().partType();
        return new MeterAnswer(reading, partType, Boolean.TRUE.equals(request.reveal()) ? condition.slug() : null);
    }

    @PostMapping(path = "/api/bench/range", produces = MediaType.APPLICATION_JSON_VALUE)
    RangeAnswer range(@Valid @RequestBody RangeRequest request) {
        MeterTest test = test(pack(request.appliance()), request.test());
        Judgment judged = test.judge(MeterWire.reading("reading", request.reading()), request.beside());
        return new RangeAnswer(test.unit().symbol(), judged);
    }

    private Pack pack(String appliance) {
        return packs.of(Appliance.of(appliance))
                .orElseThrow(() -> ApiException.impossible(
                        "appliance",
                        "The fault guide does not cover %s. Send dryer, range, dishwasher or microwave."
                                .formatted(appliance)));
    }

    private static MeterTest test(Pack pack, String test) {
        return pack.test(test)
                .orElseThrow(() -> ApiException.impossible(
                        "test",
                        "Test (%s) is not known for a %s."
                                .formatted(test, pack.appliance().slug())));
    }

    /** A reading by a test of a pack, in the test's unit. */
    record RangeRequest(
            @NotNull String appliance,
            @NotNull String test,

            @NotNull @Schema(oneOf = {Double.class, String.class})
            Object reading,

            @MayBeNull Double celsius,
            @MayBeNull Double volts,
            @MayBeNull Double watts,
            @MayBeNull Double r25Ohms,
            @MayBeNull @Size(max = 40) String kind) {
        Conditions beside() {
            return ReadingConditions.of(celsius, volts, watts, r25Ohms, kind);
        }
    }

    /** The verdict, with the range of a good part in the unit. */
    record RangeAnswer(String unit, @JsonUnwrapped Judgment judged) {}

    /** The leads on terminals `1`, `2` or `casing` of the part that so many shuffles bring. */
    record MeterRequest(
            @NotNull String appliance,
            @NotNull String test,
            @NotNull Long shuffles,
            @NotNull String red,
            @NotNull String black,
            @MayBeNull Boolean reveal) {}

    /** What it shows, a number of ohms or OL; in what way the part is, once that was asked for. */
    record MeterAnswer(
            Reading ohms, String partType, @MayBeNull String condition) {}
}
