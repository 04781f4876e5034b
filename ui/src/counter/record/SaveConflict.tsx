import { Button } from "react-bootstrap";
import { Problem } from "../../shared/api";
import { fieldName } from "../../shared/format";

type Props = { error: Error; onMine: () => void; onTheirs: () => void };

/** Why a case was not saved; where somebody else saved it meanwhile, what they changed and the choice between both. */
export function SaveConflict({ error, onMine, onTheirs }: Props) {
  const changed = error instanceof Problem && error.status === 409 ? error.fields : null;
  return (
    <div className="notice bad" role="alert">
      {error.message}
      {changed && (
        <>
          <ul className="mb-1">
            {changed.map((field) => (
              <li key={field.field}>
                <b>{fieldName(field.field)}</b> {field.message}
              </li>
            ))}
          </ul>
          <Button variant="quiet" size="sm" onClick={onMine}>
            Save mine
          </Button>{" "}
          <Button variant="quiet" size="sm" onClick={onTheirs}>
            Discard mine, keep theirs
          </Button>
        </>
      )}
    </div>
  );
}
