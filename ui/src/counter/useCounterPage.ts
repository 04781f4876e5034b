import { useState } from "react";
import { useNavigate } from "react-router";
import { leading } from "../shared/marks";
import { type Stage, stageAfter, WHOLE } from "../shared/Stages";
import { useLayouts } from "../shared/useLayouts";
import type { Answer } from "./casefile/case";
import type { Action } from "./casefile/caseState";
import { isNewCaller } from "./casefile/newCaller";
import { counterKeys, type KeyActions } from "./counterKeys";
import { likeliest } from "./diagnosis/LikelyCauses";
import { focusLine, focusLineEnd } from "./line/LineEntry";
import { joined, type Machine, sumOf } from "./record/machines";
import { useOffer } from "./record/undo";
import type { useKeep } from "./useCounter";
import { typedOn, useCallKeys } from "./useCallKeys";
import { useCounterKeys } from "./useCounterKeys";
import { useGrave } from "./useGrave";
import { type InHand, linesOf, useInHand } from "./useInHand";
import { useLeaving } from "./useLeaving";

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

/** What a quote of all machines of the visit holds. */
const quotedOf = (machines: Machine[]) => ({
  lines: joined(machines.map((m) => m.lines)),
  models: machines.flatMap((m) => m.model ?? []),
  total: sumOf(machines.map((m) => m.total)),
});

/** How saving goes; after a conflict, what was typed is saved over the other's, or theirs is taken. */
const keepingOf = (keeper: ReturnType<typeof useKeep>, reload: () => Promise<unknown>) => ({
  pending: keeper.isPending,
  error: keeper.error,
  onMine: () => keeper.variables && keeper.mutate({ ...keeper.variables, over: true }),
  onTheirs: () => void reload().then(() => keeper.reset()),
});

type KeysGiven = {
  inHand: Omit<InHand, "act"> & { act: (action: Action) => void };
  asked: number;
  grave: ReturnType<typeof useGrave>;
  leaving: ReturnType<typeof useLeaving>;
  calls: ReturnType<typeof useCallKeys>;
  views: Pick<KeyActions, "skipQuestion" | "weigh" | "opening" | "verdicts" | "peel" | "help">;
  off: boolean;
  takeBack: () => void;
  redo: () => void;
};

/** Binds the keys of the counter. */
function useKeysOf({ inHand, asked, grave, leaving, calls, views, off, takeBack, redo }: KeysGiven) {
  const navigate = useNavigate();
  const { state, answer, act, machines, purchasing } = inHand;
  const keys = counterKeys({
    answer,
    state,
    asked,
    focusLine,
    dispatch: act,
    keep: grave.keep,
    arm: calls.mode.setArmed,
    newCall: leaving.next,
    discard: leaving.discard,
    pick: calls.pick,
    sheet: () => state.kept && void navigate(`/sheet/${state.kept.number}`),
    quote: () => purchasing.open("quote"),
    reserve: () => purchasing.open("reserve"),
    compatible: (page) => void navigate(page),
    addMachine: () => machines.add(answer?.otherMachine ?? null),
    ...views,
  });
  useCounterKeys({
    ...calls.mode,
    keys: calls.picking ? calls.keys : keys,
    onCall: calls.take,
    grave: {
      "hand over": () => grave.keep("handed-over"),
      cautions: grave.cautioned,
      ...(leaving.discard && { discard: leaving.discard }),
    },
    onType: (character) => {
      act({ kind: "line", line: typedOn(state.line, character), at: Date.now() });
      focusLineEnd();
    },
    onUndo: takeBack,
    onRedo: redo,
    off,
  });
}

/** The case at the counter, what is shown of it, and what can be done with it. */
export function useCounterPage(number: string | undefined) {
  const navigate = useNavigate();
  const inHand = useInHand(number);
  const { state, act, reload, answer, option, machines, keeper, purchasing } = inHand;
  const { asked, setAsked, help, setHelp, weighing, toggleWeighing, why, toggleWhy, ...views } = useViews();
  const { stage, setStage, opening, setOpening } = views;
  const onOpening = () => setOpening(!opening);
  const { layouts, layout, shown } = useDrawn(answer);
  const { offer, make, take } = useOffer();
  const forget = () => {
    setStage(WHOLE);
    setOpening(false);
    machines.forget();
  };
  const others = machines.all.filter((_, index) => index !== machines.at);
  const leaving = useLeaving({ ...inHand, lines: linesOf(option), others, forget, offer: make });

  const dispatch = (action: Action) => {
    if (action.kind === "line" && isNewCaller(state, action.line)) {
      leaving.keep();
    }
    if (action.kind !== "chosen" && action.kind !== "cautioned" && action.kind !== "readTo") {
      setAsked(0);
    }
    keeper.reset();
    purchasing.forget();
    act(action);
  };
  const grave = useGrave({ ...inHand, act: dispatch, quietly: inHand.act, take: make });
  const skipQuestion = () => setAsked(asked + 1);
  const calls = useCallKeys({ leaving, navigate });
  useKeysOf({
    inHand: { ...inHand, act: dispatch },
    asked,
    grave,
    leaving,
    calls,
    views: {
      skipQuestion,
      weigh: toggleWeighing,
      opening: option && option.steps.length > 0 ? onOpening : undefined,
      verdicts: toggleWhy,
      peel: shown ? () => setStage(stageAfter(shown, stage)) : undefined,
      help: () => setHelp(true),
    },
    off: help || purchasing.form !== null,
    takeBack: () => take() || inHand.act({ kind: "undone" }),
    redo: () => inHand.act({ kind: "redone" }),
  });
  return {
    ...inHand,
    dispatch,
    grave,
    leaving,
    calls,
    offer,
    onUndo: take,
    keeping: keepingOf(keeper, reload),
    quoted: quotedOf(machines.all),
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
      onOpening,
      act: dispatch,
      onSkip: skipQuestion,
    },
  };
}
