import type { ReactNode } from "react";
import { Table } from "react-bootstrap";

type Props = {
  title: string;
  /** The table's name in the API. */
  table: string;
  days: string;
  columns: string[];
  rows: (string | number)[][];
  children: ReactNode;
};

/** A chart with its table, and the table as a download. */
export function Chart({ title, table, days, columns, rows, children }: Props) {
  const asked = days && `?${days}`;
  return (
    <section className="card-plain chart" aria-label={title}>
      <span className="bin-tab">{title}</span>
      {children}
      <span className="small take">
        <a href={`/api/accuracy/${table}.csv${asked}`}>CSV</a>{" "}
        <a href={`/api/accuracy/${table}.xlsx${asked}`}>XLSX</a>
      </span>
      <details className="small">
        <summary>Table</summary>
        <Table responsive size="sm">
          <thead>
            <tr>
              {columns.map((column) => (
                <th key={column} scope="col">
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row[0]}>
                {row.map((cell, i) => (
                  <td key={columns[i]} className={typeof cell === "number" ? "numeric" : ""}>
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </details>
    </section>
  );
}
