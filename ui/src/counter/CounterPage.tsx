import { useState } from "react";
import { Button } from "react-bootstrap";
import { Link, useNavigate, useParams } from "react-router";
import { leading } from "../shared/marks";
import { Masthead } from "../shared/Masthead";
import { type Stage, stageAfter, WHOLE } from "../shared/Stages";
import { useKeys } from "../shared/useKeys";
import { useLayouts } from "../shared/useLayouts";
import { compatiblePage } from "./sale/Bag";
import { isBlank } from "./casefile/caseFields";
import type { CaseState } from "./casefile/case";
import type { Action } from "./casefile/caseState";
import "./counter.css";
import { graveUnseen } from "./handover/Cautions";
import { HandoverColumn } from "./handover/HandoverColumn";
import { KeysHelp } from "./KeysHelp";
import { FUEL_KEYS, fuelIsOpen, KnownColumn } from "./identify/KnownColumn";
import { open } from "./identify/Meanings";
import { nextWorker } from "./casefile/workers";
import { LineEntry, focusLine } from "./line/LineEntry";
import { likeliest, LikelyCauses } from "./diagnosis/LikelyCauses";
import { atHand, repliesTo } from "./diagnosis/questions";
import { focusMeanings } from "./identify/MeaningPicker";
import { QuoteForm } from "./sale/QuoteForm";
import { focusRow } from "./sale/partRows";
import { usePurchase } from "./sale/usePurchase";
import type { Answer } from "./casefile/case";
import { useCase, useKeep, useWork } from "./useCounter";
import { optionsOf } from "./sale/purchaseOptions";

/** The counter: one line is typed, and the whole case is assessed from it. */
export function CounterPage() {
  const { number } = useParams();
  const navigate = useNavigate();
  const { state, act, loadError, reload } = useCase(number);
  const work = useWork(state);
  const [asked, setAsked] = useState(0);
  const [help, setHelp] = useState(false);
  const [weighing, setWeighing] = useState(false);
  const [why, setWhy] = useState(false);
  const [stage, setStage] = useState<Stage>(WHOLE);
  const keeper = useKeep(state, (kept) => act({ kind: "kept", answer: kept }));
  const answer = work.data;
  const option = answer && optionsOf(answer)[state.choice];
  const chosen = option?.purchase;
  const [opening, setOpening] = useState(false);
  const purchasing = usePurchase(state, chosen);
  const layouts = useLayouts(answer?.appliance);
  const layout = layouts.find((l) => l.layout === answer?.layout) ?? null;
  const suspect = leading(answer?.suspects ?? [])[0];
  const shown = layout ?? likeliest(layouts, answer?.fuels ?? [], suspect) ?? null;

  const dispatch = (action: Action) => {
    if (action.kind === "cleared") {
      setStage(WHOLE);
      setOpening(false);
      void navigate("/");
      focusLine();
    }
    if (action.kind !== "chosen" && action.kind !== "cautioned" && action.kind !== "readTo") {
      setAsked(0);
    }
    keeper.reset();
    purchasing.forget();
    act(action);
  };
  const keep = (status: "open" | "handed-over") => {
    const lines = chosen?.lines.map(({ part, quantity }) => ({ part, quantity })) ?? [];
    const machine = status === "handed-over" ? answer?.model?.model : undefined;
    keeper.mutate({ status, lines, model: machine ?? state.model });
  };
  const skipQuestion = () => setAsked(asked + 1);
  const sheet = () => state.kept && void navigate(`/sheet/${state.kept.number}`);
  const keys = counterKeys({
    answer,
    state,
    asked,
    focusLine,
    dispatch,
    keep,
    skipQuestion,
    sheet,
    weigh: () => setWeighing(!weighing),
    opening: option && option.steps.length > 0 ? () => setOpening(!opening) : undefined,
    verdicts: () => setWhy(!why),
    quote: purchasing.quote,
    reserve: purchasing.reserve,
    compatible: (page) => void navigate(page),
    peel: shown ? () => setStage(stageAfter(shown, stage)) : undefined,
    help: () => setHelp(true),
  });
  useKeys(help || purchasing.quoting ? NO_KEYS : keys);

  return (
    <div className="counter">
      <Masthead>
        {work.isFetching && <span role="status">updating …</span>}
        {state.kept ? (
          <Link to={`/cases/${state.kept.number}/history`} title="History of this case">
            case {state.kept.number}
          </Link>
        ) : (
          <span>new case</span>
        )}
        <Button variant="quiet" size="sm" aria-label="Keyboard shortcuts" onClick={() => setHelp(true)}>
          <kbd>?</kbd>
        </Button>
      </Masthead>
      <main id="main">
        <h1 className="visually-hidden">Counter</h1>
        <LineEntry
          line={state.line}
          pieces={answer?.pieces ?? []}
          fresh={number === undefined}
          onLine={(line) => dispatch({ kind: "line", line, at: Date.now() })}
        />
        {loadError && <div className="notice bad">{loadError.message}</div>}
        {work.error && (
          <div className="notice bad" role="alert">
            {work.error.message}{" "}
            <Button variant="quiet" size="sm" onClick={() => void work.refetch()}>
              Try again
            </Button>
          </div>
        )}
        {answer ? (
          <div className="columns">
            <KnownColumn answer={answer} state={state} layouts={layouts} act={dispatch} />
            <LikelyCauses
              answer={answer}
              layout={layout}
              layouts={layouts}
              shown={shown}
              asked={asked}
              stage={stage}
              onStage={setStage}
              weighing={weighing}
              onWeigh={() => setWeighing(!weighing)}
              option={option}
              opening={opening}
              onOpening={() => setOpening(!opening)}
              act={dispatch}
              onSkip={skipQuestion}
            />
            <HandoverColumn
              answer={answer}
              purchasing={purchasing}
              state={state}
              act={dispatch}
              keep={keep}
              why={why}
              keeping={{
                pending: keeper.isPending,
                error: keeper.error,
                onMine: () => keeper.variables && keeper.mutate({ ...keeper.variables, over: true }),
                onTheirs: () => void reload().then(() => keeper.reset()),
              }}
            />
          </div>
        ) : (
          work.isPending && <p className="soft p-3">Loading the counter …</p>
        )}
      </main>
      <KeysHelp show={help} onHide={() => setHelp(false)} />
      {purchasing.quoting && chosen && (
        <QuoteForm
          branches={purchasing.branches}
          branch={state.branch}
          caseNumber={state.kept?.number ?? null}
          purchase={chosen}
          onHide={purchasing.doneQuoting}
        />
      )}
    </div>
  );
}

const NO_KEYS = {};
const REPLY_KEYS = ["1", "2", "3", "4", "5"];

type KeyActions = {
  answer: Answer | undefined;
  state: CaseState;
  asked: number;
  focusLine: () => void;
  dispatch: (action: Action) => void;
  keep: (status: "open" | "handed-over") => void;
  skipQuestion: () => void;
  sheet: () => void;
  weigh: () => void;
  opening: (() => void) | undefined;
  verdicts: () => void;
  quote: () => void;
  reserve: () => void;
  compatible: (page: string) => void;
  peel: (() => void) | undefined;
  help: () => void;
};

/** What each key does now; a key that has nothing to act on is not bound. */
function counterKeys(actions: KeyActions): Record<string, (() => void) | undefined> {
  const { answer, state, dispatch } = actions;
  const always = {
    "/": actions.focusLine,
    "?": actions.help,
    x: () => dispatch({ kind: "cleared" }),
    p: actions.sheet,
    u: state.excluded.length > 0 ? () => dispatch({ kind: "restored" }) : undefined,
  };
  if (answer === undefined) {
    return always;
  }
  const question = atHand(answer.next, actions.asked);
  const reply = (index: number) => {
    const word = question && repliesTo(question)[index];
    return question && word
      ? () => dispatch({ kind: "answered", finding: question.finding, answer: word })
      : undefined;
  };
  const again = answer.reading?.recheck;
  const reread = (index: number) => {
    const character = again?.options[index];
    return again && character !== undefined
      ? () => dispatch({ kind: "recheck", position: again.position, character })
      : undefined;
  };
  const fuels = FUEL_KEYS.filter((f) => fuelIsOpen(answer) && answer.fuels.includes(f.fuel));
  const offered = optionsOf(answer);
  const done = state.kept?.status === "handed-over";
  const chosen = offered[state.choice]?.purchase;
  const free = graveUnseen(answer, state).length === 0;
  return {
    ...always,
    ...Object.fromEntries(REPLY_KEYS.map((key, index) => [key, reply(index)])),
    w: answer.suspects.length > 0 ? actions.weigh : undefined,
    v: answer.needs.length > 0 ? actions.verdicts : undefined,
    d: actions.opening,
    c: chosen && (() => actions.compatible(compatiblePage(answer, chosen))),
    l: actions.peel,
    m: open(answer).length > 0 ? focusMeanings : undefined,
    f: () => dispatch({ kind: "person", person: nextWorker(state.person) }),
    n: question && actions.skipQuestion,
    r: reread(0),
    t: reread(1),
    ...Object.fromEntries(
      fuels.map((f) => [f.key.toLowerCase(), () => dispatch({ kind: "fuel", fuel: f.fuel })]),
    ),
    o:
      offered.length > 1
        ? () => dispatch({ kind: "chosen", choice: (state.choice + 1) % offered.length })
        : undefined,
    q: chosen && actions.quote,
    a: chosen && actions.reserve,
    ArrowDown: () => focusRow(1),
    ArrowUp: () => focusRow(-1),
    s: () => dispatch({ kind: "cautioned", hazards: answer.cautions.map((c) => c.hazard) }),
    h: free && !done && offered.length > 0 ? () => actions.keep("handed-over") : undefined,
    k: done || isBlank(state) ? undefined : () => actions.keep("open"),
  };
}
