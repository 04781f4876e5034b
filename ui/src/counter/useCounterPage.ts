import { useEffect, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import type { Wire } from "../shared/api";
import { leading } from "../shared/marks";
import { type Stage, stageAfter, WHOLE } from "../shared/Stages";
import { useKeys } from "../shared/useKeys";
import { useLayouts } from "../shared/useLayouts";
import type { Answer } from "./casefile/case";
import type { Action } from "./casefile/caseState";
import { counterKeys } from "./counterKeys";
import { likeliest } from "./diagnosis/LikelyCauses";
import { focusLine } from "./line/LineEntry";
import { joined, type Machine, sumOf } from "./record/machines";
import { optionsOf } from "./sale/purchaseOptions";
import { usePurchase } from "./sale/usePurchase";
import { useCase, useKeep, useWork } from "./useCounter";
import { useMachines } from "./useMachines";

const NO_KEYS = {};

function useToggle(): [boolean, () => void] {
  const [on, setOn] = useState(false);
  return [on, () => setOn(!on)];
}

/** What is shown of the case, and how far. */
function useViews() {
  const [asked, setAsked] = useState(0);
  const [help, setHelp] = useState(false);
  const [weighing, toggleWeighing] = useToggle();
  const [why, toggleWhy] = useToggle();
  const [stage, setStage] = useState<Stage>(WHOLE);
  const [opening, setOpening] = useState(false);
  return {
    asked,
    setAsked,
    help,
    setHelp,
    weighing,
    toggleWeighing,
    why,
    toggleWhy,
    stage,
    setStage,
    opening,
    setOpening,
  };
}

/** The construction that is drawn: that of the machine or, while it is not known, the likeliest. */
function useDrawn(answer: Answer | undefined) {
  const layouts = useLayouts(answer?.appliance);
  const layout = layouts.find((l) => l.layout === answer?.layout) ?? null;
  const suspect = leading(answer?.suspects ?? [])[0];
  return { layouts, layout, shown: layout ?? likeliest(layouts, answer?.fuels ?? [], suspect) ?? null };
}

/** The case in hand; numbers that another page sent to the counter are put into its line once. */
function useCaseWithAdded(number: string | undefined) {
  const held = useCase(number);
  const { act } = held;
  const [asked, setAsked] = useSearchParams();
  const numbers = asked.get("add");
  useEffect(() => {
    if (numbers !== null) {
      act({ kind: "used", words: numbers, at: Date.now() });
      setAsked({}, { replace: true });
    }
  }, [numbers, act, setAsked]);
  return held;
}

/** What a quote of all machines of the visit holds. */
const quotedOf = (machines: Machine[]) => ({
  lines: joined(machines.map((m) => m.lines)),
  total: sumOf(machines.map((m) => m.total)),
});

type Status = "open" | "handed-over";

const linesOf = (option: Wire["OfferedWire"] | undefined) =>
  option?.purchase.lines.map(({ part, quantity }) => ({ part, quantity })) ?? [];

/** How saving goes; after a conflict, what was typed is saved over the other's, or theirs is taken. */
const keepingOf = (keeper: ReturnType<typeof useKeep>, reload: () => Promise<unknown>) => ({
  pending: keeper.isPending,
  error: keeper.error,
  onMine: () => keeper.variables && keeper.mutate({ ...keeper.variables, over: true }),
  onTheirs: () => void reload().then(() => keeper.reset()),
});

/** The case in hand with its answer, the other machines of its visit, and what is bought for it. */
function useInHand(number: string | undefined) {
  const held = useCaseWithAdded(number);
  const { state, act } = held;
  const work = useWork(state);
  const answer = work.data;
  const option = answer && optionsOf(answer)[state.choice];
  const machines = useMachines({ state, answer, option, act });
  const keeper = useKeep(state, (kept) => {
    act({ kind: "kept", answer: kept });
    machines.keep(kept.status, kept.visit ?? kept.number);
  });
  return {
    ...held,
    work,
    answer,
    option,
    machines,
    keeper,
    purchasing: usePurchase(state, option?.purchase),
  };
}

/** The case at the counter, what is shown of it, and what can be done with it. */
export function useCounterPage(number: string | undefined) {
  const navigate = useNavigate();
  const { state, act, loadError, reload, work, answer, option, machines, keeper, purchasing } =
    useInHand(number);
  const { asked, setAsked, help, setHelp, weighing, toggleWeighing, why, toggleWhy, ...views } = useViews();
  const { stage, setStage, opening, setOpening } = views;
  const { layouts, layout, shown } = useDrawn(answer);

  const dispatch = (action: Action) => {
    if (action.kind === "cleared") {
      setStage(WHOLE);
      setOpening(false);
      machines.forget();
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
  const keep = (status: Status) => {
    const machine = status === "handed-over" ? answer?.model?.model : undefined;
    const kept = { status, lines: linesOf(option), model: machine ?? state.model };
    return machines.waits(status) ? undefined : keeper.mutate(kept);
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
    weigh: toggleWeighing,
    opening: option && option.steps.length > 0 ? () => setOpening(!opening) : undefined,
    verdicts: toggleWhy,
    quote: purchasing.quote,
    reserve: purchasing.reserve,
    compatible: (page) => void navigate(page),
    peel: shown ? () => setStage(stageAfter(shown, stage)) : undefined,
    help: () => setHelp(true),
    addMachine: () => machines.add(answer?.otherMachine ?? null),
  });
  useKeys(help || purchasing.quoting ? NO_KEYS : keys);
  return {
    state,
    work,
    loadError,
    dispatch,
    keep,
    keeping: keepingOf(keeper, reload),
    purchasing,
    quoted: quotedOf(machines.all),
    machines,
    why,
    help,
    setHelp,
    causes: {
      layout,
      layouts,
      shown,
      asked,
      stage,
      onStage: setStage,
      weighing,
      onWeigh: toggleWeighing,
      option,
      opening,
      onOpening: () => setOpening(!opening),
      act: dispatch,
      onSkip: skipQuestion,
    },
  };
}
