import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Check } from "./check";
import { Entries, Missing } from "./Entry";
import { Method } from "./Method";
import { Outcome } from "./Outcome";
import { useEntered, type Values } from "./useEntered";

/** One check: its fields, and the verdict once they are filled in; the method stands there until then. */
export function CheckCard({ check }: { check: Check }) {
  const [values, setValues] = useState<Values>({});
  const fields = check.fields.filter(({ onlyFor }) => !onlyFor || values[onlyFor[0]] === onlyFor[1]);
  const { entered, understood, missing, key } = useEntered(fields, values);
  const result = useQuery({
    queryKey: ["bench", check.id, key],
    queryFn: ({ signal }) => (entered ? check.run(entered, signal) : null),
    enabled: entered !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
  return (
    <div className="card-plain check">
      <span className="bin-tab">{check.name}</span>
      <div className="check-columns">
        <div className="fields">
          <Entries fields={fields} values={values} understood={understood} onValues={setValues} />
        </div>
        <div>
          <div className="outcome" role="status">
            {!entered && missing.length > 0 && <Missing labels={missing} />}
            {entered && result.error && <p className="notice bad">{result.error.message}</p>}
            {entered && !result.error && result.data && <Outcome result={result.data} />}
          </div>
          <Method
            steps={check.method}
            onExample={() => setValues(Object.fromEntries(check.fields.map((f) => [f.name, f.example])))}
          />
        </div>
      </div>
    </div>
  );
}
