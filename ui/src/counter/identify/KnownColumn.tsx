import { Button } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../../shared/api";
import { many, type Fuel } from "../../shared/format";
import type { CaseState } from "../casefile/case";
import type { Action } from "../casefile/caseState";
import { CustomerFields } from "../casefile/CustomerFields";
import { MachineCard } from "./MachineCard";
import { MayMean } from "../line/MayMean";
import { Meanings, open } from "./Meanings";
import { nextWorker, workerName } from "../casefile/workers";
import type { Answer } from "../casefile/case";

type Props = {
  answer: Answer;
  state: CaseState;
  layouts: Wire["LayoutWire"][];
  act: (action: Action) => void;
};

export const FUEL_KEYS: { key: string; fuel: Fuel; word: string }[] = [
  { key: "E", fuel: "electric", word: "electric" },
  { key: "G", fuel: "natural-gas", word: "natural gas" },
  { key: "B", fuel: "lp", word: "LP" },
];

export const fuelIsOpen = (answer: Answer): boolean =>
  answer.known.some((k) => k.key === "fuel") && answer.fuels.length > 1;

/** The known facts with their sources, and the words that were not understood. */
export function KnownColumn({ answer, state, layouts, act }: Props) {
  const lost = answer.pieces.filter((p) => p.kind === "not-understood").map((p) => p.text);
  return (
    <section aria-label="Known" className="column of-known">
      <div className="column-head">
        <h2>Known</h2>
        <span>{answer.known.length === 0 ? "nothing yet" : many(answer.known.length, "fact")}</span>
      </div>
      <MayMean answer={answer} act={act} />
      <MachineCard answer={answer} layouts={layouts} act={act} />
      {answer.known.length > 0 && (
        <ul className="card-plain known-list gives" aria-label="Known facts" tabIndex={-1}>
          <Meanings answer={answer} act={act} />
          {shown(answer).map((known) => (
            <KnownRow key={known.key} known={known} answer={answer} act={act} />
          ))}
        </ul>
      )}
      <div className="small soft foot">
        {lost.length > 0 && <div>Not understood: {lost.map((text) => `“${text}”`).join(", ")}</div>}
        <span>
          Work done by: {workerName(state.person)}{" "}
          <Button
            variant="link"
            size="sm"
            className="p-0"
            onClick={() => act({ kind: "person", person: nextWorker(state.person) })}
          >
            change <kbd>F</kbd>
          </Button>
        </span>
        {state.excluded.length > 0 && (
          <Button variant="link" size="sm" className="p-0" onClick={() => act({ kind: "restored" })}>
            Undo the last removal <kbd>U</kbd>
          </Button>
        )}
        <CustomerFields state={state} act={act} />
      </div>
    </section>
  );
}

/** What is known, but for words whose meaning is still to be chosen. */
function shown(answer: Answer): Wire["KnownFact"][] {
  const waiting = new Set(open(answer).flatMap((n) => n.meanings.map((m) => `finding:${m.finding}`)));
  return answer.known.filter((known) => !waiting.has(known.key));
}

function KnownRow({ known, answer, act }: { known: Wire["KnownFact"]; answer: Answer; act: Props["act"] }) {
  const asksFuel = known.key === "fuel" && fuelIsOpen(answer);
  const fromTag = known.key === "fuel" && answer.model?.fuel;
  return (
    <li className={known.sure ? "row-line" : "row-line ask-row"}>
      <div className="d-flex justify-content-between gap-2">
        <span>
          {known.words}
          {known.key.startsWith("part:") && (
            <>
              {" "}
              <Link className="small" to={`/parts/${known.key.slice("part:".length)}`}>
                look up
              </Link>
            </>
          )}
        </span>
        {!asksFuel && !fromTag && (
          <Button
            className="btn-strike"
            variant="link"
            aria-label={`Remove: ${known.words}`}
            onClick={() => act({ kind: "excluded", key: known.key })}
          >
            ✕
          </Button>
        )}
      </div>
      <div className="small soft">{known.source}</div>
      {asksFuel && (
        <div className="d-flex flex-wrap gap-1 mt-1">
          {FUEL_KEYS.filter((f) => answer.fuels.includes(f.fuel)).map((f) => (
            <Button
              key={f.fuel}
              variant="quiet"
              size="sm"
              className="px-2"
              onClick={() => act({ kind: "fuel", fuel: f.fuel })}
            >
              {f.word} <kbd>{f.key}</kbd>
            </Button>
          ))}
        </div>
      )}
    </li>
  );
}
