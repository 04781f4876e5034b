import { Button } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { many, noteName } from "../shared/format";
import { Besides } from "./Besides";
import type { Action } from "./caseState";
import { Quantity } from "./Quantity";
import { dragged, dropping, onRowKeys } from "./rows";
import type { Answer } from "./useCounter";
import { Verdict } from "./Verdict";
import { PartLink } from "../shared/NumberLink";

/** Where the models of other brands are listed that take what is bought. */
export function compatiblePage(answer: Answer, chosen: Wire["PurchaseWire"]): string {
  const asked = new URLSearchParams(answer.model ? { model: answer.model.model } : {});
  chosen.lines.forEach((line) => asked.append("part", line.part));
  return `/compatible?${asked.toString()}`;
}

type Props = {
  answer: Answer;
  option: Wire["OfferedWire"] | undefined;
  /** What became of each line when it was set aside, by part. */
  outcomes: Wire["OutcomeWire"][];
  act: (action: Action) => void;
  branch: string | null;
  /** How far ahead wants are weighed. */
  years: number;
  /** Whether the chain of every verdict stands open. */
  why: boolean;
  /** Puts one part number in the place of another in the caller's line. */
  onInstead: (asked: string, part: string) => void;
};

/** What is in the bag, whether it fits, and what goes with it. */
export function Bag({ answer, option, outcomes, act, branch, years, why, onInstead }: Props) {
  const chosen = option?.purchase;
  const open = answer.needs.filter((need) => !need.supplied);
  return (
    <section
      className="card-plain gives"
      aria-label="Bag"
      tabIndex={0}
      {...dropping((part) => act({ kind: "adjusted", part, change: { needed: true } }))}
    >
      <span className="bin-tab">Bag</span>
      {chosen === undefined && open.length === 0 && <NothingToSell answer={answer} />}
      {answer.quantities.map((note) => (
        <Quantity
          key={note.part}
          note={note}
          inForce={answer.needs.find((need) => need.supplied === note.part)?.quantity ?? 0}
          act={act}
        />
      ))}
      {inOrder(chosen, answer).map((line) => (
        <BagLine
          key={line.part}
          line={line}
          answer={answer}
          outcome={outcomes.find((o) => o.part === line.part)}
          act={act}
          branch={branch}
          why={why}
          onInstead={onInstead}
        />
      ))}
      {open.map((need) => (
        <div key={need.listed} className="row-line ask-row">
          <PartLink part={need.listed} />
          <Verdict needs={[need]} why={why} onTake={taking([need], onInstead)} />
        </div>
      ))}
      {answer.basket?.impossible.map((i) => (
        <div key={i.part} className="row-line ask-row">
          <span className="code">{i.part}</span> {i.why}
        </div>
      ))}
      {chosen && (
        <div className="row-line small">
          <Link to={compatiblePage(answer, chosen)}>Compatible models of other brands</Link> <kbd>C</kbd>
        </div>
      )}
      {option && <Notes entries={option.bag} />}
      <Besides answer={answer} chosen={chosen} act={act} years={years} />
    </section>
  );
}

/** Lines for what must be there come first. */
function inOrder(chosen: Wire["PurchaseWire"] | undefined, answer: Answer): Wire["PurchaseLineWire"][] {
  const isNeeded = (line: Wire["PurchaseLineWire"]) =>
    answer.needs.some((need) => line.covers.some((c) => c.part === need.supplied));
  const lines = chosen?.lines ?? [];
  return [...lines.filter(isNeeded), ...lines.filter((line) => !isNeeded(line))];
}

function NothingToSell({ answer }: { answer: Answer }) {
  const wanting = answer.selling.length > 0 && !answer.model;
  return (
    <div className="row-line">
      <div>
        {wanting
          ? "The machine is not known: no part number can be named yet."
          : answer.suspects.length === 0
            ? "Nothing to sell yet."
            : "No part is likely enough to sell yet."}
      </div>
      <div className="small soft">
        {wanting
          ? "Read the tag, or pick a model on the left."
          : "The bag fills as the signs come in; a suspect can be put in by hand."}
      </div>
    </div>
  );
}

/** Only what was asked for by its number is exchanged in the line. */
function taking(needs: Wire["NeededWire"][], onInstead: Props["onInstead"]) {
  const asked = needs.find((need) => need.slots.length === 0)?.listed;
  return asked === undefined ? undefined : (part: string) => onInstead(asked, part);
}

type LineProps = Pick<Props, "answer" | "act" | "branch" | "why" | "onInstead"> & {
  line: Wire["PurchaseLineWire"];
  outcome: Wire["OutcomeWire"] | undefined;
};

/** The needs a line covers tell its fit; a kit brings what lies in it. */
function BagLine({ line, answer, outcome, act, branch, why, onInstead }: LineProps) {
  const part = answer.parts.find((p) => p.part === line.part);
  const needs = answer.needs.filter((need) => line.covers.some((c) => c.part === need.supplied));
  const listed = needs.map((need) => need.listed).filter((number) => number !== line.part);
  const besides = [
    listed.length > 0 && line.covers.length === 1 ? `for ${[...new Set(listed)].join(", ")}` : "",
    part && !part.genuine ? `${part.maker}, same spec` : "",
    part ? stockWords(part, branch) : "",
    part && !part.returnable ? "not returnable" : "",
  ].filter((word) => word !== "");
  const brings = line.covers.some((c) => c.part === line.part)
    ? line.covers.filter((c) => c.part !== line.part).map((c) => c.part)
    : [];
  const because = [...new Set(needs.map((need) => need.why))].join(" ");
  const wants = answer.wants.filter((want) => line.covers.some((c) => c.part === want.supplied));
  const only = line.covers.length === 1 && needs.length === 1 ? needs[0] : undefined;
  const count = (by: number) =>
    only?.supplied && act({ kind: "counted", part: only.supplied, by, from: only.quantity });
  const more = () => count(1);
  const less = () => count(-1);
  const out = () =>
    [...needs.map((need) => need.supplied), ...wants.map((want) => want.supplied)].forEach(
      (part) => part && act({ kind: "adjusted", part, change: { quantity: 0, needed: false } }),
    );
  return (
    <div
      className="row-line bag-line"
      data-row
      tabIndex={0}
      role="group"
      aria-label={`${line.quantity} of ${line.part}`}
      {...dragged(line.covers[0]?.part ?? line.part)}
      onKeyDown={onRowKeys({ "+": more, "-": less, Delete: out })}
    >
      <div className="d-flex justify-content-between gap-2">
        <span>
          {line.quantity > 1 && <b>{line.quantity} × </b>}
          <PartLink part={line.part} /> {part?.name}
        </span>
        <span className="numeric">
          {line.quantity > 1 && <span className="small soft fw-normal">at {line.unitPrice} </span>}
          {line.price}
          <Stepper
            part={line.part}
            onMore={only ? more : undefined}
            onLess={only && only.quantity > 1 ? less : undefined}
            onOut={out}
          />
        </span>
      </div>
      {needs.length > 0 ? (
        <Verdict needs={needs} why={why} onTake={taking(needs, onInstead)} besides={besides.join(" · ")} />
      ) : (
        <div className="small soft">{["Renewed while it is open", ...besides].join(" · ")}</div>
      )}
      {outcome && (
        <div className={`small outcome ${outcome.state}`} role="status">
          {outcome.said}
        </div>
      )}
      {brings.length > 0 && (
        <div className="small">
          <b>Brings {brings.join(", ")}</b>, so it is not sold beside it.
        </div>
      )}
      {because && <div className="small soft">{because}</div>}
    </div>
  );
}

/** What lies at the branch, or anywhere while none is chosen. */
function stockWords(part: Wire["PartWire"], branch: string | null): string {
  const here = part.stock.find((s) => s.branch === branch)?.onHand ?? 0;
  if (branch === null || here === part.onHand) {
    return part.onHand > 0 ? `${part.onHand} in stock` : "to order";
  }
  return here > 0 ? `${here} at ${branch}` : `none at ${branch}, ${part.onHand} elsewhere`;
}

type StepperProps = {
  part: string;
  onMore: (() => void) | undefined;
  onLess: (() => void) | undefined;
  onOut: () => void;
};

/** More, fewer or none of a line. */
function Stepper({ part, onMore, onLess, onOut }: StepperProps) {
  return (
    <span className="stepper">
      {onMore && (
        <>
          <Button
            variant="link"
            className="btn-strike"
            aria-label={`One less of ${part}`}
            disabled={!onLess}
            onClick={onLess}
          >
            −
          </Button>
          <Button variant="link" className="btn-strike" aria-label={`One more of ${part}`} onClick={onMore}>
            +
          </Button>
        </>
      )}
      <Button variant="link" className="btn-strike" aria-label={`Leave out ${part}`} onClick={onOut}>
        ×
      </Button>
    </span>
  );
}

function Notes({ entries }: { entries: Wire["BagWire"][] }) {
  if (entries.length === 0) {
    return null;
  }
  return (
    <details className="row-line notes">
      <summary>
        What goes with it{" "}
        <span className="small soft">{many(entries.length, "note")}, printed on the sheet</span>
      </summary>
      <ul>
        {entries.map((entry) => (
          <li key={entry.text}>
            <b>{noteName(entry.kind)}:</b> {entry.text}
          </li>
        ))}
      </ul>
    </details>
  );
}
