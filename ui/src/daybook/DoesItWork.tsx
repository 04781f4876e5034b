import { Form } from "react-bootstrap";
import type { Told } from "./useTelling";

type Props = { told: Told; tell: (piece: Partial<Told>) => void };

/** Whether it works, how long it took, and what they said. */
export function DoesItWork({ told, tell }: Props) {
  return (
    <section className="card-plain" aria-label="Does it work">
      <span className="bin-tab">Does it work</span>
      <Form.Check
        type="radio"
        name="fixed"
        id="fixed"
        checked={told.fixed === true}
        onChange={() => tell({ fixed: true })}
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
        checked={told.fixed === false}
        onChange={() => tell({ fixed: false })}
        label={
          <>
            <kbd>N</kbd> Not fixed
          </>
        }
      />
      <Form.Label htmlFor="minutes">Minutes it took, if they said</Form.Label>
      <Form.Control
        id="minutes"
        size="sm"
        inputMode="numeric"
        value={told.minutes}
        onChange={(event) => tell({ minutes: event.target.value.replace(/\D/g, "").slice(0, 4) })}
      />
      <Form.Label htmlFor="note">In their words</Form.Label>
      <Form.Control
        id="note"
        size="sm"
        maxLength={2000}
        value={told.note}
        onChange={(event) => tell({ note: event.target.value })}
      />
    </section>
  );
}
