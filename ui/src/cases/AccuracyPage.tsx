import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Form } from "react-bootstrap";
import { answer, api } from "../shared/api";
import { many, percent } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { AccuracyCharts } from "./AccuracyCharts";
import { Tabs } from "./Tabs";
import "./cases.css";

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
        {data && data.cases > 0 && <AccuracyCharts data={data} days={days} />}
      </main>
    </>
  );
}
