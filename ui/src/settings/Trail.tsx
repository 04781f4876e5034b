import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { Button, Table } from "react-bootstrap";
import { answer, api } from "../shared/api";
import { count, when } from "../shared/format";

/** Who did what, the last first, for managers; read when it is opened. */
export function Trail() {
  const check = useQuery({
    queryKey: ["trail", "check"],
    queryFn: () => answer(api.GET("/api/trail/check")),
  });
  const trail = useInfiniteQuery({
    queryKey: ["trail"],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) => answer(api.GET("/api/trail", { params: { query: { before: pageParam } } })),
    getNextPageParam: (page) => {
      const last = page.at(-1);
      return last && last.number > 1 ? last.number : undefined;
    },
  });
  const entries = trail.data?.pages.flat() ?? [];
  const error = trail.error ?? check.error;
  return (
    <section className="card-plain" aria-label="Trail">
      <span className="bin-tab">Trail</span>
      <div className="row-line">
        {error && <div className="notice bad">{error.message}</div>}
        {check.data &&
          (check.data.broken == null ? (
            <>✓ Every entry is as it was written ({count(check.data.entries)} in all). </>
          ) : (
            <div className="notice bad">
              Entry {check.data.broken} was changed, or one before it was taken out.
            </div>
          ))}
        <a href="/api/trail/trail.csv">Export as CSV</a>
      </div>
      <div className="row-line trail" tabIndex={0} role="group" aria-label="Entries">
        <Table size="sm" className="mb-0">
          <thead>
            <tr>
              <th>When</th>
              <th>Who</th>
              <th>What</th>
              <th>From</th>
            </tr>
          </thead>
          <tbody>
            {entries.map((entry) => (
              <tr key={entry.number}>
                <td className="text-nowrap">{when(entry.at)}</td>
                <td>{entry.who}</td>
                <td>
                  {entry.action} <span className="soft small">{entry.subject}</span>
                </td>
                <td>{entry.terminal}</td>
              </tr>
            ))}
          </tbody>
        </Table>
        {trail.hasNextPage && (
          <Button variant="quiet" size="sm" onClick={() => void trail.fetchNextPage()}>
            Older entries
          </Button>
        )}
      </div>
    </section>
  );
}
