import { useState } from "react";
import { Button } from "react-bootstrap";
import { Link, useNavigate, useParams } from "react-router";
import { leading } from "../shared/marks";
import { Masthead } from "../shared/Masthead";
import { type Stage, stageAfter, WHOLE } from "../shared/Stages";
import { useKeys } from "../shared/useKeys";
import { useLayouts } from "../shared/useLayouts";
import { compatiblePage } from "./Bag";
import { isBlank } from "./caseFields";
import type { Action, CaseState } from "./caseState";
import "./counter.css";
import { graveUnseen } from "./Cautions";
import { HandOverColumn } from "./HandOverColumn";
import { KeysHelp } from "./KeysHelp";
import { FUEL_KEYS, fuelIsOpen, KnownColumn } from "./KnownColumn";
import { open } from "./Meanings";
import { nextPerson } from "./persons";
import { LineEntry, toLine } from "./LineEntry";
import { likeliest, PointsTo } from "./PointsTo";
import { atHand, repliesTo } from "./questions";
import { toWhich } from "./WhichOfThese";
import { QuoteForm } from "./QuoteForm";
import { toRow } from "./rows";
import { useBuying } from "./useBuying";
import { useCase, useKeep, useWork, type Answer } from "./useCounter";
import { ways } from "./ways";

/** The counter: one line in, everything else follows. */
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
  const option = answer && ways(answer)[state.choice];
  const chosen = option?.purchase;
  const [opening, setOpening] = useState(false);
  const buying = useBuying(state, chosen);
  const layouts = useLayouts(answer?.appliance);
  const layout = layouts.find((l) => l.layout === answer?.layout) ?? null;
  const suspect = leading(answer?.suspects ?? [])[0];
  const shown = layout ?? likeliest(layouts, answer?.fuels ?? [], suspect) ?? null;

  const doing = (action: Action) => {
    if (action.kind === "cleared") {
      setStage(WHOLE);
      setOpening(false);
      void navigate("/");
      toLine();
    }
    if (action.kind !== "chosen" && action.kind !== "cautioned" && action.kind !== "saidTo") {
      setAsked(0);
    }
    keeper.reset();
    buying.forget();
    act(action);
  };
  const keep = (status: "open" | "handed-over") => {
    const lines = chosen?.lines.map(({ part, quantity }) => ({ part, quantity })) ?? [];
    const machine = status === "handed-over" ? answer?.model?.model : undefined;
    keeper.mutate({ status, lines, model: machine ?? state.model });
  };
  const putOff = () => setAsked(asked + 1);
  const sheet = () => state.kept && void navigate(`/sheet/${state.kept.number}`);
  const keys = counterKeys({
    answer,
    state,
    asked,
    toLine,
    doing,
    keep,
    putOff,
    sheet,
    weigh: () => setWeighing(!weighing),
    opening: option && option.steps.length > 0 ? () => setOpening(!opening) : undefined,
    verdicts: () => setWhy(!why),
    quote: buying.quote,
    setAside: buying.setAside,
    compatible: (page) => void navigate(page),
    peel: shown ? () => setStage(stageAfter(shown, stage)) : undefined,
    help: () => setHelp(true),
  });
  useKeys(help || buying.quoting ? NO_KEYS : keys);

  return (
    <div className="counter">
      <Masthead>
        {work.isFetching && <span role="status">working …</span>}
        {state.kept ? (
          <Link to={`/day-book/record/${state.kept.number}`} title="How it stood each time it was kept">
            case {state.kept.number}
          </Link>
        ) : (
          <span>new case</span>
        )}
        <Button variant="quiet" size="sm" aria-label="Show all keys" onClick={() => setHelp(true)}>
          <kbd>?</kbd>
        </Button>
      </Masthead>
      <main id="main">
        <h1 className="visually-hidden">Counter</h1>
        <LineEntry
          line={state.line}
          pieces={answer?.pieces ?? []}
          fresh={number === undefined}
          onLine={(line) => doing({ kind: "line", line })}
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
            <KnownColumn answer={answer} state={state} layouts={layouts} act={doing} />
            <PointsTo
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
              act={doing}
              onPutOff={putOff}
            />
            <HandOverColumn
              answer={answer}
              buying={buying}
              state={state}
              act={doing}
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
          work.isPending && <p className="soft p-3">Opening the counter …</p>
        )}
      </main>
      <KeysHelp show={help} onHide={() => setHelp(false)} />
      {buying.quoting && chosen && (
        <QuoteForm
          branches={buying.branches}
          branch={state.branch}
          caseNumber={state.kept?.number ?? null}
          purchase={chosen}
          onHide={buying.doneQuoting}
        />
      )}
    </div>
  );
}

const NO_KEYS = {};
const REPLY_KEYS = ["1", "2", "3", "4", "5"];

type Deeds = {
  answer: Answer | undefined;
  state: CaseState;
  asked: number;
  toLine: () => void;
  doing: (action: Action) => void;
  keep: (status: "open" | "handed-over") => void;
  putOff: () => void;
  sheet: () => void;
  weigh: () => void;
  opening: (() => void) | undefined;
  verdicts: () => void;
  quote: () => void;
  setAside: () => void;
  compatible: (page: string) => void;
  peel: (() => void) | undefined;
  help: () => void;
};

/** What each key does now; a key that has nothing to act on is not bound. */
function counterKeys(deeds: Deeds): Record<string, (() => void) | undefined> {
  const { answer, state, doing } = deeds;
  const always = {
    "/": deeds.toLine,
    "?": deeds.help,
    x: () => doing({ kind: "cleared" }),
    p: deeds.sheet,
    u: state.struck.length > 0 ? () => doing({ kind: "restored" }) : undefined,
  };
  if (answer === undefined) {
    return always;
  }
  const question = atHand(answer.next, deeds.asked);
  const reply = (index: number) => {
    const word = question && repliesTo(question)[index];
    return question && word
      ? () => doing({ kind: "answered", finding: question.finding, answer: word })
      : undefined;
  };
  const again = answer.reading?.recheck;
  const reread = (index: number) => {
    const character = again?.options[index];
    return again && character !== undefined
      ? () => doing({ kind: "recheck", position: again.position, character })
      : undefined;
  };
  const fuels = FUEL_KEYS.filter((f) => fuelIsOpen(answer) && answer.fuels.includes(f.fuel));
  const offered = ways(answer);
  const done = state.kept?.status === "handed-over";
  const chosen = offered[state.choice]?.purchase;
  const free = graveUnseen(answer, state).length === 0;
  return {
    ...always,
    ...Object.fromEntries(REPLY_KEYS.map((key, index) => [key, reply(index)])),
    w: answer.suspects.length > 0 ? deeds.weigh : undefined,
    v: answer.needs.length > 0 ? deeds.verdicts : undefined,
    d: deeds.opening,
    c: chosen && (() => deeds.compatible(compatiblePage(answer, chosen))),
    l: deeds.peel,
    m: open(answer).length > 0 ? toWhich : undefined,
    f: () => doing({ kind: "person", person: nextPerson(state.person) }),
    n: question && deeds.putOff,
    r: reread(0),
    t: reread(1),
    ...Object.fromEntries(
      fuels.map((f) => [f.key.toLowerCase(), () => doing({ kind: "fuel", fuel: f.fuel })]),
    ),
    o:
      offered.length > 1
        ? () => doing({ kind: "chosen", choice: (state.choice + 1) % offered.length })
        : undefined,
    q: chosen && deeds.quote,
    a: chosen && deeds.setAside,
    ArrowDown: () => toRow(1),
    ArrowUp: () => toRow(-1),
    s: () => doing({ kind: "cautioned", hazards: answer.cautions.map((c) => c.hazard) }),
    h: free && !done && offered.length > 0 ? () => deeds.keep("handed-over") : undefined,
    k: done || isBlank(state) ? undefined : () => deeds.keep("open"),
  };
}
