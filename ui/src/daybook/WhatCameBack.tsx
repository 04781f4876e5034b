import { Form } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { reasonName, REASONS } from "./reasons";
import type { Told } from "./useTelling";

type Props = { lines: Wire["HandedWire"][]; back: Told["back"]; onBack: (back: Told["back"]) => void };

/** Of each part that left: kept, or why it came back. */
export function WhatCameBack({ lines, back, onBack }: Props) {
  return (
    <section className="card-plain" aria-label="What came back">
      <span className="bin-tab">What came back</span>
      {lines.length === 0 && <p className="soft">Nothing was handed over.</p>}
      {lines.map((line) => (
        <div key={line.part} className="back">
          <label htmlFor={`back-${line.part}`}>
            {line.quantity} × <span className="code">{line.part}</span>
          </label>
          <Form.Select
            id={`back-${line.part}`}
            size="sm"
            value={back[line.part] ?? ""}
            onChange={(event) => onBack(returned(back, line.part, event.target.value))}
          >
            <option value="">kept</option>
            {REASONS.map((reason) => (
              <option key={reason} value={reason}>
                {reasonName(reason)}
              </option>
            ))}
          </Form.Select>
        </div>
      ))}
    </section>
  );
}

function returned(back: Told["back"], part: string, reason: string): Told["back"] {
  const others = Object.fromEntries(Object.entries(back).filter(([other]) => other !== part));
  return reason === "" ? others : { ...others, [part]: reason };
}
