import { Button } from "react-bootstrap";
import { hazardName } from "../../shared/format";
import type { CaseState } from "../casefile/case";
import type { Action } from "../casefile/caseState";
import type { Answer } from "../casefile/case";
import type { Offer } from "../record/undo";
import { UndoNote } from "../record/UndoNote";

export const graveUnseen = (answer: Answer, state: CaseState): string[] =>
  answer.cautions.filter((c) => c.grave && !state.cautionsShown.includes(c.hazard)).map((c) => c.hazard);

type Props = {
  answer: Answer;
  state: CaseState;
  act: (action: Action) => void;
  /** Takes note that they were read. */
  onRead: () => void;
  /** Whether Enter does. */
  armed: boolean;
  offer: Offer | null;
  onUndo: () => void;
};

/** The cautions that must be read before parts are handed over, and to whom they were read. */
export function Cautions({ answer, state, act, onRead, armed, offer, onUndo }: Props) {
  const unseen = graveUnseen(answer, state);
  const texts = (
    <ul>
      {answer.cautions.map((caution) => (
        <li key={caution.hazard + caution.text}>
          <b>{hazardName(caution.hazard)}</b> {caution.text}
        </li>
      ))}
    </ul>
  );
  return (
    <section
      className={unseen.length === 0 ? "cautions said" : armed ? "cautions armed" : "cautions"}
      aria-label="Cautions"
    >
      {unseen.length > 0 ? (
        <>
          <Button variant="quiet" size="sm" className="said-it" onClick={onRead}>
            {armed ? "Enter: they were read" : "Read to customer"} <kbd>S</kbd>
          </Button>
          {texts}
        </>
      ) : (
        <>
          <UndoNote offer={offer} onUndo={onUndo} />
          <details className="small">
            <summary>
              ✓ Read to customer, recorded:{" "}
              {[...new Set(answer.cautions.map((c) => hazardName(c.hazard).toLowerCase()))].join(", ")}
            </summary>
            {texts}
            <label className="said-to">
              Read to{" "}
              <input
                value={state.readTo ?? ""}
                maxLength={120}
                placeholder="customer, technician, a name"
                onChange={(event) => act({ kind: "readTo", who: event.target.value })}
              />
            </label>
          </details>
        </>
      )}
    </section>
  );
}
