import { useState } from "react";
import type { Wire } from "../../shared/api";
import { many, minutes as inMinutes, money } from "../../shared/format";
import type { Action } from "../casefile/caseState";
import type { Answer } from "../casefile/case";
import { alsoWords, optionName, optionsOf, piecesOf, sparesOf } from "./purchaseOptions";

type Props = { answer: Answer; choice: number; branch: string | null; act: (action: Action) => void };

type Row = { name: string; of: (option: Wire["OfferedWire"]) => string };

const NONE = "–";

const ROWS: Row[] = [
  { name: "pieces", of: (o) => `${piecesOf(o.purchase)}` },
  { name: "labor", of: (o) => (o.minutes == null ? "?" : inMinutes(o.minutes)) },
  { name: "left over", of: (o) => `${sparesOf(o.purchase) || NONE}` },
];

const COMPARE = "compare";

/** Opens the rows that compare the ways to buy, or closes them. */
export const toggleCompare = () => document.getElementById(COMPARE)?.click();

/** The purchase options side by side, and how the chosen one differs. */
export function PurchaseOptions({ answer, choice, branch, act }: Props) {
  const offered = optionsOf(answer);
  const hasOptional = answer.wants.length > 0;
  const chosen = offered[choice];
  const [comparing, setComparing] = useState(false);
  const isTold = comparing || choice > 0;
  return (
    <section className="card-plain purchase-options" aria-label="Purchase options">
      <div className="ways-scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">
                <kbd>O</kbd>{" "}
                <button
                  type="button"
                  id={COMPARE}
                  className="compare"
                  aria-expanded={comparing}
                  onClick={() => setComparing(!comparing)}
                >
                  compare <kbd>=</kbd>
                </button>
              </th>
              {offered.map((option, index) => (
                <th key={option.purchase.kinds.join()} scope="col" className={mark(index, choice)}>
                  <button
                    type="button"
                    aria-pressed={index === choice}
                    onClick={() => act({ kind: "chosen", choice: index })}
                  >
                    <span>{optionName(option, hasOptional, branch)}</span>
                    <b className="numeric">{money(option.purchase.total)}</b>
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.filter(() => comparing)
              .filter((row) => offered.some((option) => row.of(option) !== NONE))
              .map((row) => (
                <tr key={row.name}>
                  <th scope="row">{row.name}</th>
                  {offered.map((option, index) => (
                    <td key={option.purchase.kinds.join()} className={mark(index, choice)}>
                      {row.of(option)}
                    </td>
                  ))}
                </tr>
              ))}
          </tbody>
        </table>
      </div>
      <div className={isTold ? "small difference" : "visually-hidden"}>
        <span role="status">
          {chosen && (chosen.difference || firstOptionWords(alsoWords(chosen, branch)))}
        </span>{" "}
        {comparing &&
          offered.map(
            (option, index) =>
              index !== choice &&
              option.difference && (
                <div key={option.purchase.kinds.join()}>
                  <b>{optionName(option, hasOptional, branch)}:</b> {option.difference}
                </div>
              ),
          )}
        {isTold && answer.basket && <Proof proof={answer.basket.proof} hasOptional={hasOptional} />}
      </div>
    </section>
  );
}

/** The proof that no purchase is better than the best. */
function Proof({ proof, hasOptional }: { proof: Wire["Proof"]; hasOptional: boolean }) {
  const less = hasOptional
    ? "no purchase costs less, net of the value of optional parts,"
    : "no purchase costs less";
  return (
    <details className="figures-of">
      <summary>
        {proof.complete
          ? "Lowest price, proven"
          : `Best found, search stopped: at least ${money(proof.atLeast)}`}
      </summary>
      Price one piece of {proof.shares.map((s) => `${s.part} at ${money(s.each)}`).join(", ")}: no part, pack
      or kit on sale costs less than the pieces in it, so {less} than {money(proof.atOnce)}.{" "}
      {many(proof.branches, "combination")} checked
      {proof.complete ? `, none below ${money(proof.atLeast)}.` : "; there may be a better one."}
    </details>
  );
}

const mark = (index: number, choice: number): string | undefined => (index === choice ? "chosen" : undefined);

const firstOptionWords = (also: string): string =>
  also === "" ? "Required parts only." : `Required parts only; also ${also}.`;
