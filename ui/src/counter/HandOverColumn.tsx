import { AdviceFigures } from "./AdviceFigures";
import { Button } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { keyOf, many } from "../shared/format";
import { Bag } from "./Bag";
import { Cautions, graveUnseen } from "./Cautions";
import { NotKept } from "./NotKept";
import { Options } from "./Options";
import { Repair } from "./Repair";
import { dropping } from "./rows";
import type { Buying } from "./useBuying";
import { ways } from "./ways";
import { isBlank } from "./caseFields";
import type { Action, CaseState } from "./caseState";
import type { Answer } from "./useCounter";

type Keep = (status: "open" | "handed-over") => void;
type Props = {
  answer: Answer;
  buying: Buying;
  state: CaseState;
  act: (action: Action) => void;
  keep: Keep;
  /** Whether the chains of the verdicts stand open. */
  why: boolean;
  keeping: { pending: boolean; error: Error | null; onMine: () => void; onTheirs: () => void };
};

const ADVICE: Record<string, string> = {
  sell: "Sell",
  ask: "Ask first",
  "test-first": "Test first",
  refer: "Refer",
};

/** What to hand over, what must be said first, and what it comes to. */
export function HandOverColumn({ answer, buying, state, act, keep, why, keeping }: Props) {
  const offered = ways(answer);
  const option = offered[state.choice];
  const chosen = option?.purchase ?? null;
  return (
    <section aria-label="Hand over" className="column">
      <div className="column-head">
        <h2>Hand over</h2>
        <Where branches={buying.branches} state={state} act={act} />
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
        option={option}
        outcomes={buying.outcomes}
        act={act}
        branch={state.branch}
        years={buying.years}
        why={why}
        onInstead={(asked, part) => act({ kind: "line", line: exchanged(answer, state.line, asked, part) })}
      />
      {offered.length > 1 && (
        <Options answer={answer} choice={state.choice} branch={state.branch} act={act} />
      )}
      {option?.minutes != null && answer.appliance && answer.ageYears != null && (
        <Repair
          appliance={answer.appliance}
          ageYears={answer.ageYears}
          parts={option.purchase.total}
          minutes={option.minutes}
        />
      )}
      {answer.cautions.length > 0 && <Cautions answer={answer} state={state} act={act} />}
      <div className="push" />
      {keeping.error && <NotKept error={keeping.error} onMine={keeping.onMine} onTheirs={keeping.onTheirs} />}
      {buying.error && (
        <div className="notice bad" role="alert">
          {buying.error}
        </div>
      )}
      <Total
        answer={answer}
        chosen={chosen}
        buying={buying}
        state={state}
        act={act}
        keep={keep}
        pending={keeping.pending}
      />
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

type WhereProps = { branches: string[]; state: CaseState; act: Props["act"] };

const SOON: [string, number | null][] = [
  ["whenever", null],
  ["today", 0],
  ["tomorrow", 1],
  ["in 3 days", 3],
];

/** Where and by when it is handed over: what is there, or comes in time, counts. */
function Where({ branches, state, act }: WhereProps) {
  return (
    <span className="where">
      <select
        aria-label="Branch"
        value={state.branch ?? ""}
        onChange={(event) => act({ kind: "branch", branch: event.target.value || null })}
      >
        <option value="">any branch</option>
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
        {SOON.map(([words, days]) => (
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
  buying: Buying;
  chosen: Wire["PurchaseWire"] | null;
  state: CaseState;
  act: Props["act"];
  keep: Keep;
  pending: boolean;
};

function Total({ answer, buying, chosen, state, act, keep, pending }: TotalProps) {
  const unseen = graveUnseen(answer, state);
  const done = state.kept?.status === "handed-over";
  return (
    <div className="total" {...dropping((part) => act({ kind: "adjusted", part, change: { needed: true } }))}>
      <div>
        <span className="sum">{chosen?.total ?? "0.00"}</span>
        <span className="small">
          {answer.basket?.currency ?? ""} {many(chosen?.lines.length ?? 0, "line")}
        </span>
        {state.kept && (
          <div className="small kept" role="status">
            Case {state.kept.number} {done ? "handed over" : "kept open"}{" "}
            <Link to={`/sheet/${state.kept.number}`}>
              Sheet <kbd>P</kbd>
            </Link>
          </div>
        )}
      </div>
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
          {pending ? "Keeping …" : unseen.length > 0 && chosen !== null ? "Cautions first" : "Hand over"}{" "}
          <kbd>H</kbd>
        </Button>
      )}
      <div className="deeds">
        {!done && (
          <Button variant="quiet" size="sm" disabled={pending || isBlank(state)} onClick={() => keep("open")}>
            Keep open <kbd>K</kbd>
          </Button>
        )}
        <Button variant="quiet" size="sm" disabled={chosen === null} onClick={buying.quote}>
          Quote <kbd>Q</kbd>
        </Button>
        <Button
          variant="quiet"
          size="sm"
          disabled={chosen === null || buying.pending}
          onClick={buying.setAside}
        >
          {buying.pending ? "Asking …" : "Set aside"} <kbd>A</kbd>
        </Button>
      </div>
    </div>
  );
}
