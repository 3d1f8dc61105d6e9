/** Whether the sheet that opens next takes the focus: it was opened by a key. */
let wanted = false;

export const wantSheetFocus = () => {
  wanted = true;
};

/** Focuses the sheet where its line was opened by a key. */
export function takeSheetFocus(sheet: HTMLElement | null): void {
  if (wanted) sheet?.focus();
  wanted = false;
}

/** Back to the line that is open. */
export const focusOpenLine = () => {
  document.querySelector<HTMLElement>('[aria-label=Arrivals] a[aria-current]')?.focus();
};
