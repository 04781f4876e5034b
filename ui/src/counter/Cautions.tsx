import { Button } from "react-bootstrap";
import { hazardName } from "../shared/format";
import type { Action, CaseState } from "./caseState";
import type { Answer } from "./useCounter";

export const graveUnseen = (answer: Answer, state: CaseState): string[] =>
  answer.cautions.filter((c) => c.grave && !state.cautionsShown.includes(c.hazard)).map((c) => c.hazard);

type Props = { answer: Answer; state: CaseState; act: (action: Action) => void };

/** What must be said before parts leave, and to whom it was said. */
export function Cautions({ answer, state, act }: Props) {
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
    <section className={unseen.length > 0 ? "cautions" : "cautions said"} aria-label="Cautions">
      {unseen.length > 0 ? (
        <>
          {texts}
          <Button
            variant="quiet"
            size="sm"
            className="said-it"
            onClick={() => act({ kind: "cautioned", hazards: answer.cautions.map((c) => c.hazard) })}
          >
            Said to the person <kbd>S</kbd>
          </Button>
        </>
      ) : (
        <details className="small">
          <summary>
            ✓ Said to the person, and recorded:{" "}
            {[...new Set(answer.cautions.map((c) => hazardName(c.hazard).toLowerCase()))].join(", ")}
          </summary>
          {texts}
          <label className="said-to">
            Said to{" "}
            <input
              value={state.saidTo ?? ""}
              maxLength={120}
              placeholder="customer, fitter, a name"
              onChange={(event) => act({ kind: "saidTo", who: event.target.value })}
            />
          </label>
        </details>
      )}
    </section>
  );
}
