import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { when } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { Entries } from "./Entries";
import { HowItStood } from "./HowItStood";
import { Tabs } from "./Tabs";
import "./daybook.css";

/** A case as it stood each time it was kept, and what became of it. */
export function RecordPage() {
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
        <Link to={`/cases/${number}`}>Open it at the counter</Link>
      </Masthead>
      <main id="main" className="place daybook">
        <h1>Case {number}, as it stood</h1>
        <Tabs />
        {error && (
          <div className="notice bad" role="alert">
            {error.message}
          </div>
        )}
        {record.data && <Revisions revisions={record.data} />}
        {outcome.data && <Entries entries={outcome.data.entries} />}
      </main>
    </>
  );
}

function Revisions({ revisions }: { revisions: Wire["RevisionWire"][] }) {
  const [chosen, setChosen] = useState(revisions.length - 1);
  const shown = revisions[chosen];
  return (
    <>
      <nav className="revisions" aria-label="Kept">
        {revisions.map((r, i) => (
          <button
            key={r.revision}
            type="button"
            aria-current={i === chosen ? "true" : undefined}
            onClick={() => setChosen(i)}
          >
            <b>{i === 0 ? "Kept" : "Changed"}</b> {when(r.changedAt)}
            {r.specialist && ` by ${r.specialist}`}
          </button>
        ))}
      </nav>
      {shown && <HowItStood revision={shown} />}
    </>
  );
}
