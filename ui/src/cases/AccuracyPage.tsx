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
import { reasonName } from "./returnReasons";
import { Rates } from "./Rates";
import { Tabs } from "./Tabs";
import "./cases.css";

const BYS: [string, string][] = [
  ["appliance", "by appliance"],
  ["specialist", "by specialist"],
  ["layout", "by construction"],
  ["part-type", "by part type"],
];

/** How often the counter was right, over cases with a known outcome. */
export function AccuracyPage() {
  const [from, setFrom] = useState("");
  const [to, setTo] = useState("");
  const ledger = useQuery({
    queryKey: ["ledger", from, to],
    queryFn: () =>
      answer(
        api.GET("/api/accuracy", { params: { query: { from: from || undefined, to: to || undefined } } }),
      ),
    placeholderData: keepPreviousData,
  });
  const data = ledger.data;
  const days = new URLSearchParams({ ...(from && { from }), ...(to && { to }) }).toString();
  return (
    <>
      <Masthead />
      <main id="main" className="place cases">
        <h1>Cases</h1>
        <Tabs />
        <div className="days">
          <label>
            From <Form.Control type="date" size="sm" value={from} onChange={(e) => setFrom(e.target.value)} />
          </label>
          <label>
            to <Form.Control type="date" size="sm" value={to} onChange={(e) => setTo(e.target.value)} />
          </label>
          <p className="mb-1 small">
            All figures as <a href={`/api/accuracy?${days}`}>JSON</a>
          </p>
          {data?.rightFirstTime && (
            <p className="headline" role="status">
              <b>{percent(data.rightFirstTime.rate)} right first time</b>
              <span className="soft">
                {" "}
                {data.rightFirstTime.right} of {many(data.cases, "case")}; 95% interval{" "}
                {percent(data.rightFirstTime.low)} to {percent(data.rightFirstTime.high)}
              </span>
            </p>
          )}
        </div>
        {ledger.error && (
          <div className="notice bad" role="alert">
            {ledger.error.message}
          </div>
        )}
        {ledger.isPending && <p className="soft">Loading …</p>}
        {data && data.cases === 0 && (
          <p className="card-plain p-4">
            No outcome is known for cases of these dates. Enter outcomes under Follow-ups.
          </p>
        )}
        {data && data.cases > 0 && <Counts data={data} days={days} />}
      </main>
    </>
  );
}

function Counts({ data, days }: { data: Wire["AccuracySummary"]; days: string }) {
  const [by, setBy] = useState("appliance");
  const shares = data.by[by] ?? [];
  return (
    <div className="charts">
      <div className="column">
        <Chart
          title="Right first time"
          table="right-first-time"
          days={days}
          columns={["", "right", "cases", "rate", "95% interval"]}
          rows={shares.map((s) => [
            s.label.replaceAll("-", " "),
            s.right,
            s.cases,
            percent(s.rate),
            `${percent(s.low)} to ${percent(s.high)}`,
          ])}
        >
          <Form.Select
            size="sm"
            aria-label="Right first time, by"
            value={by}
            onChange={(e) => setBy(e.target.value)}
          >
            {BYS.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Form.Select>
          <Rates shares={shares} />
        </Chart>
        <Chart
          title="Most useful questions"
          table="questions"
          days={days}
          columns={["question", "times asked", "information, bits"]}
          rows={data.questions.map((q) => [q.question, q.times, q.meanBits.toFixed(2)])}
        >
          <Questions questions={data.questions} />
        </Chart>
      </div>
      <div className="column">
        <Chart
          title="Predicted vs. actual"
          table="calibration"
          days={days}
          columns={["predicted", "actual", "of", "rate", "95% interval"]}
          rows={data.calibration.map((b) => [
            percent(b.said),
            b.was,
            b.of,
            percent(b.was / b.of),
            `${percent(b.low)} to ${percent(b.high)}`,
          ])}
        >
          <Calibration bins={data.calibration} />
        </Chart>
        <Chart
          title="Time to answer"
          table="times"
          days={days}
          columns={["", "cases", "median, s", "90th percentile, s"]}
          rows={data.times.map((t) => [t.label, t.cases, t.half, t.nineInTen])}
        >
          <Bars
            rows={data.times.map((t) => ({
              label: t.label,
              value: t.half,
              said: `median ${t.half} s, 90th percentile ${t.nineInTen} s`,
            }))}
          />
        </Chart>
      </div>
      <div className="column">
        <Chart
          title="Returns by reason"
          table="returns"
          days={days}
          columns={["reason", "cases"]}
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
          title="Overridden advice: who was right"
          table="overruled"
          days={days}
          columns={["right", "cases"]}
          rows={[
            ["specialist", data.overruled.specialist],
            ["advice", data.overruled.advice],
            ["neither", data.overruled.neither],
          ]}
        >
          <Bars
            rows={[
              {
                label: "specialist",
                value: data.overruled.specialist,
                said: `${data.overruled.specialist}`,
              },
              { label: "advice", value: data.overruled.advice, said: `${data.overruled.advice}` },
              { label: "neither", value: data.overruled.neither, said: `${data.overruled.neither}` },
            ]}
          />
        </Chart>
      </div>
    </div>
  );
}
