import { useQuery } from "@tanstack/react-query";
import { Button } from "react-bootstrap";
import { Link } from "react-router";
import { answer, api, type Wire } from "../../shared/api";

const AGAIN_MS = 20_000;

/** So many calls have a number key. */
const MOST = 9;

/** The calls with a number key: the last ones. */
export const inReach = (calls: Call[]): Call[] => calls.slice(-MOST);

export type Call = Wire["OpenCall"];

/** The calls that are open at any counter of the house, the first first. */
export function useCalls(): Call[] {
  const calls = useQuery({
    queryKey: ["calls"],
    queryFn: () => answer(api.GET("/api/cases/open")),
    refetchInterval: AGAIN_MS,
  });
  return calls.data ?? [];
}

const LONGEST_NAME = 26;

/** Who or what a call is known by: the customer, the model, or how the line begins. */
const nameOf = ({ customer, model, line }: Call): string => {
  const said = customer ?? model ?? line;
  return said.length > LONGEST_NAME ? `${said.slice(0, LONGEST_NAME)}…` : said;
};

type Props = {
  calls: Call[];
  /** The number of the case at hand. */
  at: number | null;
  /** Whether a digit returns to a call now. */
  picking: boolean;
  onNew: () => void;
  /** Another call is taken up: the one at hand is kept. */
  onLeave: () => void;
  /** Drops what was typed; not offered for a case that is kept. */
  onDiscard: (() => void) | undefined;
  discarding: boolean;
  /** Why the last call could not be kept, if it could not. */
  error: Error | null;
  onAgain: () => void;
};

/** The open calls, each with how long it waits; a new call keeps the one at hand. */
export function CallStrip(props: Props) {
  const { calls, at, picking, onNew, onLeave, onDiscard, discarding, error, onAgain } = props;
  return (
    <nav className={picking ? "calls picking" : "calls"} aria-label="Open calls">
      <span className="soft">
        {calls.length === 0 ? "No open calls" : "Open calls"}{" "}
        {calls.length > 0 && (
          <kbd title="Return to an open call: Z, then its number; or Alt and its number">
            {picking ? "number?" : "Z"}
          </kbd>
        )}
      </span>
      {inReach(calls).map((call, index) => (
        <Link
          key={call.number}
          to={`/cases/${call.number}`}
          className="call"
          aria-current={call.number === at ? "true" : undefined}
          title={`Case ${call.number}: ${call.line}`}
          onClick={onLeave}
        >
          <span className="call-number">{index + 1}</span> {nameOf(call)}{" "}
          <span className="soft">{call.minutes} min</span>
        </Link>
      ))}
      {calls.length > MOST && <Link to="/cases">and {calls.length - MOST} older</Link>}
      <Button variant="quiet" size="sm" onClick={onNew}>
        New call <kbd>X</kbd>
      </Button>
      {onDiscard && (
        <Button variant="link" size="sm" onClick={onDiscard}>
          {discarding ? "Enter to discard" : "Discard"} <kbd>Delete</kbd>
        </Button>
      )}
      {error && (
        <span className="notice bad" role="alert">
          The last call is not saved yet: {error.message}{" "}
          <Button variant="quiet" size="sm" onClick={onAgain}>
            Try again
          </Button>
        </span>
      )}
    </nav>
  );
}
