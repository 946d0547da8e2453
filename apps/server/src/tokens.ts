/** Names under which plain values are injected. */
export const SETTINGS = Symbol('settings');
