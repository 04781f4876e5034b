import { useState } from "react";
import { MeterSimulator } from "../shared/MeterSimulator";
import { TestChoice } from "./RangeCard";
import { useTests } from "./useTests";

/** The meter simulator, for any test in ohms of the fault guide. */
export function MeterCard() {
  const [appliance, setAppliance] = useState("dryer");
  const [chosen, setChosen] = useState<string | null>(null);
  const tests = useTests(appliance).filter((t) => t.practice);
  const test = tests.find((t) => t.id === chosen) ?? tests[0];
  return (
    <div className="card-plain check">
      <span className="bin-tab">Meter simulator</span>
      <div className="p-3">
        <TestChoice {...{ appliance, setAppliance, tests, test: test?.id, setChosen }} />
        {test?.who === "licensed" && (
          <p className="notice bad">
            In a real machine this is work for a licensed technician only: the stored charge can kill.
          </p>
        )}
        {test && <MeterSimulator key={test.id} appliance={appliance} test={test.id} />}
      </div>
    </div>
  );
}
