import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button, Table } from "react-bootstrap";
import { answer, api } from "../shared/api";
import { count, day, when } from "../shared/format";

const QUERY = ["backups"];
const MEGABYTE = 1_000_000;

/** The backups of every night, and one more when it is wanted, for managers. */
export function Backups() {
  const client = useQueryClient();
  const kept = useQuery({ queryKey: QUERY, queryFn: () => answer(api.GET("/api/backups")) });
  const make = useMutation({
    mutationFn: () => answer(api.POST("/api/backups")),
    onSuccess: (now) => client.setQueryData(QUERY, now),
  });
  const error = kept.error ?? make.error;
  const backups = kept.data?.backups ?? [];
  return (
    <section className="card-plain" aria-label="Backups">
      <span className="bin-tab">Backups</span>
      <div className="row-line">
        {error && <div className="notice bad">{error.message}</div>}
        {kept.data?.failure && (
          <div className="notice bad" role="alert">
            The backup of {when(kept.data.failure.at)} failed: {kept.data.failure.detail}
          </div>
        )}
        Made every night after 2:00 and kept for 7 days, then one a week for 4 weeks. Each is restored to a
        scratch folder and compared before it is kept.{" "}
        {kept.data && backups.length === 0 && "There is none yet."}
      </div>
      {backups.length > 0 && (
        <div className="row-line">
          <Table size="sm" className="mb-0 w-auto">
            <thead>
              <tr>
                <th>Day</th>
                <th className="text-end">Size</th>
                <th>File</th>
              </tr>
            </thead>
            <tbody>
              {backups.map((backup) => (
                <tr key={backup.day}>
                  <td>{day(backup.day)}</td>
                  <td className="text-end">{count(Math.max(1, Math.round(backup.bytes / MEGABYTE)))} MB</td>
                  <td>{backup.file}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        </div>
      )}
      <div className="row-line">
        <Button variant="quiet" size="sm" disabled={make.isPending} onClick={() => make.mutate()}>
          {make.isPending ? "Backing up and verifying …" : "Back up now"}
        </Button>
        <p className="small soft mb-0">
          They are in {kept.data?.folder}: copy them to another disk as well. To restore one into a new
          folder: ./synopta restore FILE --data FOLDER
        </p>
      </div>
    </section>
  );
}
