import type { Wire } from "../shared/api";
import { many, noteName } from "../shared/format";
import type { Answer } from "./useCounter";

/** What is in the bag, whether it fits, and what goes with it. */
export function Bag({ answer, chosen }: { answer: Answer; chosen: Wire["PurchaseWire"] | null }) {
  const open = answer.needs.filter((need) => !need.supplied);
  return (
    <section className="card-plain gives" aria-label="Bag" tabIndex={0}>
      <span className="bin-tab">Bag</span>
      {chosen === null && open.length === 0 && <NothingToSell answer={answer} />}
      {chosen?.lines.map((line) => (
        <BagLine key={line.part} line={line} answer={answer} />
      ))}
      {open.map((need) => (
        <div key={need.listed} className="row-line ask-row">
          <span className="code">{need.listed}</span>{" "}
          {need.fit.ask ? "depends on the build date: ask for the serial" : need.fit.reasons[0]}
        </div>
      ))}
      {answer.basket?.impossible.map((i) => (
        <div key={i.part} className="row-line ask-row">
          <span className="code">{i.part}</span> {i.why}
        </div>
      ))}
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

/** The needs a line covers tell its fit; a kit brings what lies in it. */
function BagLine({ line, answer }: { line: Wire["PurchaseLineWire"]; answer: Answer }) {
  const part = answer.parts.find((p) => p.part === line.part);
  const needs = answer.needs.filter((need) => line.covers.some((c) => c.part === need.supplied));
  const changes = [...new Set(needs.flatMap((need) => need.fit.changes))];
  const listed = needs.map((need) => need.listed).filter((number) => number !== line.part);
  const because = [...new Set(needs.map((need) => need.why))].join(" ");
  const chain = needs.flatMap((need) => need.fit.reasons).join("\n");
  return (
    <div className="row-line" title={chain}>
      <div className="d-flex justify-content-between gap-2">
        <span>
          {line.quantity > 1 && <b>{line.quantity} × </b>}
          <span className="code">{line.part}</span> {part?.name}
        </span>
        <span className="numeric">
          {line.quantity > 1 && <span className="small soft fw-normal">at {line.unitPrice} </span>}
          {line.price}
        </span>
      </div>
      <div className="small soft">
        <b className="verdict">{changes.length > 0 ? `fits, ${changes.join(", ")}` : "fits"}</b>
        {listed.length > 0 && line.covers.length === 1 ? ` · for ${[...new Set(listed)].join(", ")}` : ""}
        {part && !part.genuine ? ` · ${part.maker}, same spec` : ""}
        {part ? ` · ${part.onHand > 0 ? `${part.onHand} in stock` : "to order"}` : ""}
        {part && !part.returnable ? " · not returnable" : ""}
      </div>
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
