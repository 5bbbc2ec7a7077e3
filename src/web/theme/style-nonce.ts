/** The page brings a nonce for styles that are made at run time; styled-components looks for it here. */
const meta = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]');
if (meta) Object.assign(globalThis, { __webpack_nonce__: meta.content });
export {};
