import { Button } from "react-bootstrap";
import { Link } from "react-router";
import type { Wire } from "../shared/api";
import { many } from "../shared/format";
import { useFollowUps, useStanding } from "../shared/useWaiting";
import { FirstSteps, useIsEmptyHouse } from "./FirstSteps";

/** Lines to try, as callers say them. */
const EXAMPLES = [
  "electric dryer thumps when it turns, 8 years old",
  "dishwasher leaves water standing in the bottom",
  "gas oven slow to heat, the igniter pulls 2.9 amps",
  "microwave runs and turns, but nothing gets hot",
  "dryer drum belt, how much is it",
];

type Props = {
  /** Whether nothing was typed yet. */
  fresh: boolean;
  calls: Wire["OpenCall"][];
  /** Another call is taken up. */
  onLeave: () => void;
  onTry: (line: string) => void;
};

/** The counter before a call: what is waiting, and lines to try. */
export function NewCounter({ fresh, calls, onLeave, onTry }: Props) {
  const isEmptyHouse = useIsEmptyHouse();
  return (
    <div className="new-counter">
      <p className="lead-line">
        Type what the caller says into the line above; everything else follows from it.{" "}
        <span className="soft">
          Model number as far as it can be read, what the machine does or does not do, its age, gas or
          electric: in any order.
        </span>
      </p>
      {fresh && isEmptyHouse && <FirstSteps />}
      {fresh && (
        <>
          <OpenCalls calls={calls} onLeave={onLeave} />
          <FollowUps />
          <CameIn />
          <section className="card-plain" aria-label="Lines to try">
            <span className="bin-tab">Try one of these</span>
            <ul>
              {EXAMPLES.map((line) => (
                <li key={line}>
                  <Button variant="link" size="sm" className="p-0" onClick={() => onTry(line)}>
                    {line}
                  </Button>
                </li>
              ))}
            </ul>
          </section>
        </>
      )}
    </div>
  );
}

function OpenCalls({ calls, onLeave }: Pick<Props, "calls" | "onLeave">) {
  return calls.length === 0 ? null : (
    <section className="card-plain" aria-label="Open calls, longest first">
      <span className="bin-tab">Open calls</span>
      <ul>
        {calls.map((call) => (
          <li key={call.number}>
            <Link to={`/cases/${call.number}`} onClick={onLeave}>
              {call.customer ?? call.model ?? call.line}
            </Link>{" "}
            <span className="small soft">
              {[call.model, `case ${call.number}`, `${call.minutes} min`].filter(Boolean).join(" · ")}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const MOST = 4;

function FollowUps() {
  const due = useFollowUps();
  const cases = due.data ?? [];
  return cases.length === 0 ? null : (
    <section className="card-plain" aria-label="Follow-ups">
      <span className="bin-tab">Follow-ups</span>
      <ul>
        {cases.slice(0, MOST).map((one) => (
          <li key={one.number}>
            <Link to={`/cases/${one.number}/outcome`}>Case {one.number}</Link>{" "}
            <span className="small soft">{one.line}</span>
          </li>
        ))}
        {cases.length > MOST && (
          <li>
            <Link to="/cases/follow-ups">{many(cases.length - MOST, "more case")}</Link>
          </li>
        )}
      </ul>
    </section>
  );
}

/** Ordered pieces that came in, for whom nobody has called yet first. */
function CameIn() {
  const standing = useStanding();
  const came = (standing.data ?? [])
    .filter((one) => one.state === "arrived")
    .sort((a, b) => Number(a.calledAt !== null) - Number(b.calledAt !== null));
  return came.length === 0 ? null : (
    <section className="card-plain" aria-label="Reserved pieces that came in">
      <span className="bin-tab">Came in</span>
      <ul>
        {came.slice(0, MOST).map((one) => (
          <li key={one.number ?? one.part}>
            <Link to="/cases/reserved">
              {one.quantity} × {one.part}
            </Link>{" "}
            <span className="small soft">
              {[one.branch, one.customer, one.phone, one.calledAt ? "called" : "not called yet"]
                .filter(Boolean)
                .join(" · ")}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
