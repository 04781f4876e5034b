package synopta.server.bench;

import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a reading or a measure says about a part. */
@RestController
@RequestMapping(path = "/api/bench", produces = MediaType.APPLICATION_JSON_VALUE)
class BenchController {
    @PostMapping("/element")
    ElectricWire.ElementAnswer element(@Valid @RequestBody ElectricWire.ElementRequest request) {
        return request.judged();
    }

    @PostMapping("/coils")
    ElectricWire.CoilsAnswer coils(@Valid @RequestBody ElectricWire.CoilsRequest request) {
        return request.judged();
    }

    @PostMapping("/thermistor")
    SensorWire.ThermistorAnswer thermistor(@Valid @RequestBody SensorWire.ThermistorRequest request) {
        return request.judged();
    }

    @PostMapping("/thermostat")
    SensorWire.JudgedAnswer thermostat(@Valid @RequestBody SensorWire.ThermostatRequest request) {
        return request.judged();
    }

    @PostMapping("/fuse")
    ElectricWire.FuseAnswer fuse(@Valid @RequestBody ElectricWire.FuseRequest request) {
        return request.judged();
    }

    @PostMapping("/supply")
    ElectricWire.SupplyAnswer supply(@Valid @RequestBody ElectricWire.SupplyRequest request) {
        return request.judged();
    }

    @PostMapping("/capacitor")
    ElectricWire.CapacitorAnswer capacitor(@Valid @RequestBody ElectricWire.CapacitorRequest request) {
        return request.judged();
    }

    @PostMapping("/orifice")
    MechanicalWire.OrificeAnswer orifice(@Valid @RequestBody MechanicalWire.OrificeRequest request) {
        return request.judged();
    }

    @PostMapping("/duct")
    MechanicalWire.DuctAnswer duct(@Valid @RequestBody MechanicalWire.DuctRequest request) {
        return request.judged();
    }

    @PostMapping("/belt")
    MechanicalWire.BeltAnswer belt(@Valid @RequestBody MechanicalWire.BeltRequest request) {
        return request.judged();
    }

    @PostMapping("/tool")
    MechanicalWire.ToolAnswer tool(@Valid @RequestBody MechanicalWire.ToolRequest request) {
        return request.judged();
    }
}
