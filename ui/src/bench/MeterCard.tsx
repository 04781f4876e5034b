import { useState } from "react";
import { MeterStandIn } from "../shared/MeterStandIn";
import { TestChoice } from "./RangeCard";
import { useTests } from "./useTests";

/** The meter to practise with, on any part of any pack that is read in ohms. */
export function MeterCard() {
  const [appliance, setAppliance] = useState("dryer");
  const [chosen, setChosen] = useState<string | null>(null);
  const tests = useTests(appliance).filter((t) => t.practice);
  const test = tests.find((t) => t.id === chosen) ?? tests[0];
  return (
    <div className="card-plain check">
      <span className="bin-tab">Meter practice</span>
      <div className="p-3">
        <TestChoice {...{ appliance, setAppliance, tests, test: test?.id, setChosen }} />
        {test?.who === "licensed" && (
          <p className="notice bad">
            In a real machine this is for a qualified person only: a charge there can kill.
          </p>
        )}
        {test && <MeterStandIn key={test.id} appliance={appliance} test={test.id} />}
      </div>
    </div>
  );
}
