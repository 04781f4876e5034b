import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { many, noteName } from "../shared/format";
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
  chosen: Wire["PurchaseWire"] | null;
  /** Whether the chain of every verdict stands open. */
  why: boolean;
  /** Puts one part number in the place of another in the caller's line. */
  onInstead: (asked: string, part: string) => void;
};

/** What is in the bag, whether it fits, and what goes with it. */
export function Bag({ answer, chosen, why, onInstead }: Props) {
  const open = answer.needs.filter((need) => !need.supplied);
  return (
    <section className="card-plain gives" aria-label="Bag" tabIndex={0}>
      <span className="bin-tab">Bag</span>
      {chosen === null && open.length === 0 && <NothingToSell answer={answer} />}
      {chosen?.lines.map((line) => (
        <BagLine key={line.part} line={line} answer={answer} why={why} onInstead={onInstead} />
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
      {chosen && <Notes answer={answer} chosen={chosen} />}
    </section>
  );
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

type LineProps = Pick<Props, "answer" | "why" | "onInstead"> & { line: Wire["PurchaseLineWire"] };

/** The needs a line covers tell its fit; a kit brings what lies in it. */
function BagLine({ line, answer, why, onInstead }: LineProps) {
  const part = answer.parts.find((p) => p.part === line.part);
  const needs = answer.needs.filter((need) => line.covers.some((c) => c.part === need.supplied));
  const listed = needs.map((need) => need.listed).filter((number) => number !== line.part);
  const besides = [
    listed.length > 0 && line.covers.length === 1 ? `for ${[...new Set(listed)].join(", ")}` : "",
    part && !part.genuine ? `${part.maker}, same spec` : "",
    part ? (part.onHand > 0 ? `${part.onHand} in stock` : "to order") : "",
    part && !part.returnable ? "not returnable" : "",
  ].filter((word) => word !== "");
  const brings = line.covers.some((c) => c.part === line.part)
    ? line.covers.filter((c) => c.part !== line.part).map((c) => c.part)
    : [];
  const because = [...new Set(needs.map((need) => need.why))].join(" ");
  return (
    <div className="row-line">
      <div className="d-flex justify-content-between gap-2">
        <span>
          {line.quantity > 1 && <b>{line.quantity} × </b>}
          <PartLink part={line.part} /> {part?.name}
        </span>
        <span className="numeric">
          {line.quantity > 1 && <span className="small soft fw-normal">at {line.unitPrice} </span>}
          {line.price}
        </span>
      </div>
      <Verdict needs={needs} why={why} onTake={taking(needs, onInstead)} besides={besides.join(" · ")} />
      {brings.length > 0 && (
        <div className="small">
          <b>Brings {brings.join(", ")}</b>, so it is not sold beside it.
        </div>
      )}
      {because && <div className="small soft">{because}</div>}
    </div>
  );
}

function Notes({ answer, chosen }: { answer: Answer; chosen: Wire["PurchaseWire"] }) {
  const parts = chosen.lines.map((line) => line.part);
  const entries = answer.bag.filter((entry) => parts.includes(entry.part));
  if (entries.length === 0) {
    return null;
  }
  return (
    <details className="row-line notes" open>
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
