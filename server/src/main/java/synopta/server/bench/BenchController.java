package synopta.server.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import synopta.core.bench.BeltLength;
import synopta.core.bench.CapacitorCheck;
import synopta.core.bench.CheckResult;
import synopta.core.bench.CoilsCheck;
import synopta.core.bench.DuctCheck;
import synopta.core.bench.ElementCheck;
import synopta.core.bench.FigureUnit;
import synopta.core.bench.FuseCheck;
import synopta.core.bench.OrificeCheck;
import synopta.core.bench.SpokenFigure;
import synopta.core.bench.SupplyCheck;
import synopta.core.bench.ThermistorCheck;
import synopta.core.bench.ToolFit;
import synopta.core.quantity.Slugged;

/** What a reading or a measure says about a part. */
@RestController
@RequestMapping(path = "/api/bench", produces = MediaType.APPLICATION_JSON_VALUE)
class BenchController {
    /** What was entered in a field, as it is understood. */
    @GetMapping("/figure")
    SpokenFigure figure(@RequestParam @Size(max = 60) String said, @RequestParam String unit) {
        return SpokenFigure.read(said, Slugged.of(FigureUnit.class, "Unit", unit));
    }

    @PostMapping("/element")
    ElementCheck.Answer element(@Valid @RequestBody ElectricWire.ElementRequest request) {
        return request.judged();
    }

    @PostMapping("/coils")
    CoilsCheck.Answer coils(@Valid @RequestBody ElectricWire.CoilsRequest request) {
        return request.judged();
    }

    @PostMapping("/thermistor")
    ThermistorCheck.Answer thermistor(@Valid @RequestBody SensorWire.ThermistorRequest request) {
        return request.judged();
    }

    @PostMapping("/thermostat")
    CheckResult thermostat(@Valid @RequestBody SensorWire.ThermostatRequest request) {
        return request.judged();
    }

    @PostMapping("/fuse")
    FuseCheck.Answer fuse(@Valid @RequestBody ElectricWire.FuseRequest request) {
        return request.judged();
    }

    @PostMapping("/supply")
    SupplyCheck.Answer supply(@Valid @RequestBody ElectricWire.SupplyRequest request) {
        return request.judged();
    }

    @PostMapping("/capacitor")
    CapacitorCheck.Answer capacitor(@Valid @RequestBody ElectricWire.CapacitorRequest request) {
        return request.judged();
    }

    @PostMapping("/orifice")
    OrificeCheck.Answer orifice(@Valid @RequestBody MechanicalWire.OrificeRequest request) {
        return request.judged();
    }

    @PostMapping("/duct")
    DuctCheck.Answer duct(@Valid @RequestBody MechanicalWire.DuctRequest request) {
        return request.judged();
    }

    @PostMapping("/belt")
    BeltLength belt(@Valid @RequestBody MechanicalWire.BeltRequest request) {
        return request.judged();
    }

    @PostMapping("/tool")
    ToolFit.Answer tool(@Valid @RequestBody MechanicalWire.ToolRequest request) {
        return request.judged();
    }
}
