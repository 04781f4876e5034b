import { Form } from "react-bootstrap";
import type { OutcomeDraft } from "./useOutcome";

type Props = { draft: OutcomeDraft; change: (piece: Partial<OutcomeDraft>) => void };

/** Whether the repair fixed the machine, how long it took, and notes. */
export function RepairResult({ draft, change }: Props) {
  return (
    <section className="card-plain" aria-label="Result">
      <span className="bin-tab">Result</span>
      <Form.Check
        type="radio"
        name="fixed"
        id="fixed"
        checked={draft.fixed === true}
        onChange={() => change({ fixed: true })}
        label={
          <>
            <kbd>F</kbd> Fixed
          </>
        }
      />
      <Form.Check
        type="radio"
        name="fixed"
        id="not-fixed"
        checked={draft.fixed === false}
        onChange={() => change({ fixed: false })}
        label={
          <>
            <kbd>N</kbd> Not fixed
          </>
        }
      />
      <Form.Label htmlFor="minutes">Repair time in minutes (optional)</Form.Label>
      <Form.Control
        id="minutes"
        size="sm"
        inputMode="numeric"
        value={draft.minutes}
        onChange={(event) => change({ minutes: event.target.value.replace(/\D/g, "").slice(0, 4) })}
      />
      <Form.Label htmlFor="note">Notes</Form.Label>
      <Form.Control
        id="note"
        size="sm"
        maxLength={2000}
        value={draft.note}
        onChange={(event) => change({ note: event.target.value })}
      />
    </section>
  );
}
