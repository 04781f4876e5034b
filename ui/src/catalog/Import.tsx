import { useState } from "react";
import { Button, Table } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { count, many } from "../shared/format";
import { ImportFaults } from "./ImportFaults";
import { useImport, useProgress } from "./useCatalog";

/** Imports a zip file: checked first, then applied as a whole. */
export function Import({ sheets }: { sheets: Wire["SheetWire"][] }) {
  const [file, setFile] = useState<File | null>(null);
  const [over, setOver] = useState(false);
  const checked = useImport();
  const placed = useImport();
  const doing = useProgress(checked.isPending || placed.isPending);
  const take = (chosen: File | undefined) => {
    setOver(false);
    if (chosen !== undefined) {
      setFile(chosen);
      placed.reset();
      checked.mutate({ file: chosen, dryRun: true });
    }
  };
  const error = placed.error ?? checked.error;
  return (
    <section className="card-plain" aria-label="Import">
      <span className="bin-tab">Import</span>
      <div className="row-line">
        <label
          className={over ? "drop over" : "drop"}
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={(event) => {
            event.preventDefault();
            take(event.dataTransfer.files[0]);
          }}
        >
          <span>
            <b>Drop a zip file here.</b> It is checked first; nothing changes until you apply it.
          </span>
          <span className="btn btn-quiet" aria-hidden="true">
            Choose a file
          </span>
          <input
            type="file"
            className="visually-hidden"
            aria-label="Choose a catalog zip file"
            accept=".zip"
            onChange={(event) => {
              take(event.target.files?.[0]);
              event.target.value = "";
            }}
          />
        </label>
        {(checked.isPending || placed.isPending) && (
          <div className="working" role="status">
            <span className="bar" aria-hidden="true" />
            {file?.name}: {doing} …
          </div>
        )}
        {error && !placed.isPending && (
          <div className="notice bad mt-2" role="alert">
            {error.message}
          </div>
        )}
      </div>
      {placed.data ? (
        <div className="row-line" role="status">
          ✓ Imported {many(total(placed.data), "row")} of {file?.name}.
        </div>
      ) : (
        checked.data && (
          <Checked
            answer={checked.data}
            name={file?.name ?? ""}
            sheets={sheets}
            busy={placed.isPending}
            onPlace={() => file && placed.mutate({ file, dryRun: false })}
          />
        )
      )}
    </section>
  );
}

const total = (answer: Wire["ImportAnswer"]): number =>
  Object.values(answer.accepted).reduce((sum, rows) => sum + rows, 0);

type CheckedProps = {
  answer: Wire["ImportAnswer"];
  name: string;
  sheets: Wire["SheetWire"][];
  busy: boolean;
  onPlace: () => void;
};

function Checked({ answer, name, sheets, busy, onPlace }: CheckedProps) {
  const now = (file: string) => sheets.find((s) => `${s.sheet}.csv` === file)?.rows ?? 0;
  const sound = answer.faults.length === 0;
  return (
    <>
      {sound ? (
        <div className="row-line d-flex gap-3 align-items-center">
          <Button variant="act" disabled={busy} onClick={onPlace}>
            Apply
          </Button>
          <span>
            ✓ {name} has no faults.{" "}
            <span className="small soft">Sheets that are not in it stay unchanged.</span>
          </span>
        </div>
      ) : (
        <div className="notice bad">
          {name} was not imported. Correct the faults below and choose it again.
        </div>
      )}
      {answer.faults.length > 0 && <ImportFaults faults={answer.faults} title="Faults" />}
      {answer.warnings.length > 0 && <ImportFaults faults={answer.warnings} title="Ignored" />}
      {Object.keys(answer.accepted).length > 0 && (
        <Table responsive size="sm" className="figures-table">
          <thead>
            <tr>
              <th scope="col">File</th>
              <th scope="col" className="numeric">
                Current rows
              </th>
              <th scope="col" className="numeric">
                {sound ? "Rows after import" : "Readable rows"}
              </th>
            </tr>
          </thead>
          <tbody>
            {Object.entries(answer.accepted).map(([file, rows]) => (
              <tr key={file}>
                <td className="code">{file}</td>
                <td className="numeric">{count(now(file))}</td>
                <td className="numeric">{count(rows)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
    </>
  );
}
