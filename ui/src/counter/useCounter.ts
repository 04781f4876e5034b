import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useDeferredValue, useEffect, useReducer, useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { fieldsOf } from "./casefile/caseFields";
import { EMPTY, type CaseState } from "./casefile/case";
import { begun, step } from "./casefile/history";
import { saveCase, savedCase } from "./casefile/savedCase";

/** The case in hand; one that was kept is loaded by its number, another goes on where it was left. */
export function useCase(number: string | undefined) {
  const [history, act] = useReducer(step, number, (kept) => begun(kept === undefined ? savedCase() : EMPTY));
  const state = history.now;
  const opened = useQuery({
    queryKey: ["case", number],
    queryFn: () => answer(api.GET("/api/cases/{number}", { params: { path: { number: Number(number) } } })),
    enabled: number !== undefined,
    gcTime: 0,
  });
  const loaded = opened.data;
  useEffect(() => {
    if (loaded !== undefined) {
      act({ kind: "opened", answer: loaded });
    }
  }, [loaded]);
  useEffect(() => {
    if (number === undefined) {
      act({ kind: "resumed", saved: savedCase() });
    }
  }, [number]);
  useEffect(() => {
    if (number === undefined && state.kept === null) {
      saveCase(state);
    }
  }, [state, number]);
  const reload = async () => {
    const again = await opened.refetch();
    if (again.data !== undefined) {
      act({ kind: "reloaded", answer: again.data });
    }
  };
  return { state, isChanged: history.past.length > 0, act, loadError: opened.error, reload };
}

/** Between two keys of one who types; what is chosen or answered does not wait. */
const TYPING_MS = 120;

/** A value once it has not changed for a while. */
function useSettled(value: string, ms: number): string {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return value === "" ? "" : settled;
}

/** Works the case on the server, and keeps the last answer in sight while the next one comes. */
export function useWork(state: CaseState) {
  const line = useSettled(state.line, TYPING_MS);
  const fields = useDeferredValue(JSON.stringify(fieldsOf({ ...state, line })));
  return useQuery({
    queryKey: ["counter", fields],
    queryFn: ({ signal }) => answer(api.POST("/api/counter", { body: JSON.parse(fields), signal })),
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  });
}

/** How a case is kept: the machine is the one that was chosen or, once parts are handed over, the one they are for. */
export type Keeping = {
  status: string;
  lines: Wire["CaseLineWire"][];
  model: string | null;
  /** Over what somebody else saved in between. */
  over?: boolean;
};

/** A case that lay open for longer was not worked all the time. */
const LONGEST_ANSWER_SECONDS = 3_600;

/** A case as it is sent to be kept. */
function caseOf(state: CaseState, { status, lines, model }: Keeping): Wire["CaseFields"] {
  const took = state.startedAt === null ? undefined : Math.round((Date.now() - state.startedAt) / 1000);
  return {
    ...fieldsOf(state),
    model,
    cautionsShown: state.cautionsShown,
    readTo: state.readTo,
    customer: state.customer,
    customerPhone: state.customerPhone,
    answerSeconds: took === undefined ? undefined : Math.min(took, LONGEST_ANSWER_SECONDS),
    lines,
    status,
    visit: state.visit,
  };
}

/** Keeps a case, as a new one or over its last revision. */
export async function keepCase(state: CaseState, keeping: Keeping): Promise<Wire["CaseRecord"]> {
  const body = caseOf(state, keeping);
  if (state.kept === null) {
    return answer(api.POST("/api/cases", { body }));
  }
  const path = { number: state.kept.number };
  const revision = keeping.over
    ? (await answer(api.GET("/api/cases/{number}", { params: { path } }))).revision
    : state.kept.revision;
  const header = { "If-Match": `"${revision}"` };
  return answer(api.PATCH("/api/cases/{number}", { params: { path, header }, body }));
}

/** Keeps the case at hand. */
export function useKeep(state: CaseState, onKept: (kept: Wire["CaseRecord"]) => void) {
  const navigate = useNavigate();
  const client = useQueryClient();
  return useMutation({
    mutationFn: (keeping: Keeping) => keepCase(state, keeping),
    onSuccess: (kept) => {
      onKept(kept);
      saveCase(EMPTY);
      void client.invalidateQueries({ queryKey: ["calls"] });
      void navigate(`/cases/${kept.number}`, { replace: true });
    },
  });
}

const ATTEMPTS = 3;

/** A machine that is left, and how it is kept. */
export type Leaving = { state: CaseState; keeping: Keeping };

/** What has been kept of what was left: another attempt keeps none of it twice. */
const left = new WeakMap<CaseState, Wire["CaseRecord"]>();

async function keepOnce({ state, keeping }: Leaving, visit: number | null): Promise<Wire["CaseRecord"]> {
  const kept = left.get(state) ?? (await keepCase({ ...state, visit: visit ?? state.visit }, keeping));
  left.set(state, kept);
  return kept;
}

/** Keeps a call that is left for another, with all machines of its visit, while that one is already at hand. */
export function useKeepAside() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ([first, ...others]: [Leaving, ...Leaving[]]) => {
      const kept = await keepOnce(first, null);
      for (const other of others) {
        await keepOnce(other, kept.visit ?? kept.number);
      }
    },
    retry: ATTEMPTS,
    onSuccess: () => client.invalidateQueries({ queryKey: ["calls"] }),
  });
}
