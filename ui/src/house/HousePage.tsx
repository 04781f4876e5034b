import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Form } from "react-bootstrap";
import { answer, api } from "../shared/api";
import { AmountField } from "../shared/AmountField";
import { Masthead } from "../shared/Masthead";
import { OnTheSheet } from "./OnTheSheet";
import type { Change, Rules } from "./rules";
import { Schools } from "./Schools";
import { SupplierFeed } from "./SupplierFeed";
import "./house.css";

const QUERY = ["house-rules"];

/** Which of the trade's schools the house follows, and what it reckons with. */
export function HousePage() {
  const client = useQueryClient();
  // What was chosen stands at once, until the house has it.
  const [wanted, setWanted] = useState<Change>({});
  const rules = useQuery({ queryKey: QUERY, queryFn: () => answer(api.GET("/api/house-rules")) });
  const change = useMutation({
    mutationFn: (body: Change) => answer(api.PUT("/api/house-rules", { body })),
    onSuccess: () => client.invalidateQueries(),
    onSettled: (_data, _error, settled) => setWanted((last) => (last === settled ? {} : last)),
  });
  const onChange = (chosen: Change) => {
    setWanted(chosen);
    change.mutate(chosen);
  };
  const error = rules.error ?? change.error;
  const shown = rules.data && { ...rules.data, ...wanted };
  return (
    <>
      <Masthead />
      <main id="main" className="place house-rules">
        <h1>House rules</h1>
        {error && (
          <div className="notice bad" role="alert">
            {error.message}
          </div>
        )}
        {shown && (
          <>
            <Schools rules={shown as Rules} onChange={onChange} />
            <Reckoning rules={shown as Rules} onChange={onChange} />
            <Quotes rules={shown as Rules} onChange={onChange} />
            <OnTheSheet rules={shown as Rules} onChange={onChange} />
          </>
        )}
        <SupplierFeed />
      </main>
    </>
  );
}

type Props = { rules: Rules; onChange: (change: Change) => void };

function Reckoning({ rules, onChange }: Props) {
  return (
    <section className="card-plain" aria-label="Work and wear">
      <span className="bin-tab">Work and wear</span>
      <div className="row-line figures-line">
        <AmountField
          label={`An hour's work, ${rules.currency}`}
          value={rules.perHour}
          onValue={(perHour) => onChange({ perHour })}
        />
        <AmountField
          label={`A visit besides, ${rules.currency}`}
          value={rules.visit}
          onValue={(visit) => onChange({ visit })}
        />
        <AmountField
          label="Weighed ahead, years"
          value={`${rules.horizonYears}`}
          onValue={(text) => onChange({ horizonYears: Math.round(Number(text)) })}
        />
      </div>
      <p className="row-line small soft mb-0">
        What lies open anyway is worth renewing up to what a second opening would cost, by the chance that an
        old one fails within these years and a new one does not.
      </p>
    </section>
  );
}

function Quotes({ rules, onChange }: Props) {
  return (
    <section className="card-plain" aria-label="Quotes">
      <span className="bin-tab">Quotes</span>
      <div className="row-line figures-line">
        <AmountField
          label="Tax, %"
          value={rules.taxPercent}
          onValue={(taxPercent) => onChange({ taxPercent })}
        />
        <AmountField
          label="Valid for, days"
          value={`${rules.quoteDays}`}
          onValue={(text) => onChange({ quoteDays: Math.round(Number(text)) })}
        />
        <Form.Check
          type="checkbox"
          id="tax-included"
          label="Prices hold the tax"
          checked={rules.taxIncluded}
          onChange={() => onChange({ taxIncluded: !rules.taxIncluded })}
        />
      </div>
      <p className="row-line small soft mb-0">Tax is rounded once, on the sum of a quote, half up.</p>
    </section>
  );
}
