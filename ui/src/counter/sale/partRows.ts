import type { DragEvent, KeyboardEvent } from "react";

const TYPE = "text/plain";

/** Props of a row that can be dragged by its part number. */
export const dragged = (part: string) => ({
  draggable: true,
  onDragStart: (event: DragEvent) => event.dataTransfer.setData(TYPE, part),
});

/** Props of an area that such a row can be dropped on. */
export const dropping = (onPart: (part: string) => void) => ({
  onDragOver: (event: DragEvent) => event.preventDefault(),
  onDrop: (event: DragEvent) => {
    event.preventDefault();
    const part = event.dataTransfer.getData(TYPE);
    if (part !== "") {
      onPart(part);
    }
  },
});

/** Keys of a row that has the focus itself; what is typed into a field within it is the field's. */
export const onRowKeys = (keys: Record<string, () => void>) => (event: KeyboardEvent) => {
  const action = keys[event.key];
  if (action !== undefined && event.target === event.currentTarget) {
    event.preventDefault();
    event.stopPropagation();
    action();
  }
};

/** Moves the focus to the next or the one before of the rows of the bag and the optional parts. */
export function focusRow(by: 1 | -1) {
  const rows = [...document.querySelectorAll<HTMLElement>("[data-row]")];
  const at = rows.findIndex((row) => row === document.activeElement);
  const next = at < 0 ? (by > 0 ? 0 : rows.length - 1) : at + by;
  rows[Math.max(0, Math.min(rows.length - 1, next))]?.focus();
}
