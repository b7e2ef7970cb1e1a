/** Is the key meant for a field, a list or a dialog, and not for the room? */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target;
  if (!(target instanceof HTMLElement)) return false;
  return (
    target.closest('input, textarea, select, [contenteditable], [role="combobox"], [role="listbox"], [role="dialog"], [role="menu"]') !==
    null
  );
}
