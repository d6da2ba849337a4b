/** A colour of the style sheet as it is now, for what is painted: themeColour("--ink"). */
export const themeColour = (name: string) =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
