import { useState } from "react";
import { Form } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { percent } from "../shared/format";
import { Bars } from "./Bars";
import { Calibration } from "./Calibration";
import { Chart } from "./Chart";
import { Questions } from "./Questions";
import { Rates } from "./Rates";
import { reasonName } from "./returnReasons";

const BYS: [string, string][] = [
  ["appliance", "by appliance"],
  ["specialist", "by specialist"],
  ["layout", "by construction"],
  ["part-type", "by part type"],
];

type Props = { data: Wire["AccuracySummary"]; days: string };

/** The charts of how often the counter was right, each with its table. */
export function AccuracyCharts({ data, days }: Props) {
  return (
    <div className="charts">
      <RightAndAsked data={data} days={days} />
      <PredictedAndTimes data={data} days={days} />
      <ReturnsAndOverridden data={data} days={days} />
    </div>
  );
}

function RightAndAsked({ data, days }: Props) {
  const [by, setBy] = useState("appliance");
  const shares = data.by[by] ?? [];
  return (
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
  );
}

function PredictedAndTimes({ data, days }: Props) {
  return (
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
  );
}

function ReturnsAndOverridden({ data, days }: Props) {
  return (
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
  );
}
