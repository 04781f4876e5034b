import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button, Table } from "react-bootstrap";
import { Link } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { day, when } from "../shared/format";
import { Masthead } from "../shared/Masthead";
import { useMay } from "../shared/session";
import { STANDING_QUERY, useStanding } from "../shared/useWaiting";
import { PartLink } from "../shared/NumberLink";
import { Tabs } from "./Tabs";
import "./cases.css";

type Standing = Wire["StandingWire"];

/** What can be done with a reservation, and how it is named. */
const ACTIONS = {
  arrival: "Came in",
  call: "Called",
  collection: "Collected",
  release: "Release",
} as const;

type Act = keyof typeof ACTIONS;

const isKept = (standing: Standing): boolean => standing.state === "reserved" || standing.state === "arrived";

const actionsOf = (standing: Standing): Act[] =>
  isKept(standing)
    ? ["call", "collection", "release"]
    : standing.state === "ordered"
      ? ["arrival", "release"]
      : ["release"];

function post(act: Act, number: number) {
  const params = { path: { number } };
  switch (act) {
    case "arrival":
      return api.POST("/api/reservations/{number}/arrival", { params });
    case "call":
      return api.POST("/api/reservations/{number}/call", { params });
    case "collection":
      return api.POST("/api/reservations/{number}/collection", { params });
    case "release":
      return api.DELETE("/api/reservations/{number}", { params });
  }
}

/** Reserved and ordered pieces that are still to be fetched. */
export function ReservedPage() {
  const mayExport = useMay("export-cases");
  const client = useQueryClient();
  const standing = useStanding();
  const acting = useMutation({
    mutationFn: ({ act, number }: { act: Act; number: number }) => answer(post(act, number)),
    onSettled: () => client.invalidateQueries({ queryKey: STANDING_QUERY }),
  });
  const rows = standing.data ?? [];
  return (
    <>
      <Masthead />
      <main id="main" className="place cases">
        <h1>Cases</h1>
        <Tabs />
        <h2>
          Reserved and ordered <span className="soft small">still to be collected, oldest first</span>
        </h2>
        {(standing.error ?? acting.error) && (
          <div className="notice bad" role="alert">
            {(standing.error ?? acting.error)?.message}
          </div>
        )}
        {standing.data && rows.length === 0 && (
          <p className="card-plain p-4">
            Nothing is reserved. At the counter, Reserve keeps the bag for a customer.
          </p>
        )}
        {rows.length > 0 && (
          <Table responsive hover className="card-plain">
            <thead>
              <tr>
                <th scope="col">For whom</th>
                <th scope="col">Part</th>
                <th scope="col">Where and how it stands</th>
                <th scope="col">Kept until</th>
                <th scope="col">
                  <span className="visually-hidden">Actions</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <Row key={row.number} row={row} onAct={acting.mutate} />
              ))}
            </tbody>
          </Table>
        )}
        {mayExport && (
          <p className="small">
            <a href="/api/stock-movements.csv">Stock movements as CSV</a>: what left the shelves and came back
            since the supplier’s figures.
          </p>
        )}
      </main>
    </>
  );
}

type RowProps = { row: Standing; onAct: (asked: { act: Act; number: number }) => void };

function Row({ row, onAct }: RowProps) {
  const { number } = row;
  return (
    <tr>
      <td>
        {row.customer ?? <span className="soft">no name</span>}{" "}
        {row.phone && <a href={`tel:${row.phone}`}>{row.phone}</a>}
        <div className="small">
          {row.caseNumber != null && <Link to={`/cases/${row.caseNumber}`}>case {row.caseNumber}</Link>}
        </div>
      </td>
      <td className="text-nowrap">
        {row.quantity > 1 && `${row.quantity} × `}
        <PartLink part={row.part} />
      </td>
      <td>
        {row.said}
        {row.calledAt && <div className="small soft">called {when(row.calledAt)}</div>}
      </td>
      <td className="text-nowrap">{row.until ? day(row.until) : ""}</td>
      <td>
        <div className="d-flex flex-wrap gap-1">
          {number != null &&
            actionsOf(row).map((act) => (
              <Button
                key={act}
                variant="quiet"
                size="sm"
                aria-label={`${ACTIONS[act]}: ${row.part}${row.customer ? ` for ${row.customer}` : ""}`}
                onClick={() => onAct({ act, number })}
              >
                {ACTIONS[act]}
              </Button>
            ))}
        </div>
      </td>
    </tr>
  );
}
