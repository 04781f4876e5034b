import { useState } from "react";
import { Button } from "react-bootstrap";
import { Link, useParams } from "react-router";
import { Masthead } from "../shared/Masthead";
import { isBlank } from "./casefile/caseFields";
import "./counter.css";
import "./narrow.css";
import { LikelyCauses } from "./diagnosis/LikelyCauses";
import { HandoverColumn } from "./handover/HandoverColumn";
import { KnownColumn } from "./identify/KnownColumn";
import type { Answer } from "./casefile/case";
import { KeysHelp } from "./KeysHelp";
import { LineEntry } from "./line/LineEntry";
import { NewCounter } from "./NewCounter";
import { CallStrip } from "./record/CallStrip";
import { MachineStrip } from "./record/MachineStrip";
import { QuoteForm } from "./sale/QuoteForm";
import { ReserveForm } from "./sale/ReserveForm";
import { type Step, StepBar } from "./StepBar";
import { useCounterPage } from "./useCounterPage";
import { useKeptFocus } from "./useKeptFocus";

/** The counter: one line is typed, and the whole case is assessed from it. */
export function CounterPage() {
  const { number } = useParams();
  const page = useCounterPage(number);
  const { state, work, loadError, calls, purchasing, quoted, help, setHelp } = page;
  const answer = work.data;
  useKeptFocus(answer);
  return (
    <div className={calls.mode.on ? "counter keys-on" : "counter"}>
      <CounterMasthead
        updating={work.isFetching}
        caseNumber={state.kept?.number ?? null}
        onHelp={() => setHelp(true)}
      />
      <main id="main">
        <h1 className="visually-hidden">Counter</h1>
        <Calls page={page} fresh={number === undefined} />
        {loadError && <div className="notice bad">{loadError.message}</div>}
        {work.error && <WorkError error={work.error} onAgain={() => void work.refetch()} />}
        {answer ? (
          <Columns page={page} answer={answer} />
        ) : (
          work.isPending && <p className="soft p-3">Loading the counter …</p>
        )}
      </main>
      <KeysHelp show={help} onHide={() => setHelp(false)} />
      {purchasing.form === "quote" && quoted.lines.length > 0 && (
        <QuoteForm
          branches={purchasing.branches}
          branch={state.branch}
          caseNumber={state.kept?.number ?? null}
          customer={state.customer}
          models={quoted.models}
          total={quoted.total}
          lines={quoted.lines}
          onHide={purchasing.close}
        />
      )}
      {purchasing.form === "reserve" && (
        <ReserveForm
          branches={purchasing.branches}
          branch={state.branch}
          customer={state.customer}
          phone={state.customerPhone}
          lines={page.option?.purchase.lines.length ?? 0}
          pending={purchasing.pending}
          error={purchasing.error}
          onReserve={page.grave.reserve}
          onHide={purchasing.close}
        />
      )}
    </div>
  );
}

type ColumnsProps = { page: ReturnType<typeof useCounterPage>; answer: Answer };

/** What is known, the likely causes, and the bag; where there is no room, one of them at a time. */
function Columns({ page, answer }: ColumnsProps) {
  const [step, setStep] = useState<Step>("causes");
  const { state, dispatch, calls, purchasing, causes } = page;
  return (
    <>
      <StepBar answer={answer} lines={page.option?.purchase.lines.length ?? 0} at={step} onStep={setStep} />
      <div className="columns" data-step={step}>
        <KnownColumn answer={answer} state={state} layouts={causes.layouts} act={dispatch} />
        <LikelyCauses
          answer={answer}
          {...causes}
          empty={
            <NewCounter
              fresh={isBlank(state)}
              calls={calls.all}
              onLeave={page.leaving.leave}
              onTry={(line) => dispatch({ kind: "line", line, at: Date.now() })}
            />
          }
        />
        <HandoverColumn
          answer={answer}
          purchasing={purchasing}
          state={state}
          act={dispatch}
          grave={page.grave}
          armed={calls.mode.armed}
          offer={page.offer}
          onUndo={page.onUndo}
          onNext={page.leaving.next}
          why={page.why}
          keeping={page.keeping}
        />
      </div>
    </>
  );
}

type CallsProps = { page: ReturnType<typeof useCounterPage>; fresh: boolean };

/** The line, the open calls, and the machines of the visit at hand. */
function Calls({ page, fresh }: CallsProps) {
  const { state, work, dispatch, leaving, calls, machines } = page;
  return (
    <>
      <LineEntry
        line={state.line}
        pieces={work.data?.pieces ?? []}
        fresh={fresh}
        onLine={(line) => dispatch({ kind: "line", line, at: Date.now() })}
        keysOn={calls.mode.on}
        onKeys={calls.mode.setOn}
      />
      <CallStrip
        calls={calls.all}
        at={state.kept?.number ?? null}
        picking={calls.picking}
        onNew={leaving.next}
        onLeave={leaving.leave}
        onDiscard={leaving.discard}
        discarding={calls.mode.armed === "discard"}
        error={leaving.error}
        onAgain={leaving.again}
      />
      <MachineStrip
        machines={machines.all}
        at={machines.at}
        other={work.data?.otherMachine ?? null}
        keptNumber={state.kept?.number ?? null}
        error={machines.error}
        onTake={machines.take}
        onAdd={machines.add}
      />
    </>
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
