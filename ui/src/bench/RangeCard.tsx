import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Form } from "react-bootstrap";
import { answer, api } from "../shared/api";
import { APPLIANCES } from "../shared/format";
import { type Beside, MissingCondition } from "../shared/MissingCondition";
import { plainFigure, reading } from "./check";
import { Outcome } from "./CheckCard";
import { useTests } from "./useTests";

/** Any test of the fault guide, judged as at the counter: elements, igniters, thermocouples, windings, switches, cases. */
export function RangeCard() {
  const [appliance, setAppliance] = useState("dryer");
  const [chosen, setChosen] = useState<string | null>(null);
  const [shown, setShown] = useState("");
  const [beside, setBeside] = useState<Beside>({});
  const settled = useDeferredValue(shown);
  const tests = useTests(appliance);
  const test = tests.find((t) => t.id === chosen) ?? tests[0];
  const result = useQuery({
    queryKey: ["range", appliance, test?.id, settled, beside],
    queryFn: ({ signal }) =>
      answer(
        api.POST("/api/bench/range", {
          signal,
          body: { appliance, test: test?.id ?? "", reading: reading(settled), ...beside },
        }),
      ),
    enabled: test !== undefined && settled.trim() !== "",
    placeholderData: keepPreviousData,
    retry: false,
  });
  const got = result.data;
  /** Another test has another plate and kind. */
  const choose = (set: (value: string) => void) => (value: string) => {
    set(value);
    setBeside({});
  };
  return (
    <div className="card-plain check">
      <span className="bin-tab">Usual range</span>
      <div className="p-3">
        <TestChoice
          {...{
            appliance,
            setAppliance: choose(setAppliance),
            tests,
            test: test?.id,
            setChosen: choose(setChosen),
          }}
        />
        <Form.Group controlId="range-reading" className="entry">
          <Form.Label>Meter reading</Form.Label>
          <Form.Control size="sm" value={shown} onChange={(event) => setShown(event.target.value)} />
          <span className="small soft">{got?.unit ?? test?.good}</span>
        </Form.Group>
        <div className="outcome" role="status">
          {settled.trim() === "" && (
            <p className="soft">A good part reads {test?.good}. Enter the reading for a verdict.</p>
          )}
          {result.error && <p className="notice bad">{result.error.message}</p>}
          {settled.trim() !== "" && !result.error && got && (
            <Outcome
              result={{
                verdict: got,
                band:
                  typeof got.low === "number" && typeof got.high === "number"
                    ? { low: got.low, high: got.high, value: plainFigure(settled), unit: got.unit }
                    : null,
                figures: [],
              }}
            />
          )}
          {settled.trim() !== "" && got?.need && (
            <MissingCondition need={got.need} choices={got.choices} onSet={setBeside} />
          )}
        </div>
      </div>
    </div>
  );
}

type ChoiceProps = {
  appliance: string;
  setAppliance: (appliance: string) => void;
  tests: { id: string; question: string }[];
  test: string | undefined;
  setChosen: (test: string) => void;
};

/** Chooses the appliance and the test. */
export function TestChoice({ appliance, setAppliance, tests, test, setChosen }: ChoiceProps) {
  return (
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
        aria-label="Test"
        value={test ?? ""}
        onChange={(event) => setChosen(event.target.value)}
      >
        {tests.map((t) => (
          <option key={t.id} value={t.id}>
            {t.question}
          </option>
        ))}
      </Form.Select>
    </div>
  );
}
