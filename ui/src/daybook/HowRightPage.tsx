import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Form } from "react-bootstrap";
import { answer, api, type Wire } from "../shared/api";
import { many, percent } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { Bars } from "./Bars";
import { Calibration } from "./Calibration";
import { Chart } from "./Chart";
import { Questions } from "./Questions";
import { reasonName } from "./reasons";
import { Shares } from "./Shares";
import { Tabs } from "./Tabs";
import "./daybook.css";

const BYS: [string, string][] = [
  ["appliance", "by appliance"],
  ["specialist", "by who served"],
  ["layout", "by construction"],
  ["part-type", "by part"],
];

/** How often the counter was right, over cases of which it is known what became of them. */
export function HowRightPage() {
  const [from, setFrom] = useState("");
  const [to, setTo] = useState("");
  const ledger = useQuery({
    queryKey: ["ledger", from, to],
    queryFn: () =>
      answer(api.GET("/api/ledger", { params: { query: { from: from || undefined, to: to || undefined } } })),
    placeholderData: keepPreviousData,
  });
  const data = ledger.data;
  const days = new URLSearchParams({ ...(from && { from }), ...(to && { to }) }).toString();
  return (
    <>
      <Masthead />
      <main id="main" className="place daybook">
        <h1>Day book</h1>
        <Tabs />
        <div className="days">
          <label>
            From <Form.Control type="date" size="sm" value={from} onChange={(e) => setFrom(e.target.value)} />
          </label>
          <label>
            to <Form.Control type="date" size="sm" value={to} onChange={(e) => setTo(e.target.value)} />
          </label>
          <p className="mb-1 small">
            All counts as <a href={`/api/ledger?${days}`}>JSON</a>
          </p>
          {data?.rightFirstTime && (
            <p className="headline" role="status">
              <b>{percent(data.rightFirstTime.rate)} right the first time</b>
              <span className="soft">
                {" "}
                {data.rightFirstTime.right} of {many(data.cases, "case")}; between{" "}
                {percent(data.rightFirstTime.low)} and {percent(data.rightFirstTime.high)}
              </span>
            </p>
          )}
        </div>
        {ledger.error && (
          <div className="notice bad" role="alert">
            {ledger.error.message}
          </div>
        )}
        {ledger.isPending && <p className="soft">Counting the cases …</p>}
        {data && data.cases === 0 && (
          <p className="card-plain p-4">
            Nothing was told of any case of these days. Ask after those whose parts have left.
          </p>
        )}
        {data && data.cases > 0 && <Counts data={data} days={days} />}
      </main>
    </>
  );
}

function Counts({ data, days }: { data: Wire["LedgerAnswer"]; days: string }) {
  const [by, setBy] = useState("appliance");
  const shares = data.by[by] ?? [];
  return (
    <div className="charts">
      <div className="column">
        <Chart
          title="Right the first time"
          table="right-first-time"
          days={days}
          columns={["", "right", "cases", "rate", "between"]}
          rows={shares.map((s) => [
            s.label.replaceAll("-", " "),
            s.right,
            s.cases,
            percent(s.rate),
            `${percent(s.low)} and ${percent(s.high)}`,
          ])}
        >
          <Form.Select
            size="sm"
            aria-label="Right the first time, by"
            value={by}
            onChange={(e) => setBy(e.target.value)}
          >
            {BYS.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Form.Select>
          <Shares shares={shares} />
        </Chart>
        <Chart
          title="Questions worth asking"
          table="questions"
          days={days}
          columns={["question", "times asked", "tells, bits"]}
          rows={data.questions.map((q) => [q.question, q.times, q.meanBits.toFixed(2)])}
        >
          <Questions questions={data.questions} />
        </Chart>
      </div>
      <div className="column">
        <Chart
          title="Said so likely, and it was"
          table="calibration"
          days={days}
          columns={["said", "was", "of", "rate", "between"]}
          rows={data.calibration.map((b) => [
            percent(b.said),
            b.was,
            b.of,
            percent(b.was / b.of),
            `${percent(b.low)} and ${percent(b.high)}`,
          ])}
        >
          <Calibration bins={data.calibration} />
        </Chart>
        <Chart
          title="Until the answer"
          table="times"
          days={days}
          columns={["", "cases", "half within, s", "nine in ten within, s"]}
          rows={data.times.map((t) => [t.label, t.cases, t.half, t.nineInTen])}
        >
          <Bars
            rows={data.times.map((t) => ({
              label: t.label,
              value: t.half,
              said: `half within ${t.half} s, nine in ten within ${t.nineInTen} s`,
            }))}
          />
        </Chart>
      </div>
      <div className="column">
        <Chart
          title="What came back, and why"
          table="returns"
          days={days}
          columns={["why", "cases"]}
          rows={data.returns.map((r) => [reasonName(r.reason), r.cases])}
        >
          <Bars
            rows={data.returns.map((r) => ({
              label: reasonName(r.reason),
              value: r.cases,
              said: `${r.cases}`,
            }))}
          />
        </Chart>
        <Chart
          title="Advice overruled, and who was right"
          table="overruled"
          days={days}
          columns={["right was", "cases"]}
          rows={[
            ["the specialist", data.overruled.specialist],
            ["the advice", data.overruled.advice],
            ["neither", data.overruled.neither],
          ]}
        >
          <Bars
            rows={[
              {
                label: "the specialist",
                value: data.overruled.specialist,
                said: `${data.overruled.specialist}`,
              },
              { label: "the advice", value: data.overruled.advice, said: `${data.overruled.advice}` },
              { label: "neither", value: data.overruled.neither, said: `${data.overruled.neither}` },
            ]}
          />
        </Chart>
      </div>
    </div>
  );
}
