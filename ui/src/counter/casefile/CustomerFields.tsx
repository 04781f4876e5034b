import { useMutation } from "@tanstack/react-query";
import { Button } from "react-bootstrap";
import { answer, api } from "../../shared/api";
import { useMay } from "../../shared/session";
import type { CaseState } from "./case";
import type { Action } from "./caseState";

type Props = { state: CaseState; act: (action: Action) => void };

/** Who the case is for; customer data is optional and can be erased in one step. */
export function CustomerFields({ state, act }: Props) {
  const mayErase = useMay("erase-customers");
  const number = state.kept?.number;
  const erase = useMutation({
    mutationFn: async () => {
      if (number !== undefined) {
        await api.DELETE("/api/cases/{number}/customer", { params: { path: { number } } });
        return answer(api.GET("/api/cases/{number}", { params: { path: { number } } }));
      }
      return null;
    },
    onSuccess: (left) =>
      act(left ? { kind: "reloaded", answer: left } : { kind: "customer", name: null, phone: null }),
  });
  const isNamed = state.customer !== null || state.customerPhone !== null;
  return (
    <details className="small for-whom">
      <summary>{state.customer ?? "No customer name"}</summary>
      <label>
        Customer{" "}
        <input
          value={state.customer ?? ""}
          maxLength={120}
          onChange={(e) =>
            act({ kind: "customer", name: e.target.value || null, phone: state.customerPhone })
          }
        />
      </label>
      <label>
        Phone{" "}
        <input
          value={state.customerPhone ?? ""}
          maxLength={120}
          inputMode="tel"
          onChange={(e) => act({ kind: "customer", name: state.customer, phone: e.target.value || null })}
        />
      </label>
      {isNamed && (number === undefined || mayErase) && (
        <Button variant="quiet" size="sm" disabled={erase.isPending} onClick={() => erase.mutate()}>
          Erase customer data
        </Button>
      )}
      {erase.error && <div className="notice bad">{erase.error.message}</div>}
    </details>
  );
}
