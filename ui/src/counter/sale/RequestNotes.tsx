import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { many } from "../../shared/format";
import type { Answer } from "../casefile/case";
import type { Action } from "../casefile/caseState";
import { LikelyNumbers } from "./LikelyNumbers";
import { QuantityNote } from "./QuantityNote";

type Props = {
  answer: Answer;
  /** Requests that are not in the bag. */
  unmet: Wire["RequestOutcome"][];
  /** Whether the notes of a job are shown at once. */
  isOpen: boolean;
  act: (action: Action) => void;
};

/** What is to be said and asked of what was requested: jobs, what is not in the bag, likely numbers, quantities. */
export function RequestNotes({ answer, unmet, isOpen, act }: Props) {
  return (
    <>
      {answer.jobs.map((job) => (
        <Job key={job.job} job={job} open={isOpen} />
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
    </>
  );
}

/** Requests that are not in the bag, but those that another row tells of: an open fit verdict, or a rule of the house. */
export function unmetRequests(answer: Answer, open: Wire["NeededWire"][]): Wire["RequestOutcome"][] {
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
    act({
      kind: "adjusted",
      parts: left.flatMap((need) => need.supplied ?? []),
      change: { needed: true },
    });
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
