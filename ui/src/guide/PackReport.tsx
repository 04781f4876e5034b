import type { Wire } from "../shared/api";

type Report = Wire["PackReport"];

const THIN: [keyof Pick<Report, "soundParts" | "unasked" | "authoredLinks">, string][] = [
  ["soundParts", "Parts without a fault"],
  ["unasked", "Findings that are never asked"],
  ["authoredLinks", "Links from our own judgment"],
];

/** Where the knowledge of each construction is thin; nothing in it is wrong. */
export function PackReport({ report }: { report: Report[] }) {
  return (
    <details className="pack-report">
      <summary>Pack report: where the guide is thin, by construction</summary>
      {report.map((layout) => (
        <section key={layout.layout} aria-label={`Report of construction ${layout.layout}`}>
          <h3>
            {layout.layout}: {layout.name}
          </h3>
          {THIN.map(([list, title]) => (
            <Items key={list} title={title} items={layout[list]} />
          ))}
          <Items
            title="Faults that no finding tells apart"
            items={layout.alike.map((same) => same.join(" / "))}
          />
        </section>
      ))}
    </details>
  );
}

function Items({ title, items }: { title: string; items: string[] }) {
  return items.length === 0 ? (
    <div className="small">{title}: none</div>
  ) : (
    <details className="small">
      <summary>
        {title}: {items.length}
      </summary>
      <ul>
        {items.map((item) => (
          <li key={item}>{item}</li>
        ))}
      </ul>
    </details>
  );
}
