import { AdviceNote } from "./AdviceNote";
import { isStopped } from "../diagnosis/StopNotice";
import { Button } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../../shared/api";
import { keyOf, many, money } from "../../shared/format";
import { Bag } from "../sale/Bag";
import { Cautions, graveUnseen } from "./Cautions";
import { SaveConflict } from "../record/SaveConflict";
import { PurchaseOptions } from "../sale/PurchaseOptions";
import { RepairOrReplace } from "../sale/RepairOrReplace";
import { dropping } from "../sale/partRows";
import type { Purchasing } from "../sale/usePurchase";
import { optionsOf } from "../sale/purchaseOptions";
import { isBlank } from "../casefile/caseFields";
import type { CaseState } from "../casefile/case";
import type { Action } from "../casefile/caseState";
import type { Answer } from "../casefile/case";

type Keep = (status: "open" | "handed-over") => void;
type Props = {
  answer: Answer;
  purchasing: Purchasing;
  state: CaseState;
  act: (action: Action) => void;
  keep: Keep;
  /** Whether the reasons of the fit verdicts are shown. */
  why: boolean;
  keeping: { pending: boolean; error: Error | null; onMine: () => void; onTheirs: () => void };
};

/** The advice, the bag, the purchase options, the cautions and the total. */
export function HandoverColumn({ answer, purchasing, state, act, keep, why, keeping }: Props) {
  const offered = optionsOf(answer);
  const option = offered[state.choice];
  const chosen = option?.purchase ?? null;
  const stopped = isStopped(answer);
  return (
    <section aria-label="Hand over" className="column">
      <div className="column-head">
        <h2>Hand over</h2>
        <BranchAndDate branches={purchasing.branches} state={state} act={act} />
      </div>
      {answer.advice && !stopped && <AdviceNote answer={answer} advice={answer.advice} />}
      {!stopped && (
        <Bag
          answer={answer}
          option={option}
          reservations={purchasing.reservations}
          act={act}
          branch={state.branch}
          years={purchasing.years}
          why={why}
          onInstead={(asked, part) =>
            act({ kind: "line", line: replaced(answer, state.line, asked, part), at: Date.now() })
          }
        />
      )}
      {offered.length > 1 && (
        <PurchaseOptions answer={answer} choice={state.choice} branch={state.branch} act={act} />
      )}
      {option?.minutes != null && answer.appliance && answer.ageYears != null && (
        <RepairOrReplace
          appliance={answer.appliance}
          ageYears={answer.ageYears}
          parts={option.purchase.total}
          minutes={option.minutes}
        />
      )}
      {answer.cautions.length > 0 && <Cautions answer={answer} state={state} act={act} />}
      <div className="push" />
      {keeping.error && (
        <SaveConflict error={keeping.error} onMine={keeping.onMine} onTheirs={keeping.onTheirs} />
      )}
      {purchasing.error && (
        <div className="notice bad" role="alert">
          {purchasing.error}
        </div>
      )}
      <Total
        answer={answer}
        chosen={chosen}
        purchasing={purchasing}
        state={state}
        act={act}
        keep={keep}
        pending={keeping.pending}
      />
    </section>
  );
}

/** The line with the requested part number replaced by another. */
function replaced(answer: Answer, line: string, asked: string, part: string): string {
  const piece = answer.pieces.find(
    (p) => p.kind === "part-number" && keyOf(p.text).toUpperCase().endsWith(keyOf(asked).toUpperCase()),
  );
  return piece ? line.slice(0, piece.from) + part + line.slice(piece.to) : `${line} ${part}`;
}

type BranchAndDateProps = { branches: string[]; state: CaseState; act: Props["act"] };

const DATES: [string, number | null][] = [
  ["No date", null],
  ["Today", 0],
  ["Tomorrow", 1],
  ["In 3 days", 3],
];

/** Branch and date of the handover: only stock that is there in time counts. */
function BranchAndDate({ branches, state, act }: BranchAndDateProps) {
  return (
    <span className="where">
      <select
        aria-label="Branch"
        value={state.branch ?? ""}
        onChange={(event) => act({ kind: "branch", branch: event.target.value || null })}
      >
        <option value="">Any branch</option>
        {branches.map((branch) => (
          <option key={branch}>{branch}</option>
        ))}
      </select>
      <select
        aria-label="Needed by"
        value={state.neededInDays ?? ""}
        onChange={(event) =>
          act({ kind: "neededIn", days: event.target.value === "" ? null : Number(event.target.value) })
        }
      >
        {DATES.map(([words, days]) => (
          <option key={words} value={days ?? ""}>
            {words}
          </option>
        ))}
      </select>
    </span>
  );
}

type TotalProps = {
  answer: Answer;
  purchasing: Purchasing;
  chosen: Wire["PurchaseOption"] | null;
  state: CaseState;
  act: Props["act"];
  keep: Keep;
  pending: boolean;
};

function Total({ answer, purchasing, chosen, state, act, keep, pending }: TotalProps) {
  const unseen = graveUnseen(answer, state);
  const done = state.kept?.status === "handed-over";
  return (
    <div className="total" {...dropping((part) => act({ kind: "adjusted", part, change: { needed: true } }))}>
      <div>
        <span className="sum">{money(chosen?.total ?? "0.00")}</span>
        <span className="small">{many(chosen?.lines.length ?? 0, "line")}</span>
      </div>
      {state.kept && (
        <div className="small kept" role="status">
          Case {state.kept.number} {done ? "handed over" : "on hold"}{" "}
          <Link to={`/sheet/${state.kept.number}`}>
            Repair sheet <kbd>P</kbd>
          </Link>
        </div>
      )}
      {done ? (
        <Button variant="act" onClick={() => act({ kind: "cleared" })}>
          Next caller <kbd>X</kbd>
        </Button>
      ) : (
        <Button
          variant="act"
          disabled={pending || unseen.length > 0 || chosen === null}
          onClick={() => keep("handed-over")}
        >
          {pending
            ? "Saving …"
            : unseen.length > 0 && chosen !== null
              ? "Read the cautions first"
              : "Hand over"}{" "}
          <kbd>H</kbd>
        </Button>
      )}
      <div className="actions">
        {!done && (
          <Button variant="quiet" size="sm" disabled={pending || isBlank(state)} onClick={() => keep("open")}>
            Hold <kbd>K</kbd>
          </Button>
        )}
        <Button variant="quiet" size="sm" disabled={chosen === null} onClick={purchasing.quote}>
          Quote <kbd>Q</kbd>
        </Button>
        <Button
          variant="quiet"
          size="sm"
          disabled={chosen === null || purchasing.pending}
          onClick={purchasing.reserve}
        >
          {purchasing.pending ? "Reserving …" : "Reserve"} <kbd>A</kbd>
        </Button>
      </div>
    </div>
  );
}
