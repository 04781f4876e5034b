import type { Wire } from "../shared/api";
import { many, minutes as inMinutes } from "../shared/format";
import type { Action } from "./caseState";
import type { Answer } from "./useCounter";
import { alsoSaid, piecesOf, sparesOf, wayName, ways } from "./ways";

type Props = { answer: Answer; choice: number; branch: string | null; act: (action: Action) => void };

type Row = { name: string; of: (option: Wire["OfferedWire"]) => string };

const NONE = "–";

const ROWS: Row[] = [
  { name: "pieces", of: (o) => `${piecesOf(o.purchase)}` },
  { name: "work", of: (o) => (o.minutes == null ? "?" : inMinutes(o.minutes)) },
  { name: "left over", of: (o) => `${sparesOf(o.purchase) || NONE}` },
];

/** The ways of buying it side by side, and what the chosen one does differently. */
export function Options({ answer, choice, branch, act }: Props) {
  const offered = ways(answer);
  const wanting = answer.wants.length > 0;
  const chosen = offered[choice];
  return (
    <section className="card-plain ways" aria-label="Ways to buy it">
      <div className="ways-scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">
                <kbd>O</kbd>
              </th>
              {offered.map((option, index) => (
                <th key={option.purchase.kinds.join()} scope="col" className={mark(index, choice)}>
                  <button
                    type="button"
                    aria-pressed={index === choice}
                    onClick={() => act({ kind: "chosen", choice: index })}
                  >
                    <span>{wayName(option, wanting, branch)}</span>
                    <b className="numeric">{option.purchase.total}</b>
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.filter((row) => offered.some((option) => row.of(option) !== NONE)).map((row) => (
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
      <div className="small difference">
        <span role="status">
          {chosen && (chosen.difference || sentenceOfFirst(alsoSaid(chosen, branch)))}
        </span>{" "}
        {answer.basket && <Proof proof={answer.basket.proof} wanting={wanting} />}
      </div>
    </section>
  );
}

/** What proves that no purchase is better than the best. */
function Proof({ proof, wanting }: { proof: Wire["ProofWire"]; wanting: boolean }) {
  const less = wanting
    ? "nothing comes to less, the worth of what is renewed taken off,"
    : "nothing comes to less";
  return (
    <details className="figures-of">
      <summary>
        {proof.complete ? "Proven the least" : `Not weighed to the end: at least ${proof.atLeast}`}
      </summary>
      Count a piece of {proof.shares.map((s) => `${s.part} at ${s.each}`).join(", ")}: no unit on sale costs
      less than what it holds, so {less} than {proof.atOnce}. {many(proof.branches, "case")} looked at
      {proof.complete ? `, none below ${proof.atLeast}.` : "; there may be a better one."}
    </details>
  );
}

const mark = (index: number, choice: number): string | undefined => (index === choice ? "chosen" : undefined);

const sentenceOfFirst = (also: string): string =>
  also === "" ? "What must be there, no more." : `What must be there; also ${also}.`;
