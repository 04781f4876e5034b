import { useState } from "react";
import { Button, Table } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { many } from "../shared/format";
import { Faults } from "./Faults";
import { useDelivery, useProgress } from "./useShelf";

/** Takes a zip in: checked first, then, on a word, put in place whole. */
export function BringIn({ sheets }: { sheets: Wire["SheetWire"][] }) {
  const [file, setFile] = useState<File | null>(null);
  const [over, setOver] = useState(false);
  const checked = useDelivery();
  const placed = useDelivery();
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
    <section className="card-plain" aria-label="Bring in">
      <span className="bin-tab">Bring in</span>
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
            <b>Drop a zip here.</b> It is checked first; nothing changes until you say so.
          </span>
          <span className="btn btn-quiet" aria-hidden="true">
            Choose a zip
          </span>
          <input
            type="file"
            className="visually-hidden"
            aria-label="Choose a zip of the catalogue"
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
          ✓ In place: {many(total(placed.data), "row")} of {file?.name}.
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
            Put it in place
          </Button>
          <span>
            ✓ {name} is sound. <span className="small soft">Files that are not in it stay as they are.</span>
          </span>
        </div>
      ) : (
        <div className="notice bad">
          {name} cannot be put in place until this is mended. Mend it and drop it again.
        </div>
      )}
      {answer.faults.length > 0 && <Faults faults={answer.faults} title="Faults" />}
      {answer.warnings.length > 0 && <Faults faults={answer.warnings} title="Passed over" />}
      {Object.keys(answer.accepted).length > 0 && (
        <Table size="sm" className="figures-table">
          <thead>
            <tr>
              <th scope="col">File</th>
              <th scope="col" className="numeric">
                Rows now
              </th>
              <th scope="col" className="numeric">
                {sound ? "Rows after" : "Can be read"}
              </th>
            </tr>
          </thead>
          <tbody>
            {Object.entries(answer.accepted).map(([file, rows]) => (
              <tr key={file}>
                <td className="code">{file}</td>
                <td className="numeric">{now(file).toLocaleString("en-GB")}</td>
                <td className="numeric">{rows.toLocaleString("en-GB")}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
    </>
  );
}
