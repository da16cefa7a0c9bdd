/** Only a way inside the app is followed, and neither the door nor the lock is inside. */
export const insideOnly = (to: string): string => (/^\/(?!\/|\\|enter\b|locked\b)/.test(to) ? to : '/');
