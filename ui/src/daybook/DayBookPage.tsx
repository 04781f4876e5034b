import { keepPreviousData, useInfiniteQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { Button, Form } from "react-bootstrap";
import { Link } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { many } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { CaseTable } from "./CaseTable";
import { Tabs } from "./Tabs";
import "./daybook.css";

/** The day book: cases as they were kept, newest first; each opens again at the counter. */
export function DayBookPage() {
  const [typed, setTyped] = useState("");
  const q = useDeferredValue(typed);
  const book = useInfiniteQuery({
    queryKey: ["cases", q],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) => answer(api.GET("/api/cases", { params: { query: { q, after: pageParam } } })),
    getNextPageParam: (page) => page.next ?? undefined,
    placeholderData: keepPreviousData,
  });
  const cases = book.data?.pages.flatMap((page) => page.cases) ?? [];
  return (
    <>
      <Masthead />
      <main id="main" className="place daybook">
        <h1>Day book</h1>
        <Tabs />
        <Form.Control
          type="search"
          aria-label="Find a case by anything in it"
          placeholder="Words, model, serial, part, person, number or day"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <p className="small as-tables">
          These cases as <a href={`/api/day-book/cases.csv?q=${encodeURIComponent(q)}`}>CSV</a>,{" "}
          <a href={`/api/day-book/cases.xlsx?q=${encodeURIComponent(q)}`}>XLSX</a>,{" "}
          <a href={`/api/day-book/cases.json?q=${encodeURIComponent(q)}`}>JSON</a>; today as a{" "}
          <a href={`/api/day-book/day.pdf?day=${today()}`}>day sheet</a>
        </p>
        {book.error && (
          <div className="notice bad" role="alert">
            {book.error.message}{" "}
            <Button variant="quiet" size="sm" onClick={() => void book.refetch()}>
              Try again
            </Button>
          </div>
        )}
        {book.isPending && !book.error && <p className="soft">Opening the book …</p>}
        {book.isSuccess && cases.length === 0 && <Empty searched={q !== ""} />}
        {cases.length > 0 && <Cases cases={cases} />}
        {book.hasNextPage && (
          <Button variant="quiet" onClick={() => void book.fetchNextPage()}>
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
      {searched
        ? "No case has these words. Try fewer of them."
        : "No case was kept yet. The next caller will be the first: "}
      {!searched && <Link to="/">to the counter</Link>}
    </p>
  );
}

function Cases({ cases }: { cases: Wire["CaseAnswer"][] }) {
  return (
    <CaseTable
      cases={cases}
      heads={
        <>
          <th scope="col">Status</th>
          <th scope="col">
            <span className="visually-hidden">Sheet and outcome</span>
          </th>
        </>
      }
      cells={(c) => (
        <>
          <td className="text-nowrap">
            {c.status === "handed-over" ? "✓ handed over" : "○ open"}
            <div className="small soft">{many(c.cautionsShown.length, "caution")} said</div>
          </td>
          <td>
            <div className="d-flex gap-3">
              <Link to={`/sheet/${c.number}`} aria-label={`Sheet of case ${c.number}`}>
                Sheet
              </Link>
              <Link to={`/day-book/record/${c.number}`} aria-label={`Record of case ${c.number}`}>
                Record
              </Link>
              {c.status === "handed-over" && (
                <Link to={`/day-book/outcome/${c.number}`} aria-label={`Outcome of case ${c.number}`}>
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
