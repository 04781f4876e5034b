import { WholeField } from "./WholeField";
import { Words } from "./Words";
import type { Change, Settings } from "./settings";

type Props = { settings: Settings; onChange: (change: Change) => void };

/** When a terminal locks, how long names are kept, and under which names the server may be asked. */
export function AccessSettings({ settings, onChange }: Props) {
  return (
    <section className="card-plain" aria-label="Access and privacy">
      <span className="bin-tab">Access and privacy</span>
      <div className="row-line figures-line">
        <WholeField
          label="Lock a terminal after, minutes"
          value={settings.lockMinutes}
          onValue={(lockMinutes) => onChange({ lockMinutes })}
        />
        <WholeField
          label="Keep customer names for, months (0: no limit)"
          value={settings.retentionMonths}
          onValue={(retentionMonths) => onChange({ retentionMonths })}
        />
      </div>
      <div className="row-line words-grid">
        <Words
          id="hosts"
          label="Host names of this server (optional)"
          longest={2000}
          value={settings.hosts.join(" ")}
          onValue={(text) => onChange({ hosts: text.split(/[\s,]+/).filter(Boolean) })}
        />
      </div>
      <p className="row-line small soft mb-0">
        Names and phone numbers are erased from cases that were not changed for that long. A host name is
        wanted when the server is opened by a name of your network, such as parts.example; its own addresses
        always work.
      </p>
    </section>
  );
}
