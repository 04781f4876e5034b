import { Button } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../../shared/api";
import { many, noteName } from "../../shared/format";
import { BagLine, taking } from "./BagLine";
import { LikelyNumbers } from "./LikelyNumbers";
import { OptionalParts } from "./OptionalParts";
import type { Action } from "../casefile/caseState";
import { QuantityNote } from "./QuantityNote";
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
export function Bag({ answer, option, reservations, act, branch, years, why, onInstead }: Props) {
  const chosen = option?.purchase;
  const open = answer.needs.filter((need) => !need.supplied);
  const unmet = unmetRequests(answer, open);
  return (
    <section
      className="card-plain gives"
      aria-label="Bag"
      tabIndex={0}
      {...dropping((part) => act({ kind: "adjusted", part, change: { needed: true } }))}
    >
      <span className="bin-tab">Bag</span>
      {chosen === undefined &&
        open.length === 0 &&
        !answer.basket?.impossible.length &&
        answer.withheld.length === 0 &&
        answer.jobs.length === 0 &&
        answer.likely.length === 0 &&
        unmet.length === 0 && <NothingToSell answer={answer} />}
      {answer.jobs.map((job) => (
        <Job key={job.job} job={job} open={chosen === undefined} />
      ))}
      {unmet.map((request) => (
        <UnmetRequest
          key={request.partType + request.phrase}
          request={request}
          left={answer.needs.filter((need) => need.partType === request.partType && need.quantity === 0)}
          act={act}
        />
      ))}
      <LikelyNumbers answer={answer} onUse={(part) => act({ kind: "used", words: part, at: Date.now() })} />
      {answer.quantities.map((note) => (
        <QuantityNote
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

/** Requests that are not in the bag, but those that another row tells of: an open fit verdict, or a rule of the house. */
function unmetRequests(answer: Answer, open: Wire["NeededWire"][]): Wire["RequestOutcome"][] {
  return answer.requests.filter(
    (request) =>
      request.status !== "in-bag" &&
      request.status !== "not-to-this-person" &&
      !(isLeftOut(answer, request) && !request.symptoms) &&
      !open.some((need) => need.partType === request.partType),
  );
}

/** Whether a request is left out of the bag: by hand where the symptoms do not speak against it. */
const isLeftOut = (answer: Answer, request: Wire["RequestOutcome"]) =>
  answer.needs.some((need) => need.partType === request.partType && need.supplied && need.quantity === 0);

type UnmetProps = {
  request: Wire["RequestOutcome"];
  /** Its parts that were left out of the bag. */
  left: Wire["NeededWire"][];
  act: (action: Action) => void;
};

function UnmetRequest({ request, left, act }: UnmetProps) {
  const putIn = () =>
    left.forEach(
      (need) => need.supplied && act({ kind: "adjusted", part: need.supplied, change: { needed: true } }),
    );
  return (
    <div className="row-line ask-row" role="note">
      <b>Requested, not in the bag: “{request.phrase}”.</b> {request.why}{" "}
      {request.symptoms && <span className="soft">{request.symptoms}</span>}{" "}
      {request.closest.map((part) => (
        <Button
          key={part}
          variant="quiet"
          size="sm"
          onClick={() => act({ kind: "read", as: part, instead: request.phrase })}
        >
          {part}
        </Button>
      ))}
      {request.places.map((place) => (
        <Button
          key={place.slot}
          variant="quiet"
          size="sm"
          onClick={() => act({ kind: "read", as: place.words, instead: request.phrase })}
        >
          {place.name}
        </Button>
      ))}
      {left.length > 0 && (
        <Button variant="quiet" size="sm" onClick={putIn}>
          Sell it all the same
        </Button>
      )}
    </div>
  );
}

/** Work that is asked for as a whole: what to ask, and what goes on the repair sheet. */
function Job({ job, open }: { job: Wire["JobPlan"]; open: boolean }) {
  const name = (
    <>
      <b>{job.name}</b>
      {job.licensed && <span className="small"> · licensed only</span>}
    </>
  );
  return (
    <div className="row-line job" role="note" aria-label={`Job: ${job.name}`}>
      {job.notes.length === 0 ? (
        name
      ) : (
        <details open={open}>
          <summary>
            {name} <span className="small soft">· {many(job.notes.length, "note")}</span>
          </summary>
          <ul className="small">
            {job.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        </details>
      )}
      {job.ask && <div className="small ask-row">{job.ask}</div>}
    </div>
  );
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
