import { useEffect, useState } from "react";

const KEY = "vantbreeze-theme";

/** Dark or light: what was chosen here before, otherwise what the system prefers. */
export function useTheme(): [boolean, () => void] {
  const [dark, setDark] = useState(() => {
    const chosen = localStorage.getItem(KEY);
    return chosen ? chosen === "dark" : matchMedia("(prefers-color-scheme: dark)").matches;
  });
  useEffect(() => {
    document.documentElement.dataset.theme = dark ? "dark" : "light";
  }, [dark]);
  return [
    dark,
    () => {
      localStorage.setItem(KEY, dark ? "light" : "dark");
      setDark(!dark);
    },
  ];
}
