import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Button, Form } from "react-bootstrap";
import { Link, useNavigate } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { Masthead } from "../shared/Masthead";
import { CaseTable } from "./CaseTable";
import { Tabs } from "./Tabs";
import "./daybook.css";

const DAYS = 7;

/** What came back starts with a scan; below, the cases that somebody should ask after. */
export function AskAfterPage() {
  const [code, setCode] = useState("");
  const [scanned, setScanned] = useState("");
  const navigate = useNavigate();
  const due = useQuery({
    queryKey: ["follow-ups"],
    queryFn: () => answer(api.GET("/api/follow-ups", { params: { query: { days: DAYS } } })),
  });
  const returned = useQuery({
    queryKey: ["returns", scanned],
    queryFn: () => answer(api.GET("/api/returns", { params: { query: { code: scanned } } })),
    enabled: scanned !== "",
    retry: false,
  });
  const only = returned.data?.length === 1 ? returned.data[0] : undefined;
  useEffect(() => {
    if (only) {
      void navigate(`/day-book/outcome/${only.number}`);
    }
  }, [only, navigate]);
  return (
    <>
      <Masthead />
      <main id="main" className="place daybook">
        <h1>Day book</h1>
        <Tabs />
        <form
          className="scan"
          onSubmit={(event) => {
            event.preventDefault();
            setScanned(code.trim());
          }}
        >
          <Form.Label htmlFor="scan">Something came back: scan the sheet or the part, or type it</Form.Label>
          <div className="d-flex gap-2">
            <Form.Control
              id="scan"
              autoFocus
              autoComplete="off"
              placeholder="SYNOPTA CASE 31, 31 or QV-1183"
              value={code}
              onChange={(event) => setCode(event.target.value)}
            />
            <Button type="submit" variant="act">
              Find the case <kbd>Enter</kbd>
            </Button>
          </div>
        </form>
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
