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
  const error = record.error ?? outcome.error;
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
        {outcome.data && <OutcomeEntries entries={outcome.data.entries} />}
      </main>
    </>
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
