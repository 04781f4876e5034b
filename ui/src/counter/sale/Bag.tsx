import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Wire } from "../../shared/api";
import { many, noteName } from "../../shared/format";
import { BagLine, taking } from "./BagLine";
import { OptionalParts } from "./OptionalParts";
import type { Action } from "../casefile/caseState";
import { RequestNotes, unmetRequests } from "./RequestNotes";
import { dropping } from "./partRows";
import type { Answer } from "../casefile/case";
import { FitVerdict } from "./FitVerdict";
import { PartLink } from "../../shared/NumberLink";

/** The page of models of other brands that take these parts. */
export function compatiblePage(answer: Answer, chosen: Wire["PurchaseOption"]): string {
  const asked = new URLSearchParams(answer.model ? { model: answer.model.model } : {});
  chosen.lines.forEach((line) => asked.append("part", line.part));
  return `/compatible?${asked.toString()}`;
}

type Props = {
  answer: Answer;
  /** Where and by when it is handed over. */
  where: ReactNode;
  /** What the repair costs by the year beside a new machine. */
  worth: ReactNode;
  option: Wire["OfferedWire"] | undefined;
  /** The result of reserving each line, by part. */
  reservations: Wire["OutcomeWire"][];
  act: (action: Action) => void;
  branch: string | null;
  /** The planning horizon in years. */
  years: number;
  /** Whether the reasons of every fit verdict are shown. */
  why: boolean;
  /** Replaces one part number by another in the line. */
  onInstead: (asked: string, part: string) => void;
};

/** The parts in the bag, their fit, the optional parts and the handover notes. */
export function Bag({
  answer,
  where,
  worth,
  option,
  reservations,
  act,
  branch,
  years,
  why,
  onInstead,
}: Props) {
  const chosen = option?.purchase;
  const open = answer.needs.filter((need) => !need.supplied);
  const unmet = unmetRequests(answer, open);
  return (
    <section
      className="card-plain gives"
      aria-label="Bag"
      tabIndex={0}
      {...dropping((part) => act({ kind: "adjusted", parts: [part], change: { needed: true } }))}
    >
      <span className="bin-tab">Bag</span>
      {where}
      {chosen === undefined &&
        open.length === 0 &&
        !answer.basket?.impossible.length &&
        answer.withheld.length === 0 &&
        answer.jobs.length === 0 &&
        answer.likely.length === 0 &&
        unmet.length === 0 && <NothingToSell answer={answer} />}
      <RequestNotes answer={answer} unmet={unmet} isOpen={chosen === undefined} act={act} />
      {inOrder(chosen, answer).map((line) => (
        <BagLine
          key={line.part}
          line={line}
          answer={answer}
          outcome={reservations.find((o) => o.part === line.part)}
          act={act}
          branch={branch}
          why={why}
          onInstead={onInstead}
        />
      ))}
      {open.map((need) => (
        <div key={need.listed} className="row-line ask-row">
          <PartLink part={need.listed} />
          <FitVerdict needs={[need]} why={why} onTake={taking([need], onInstead)} />
        </div>
      ))}
      {answer.withheld.map((kept) => (
        <div key={kept.partType} className="row-line ask-row" role="note">
          <b>Not sold: {kept.name}.</b> {kept.why}
        </div>
      ))}
      {answer.basket?.impossible.map((i) => (
        <div key={i.part} className="row-line ask-row">
          <span className="code">{i.part}</span> {i.why}
        </div>
      ))}
      {chosen && (
        <div className="row-line small">
          <Link to={compatiblePage(answer, chosen)}>Models of other brands that take these parts</Link>{" "}
          <kbd>C</kbd>
        </div>
      )}
      {option && <Notes entries={option.bag} />}
      {worth}
      <OptionalParts answer={answer} chosen={chosen} act={act} years={years} />
    </section>
  );
}

/** Lines with required parts come first. */
function inOrder(chosen: Wire["PurchaseOption"] | undefined, answer: Answer): Wire["PurchaseLine"][] {
  const isNeeded = (line: Wire["PurchaseLine"]) =>
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
          ? "The model is not known: no part number yet."
          : answer.suspects.length === 0
            ? "Nothing to sell yet."
            : "No part is likely enough to sell yet."}
      </div>
      <div className="small soft">
        {wanting
          ? "Read the tag, or choose a model on the left."
          : "The bag fills as answers come in. Select a cause to add its part."}
      </div>
    </div>
  );
}

function Notes({ entries }: { entries: Wire["HandoverPlannerBagEntry"][] }) {
  if (entries.length === 0) {
    return null;
  }
  return (
    <details className="row-line notes">
      <summary>
        Handover notes{" "}
        <span className="small soft">{many(entries.length, "note")}, printed on the repair sheet</span>
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
