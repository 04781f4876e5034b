import { Button } from "react-bootstrap";
import { Link, useParams } from "react-router";
import { Masthead } from "../shared/Masthead";
import "./counter.css";
import { LikelyCauses } from "./diagnosis/LikelyCauses";
import { HandoverColumn } from "./handover/HandoverColumn";
import { KnownColumn } from "./identify/KnownColumn";
import { KeysHelp } from "./KeysHelp";
import { LineEntry } from "./line/LineEntry";
import { MachineStrip } from "./record/MachineStrip";
import { QuoteForm } from "./sale/QuoteForm";
import { useCounterPage } from "./useCounterPage";

/** The counter: one line is typed, and the whole case is assessed from it. */
export function CounterPage() {
  const { number } = useParams();
  const {
    state,
    work,
    loadError,
    dispatch,
    keep,
    keeping,
    purchasing,
    quoted,
    machines,
    why,
    help,
    setHelp,
    causes,
  } = useCounterPage(number);
  const answer = work.data;
  return (
    <div className="counter">
      <CounterMasthead
        updating={work.isFetching}
        caseNumber={state.kept?.number ?? null}
        onHelp={() => setHelp(true)}
      />
      <main id="main">
        <h1 className="visually-hidden">Counter</h1>
        <LineEntry
          line={state.line}
          pieces={answer?.pieces ?? []}
          fresh={number === undefined}
          onLine={(line) => dispatch({ kind: "line", line, at: Date.now() })}
        />
        <MachineStrip
          machines={machines.all}
          at={machines.at}
          other={answer?.otherMachine ?? null}
          keptNumber={state.kept?.number ?? null}
          error={machines.error}
          onTake={machines.take}
          onAdd={machines.add}
        />
        {loadError && <div className="notice bad">{loadError.message}</div>}
        {work.error && <WorkError error={work.error} onAgain={() => void work.refetch()} />}
        {answer ? (
          <div className="columns">
            <KnownColumn answer={answer} state={state} layouts={causes.layouts} act={dispatch} />
            <LikelyCauses answer={answer} {...causes} />
            <HandoverColumn
              answer={answer}
              purchasing={purchasing}
              state={state}
              act={dispatch}
              keep={keep}
              why={why}
              keeping={keeping}
            />
          </div>
        ) : (
          work.isPending && <p className="soft p-3">Loading the counter …</p>
        )}
      </main>
      <KeysHelp show={help} onHide={() => setHelp(false)} />
      {purchasing.quoting && quoted.lines.length > 0 && (
        <QuoteForm
          branches={purchasing.branches}
          branch={state.branch}
          caseNumber={state.kept?.number ?? null}
          total={quoted.total}
          lines={quoted.lines}
          onHide={purchasing.doneQuoting}
        />
      )}
    </div>
  );
}

type MastheadProps = { updating: boolean; caseNumber: number | null; onHelp: () => void };

function CounterMasthead({ updating, caseNumber, onHelp }: MastheadProps) {
  return (
    <Masthead>
      {updating && <span role="status">updating …</span>}
      {caseNumber !== null ? (
        <Link to={`/cases/${caseNumber}/history`} title="History of this case">
          case {caseNumber}
        </Link>
      ) : (
        <span>new case</span>
      )}
      <Button variant="quiet" size="sm" aria-label="Keyboard shortcuts" onClick={onHelp}>
        <kbd>?</kbd>
      </Button>
    </Masthead>
  );
}

function WorkError({ error, onAgain }: { error: Error; onAgain: () => void }) {
  return (
    <div className="notice bad" role="alert">
      {error.message}{" "}
      <Button variant="quiet" size="sm" onClick={onAgain}>
        Try again
      </Button>
    </div>
  );
}
