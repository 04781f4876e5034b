import type { ReactNode } from "react";
import { Table } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { when } from "../shared/format";

/** The fields of a case in a row. */
type Listed = Pick<Wire["FollowedWire"], "number" | "createdAt" | "line" | "lines" | "specialist"> & {
  customer?: string | null;
  status?: string;
};

type Props<T> = {
  cases: T[];
  /** The columns behind those of every case: their heads, and their cells. */
  heads: ReactNode;
  cells: (one: T) => ReactNode;
};

/** Cases as rows: number, time and specialist, the line, the parts; those of an open case have not left. */
export function CaseTable<T extends Listed>({ cases, heads, cells }: Props<T>) {
  return (
    <Table responsive hover className="card-plain">
      <thead>
        <tr>
          <th scope="col" className="numeric">
            Case
          </th>
          <th scope="col">When</th>
          <th scope="col">Caller said</th>
          <th scope="col">Parts</th>
          {heads}
        </tr>
      </thead>
      <tbody>
        {cases.map((c) => (
          <tr key={c.number}>
            <td className="numeric">
              <Link to={`/cases/${c.number}`} aria-label={`Open case ${c.number}`}>
                {c.number}
              </Link>
            </td>
            <td className="text-nowrap">
              {when(c.createdAt)}
              <div className="small soft">{[c.specialist, c.customer].filter(Boolean).join(", for ")}</div>
            </td>
            <td>
              <div className="said">{c.line}</div>
            </td>
            <td>
              {c.status === "open" && c.lines.length > 0 && <div className="small soft">in the bag</div>}
              {c.lines.length === 0 ? (
                <span className="soft">nothing</span>
              ) : (
                c.lines.map((line) => (
                  <div key={line.part}>
                    {line.quantity > 1 ? `${line.quantity} × ` : ""}
                    <span className="code">{line.part}</span>
                  </div>
                ))
              )}
            </td>
            {cells(c)}
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
