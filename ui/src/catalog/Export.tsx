import { Table } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { count } from "../shared/format";

const WORDS: Record<Wire["SheetWire"]["sheet"], string> = {
  serial_schemes: "serial schemes",
  brands: "brands and families",
  platforms: "platforms",
  slots: "slots",
  models: "models",
  parts: "parts, kits, assemblies",
  fits: "fits",
  supersessions: "supersessions",
  kits: "kit contents",
  equivalents: "equivalents",
  prices: "prices",
  codes: "fault codes",
  stock: "stock by branch",
};

/** Exports the whole catalog or one table. */
export function Export({ sheets }: { sheets: Wire["SheetWire"][] }) {
  return (
    <section className="card-plain" aria-label="Export">
      <span className="bin-tab">Export</span>
      <div className="row-line">
        <a className="btn btn-quiet" href="/api/catalogue/export.zip" download>
          Whole catalog (zip)
        </a>
      </div>
      <Table responsive size="sm" className="figures-table">
        <thead>
          <tr>
            <th scope="col">Table</th>
            <th scope="col" className="numeric">
              Rows
            </th>
            <th scope="col">
              <span className="visually-hidden">Download</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {sheets.map(({ sheet, rows }) => (
            <tr key={sheet}>
              <td>{WORDS[sheet]}</td>
              <td className="numeric">{count(rows)}</td>
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
