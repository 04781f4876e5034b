import { AdviceFigures } from "./AdviceFigures";
import { Button } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { differenceOf, hazardName, keyOf, many } from "../shared/format";
import { Bag } from "./Bag";
import { isBlank, type Action, type CaseState } from "./caseState";
import type { Answer } from "./useCounter";

type Keep = (status: "open" | "handed-over") => void;
type Props = {
  answer: Answer;
  state: CaseState;
  act: (action: Action) => void;
  keep: Keep;
  /** Whether the chains of the verdicts stand open. */
  why: boolean;
  keeping: { pending: boolean; error: Error | null };
};

const ADVICE: Record<string, string> = {
  sell: "Sell",
  ask: "Ask first",
  "test-first": "Test first",
  refer: "Refer",
};

export const purchases = (answer: Answer): Wire["PurchaseWire"][] =>
  answer.basket?.best ? [answer.basket.best, ...answer.basket.others] : [];

export const graveUnseen = (answer: Answer, state: CaseState): string[] =>
  answer.cautions.filter((c) => c.grave && !state.cautionsShown.includes(c.hazard)).map((c) => c.hazard);

/** What to hand over, what must be said first, and what it comes to. */
export function HandOverColumn({ answer, state, act, keep, why, keeping }: Props) {
  const offered = purchases(answer);
  const chosen = offered[state.choice] ?? null;
  return (
    <section aria-label="Hand over" className="column">
      <div className="column-head">
        <h2>Hand over</h2>
      </div>
      {answer.advice && (
        <div className={`advice ${answer.advice.action}`} role="status">
          {onlyAsked(answer) ? (
            <>
              <b>As asked for.</b> Whether it cures the machine is not known: ask what the machine does.
            </>
          ) : (
            <>
              <b>{ADVICE[answer.advice.action]}.</b> {answer.advice.why}
              <AdviceFigures advice={answer.advice} />
            </>
          )}
        </div>
      )}
      <Bag
        answer={answer}
        chosen={chosen}
        why={why}
        onInstead={(asked, part) => act({ kind: "line", line: exchanged(answer, state.line, asked, part) })}
      />
      {offered.length > 1 && <Options offered={offered} choice={state.choice} act={act} />}
      {answer.cautions.length > 0 && <Cautions answer={answer} state={state} act={act} />}
      <div className="push" />
      {keeping.error && <div className="notice bad">{keeping.error.message}</div>}
      <Total answer={answer} chosen={chosen} state={state} act={act} keep={keep} pending={keeping.pending} />
    </section>
  );
}

/** Whether a part was asked for by its number and nothing was said of the machine's trouble. */
const onlyAsked = (answer: Answer): boolean =>
  answer.pieces.some((piece) => piece.kind === "part-number") &&
  answer.known.every((known) => !known.key.startsWith("finding:"));

/** The line with another part number in the place of the one asked for. */
function exchanged(answer: Answer, line: string, asked: string, part: string): string {
  const piece = answer.pieces.find(
    (p) => p.kind === "part-number" && keyOf(p.text).toUpperCase().endsWith(keyOf(asked).toUpperCase()),
  );
  return piece ? line.slice(0, piece.from) + part + line.slice(piece.to) : `${line} ${part}`;
}

type OptionsProps = { offered: Wire["PurchaseWire"][]; choice: number; act: Props["act"] };

function Options({ offered, choice, act }: OptionsProps) {
  const best = offered[0];
  return (
    <div className="options" role="group" aria-label="Ways to buy it">
      {offered.slice(0, 3).map((purchase, index) => (
        <button
          key={purchase.lines.map((line) => line.part).join()}
          type="button"
          aria-pressed={index === choice}
          onClick={() => act({ kind: "chosen", choice: index })}
        >
          <span className="numeric">{purchase.total}</span>
          <span className="small">{many(purchase.lines.length, "line")}</span>
          <span className="small soft">
            {index === 0 || best === undefined ? "least" : `${differenceOf(purchase.total, best.total)} more`}
            {purchase.spare.length > 0
              ? `, ${purchase.spare.reduce((sum, s) => sum + s.quantity, 0)} spare`
              : ""}
          </span>
        </button>
      ))}
    </div>
  );
}

function Cautions({ answer, state, act }: Pick<Props, "answer" | "state" | "act">) {
  const unseen = graveUnseen(answer, state);
  return (
    <section className={unseen.length > 0 ? "cautions" : "cautions said"} aria-label="Cautions">
      <ul>
        {answer.cautions.map((caution) => (
          <li key={caution.hazard + caution.text}>
            <b>{hazardName(caution.hazard)}</b> {caution.text}
          </li>
        ))}
      </ul>
      {unseen.length > 0 ? (
        <Button
          variant="quiet"
          size="sm"
          onClick={() => act({ kind: "cautioned", hazards: answer.cautions.map((c) => c.hazard) })}
        >
          Said to the person <kbd>S</kbd>
        </Button>
      ) : (
        <div className="small">✓ Said to the person, and recorded.</div>
      )}
    </section>
  );
}

type TotalProps = {
  answer: Answer;
  chosen: Wire["PurchaseWire"] | null;
  state: CaseState;
  act: Props["act"];
  keep: Keep;
  pending: boolean;
};

function Total({ answer, chosen, state, act, keep, pending }: TotalProps) {
  const unseen = graveUnseen(answer, state);
  const done = state.kept?.status === "handed-over";
  return (
    <div className="total">
      <div>
        <div className="sum">{chosen?.total ?? "0.00"}</div>
        <div className="small">
          {answer.basket?.currency ?? ""} {many(chosen?.lines.length ?? 0, "line")}
        </div>
      </div>
      {state.kept && (
        <div className="small kept" role="status">
          Case {state.kept.number} {done ? "handed over" : "kept open"}
          <br />
          <Link to={`/sheet/${state.kept.number}`}>
            Sheet <kbd>P</kbd>
          </Link>
        </div>
      )}
      <div className="d-flex flex-column gap-1">
        {done ? (
          <Button variant="act" onClick={() => act({ kind: "cleared" })}>
            Next caller <kbd>X</kbd>
          </Button>
        ) : (
          <>
            <Button
              variant="act"
              disabled={pending || unseen.length > 0 || chosen === null}
              onClick={() => keep("handed-over")}
            >
              {pending ? "Keeping …" : unseen.length > 0 && chosen !== null ? "Cautions first" : "Hand over"}{" "}
              <kbd>H</kbd>
            </Button>
            <Button
              variant="quiet"
              size="sm"
              disabled={pending || isBlank(state)}
              onClick={() => keep("open")}
            >
              Keep open <kbd>K</kbd>
            </Button>
          </>
        )}
      </div>
    </div>
  );
}
