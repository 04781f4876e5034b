import { keepPreviousData, useInfiniteQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Button, Form } from "react-bootstrap";
import { Link } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { many } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { useMay } from "../shared/session";
import { CaseTable } from "./CaseTable";
import { Tabs } from "./Tabs";
import "./cases.css";

/** Saved cases, newest first; each opens again at the counter. */
export function CasesPage() {
  const [typed, setTyped] = useState("");
  const [where, setWhere] = useState("anywhere");
  const mayExport = useMay("export-cases");
  const mayWork = useMay("work-calls");
  const q = useDeferredValue(typed);
  const query = { q, where, zone: Intl.DateTimeFormat().resolvedOptions().timeZone };
  const asked = new URLSearchParams(query).toString();
  const list = useInfiniteQuery({
    queryKey: ["cases", q, where],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/cases", { params: { query: { ...query, after: pageParam } } })),
    getNextPageParam: (page) => page.next ?? undefined,
    placeholderData: keepPreviousData,
  });
  const cases = list.data?.pages.flatMap((page) => page.cases) ?? [];
  return (
    <>
      <Masthead />
      <main id="main" className="place cases">
        <h1>Cases</h1>
        <Tabs />
        <div className="search-line">
          <Form.Control
            type="search"
            aria-label="Search cases"
            placeholder="Words, model, serial, part, name, phone number, case number or date"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
          <Form.Select
            aria-label="Search in"
            value={where}
            onChange={(event) => setWhere(event.target.value)}
          >
            <option value="anywhere">in all of it</option>
            <option value="customer">in the customer</option>
            <option value="served-by">in who served</option>
          </Form.Select>
        </div>
        <p className="small as-tables">
          {mayExport && (
            <>
              Export these cases: <a href={`/api/case-exports/cases.csv?${asked}`}>CSV</a>,{" "}
              <a href={`/api/case-exports/cases.xlsx?${asked}`}>XLSX</a>,{" "}
              <a href={`/api/case-exports/cases.json?${asked}`}>JSON</a>.{" "}
            </>
          )}
          {mayWork && (
            <>
              Print the <a href={`/api/case-exports/day.pdf?day=${today()}`}>daily report</a>
            </>
          )}
        </p>
        {list.error && (
          <div className="notice bad" role="alert">
            {list.error.message}{" "}
            <Button variant="quiet" size="sm" onClick={() => void list.refetch()}>
              Try again
            </Button>
          </div>
        )}
        {list.isPending && !list.error && <p className="soft">Loading cases …</p>}
        {list.isSuccess && cases.length === 0 && <Empty searched={q !== ""} />}
        {cases.length > 0 && <Cases cases={cases} />}
        {list.hasNextPage && (
          <Button variant="quiet" onClick={() => void list.fetchNextPage()}>
            Older cases
          </Button>
        )}
      </main>
    </>
  );
}

const today = (): string => new Date().toISOString().slice(0, 10);

function Empty({ searched }: { searched: boolean }) {
  return (
    <p className="card-plain p-4">
      {searched ? "No case matches. Try fewer words." : "No case was saved yet. Start with a caller at the "}
      {!searched && <Link to="/">counter</Link>}
    </p>
  );
}

function Cases({ cases }: { cases: Wire["CaseRecord"][] }) {
  return (
    <CaseTable
      cases={cases}
      heads={
        <>
          <th scope="col">Status</th>
          <th scope="col">
            <span className="visually-hidden">Pages of the case</span>
          </th>
        </>
      }
      cells={(c) => (
        <>
          <td className="text-nowrap">
            {c.status === "handed-over" ? "✓ handed over" : "○ on hold"}
            <div className="small soft">{many(c.cautionsShown.length, "caution")} read</div>
          </td>
          <td>
            <div className="d-flex gap-3">
              <Link to={`/sheet/${c.number}`} aria-label={`Repair sheet of case ${c.number}`}>
                Repair sheet
              </Link>
              <Link to={`/cases/${c.number}/history`} aria-label={`History of case ${c.number}`}>
                History
              </Link>
              {c.status === "handed-over" && (
                <Link to={`/cases/${c.number}/outcome`} aria-label={`Outcome of case ${c.number}`}>
                  Outcome
                </Link>
              )}
            </div>
          </td>
        </>
      )}
    />
  );
}
