import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Form } from "react-bootstrap";
import { answer, api } from "../shared/api";
import { AmountField } from "../shared/AmountField";
import { Masthead } from "../shared/Masthead";
import { loadSettings, SETTINGS_QUERY } from "../shared/region";
import { useMay } from "../shared/session";
import { RegionSettings } from "./RegionSettings";
import { SheetSettings } from "./SheetSettings";
import { WholeField } from "./WholeField";
import { Words } from "./Words";
import type { Change, Settings } from "./settings";
import { Effects } from "./Effects";
import { RepairPractices } from "./RepairPractices";
import { SupplierFeed } from "./SupplierFeed";
import { Trail } from "./Trail";
import { AccessSettings } from "./AccessSettings";
import { Accounts } from "./Accounts";
import { Backups } from "./Backups";
import { OwnAccount } from "./OwnAccount";
import "./settings.css";

/** Settings that decide what is sold. */
const SELLING = [
  "genuineOnly",
  "replaceAll",
  "replaceRings",
  "oilShafts",
  "testFirst",
  "licensedToCustomers",
  "unlikelyRequests",
  "perHour",
  "visit",
  "horizonYears",
] as const;

/** The change that would take this one back, of what decides what is sold; none where nothing of that was changed. */
function undoing(change: Change, before: Settings): Change | null {
  const changed = SELLING.filter((name) => change[name] != null && change[name] !== before[name]);
  return changed.length === 0 ? null : Object.fromEntries(changed.map((name) => [name, before[name]]));
}

/** The settings: region, repair practices, labor and wear, quotes, the repair sheet, the supplier, accounts. */
export function SettingsPage() {
  const client = useQueryClient();
  const mayChange = useMay("change-settings");
  const mayReadTrail = useMay("read-trail");
  const mayBackUp = useMay("back-up");
  // A change is shown at once, until the server has it.
  const [wanted, setWanted] = useState<Change>({});
  const settings = useQuery({ queryKey: SETTINGS_QUERY, queryFn: loadSettings });
  const change = useMutation({
    mutationFn: async (body: Change) => {
      const before = settings.data;
      await answer(api.PUT("/api/settings", { body }));
      const undone = before && undoing(body, before);
      return undone ? answer(api.POST("/api/settings/effect", { body: undone })) : [];
    },
    onSuccess: () => client.invalidateQueries(),
    onSettled: (_data, _error, settled) => setWanted((last) => (last === settled ? {} : last)),
  });
  const onChange = (chosen: Change) => {
    setWanted(chosen);
    change.mutate(chosen);
  };
  const error = settings.error ?? change.error;
  const shown = settings.data && { ...settings.data, ...wanted };
  return (
    <>
      <Masthead />
      <main id="main" className="place settings">
        <div className="d-flex gap-3 align-items-baseline">
          <h1>Settings</h1>
          <span role="status" className="saved">
            {change.isPending ? "saving …" : change.isSuccess ? "✓ saved" : ""}
          </span>
        </div>
        {change.isSuccess && <Effects effects={change.data} />}
        {error && (
          <div className="notice bad" role="alert">
            {error.message}
          </div>
        )}
        {shown?.hearingMissing && (
          <div className="notice bad" role="note">
            Callers are heard by the phrases of the packs alone; what was learned of other wording is not
            used. {shown.hearingMissing}
          </div>
        )}
        {shown && (
          <fieldset disabled={!mayChange}>
            {!mayChange && <p className="notice">Only a manager may change these settings.</p>}
            <RegionSettings settings={shown as Settings} onChange={onChange} />
            <RepairPractices settings={shown as Settings} onChange={onChange} />
            <LaborAndWear settings={shown as Settings} onChange={onChange} />
            <Quotes settings={shown as Settings} onChange={onChange} />
            <SheetSettings settings={shown as Settings} onChange={onChange} />
            <SupplierFeed />
            <AccessSettings settings={shown as Settings} onChange={onChange} />
          </fieldset>
        )}
        <OwnAccount />
        <Accounts />
        {mayBackUp && <Backups />}
        {mayReadTrail && <Trail />}
      </main>
    </>
  );
}

type Props = { settings: Settings; onChange: (change: Change) => void };

function LaborAndWear({ settings, onChange }: Props) {
  return (
    <section className="card-plain" aria-label="Labor and wear">
      <span className="bin-tab">Labor and wear</span>
      <div className="row-line figures-line">
        <AmountField
          label={`Labor per hour, ${settings.currency}`}
          value={settings.perHour}
          onValue={(perHour) => onChange({ perHour })}
        />
        <AmountField
          label={`Cost of a return trip, ${settings.currency}`}
          value={settings.visit}
          onValue={(visit) => onChange({ visit })}
        />
        <WholeField
          label="Planning horizon, years"
          value={settings.horizonYears}
          onValue={(horizonYears) => onChange({ horizonYears })}
        />
      </div>
      <p className="row-line small soft mb-0">
        An accessible part is worth replacing up to the cost of opening the machine again, times the
        probability that the old part fails within the planning horizon and a new one does not.
      </p>
    </section>
  );
}

function Quotes({ settings, onChange }: Props) {
  return (
    <section className="card-plain" aria-label="Quotes">
      <span className="bin-tab">Quotes</span>
      <div className="row-line figures-line">
        <AmountField
          label="Sales tax, %"
          value={settings.taxPercent}
          onValue={(taxPercent) => onChange({ taxPercent })}
        />
        <WholeField
          label="Valid for, days"
          value={settings.quoteDays}
          onValue={(quoteDays) => onChange({ quoteDays })}
        />
        <Form.Check
          type="checkbox"
          id="tax-included"
          label="Prices include tax"
          checked={settings.taxIncluded}
          onChange={() => onChange({ taxIncluded: !settings.taxIncluded })}
        />
      </div>
      <div className="row-line words-grid">
        <Words
          id="quote-terms"
          label="Terms on quotes (optional)"
          longest={400}
          value={settings.quoteTerms}
          onValue={(quoteTerms) => onChange({ quoteTerms })}
        />
      </div>
      <p className="row-line small soft mb-0">Tax is rounded once, on the total of a quote, half up.</p>
    </section>
  );
}
