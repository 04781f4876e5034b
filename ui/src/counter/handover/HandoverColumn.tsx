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
import type { Armed, Offer } from "../record/undo";
import { UndoNote } from "../record/UndoNote";
import { MissingStock } from "./MissingStock";
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
  /** Saves; what cannot be taken back later, and what was just done of it. */
  grave: { keep: Keep; cautioned: () => void };
  armed: Armed | null;
  offer: Offer | null;
  onUndo: () => void;
  /** The next caller, once parts were handed over. */
  onNext: () => void;
  /** Whether the reasons of the fit verdicts are shown. */
  why: boolean;
  keeping: { pending: boolean; error: Error | null; onMine: () => void; onTheirs: () => void };
};

/** The advice, the bag, the purchase options, the cautions and the total. */
export function HandoverColumn(props: Props) {
  const { answer, purchasing, state, act, grave, armed, offer, onUndo, why, keeping } = props;
  const offered = optionsOf(answer);
  const option = offered[state.choice];
  const chosen = option?.purchase ?? null;
  const stopped = isStopped(answer);
  return (
    <section aria-label="Hand over" className="column of-bag">
      <h2 className="visually-hidden">Hand over</h2>
      {answer.advice && !stopped && <AdviceNote answer={answer} advice={answer.advice} />}
      {!stopped && (
        <Bag
          where={<BranchAndDate branches={purchasing.branches} state={state} act={act} />}
          worth={
            option?.minutes != null && answer.appliance && answer.ageYears != null ? (
              <RepairOrReplace
                appliance={answer.appliance}
                ageYears={answer.ageYears}
                parts={option.purchase.total}
                minutes={option.minutes}
              />
            ) : null
          }
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
      {answer.cautions.length > 0 && (
        <Cautions
          answer={answer}
          state={state}
          act={act}
          onRead={grave.cautioned}
          armed={armed === "cautions"}
          offer={offer?.place === "cautions" ? offer : null}
          onUndo={onUndo}
        />
      )}
      {keeping.error && (
        <SaveConflict error={keeping.error} onMine={keeping.onMine} onTheirs={keeping.onTheirs} />
      )}
      {purchasing.error && (
        <div className="notice bad" role="alert">
          {purchasing.error}
        </div>
      )}
      {chosen && <MissingStock answer={answer} chosen={chosen} branch={state.branch} />}
      <Total {...props} chosen={chosen} />
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

const BRANCH = "branch";

/** Moves to the choice of the branch. */
export const focusBranch = () => document.getElementById(BRANCH)?.focus();

/** Branch and date of the handover: only stock that is there in time counts. */
function BranchAndDate({ branches, state, act }: BranchAndDateProps) {
  return (
    <span className="where">
      <kbd title="Go to the branch: .">.</kbd>
      <select
        id={BRANCH}
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

type TotalProps = Props & { chosen: Wire["PurchaseOption"] | null };

function Total(props: TotalProps) {
  const { answer, purchasing, chosen, state, act, grave, armed, offer, onUndo, onNext } = props;
  const { pending } = props.keeping;
  const unseen = graveUnseen(answer, state);
  const done = state.kept?.status === "handed-over";
  return (
    <div
      className="total"
      {...dropping((part) => act({ kind: "adjusted", parts: [part], change: { needed: true } }))}
    >
      <UndoNote offer={offer?.place === "total" ? offer : null} onUndo={onUndo} />
      <div>
        <span className="sum">{money(chosen?.total ?? "0.00")}</span>
        <span className="small">{many(chosen?.lines.length ?? 0, "line")}</span>
      </div>
      {state.kept && offer?.place !== "total" && (
        <span className="small kept" role="status">
          Case {state.kept.number} {done ? "handed over" : "on hold"}{" "}
          <Link to={`/sheet/${state.kept.number}`}>
            Repair sheet <kbd>P</kbd>
          </Link>
        </span>
      )}
      {done ? (
        <Button variant="act" onClick={onNext}>
          Next caller <kbd>X</kbd>
        </Button>
      ) : (
        <Button
          variant="act"
          disabled={pending || unseen.length > 0 || chosen === null}
          onClick={() => grave.keep("handed-over")}
        >
          {pending
            ? "Saving …"
            : unseen.length > 0 && chosen !== null
              ? "Read the cautions first"
              : armed === "hand over"
                ? "Enter: hand over"
                : "Hand over"}{" "}
          <kbd>H</kbd>
        </Button>
      )}
      <div className="actions">
        {!done && (
          <Button
            variant="quiet"
            size="sm"
            disabled={pending || isBlank(state)}
            onClick={() => grave.keep("open")}
          >
            Hold <kbd>K</kbd>
          </Button>
        )}
        <Button variant="quiet" size="sm" disabled={chosen === null} onClick={() => purchasing.open("quote")}>
          Quote <kbd>Q</kbd>
        </Button>
        <Button
          variant="quiet"
          size="sm"
          disabled={chosen === null || purchasing.pending}
          onClick={() => purchasing.open("reserve")}
        >
          {purchasing.pending ? "Reserving …" : "Reserve"} <kbd>A</kbd>
        </Button>
      </div>
    </div>
  );
}
