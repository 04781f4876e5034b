import { Table } from "react-bootstrap";
import type { Wire } from "../shared/api";

const WORDS: Record<string, string> = {
  serial_schemes: "how serials tell the date",
  brands: "brands and families",
  platforms: "constructions",
  slots: "places in a construction",
  models: "models",
  parts: "parts, kits, assemblies",
  fits: "which part goes where",
  supersessions: "what replaces what",
  kits: "what lies in a kit",
  equivalents: "what may stand in",
  prices: "prices",
  stock: "what the branches have",
};

/** The catalogue to take away: whole, or one table. */
export function TakeOut({ sheets }: { sheets: Wire["SheetWire"][] }) {
  return (
    <section className="card-plain" aria-label="Take out">
      <span className="bin-tab">Take out</span>
      <div className="row-line">
        <a className="btn btn-quiet" href="/api/catalogue/export.zip" download>
          The whole catalogue (zip)
        </a>
      </div>
      <Table size="sm" className="figures-table">
        <thead>
          <tr>
            <th scope="col">Table</th>
            <th scope="col" className="numeric">
              Rows
            </th>
            <th scope="col">
              <span className="visually-hidden">Take it away</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {sheets.map(({ sheet, rows }) => (
            <tr key={sheet}>
              <td>{WORDS[sheet] ?? sheet}</td>
              <td className="numeric">{rows.toLocaleString("en-GB")}</td>
              <td className="text-nowrap">
                <a href={`/api/catalogue/tables/${sheet}.csv`} download aria-label={`${sheet} as CSV`}>
                  CSV
                </a>{" "}
                <a
                  href={`/api/catalogue/tables/${sheet}.xlsx`}
                  download
                  aria-label={`${sheet} as a workbook`}
                >
                  XLSX
                </a>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}
