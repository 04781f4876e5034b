package synopta.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.bench.StandIn;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.MeterTest;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.Reading;
import synopta.server.Packs;
import synopta.server.web.MayBeNull;
import synopta.server.web.Refused;

/** A meter to practise with: it reads a part that was made up. */
@RestController
class MeterController {
    private final Packs packs;

    MeterController(Packs packs) {
        this.packs = packs;
    }

    @PostMapping(path = "/api/bench/meter", produces = MediaType.APPLICATION_JSON_VALUE)
    MeterAnswer read(@Valid @RequestBody MeterRequest request) {
        Pack pack = packs.of(Appliance.of(request.appliance()))
                .orElseThrow(() -> Refused.impossible(
                        "appliance", "There is no knowledge of a %s.".formatted(request.appliance())));
        MeterTest test = pack.test(request.test())
                .orElseThrow(() -> Refused.impossible(
                        "test", "Test (%s) is not known for a %s.".formatted(request.test(), request.appliance())));
        StandIn.Condition condition = StandIn.drawn(test, request.shuffles());
        Reading reading =
                StandIn.read(test, condition, StandIn.Terminal.of(request.red()), StandIn.Terminal.of(request.black()));
        String partType = pack.fault(test.finds().get(0)).orElseThrow().partType();
        return new MeterAnswer(
                MeterWire.of(reading), partType, Boolean.TRUE.equals(request.reveal()) ? condition.slug() : null);
    }

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
            @io.swagger.v3.oas.annotations.media.Schema(oneOf = {Double.class, String.class})
            Object ohms,

            String partType,
            @MayBeNull String condition) {}
}
