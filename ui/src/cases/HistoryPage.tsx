import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { when } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { OutcomeEntries } from "./OutcomeEntries";
import { Snapshot } from "./Snapshot";
import { Tabs } from "./Tabs";
import "./cases.css";

/** Every saved revision of a case, and its outcome. */
export function HistoryPage() {
  const { number = "" } = useParams();
  const path = { number: Number(number) };
  const record = useQuery({
    queryKey: ["revisions", number],
    queryFn: () => answer(api.GET("/api/cases/{number}/revisions", { params: { path } })),
  });
  const outcome = useQuery({
    queryKey: ["outcome", number],
    queryFn: () => answer(api.GET("/api/cases/{number}/outcome", { params: { path } })),
  });
  const moved = useQuery({
    queryKey: ["stock-movements", number],
    queryFn: () =>
      answer(api.GET("/api/stock-movements", { params: { query: { caseNumber: Number(number) } } })),
  });
  const error = record.error ?? outcome.error ?? moved.error;
  return (
    <>
      <Masthead>
        <Link to={`/cases/${number}`}>Open at the counter</Link>
      </Masthead>
      <main id="main" className="place cases">
        <h1>History of case {number}</h1>
        <Tabs />
        {error && (
          <div className="notice bad" role="alert">
            {error.message}
          </div>
        )}
        {record.data && <Revisions revisions={record.data} />}
        {moved.data && moved.data.length > 0 && <Movements movements={moved.data} />}
        {outcome.data && <OutcomeEntries entries={outcome.data.entries} />}
      </main>
    </>
  );
}

/** What left the shelves for the case, and came back. */
function Movements({ movements }: { movements: Wire["MovementWire"][] }) {
  return (
    <section aria-label="Stock" className="card-plain">
      {movements.map((movement, index) => (
        <div key={index} className="row-line small">
          {when(movement.at)}: {Math.abs(movement.quantity)} × <span className="code">{movement.part}</span>{" "}
          {movement.quantity < 0 ? "left" : "came onto"} the shelf at {movement.branch},{" "}
          {movement.reason.replace("-", " ")}
        </div>
      ))}
    </section>
  );
}

function Revisions({ revisions }: { revisions: Wire["RevisionWire"][] }) {
  const [chosen, setChosen] = useState(revisions.length - 1);
  const shown = revisions[chosen];
  return (
    <>
      <nav className="revisions" aria-label="Revisions">
        {revisions.map((r, i) => (
          <button
            key={r.revision}
            type="button"
            aria-current={i === chosen ? "true" : undefined}
            onClick={() => setChosen(i)}
          >
            <b>{i === 0 ? "Saved" : "Changed"}</b> {when(r.changedAt)}
            {r.specialist && ` by ${r.specialist}`}
          </button>
        ))}
      </nav>
      {shown && <Snapshot revision={shown} />}
    </>
  );
}
