import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Form } from "react-bootstrap";
import { answer, api } from "../shared/api";
import { MeterStandIn } from "../shared/MeterStandIn";

const APPLIANCES = ["dryer", "range", "dishwasher", "microwave"];

/** The meter to practise with, on any part of any pack that is read in ohms. */
export function MeterCard() {
  const [appliance, setAppliance] = useState("dryer");
  const [chosen, setChosen] = useState<string | null>(null);
  const known = useQuery({
    queryKey: ["knowledge", appliance],
    queryFn: () => answer(api.GET("/api/knowledge/{appliance}", { params: { path: { appliance } } })),
    staleTime: Infinity,
  });
  const tests = known.data?.findings.filter((f) => f.practice) ?? [];
  const test = tests.find((t) => t.id === chosen) ?? tests[0];
  return (
    <div className="card-plain check">
      <span className="bin-tab">Meter practice</span>
      <div className="p-3">
        <div className="d-flex gap-2 mb-3">
          <Form.Select
            size="sm"
            className="w-auto"
            aria-label="Appliance"
            value={appliance}
            onChange={(event) => setAppliance(event.target.value)}
          >
            {APPLIANCES.map((name) => (
              <option key={name}>{name}</option>
            ))}
          </Form.Select>
          <Form.Select
            size="sm"
            aria-label="What is read"
            value={test?.id ?? ""}
            onChange={(event) => setChosen(event.target.value)}
          >
            {tests.map((t) => (
              <option key={t.id} value={t.id}>
                {t.question}
              </option>
            ))}
          </Form.Select>
        </div>
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
