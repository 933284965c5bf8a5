/** There are no native screens on the web whose features could be chosen. */
export const initScreensFeatureFlags = () => undefined;
