import { Link, useNavigate } from "react-router";
import type { Wire } from "../shared/api";
import { Masthead } from "../shared/Masthead";
import { FOLLOW_UP_DAYS, useFollowUps } from "../shared/useWaiting";
import { CaseTable } from "./CaseTable";
import { ScanField } from "./ScanField";
import { Tabs } from "./Tabs";
import { useReturned } from "./useReturned";
import "./cases.css";

/** A returned part is scanned; below are the cases to follow up. */
export function FollowUpsPage() {
  const navigate = useNavigate();
  const due = useFollowUps();
  const returned = useReturned((only) => void navigate(`/cases/${only}/outcome`));
  return (
    <>
      <Masthead />
      <main id="main" className="place cases">
        <h1>Cases</h1>
        <Tabs />
        <ScanField onScan={returned.mutate} busy={returned.isPending} />
        {returned.error && (
          <div className="notice bad" role="alert">
            {returned.error.message}
          </div>
        )}
        {returned.data && returned.data.length > 1 && (
          <>
            <h2>Which case?</h2>
            <FollowUpTable cases={returned.data} action="This case" />
          </>
        )}
        <h2>
          Follow-ups{" "}
          <span className="soft small">handed over {FOLLOW_UP_DAYS} or more days ago, outcome not known</span>
        </h2>
        {due.error && <div className="notice bad">{due.error.message}</div>}
        {due.data?.length === 0 && <p className="card-plain p-4">No case needs a follow-up.</p>}
        {due.data && due.data.length > 0 && <FollowUpTable cases={due.data} action="Enter outcome" />}
      </main>
    </>
  );
}

function FollowUpTable({ cases, action }: { cases: Wire["FollowedWire"][]; action: string }) {
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
          <Link to={`/cases/${c.number}/outcome`} aria-label={`${action}: case ${c.number}`}>
            {action}
          </Link>
        </td>
      )}
    />
  );
}
