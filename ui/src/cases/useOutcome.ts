import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Wire } from "../shared/api";

/** The outcome of a case, until it is saved. */
export type OutcomeDraft = {
  /** Null while it is unknown. */
  fault: string | null;
  fixed: boolean | null;
  minutes: string;
  note: string;
  /** The reason of each return by part number; the others were kept. */
  back: Record<string, string>;
};

const NOTHING: OutcomeDraft = { fault: null, fixed: null, minutes: "", note: "", back: {} };

/** Edits and saves an outcome, then goes to the follow-ups. */
export function useOutcome(asked: Wire["OutcomeAnswer"]) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [draft, setTold] = useState(NOTHING);
  const write = useMutation({
    mutationFn: () =>
      answer(
        api.PUT("/api/cases/{number}/outcome", {
          params: { path: { number: asked.number } },
          body: {
            fault: draft.fault,
            fixed: draft.fixed ?? false,
            minutes: draft.minutes === "" ? null : Number(draft.minutes),
            note: draft.note || null,
            returns: Object.entries(draft.back).map(([part, reason]) => ({
              part,
              reason,
              quantity: asked.about.lines.find((line) => line.part === part)?.quantity ?? 1,
            })),
          },
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries();
      void navigate("/cases/follow-ups");
    },
  });
  return {
    draft,
    change: (piece: Partial<OutcomeDraft>) => setTold((before) => ({ ...before, ...piece })),
    ready: draft.fixed !== null || Object.keys(draft.back).length > 0,
    write,
  };
}
