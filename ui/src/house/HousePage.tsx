import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Form } from "react-bootstrap";
import { answer, api } from "../shared/api";
import { Masthead } from "../shared/Masthead";

const QUERY = ["house-rules"];

/** Which of the trade's schools the house follows. */
export function HousePage() {
  const client = useQueryClient();
  const rules = useQuery({ queryKey: QUERY, queryFn: () => answer(api.GET("/api/house-rules")) });
  const choose = useMutation({
    mutationFn: (genuineOnly: boolean) => answer(api.PUT("/api/house-rules", { body: { genuineOnly } })),
    onSuccess: () => client.invalidateQueries(),
  });
  const error = rules.error ?? choose.error;
  const genuineOnly = choose.isPending ? choose.variables : rules.data?.genuineOnly;
  return (
    <>
      <Masthead />
      <main id="main" className="place">
        <h1>House rules</h1>
        {error && (
          <div className="notice bad" role="alert">
            {error.message}
          </div>
        )}
        {genuineOnly !== undefined && (
          <section className="card-plain" aria-label="Make of parts">
            <span className="bin-tab">Make of parts</span>
            <div className="row-line">
              <Form.Check
                type="radio"
                name="make"
                id="same-spec"
                label="A part of the same specification will do, where the catalogue allows it"
                checked={!genuineOnly}
                onChange={() => choose.mutate(false)}
              />
              <Form.Check
                type="radio"
                name="make"
                id="genuine-only"
                label="Genuine parts only"
                checked={genuineOnly}
                onChange={() => choose.mutate(true)}
              />
              <p className="small soft mt-2 mb-0">
                Most counters supply a fuse of the same rating, size and speed for a genuine one. The rule
                holds for fits, for where a part is used and for baskets, from now on; cases that were handed
                over stay as they are.
              </p>
            </div>
          </section>
        )}
      </main>
    </>
  );
}
