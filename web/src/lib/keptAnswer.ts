/** Says on an answer that the service worker had it kept, because the network was slow or away. */
export const KEPT_HEADER = 'Zumbo-Kept';

/** Fired on the window when such an answer was shown: what is on the screen may be old. */
export const KEPT_EVENT = 'zumbo-kept-answer';
