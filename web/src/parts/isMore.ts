/** Whether what is pointed at comes to what is chosen already. */
export const isMore = (e: { shiftKey: boolean; ctrlKey: boolean; metaKey: boolean }) =>
  e.shiftKey || e.ctrlKey || e.metaKey;
