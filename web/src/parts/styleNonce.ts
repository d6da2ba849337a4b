import { setNonce } from "get-nonce";

/** What styles that libraries put into the page have to carry; the server gives each page its own. */
export const styleNonce =
  document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content ?? undefined;

if (styleNonce) setNonce(styleNonce);
