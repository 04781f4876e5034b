import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { Masthead } from "../shared/Masthead";
import { CaseTable } from "./CaseTable";
import { Scan } from "./Scan";
import { Tabs } from "./Tabs";
import { useReturned } from "./useReturned";
import "./daybook.css";

const DAYS = 7;

/** What came back starts with a scan; below, the cases that somebody should ask after. */
export function AskAfterPage() {
  const navigate = useNavigate();
  const due = useQuery({
    queryKey: ["follow-ups"],
    queryFn: () => answer(api.GET("/api/follow-ups", { params: { query: { days: DAYS } } })),
  });
  const returned = useReturned((only) => void navigate(`/day-book/outcome/${only}`));
  return (
    <>
      <Masthead />
      <main id="main" className="place daybook">
        <h1>Day book</h1>
        <Tabs />
        <Scan onScan={returned.mutate} busy={returned.isPending} />
        {returned.error && (
          <div className="notice bad" role="alert">
            {returned.error.message}
          </div>
        )}
        {returned.data && returned.data.length > 1 && (
          <>
            <h2>Which of these?</h2>
            <Followed cases={returned.data} deed="This one" />
          </>
        )}
        <h2>
          To ask after <span className="soft small">parts left {DAYS} days ago or more, and nobody told</span>
        </h2>
        {due.error && <div className="notice bad">{due.error.message}</div>}
        {due.data?.length === 0 && <p className="card-plain p-4">Nobody to ask after. All is told.</p>}
        {due.data && due.data.length > 0 && <Followed cases={due.data} deed="Write down" />}
      </main>
    </>
  );
}

function Followed({ cases, deed }: { cases: Wire["FollowedWire"][]; deed: string }) {
  return (
    <CaseTable
      cases={cases}
      heads={
        <th scope="col">
          <span className="visually-hidden">Outcome</span>
        </th>
      }
      cells={(c) => (
        <td>
          <Link to={`/day-book/outcome/${c.number}`} aria-label={`${deed}: case ${c.number}`}>
            {deed}
          </Link>
        </td>
      )}
    />
  );
}
