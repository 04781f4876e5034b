import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { many, noteName } from "../shared/format";
import { BagLine, taking } from "./BagLine";
import { Besides } from "./Besides";
import type { Action } from "./caseState";
import { Quantity } from "./Quantity";
import { dropping } from "./rows";
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
