import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { money } from "../../shared/format";
import type { Action } from "../casefile/caseState";

type Props = { note: Wire["QuantityNote"]; inForce: number; act: (action: Action) => void };

/** A request for an unusual quantity, with the selling rule and the price of both quantities. */
export function QuantityNote({ note, inForce, act }: Props) {
  return (
    <div className="row-line ask-row" role="note" aria-label={`Quantity of ${note.part}`}>
      <div>
        <b>
          Requested: {note.asked} × {note.phrase}.
        </b>{" "}
        {note.rule}
      </div>
      <div className="d-flex gap-2 flex-wrap mt-1">
        {note.ways.map((way) => (
          <Button
            key={way.pieces}
            variant="quiet"
            size="sm"
            aria-pressed={way.pieces === inForce}
            onClick={() =>
              act({ kind: "adjusted", parts: [note.part], change: { quantity: way.pieces, needed: true } })
            }
          >
            {way.pieces === inForce ? "✓ " : ""}
            {way.pieces} for {money(way.total)}
            {way.spare > 0 ? `, ${way.spare} left over` : ""}
          </Button>
        ))}
      </div>
    </div>
  );
}
