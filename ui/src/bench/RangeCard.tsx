import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Wire } from "../shared/api";
import { APPLIANCES } from "../shared/format";
import { Form } from "react-bootstrap";
import { type Beside, MissingCondition } from "../shared/MissingCondition";
import { DEGREES, mark } from "./check";
import { Entry, Missing } from "./Entry";
import { Method } from "./Method";
import { Outcome } from "./Outcome";
import { useEntered } from "./useEntered";
import { useTests } from "./useTests";

type Test = Wire["FaultGuideKnownFinding"];

const READING = "reading";

const WHO = { customer: "the customer", technician: "a technician", licensed: "a licensed technician" };

/** How a test of the fault guide is done. */
const methodOf = (test: Test): string[] => [
  `${test.question}.`,
  ...(test.hint ? [test.hint] : []),
  `For ${WHO[test.who]}${test.opens ? `; open: ${test.opens}` : ""}.`,
  `A good part reads ${test.good ?? ""}.`,
];

/** A reading of a good part, as the fault guide has it. */
const exampleOf = (test: Test): string => /^OL|[\d.,]+/.exec(test.good ?? "")?.[0] ?? "OL";

/** Any test of the fault guide, judged as at the counter: elements, igniters, thermocouples, windings, switches, cases. */
export function RangeCard() {
  const [appliance, setAppliance] = useState("dryer");
  const [chosen, setChosen] = useState<string | null>(null);
  const tests = useTests(appliance);
  const test = tests.find((t) => t.id === chosen) ?? tests[0];
  return (
    <div className="card-plain check">
      <span className="bin-tab">Usual range</span>
      <div className="p-3">
        <TestChoice {...{ appliance, setAppliance, tests, test: test?.id, setChosen }} />
        {test && <RangeTest key={test.id} appliance={appliance} test={test} />}
      </div>
    </div>
  );
}

/** One test: its reading, what its verdict hangs on, the verdict and the method. */
function RangeTest({ appliance, test }: { appliance: string; test: Test }) {
  const [shown, setShown] = useState("");
  const [beside, setBeside] = useState<Beside>({});
  const unit = test.unit ?? "Ω";
  const field = { name: READING, label: "Meter reading", unit: unit === "°C" ? DEGREES : unit, example: "" };
  const { entered, understood, missing, key } = useEntered([field], { [READING]: shown });
  const result = useQuery({
    queryKey: ["range", appliance, test.id, key, beside],
    queryFn: ({ signal }) =>
      answer(
        api.POST("/api/bench/range", {
          signal,
          body: { appliance, test: test.id, reading: entered?.meter(READING) ?? "OL", ...beside },
        }),
      ),
    enabled: entered !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const got = entered && !result.error ? result.data : undefined;
  const between = typeof got?.low === "number" && typeof got.high === "number";
  return (
    <>
      <Entry field={field} value={shown} understood={understood.get(READING)} onValue={setShown} />
      <div className="outcome" role="status">
        {missing.length > 0 && <Missing labels={missing} />}
        {entered && result.error && <p className="notice bad">{result.error.message}</p>}
        {got && entered && (
          <Outcome
            result={{
              verdict: got,
              band: between
                ? {
                    low: got.low ?? 0,
                    high: got.high ?? 0,
                    value: mark(entered.meter(READING)),
                    unit: got.unit,
                  }
                : null,
              figures: [],
            }}
          />
        )}
        {got?.need && <MissingCondition need={got.need} choices={got.choices} onSet={setBeside} />}
      </div>
      <Method steps={methodOf(test)} onExample={() => setShown(exampleOf(test))} />
    </>
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
