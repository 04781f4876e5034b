import { Form } from "react-bootstrap";
import type { Wire } from "../shared/api";
import { reasonName, REASONS } from "./returnReasons";
import type { OutcomeDraft } from "./useOutcome";

type Props = {
  lines: Wire["CaseContentLine"][];
  back: OutcomeDraft["back"];
  onBack: (back: OutcomeDraft["back"]) => void;
};

/** Moves to the first part that may have come back. */
export const focusReturned = () => document.querySelector<HTMLElement>(".back select")?.focus();

/** For each part handed over: kept, or the reason of its return. */
export function ReturnedParts({ lines, back, onBack }: Props) {
  return (
    <section className="card-plain" aria-label="Returned parts">
      <span className="bin-tab">Returned parts</span>
      {lines.length > 0 && <kbd title="Go to the first part: R">R</kbd>}
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

function returned(back: OutcomeDraft["back"], part: string, reason: string): OutcomeDraft["back"] {
  const others = Object.fromEntries(Object.entries(back).filter(([other]) => other !== part));
  return reason === "" ? others : { ...others, [part]: reason };
}
