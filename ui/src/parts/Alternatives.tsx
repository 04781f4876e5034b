import { Button } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { money, sentence } from "../shared/format";
import { PartLink } from "../shared/NumberLink";

type Props = { standIns: Wire["StandIns"]; onBeside: (part: string) => void };

/** Alternatives: equivalents the catalog allows, then parts with the same specifications. */
export function Alternatives({ standIns, onBeside }: Props) {
  return (
    <section className="card-plain" aria-label="Alternatives">
      <span className="bin-tab">Alternatives</span>
      {standIns.equivalents.length === 0 && <div className="row-line soft">No alternative is known.</div>}
      {standIns.equivalents.map((standIn) => (
        <div className="row-line" key={standIn.part.part}>
          <div className="d-flex justify-content-between gap-2">
            <span>
              <PartLink part={standIn.part.part} /> <span className="small">{standIn.part.maker}</span>
            </span>
            <span className="numeric">{standIn.part.price && money(standIn.part.price)}</span>
          </div>
          <div className="small">
            <b className={standIn.allowed ? "verdict" : "change"}>{verdict(standIn)}</b>
            {standIn.words ? <span className="soft"> {sentence(standIn.words)}</span> : null}
          </div>
          <Button variant="link" size="sm" className="p-0" onClick={() => onBeside(standIn.part.part)}>
            Compare
          </Button>
        </div>
      ))}
    </section>
  );
}

function verdict(standIn: Wire["StandInWire"]): string {
  if (standIn.allowed) {
    return `Allowed (${standIn.basis ?? ""}).`;
  }
  return standIn.basis
    ? "Allowed by the catalog, not by the settings (genuine parts only)."
    : "Same specification; compare before you sell.";
}
