import type { Wire } from "../../shared/api";
import type { Answer } from "../casefile/case";
import { AdviceCosts } from "../diagnosis/AdviceCosts";

const ADVICE: Record<Wire["AdviceWire"]["action"], string> = {
  sell: "Sell",
  ask: "Ask first",
  "test-first": "Test first",
  refer: "Refer to a technician",
  stop: "Stop",
};

/** What is best done next, in a word, and why. */
export function AdviceNote({ answer, advice }: { answer: Answer; advice: Wire["AdviceWire"] }) {
  return (
    <div className={`advice ${advice.action}`} role="status">
      {answer.priceOnly && answer.requests.length > 0 ? (
        <>
          <b>Price and stock.</b> The case is kept only if you hold it or hand it over.
        </>
      ) : isOpenWhich(answer) ? (
        <>
          <b>Ask which one.</b> The part that is asked for stands under several numbers.
        </>
      ) : onlyRequested(answer) ? (
        <>
          <b>As requested.</b>{" "}
          {answer.jobs.length === 0 && "Whether it cures the fault is not known: ask what the machine does."}
        </>
      ) : (
        <>
          <b>{ADVICE[advice.action]}.</b> {advice.why}
          <AdviceCosts advice={advice} />
        </>
      )}
    </div>
  );
}

/** Begins the key of the fact that a part was requested by its name. */
const REQUESTED = "finding:asked-";

const hasNoSymptom = (answer: Answer): boolean =>
  answer.known.every((known) => !known.key.startsWith("finding:") || known.key.startsWith(REQUESTED));

/** Whether it is open at which place a requested part is, and no symptom is known. */
const isOpenWhich = (answer: Answer): boolean =>
  hasNoSymptom(answer) && answer.requests.some((request) => request.places.length > 1);

/** Whether a requested part is in the bag and no symptom is known. */
const onlyRequested = (answer: Answer): boolean =>
  hasNoSymptom(answer) && answer.requests.some((request) => request.status === "in-bag");
