import { Button, Table } from "react-bootstrap";
import type { Wire } from "../shared/api";

const SHOWN = 12;

/** Import faults by file, line and column, with export. */
export function ImportFaults({ faults, title }: { faults: Wire["RowFault"][]; title: string }) {
  return (
    <div className="row-line">
      <div className="d-flex justify-content-between align-items-center">
        <h2>
          {title}: {faults.length}
        </h2>
        <Button variant="quiet" size="sm" onClick={() => download(faults)}>
          Export the list (CSV)
        </Button>
      </div>
      <Table responsive size="sm" className="faults">
        <thead>
          <tr>
            <th scope="col">File</th>
            <th scope="col" className="numeric">
              Line
            </th>
            <th scope="col">Column</th>
            <th scope="col">What is wrong, and what to do</th>
          </tr>
        </thead>
        <tbody>
          {faults.slice(0, SHOWN).map((fault) => (
            <tr key={`${fault.file}:${fault.line}:${fault.column}:${fault.message}`}>
              <td className="code">{fault.file}</td>
              <td className="numeric">{fault.line || "all"}</td>
              <td className="code">{fault.column}</td>
              <td>{fault.message}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {faults.length > SHOWN && (
        <div className="small soft">… and {faults.length - SHOWN} more in the list.</div>
      )}
    </div>
  );
}

/** A cell as RFC 4180 wants it, with an apostrophe before what a spreadsheet would run. */
const cell = (text: string): string => `"${text.replace(/^[=+\-@]/, "'$&").replaceAll('"', '""')}"`;

function download(faults: Wire["RowFault"][]) {
  const rows = faults.map((f) => [f.file, String(f.line), f.column, f.message]);
  const text = [["file", "line", "column", "message"], ...rows]
    .map((row) => row.map(cell).join(","))
    .join("\r\n");
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([text], { type: "text/csv" }));
  link.download = "faults.csv";
  link.click();
  URL.revokeObjectURL(link.href);
}
